import { USUAL_RAMP_UP, type LiftDose } from '../dose/lift.ts';
import { USUAL_CAPS, type Approach } from './approach.ts';

/** A climb of two sets, for when time is short. Common practice, no source. */
const SHORT_RAMP_UP: LiftDose['steps'] = [
  { percent: 50, reps: 5 },
  { percent: 75, reps: 3 },
];

/** The approaches that ship, the default first. Common practice, no source. */
export const APPROACHES: readonly [Approach, ...Approach[]] = [
  {
    id: 'raise-first',
    name: 'Raise first',
    says: 'Warm tissue takes range better: pulse first, then range, then what the session needs.',
    order: ['release', 'raise', 'mobilise', 'activate', 'integrate', 'potentiate'],
    shares: { raise: 0.25, mobilise: 0.3, activate: 0.15, integrate: 0.2, potentiate: 0.1 },
    essential: ['raise', 'mobilise'],
    sides: 'as the drill prefers',
    rampUp: USUAL_RAMP_UP,
    caps: USUAL_CAPS,
    without: [],
  },
  {
    id: 'release-first',
    name: 'Release first',
    says: 'Calm tissue down and hold short before anything moves; the pulse comes late, as the climax.',
    order: ['release', 'mobilise', 'activate', 'raise', 'integrate', 'potentiate'],
    shares: { release: 0.25, mobilise: 0.2, activate: 0.2, raise: 0.25, integrate: 0.1 },
    essential: ['release', 'raise'],
    sides: 'as the drill prefers',
    rampUp: USUAL_RAMP_UP,
    caps: USUAL_CAPS,
    without: [],
  },
  {
    id: 'short-form',
    name: 'Short form',
    says: 'One of each when time is short: a reset, an alternating drill, a compound one, something quick.',
    order: ['release', 'mobilise', 'integrate', 'raise', 'potentiate'],
    shares: { release: 0.25, mobilise: 0.25, integrate: 0.25, raise: 0.25 },
    essential: ['release', 'mobilise', 'integrate', 'raise'],
    sides: 'alternating',
    rampUp: SHORT_RAMP_UP,
    caps: { ...USUAL_CAPS, hidden: 0.4, whole: 480 },
    without: ['plane-missing', 'hard-easy-hard'],
  },
  {
    id: 'joint-by-joint',
    name: 'Joint by joint',
    says: 'Circles from one end of the body to the other, then swings.',
    order: ['mobilise', 'activate', 'integrate', 'raise', 'potentiate'],
    shares: { mobilise: 0.6, activate: 0.1, integrate: 0.1, raise: 0.2 },
    essential: ['mobilise'],
    sides: 'as the drill prefers',
    rampUp: USUAL_RAMP_UP,
    caps: USUAL_CAPS,
    without: ['no-raise', 'up-and-down'],
  },
  {
    id: 'lane-work',
    name: 'Lane work',
    says: 'Travelling drills over a measured lane, rising to strides.',
    order: ['raise', 'mobilise', 'integrate', 'potentiate'],
    shares: { raise: 0.3, mobilise: 0.3, integrate: 0.2, potentiate: 0.2 },
    essential: ['raise', 'mobilise'],
    sides: 'alternating',
    rampUp: USUAL_RAMP_UP,
    caps: { ...USUAL_CAPS, effort: 7, whole: 1800 },
    without: [],
  },
  {
    id: 'house-standard',
    name: 'House standard',
    says: 'One fixed card, and everybody counts the same.',
    order: ['raise', 'mobilise', 'activate', 'integrate', 'potentiate'],
    shares: { raise: 0.2, mobilise: 0.35, activate: 0.2, integrate: 0.25 },
    essential: ['raise', 'mobilise', 'integrate'],
    sides: 'as the drill prefers',
    rampUp: USUAL_RAMP_UP,
    caps: USUAL_CAPS,
    without: ['repeated-target'],
  },
  {
    id: 'hold-and-breathe',
    name: 'Hold and breathe',
    says: 'Five-second holds through long positions, breath by breath.',
    order: ['release', 'mobilise', 'activate', 'integrate'],
    shares: { release: 0.2, mobilise: 0.5, activate: 0.15, integrate: 0.15 },
    essential: ['mobilise'],
    sides: 'as the drill prefers',
    rampUp: USUAL_RAMP_UP,
    caps: { ...USUAL_CAPS, holdWarn: 45, holdStop: 60, hidden: 0.45, whole: 1500 },
    without: ['no-raise', 'hold-after-moving', 'hard-easy-hard'],
  },
  {
    id: 'stretch-and-pulse',
    name: 'Stretch and pulse',
    says: 'A stretch, then a bout of pulse, by turns: range and warmth rise together.',
    order: ['raise', 'mobilise', 'activate', 'integrate', 'potentiate'],
    shares: { raise: 0.35, mobilise: 0.4, integrate: 0.25 },
    essential: ['raise', 'mobilise'],
    sides: 'as the drill prefers',
    rampUp: USUAL_RAMP_UP,
    caps: { ...USUAL_CAPS, raiseBeforeFast: 90 },
    // Going up and down, in and out of it, is what it is.
    without: ['phase-order', 'hard-easy-hard', 'hold-after-moving', 'repeated-target'],
  },
];

/** An approach by its id; the first, which is the studio's default, where there is none of that id. */
export function approachOf(id: string, approaches: readonly Approach[] = APPROACHES): Approach {
  return approaches.find((approach) => approach.id === id) ?? approaches[0] ?? APPROACHES[0];
}
