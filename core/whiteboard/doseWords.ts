import type { Measure, Speed } from '../dose/distance.ts';
import type { Dose, Extra, Sides, Tempo } from '../dose/dose.ts';
import type { Range, Seconds } from '../units.ts';
import { Unreadable } from './problem.ts';

/** What the words after a drill's name said; what they left out is absent. */
export interface DoseWords {
  dose?: Dose;
  sets?: Range;
  setRest?: Seconds;
  sides?: Sides;
  tempo?: Tempo;
  positions?: number;
  move?: Seconds;
  rest?: Seconds;
  extra?: Extra;
  pace?: Speed;
  percents?: readonly number[];
  step?: Measure;
  pinned?: boolean;
  optional?: boolean;
  cue?: string;
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
  tempo: 'tempo',
  positions: 'number of positions',
  move: 'time to move into a hold',
  rest: 'rest',
  extra: 'side with more',
  pace: 'pace',
  percents: 'row of percentages',
  step: 'length of step',
  pinned: '!',
  optional: '?',
  cue: 'cue',
};
