import type { Region } from '../people/region.ts';

export const MEASURE_UNITS = ['cm', 's', 'times', 'steps', 'kg', 'beats a minute'] as const;
export type MeasureUnit = (typeof MEASURE_UNITS)[number];

/** Something a coach measures in a minute with what is at hand. */
export interface Measure {
  readonly id: string;
  readonly name: string;
  readonly unit: MeasureUnit;
  /** Left and right by themselves, or once. */
  readonly sided: boolean;
  /** Whether more of it is better, or less. */
  readonly better: 'more' | 'less';
  readonly least: number;
  readonly most: number;
  /** How it is taken, step by step. */
  readonly how: readonly string[];
  /** The part of the body of which it tells the stiffer or weaker side; null where it tells none. */
  readonly region: Region | null;
  /** A drill that is drawn as it is taken; null where none is. */
  readonly drillId: string | null;
  /** A difference between the sides that is ordinary, in its unit or in per cent of the better side. */
  readonly ordinary: { readonly units: number } | { readonly percent: number };
  /** The smallest change that is more than the spread of taking it twice, in its unit. */
  readonly noticeable: number;
  /** What is usual, in words; empty where nothing is published that we know of. */
  readonly usual: string;
  readonly source: string;
}

export const TRADE = 'common practice, no source';
/** Within a tenth the two sides count as alike. Common practice, no source. */
export const ALIKE = { percent: 10 } as const;

/** The measures that ship. Published values are from memory. */
export const MEASURES: readonly Measure[] = [
  {
    id: 'knee-to-wall',
    name: 'Knee to wall',
    unit: 'cm',
    sided: true,
    better: 'more',
    least: 0,
    most: 25,
    how: [
      'Face a wall, one foot forward, the big toe on a tape measure.',
      'Bend the knee to touch the wall, the heel down.',
      'Move the foot back until it only just touches. Read the toe’s distance from the wall.',
    ],
    region: 'ankle',
    drillId: 'knee-to-wall-ankle-rock',
    ordinary: { units: 1.5 },
    noticeable: 2,
    usual: 'About 10 cm or more.',
    source: 'Powden, Hoch & Hoch, Man Ther 2015;20:524–532 (smallest change 1.6–1.9 cm); from memory',
  },
  {
    id: 'one-leg-stand',
    name: 'One-leg stand, eyes open',
    unit: 's',
    sided: true,
    better: 'more',
    least: 0,
    most: 60,
    how: [
      'Stand beside a wall, arms crossed, eyes on one point.',
      'Lift one foot near the other ankle, without touching it.',
      'Stop the clock when the arms uncross, the foot comes down or moves, or at 45 seconds.',
    ],
    region: 'ankle',
    drillId: 'single-leg-stand',
    ordinary: { percent: 20 },
    noticeable: 5,
    usual: 'Best of three: about 45 s up to 40, 41 s at 50 to 59, 32 s at 60 to 69, 22 s at 70 to 79.',
    source: 'Springer et al., J Geriatr Phys Ther 2007;30:8–15; from memory',
  },
  {
    id: 'single-leg-bridge-hold',
    name: 'Single-leg bridge, held',
    unit: 's',
    sided: true,
    better: 'more',
    least: 0,
    most: 180,
    how: [
      'On the back, knees bent, hips up, one leg straight in line.',
      'Hold with the hips level.',
      'Stop the clock when the hips drop or tip.',
    ],
    region: 'hip',
    drillId: 'single-leg-bridge',
    ordinary: ALIKE,
    noticeable: 5,
    usual: '',
    source: TRADE,
  },
  {
    id: 'single-leg-heel-raises',
    name: 'Single-leg heel raises',
    unit: 'times',
    sided: true,
    better: 'more',
    least: 0,
    most: 80,
    how: [
      'One foot, fingertips on a wall, knee straight.',
      'All the way up and down, one every two seconds.',
      'Stop when the heel no longer comes up as high, or the knee bends.',
    ],
    region: 'ankle',
    drillId: 'calf-raise',
    ordinary: ALIKE,
    noticeable: 3,
    usual: 'About 25 in young adults.',
    source: 'Lunsford & Perry, Phys Ther 1995;75:694–698; from memory',
  },
  {
    id: 'straight-leg-raise',
    name: 'Straight leg raise, active',
    unit: 'cm',
    sided: true,
    better: 'more',
    least: 0,
    most: 130,
    how: [
      'On the back, both legs long, a tape up a wall or a stick beside the hip.',
      'Raise one leg straight, the other stays down.',
      'Read the height of the ankle bone when a knee begins to bend.',
    ],
    region: 'hip',
    drillId: null,
    ordinary: ALIKE,
    noticeable: 5,
    usual: '',
    source: TRADE,
  },
  {
    id: 'shoulder-reach',
    name: 'Hands behind the back',
    unit: 'cm',
    sided: true,
    better: 'less',
    least: 0,
    most: 60,
    how: [
      'One hand down behind the neck, the other up behind the back.',
      'Reach the fists toward each other, once, without walking the fingers.',
      'Measure between the fists. The side is the one whose hand comes from above.',
    ],
    region: 'shoulder',
    drillId: null,
    ordinary: { units: 5 },
    noticeable: 3,
    usual: '',
    source: TRADE,
  },
  {
    id: 'hinge-reach',
    name: 'Fingertips to the floor',
    unit: 'cm',
    sided: false,
    better: 'less',
    least: 0,
    most: 80,
    how: [
      'Feet together, knees straight.',
      'Fold forward as far as is easy.',
      'Measure from the longest finger to the floor; 0 where it touches.',
    ],
    region: null,
    drillId: 'forward-fold-soft-knees',
    ordinary: ALIKE,
    noticeable: 5,
    usual: '',
    source: TRADE,
  },
  {
    id: 'chest-opening',
    name: 'Chest opening at the wall',
    unit: 'cm',
    sided: true,
    better: 'less',
    least: 0,
    most: 60,
    how: [
      'Back, seat and head on a wall, arms out at shoulder height, elbows bent up.',
      'Press the back of the hand to the wall, ribs down.',
      'Measure from the wrist to the wall.',
    ],
    region: 'shoulder',
    drillId: 'wall-angel',
    ordinary: { units: 3 },
    noticeable: 2,
    usual: '',
    source: TRADE,
  },
  {
    id: 'steps-in-ten-metres',
    name: 'Steps in ten metres',
    unit: 'steps',
    sided: false,
    better: 'less',
    least: 4,
    most: 60,
    how: [
      'Mark ten metres, with a few more before and after.',
      'Walk through at a usual pace.',
      'Count the steps between the marks.',
    ],
    region: null,
    drillId: 'brisk-walk',
    ordinary: ALIKE,
    noticeable: 2,
    usual: '',
    source: TRADE,
  },
  {
    id: 'plank',
    name: 'Plank',
    unit: 's',
    sided: false,
    better: 'more',
    least: 0,
    most: 600,
    how: [
      'On forearms and toes, one straight line.',
      'Breathe on.',
      'Stop the clock when the back sags or the hips rise.',
    ],
    region: null,
    drillId: 'front-plank',
    ordinary: ALIKE,
    noticeable: 10,
    usual: '',
    source: TRADE,
  },
];
