import type { Metres, MetresPerSecond } from '@prompt-spark/core/units';

/** How a drill travels: its usual pace, and how far one repetition goes where it is usually counted. */
export interface Travel {
  readonly pace: MetresPerSecond;
  readonly stride?: Metres;
}

/**
 * Usual paces. Walking: 1.4 m/s is a comfortable pace of adults (Bohannon, Age Ageing 1997;26:15–19) and 1.6 m/s is brisk
 * (3.5 mph in the Compendium of Physical Activities, 2011); both from memory. Jogging at 2 m/s is the slowest that people run
 * (the ACSM's equation for running is for paces above 134 m/min, and for 80 m/min on where somebody truly jogs); from
 * memory. The rest is common practice, no source.
 */
export const PACES: Readonly<Record<string, Travel>> = {
  'Legs-shaken-out walk': { pace: 1.2 },
  'Brisk walk': { pace: 1.6 },
  'Easy jog': { pace: 2 },
  Backpedal: { pace: 1.5 },
  'Jog, back and shuffle mix': { pace: 1.8 },
  'Side shuffle': { pace: 1.8 },
  'Side shuffle with floor touch': { pace: 1.2 },
  'Basic skip': { pace: 2 },
  'A-skip': { pace: 1.5 },
  'B-skip': { pace: 1.5 },
  'Heel-to-toe walk': { pace: 0.3, stride: 0.3 },
  'Ankle dribbles': { pace: 1 },
  'Straight-leg run': { pace: 2 },
  'Backward skip': { pace: 1.5 },
  'Crab walk': { pace: 0.4 },
  'Hip escape': { pace: 0.3, stride: 0.9 },
  'Lateral skip': { pace: 1.5 },
  'High knees': { pace: 1.2 },
  'Butt kicks': { pace: 1.5 },
  'Cyclic run kicks': { pace: 1.8 },
  Carioca: { pace: 1.8 },
  'Progressive run': { pace: 3 },
  Striders: { pace: 3 },
  'Backward striders': { pace: 2 },
  'Skip to lunge': { pace: 1 },
  Bounding: { pace: 3 },
  'Skip for height': { pace: 1.5 },
  'Skip for distance': { pace: 2.5 },
  'Power skip': { pace: 2 },
  'Build-up run': { pace: 5 },
  'Graded sprints': { pace: 6 },
  Accelerations: { pace: 4.5 },
  'Cut and go': { pace: 2, stride: 6 },
  'Forward crawl': { pace: 0.4 },
  'Lateral crawl': { pace: 0.35 },
  'One-arm carry': { pace: 1.2 },
  'Overhead carry': { pace: 1 },
  'Shuttle run': { pace: 3 },
  'Toe walk': { pace: 0.9 },
  'Heel walk': { pace: 0.8 },
  'Walking lunge': { pace: 0.45, stride: 1.2 },
  'Walking lunge with twist': { pace: 0.35, stride: 1.2 },
  'Overhead walking lunge': { pace: 0.4, stride: 1.2 },
  'Knee hug walk': { pace: 0.3, stride: 0.75 },
  'Shin cradle walk': { pace: 0.3, stride: 0.75 },
  'Quad grab walk': { pace: 0.3, stride: 0.75 },
  'Toe-touch walk': { pace: 0.3, stride: 0.8 },
  'Single-leg hinge walk': { pace: 0.4, stride: 1.1 },
  'Straight-leg march': { pace: 0.5, stride: 0.75 },
  'Walking hip circle': { pace: 0.3, stride: 0.75 },
  'Hurdle step, forward': { pace: 0.3, stride: 0.75 },
  'Hurdle step, backward': { pace: 0.3, stride: 0.75 },
  'Hurdle step to rotation': { pace: 0.25 },
  'Hip opener to squat': { pace: 0.2, stride: 0.75 },
  'Lateral band walk': { pace: 0.25, stride: 0.4 },
  'Monster walk': { pace: 0.3, stride: 0.45 },
  'Side monster walk': { pace: 0.25, stride: 0.4 },
  'Squat walk': { pace: 0.25, stride: 0.5 },
  'Lateral squat walk': { pace: 0.25, stride: 0.4 },
  Inchworm: { pace: 0.1, stride: 0.8 },
  'Inchworm with push-up': { pace: 0.08, stride: 0.8 },
  'Inchworm with hip drop': { pace: 0.08, stride: 0.8 },
};
