import type { Measure, Speed } from '../dose/distance.ts';
import type { Dose, Extra, Growing, Sides, Tempo } from '../dose/dose.ts';
import type { BandStrength, Load } from '../drills/inHand.ts';
import type { Aim } from '../circuit/aim.ts';
import type { Range, Seconds } from '../units.ts';
import { Unreadable } from './problem.ts';

/** What the words after a drill's name said; what they left out is absent. */
export interface DoseWords {
  dose?: Dose;
  sets?: Range;
  setRest?: Seconds;
  sides?: Sides;
  /** Whether it is said of one side, and not of both together. */
  sideNamed?: boolean;
  /** One side first and then the other, where a drill usually takes turns. */
  inTurn?: boolean;
  tempo?: Tempo;
  positions?: number;
  /** Whether “held” stands beside it, where as many sets would be meant. */
  held?: boolean;
  move?: Seconds;
  rest?: Seconds;
  extra?: Extra;
  aim?: Aim;
  growing?: Growing;
  load?: Load;
  band?: BandStrength;
  height?: Measure;
  pace?: Speed;
  percents?: readonly number[];
  step?: Measure;
  pinned?: boolean;
  doseKept?: boolean;
  optional?: boolean;
  shownFirst?: boolean;
  cue?: string;
  guess?: string;
}

/** Notes what a word said. Throws Unreadable where the line has said it already. */
export function set<Key extends keyof DoseWords>(
  words: DoseWords,
  key: Key,
  value: DoseWords[Key],
  column: number,
): void {
  if (words[key] !== undefined) throw new Unreadable(column, `only one ${WORD_NAMES[key]} on a line`);
  words[key] = value;
}

const WORD_NAMES: Readonly<Record<keyof DoseWords, string>> = {
  dose: 'dose',
  sets: 'number of sets',
  setRest: 'rest between sets',
  sides: 'way of taking the sides',
  inTurn: '“in turn”',
  sideNamed: 'side',
  tempo: 'tempo',
  positions: 'number of positions',
  held: '“held”',
  move: 'time to move into a hold',
  rest: 'rest',
  extra: 'side with more',
  aim: 'aim',
  growing: 'way of growing',
  load: 'load',
  band: 'band',
  height: 'height',
  pace: 'pace',
  percents: 'row of percentages',
  step: 'length of step',
  pinned: '!',
  doseKept: '!!',
  optional: '?',
  shownFirst: '“new”',
  cue: 'cue',
  guess: 'guess',
};
