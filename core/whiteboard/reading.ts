import type { Circuit, Slot } from '../circuit/circuit.ts';
import type { Interval } from '../circuit/cursor.ts';
import type { WallClock } from '../circuit/wallClock.ts';
import type { Phase } from '../drills/phase.ts';
import type { PickSaid } from '../reading/pickLine.ts';
import type { Range, Seconds } from '../units.ts';
import type { Problem } from './problem.ts';

/** What one whiteboard line says. */
export type ReadLine =
  | { readonly kind: 'blank' }
  | { readonly kind: 'title'; readonly title: string }
  | { readonly kind: 'purpose'; readonly purpose: string }
  /** A heading over the whole, in a coach's own words; what it does not say is empty, or 0. */
  | { readonly kind: 'warm-up'; readonly purpose: string; readonly available: Seconds }
  | { readonly kind: 'not before'; readonly sessions: string }
  | { readonly kind: 'not after'; readonly sessions: string }
  | { readonly kind: 'tags'; readonly tags: readonly string[] }
  | { readonly kind: 'approach'; readonly approach: string }
  | { readonly kind: 'available'; readonly available: Seconds }
  | { readonly kind: 'clock'; readonly clock: WallClock }
  | { readonly kind: 'people'; readonly people: number }
  | { readonly kind: 'lanes'; readonly lanes: number }
  | { readonly kind: 'with'; readonly with: Pick<Circuit, 'somebodyNew' | 'slowToFloor' | 'namesOnly' | 'noGaps'> }
  | ({
      readonly kind: 'block';
      readonly phase: Phase;
      readonly rounds: Range;
      readonly roundRest: Seconds;
      readonly stations: boolean;
      readonly noGaps: boolean;
    } & PickSaid)
  /** A part that is gone through so often, of which nobody says what phase it is: that of the part before. */
  | { readonly kind: 'rounds'; readonly rounds: Range }
  /** Work and rest that the drills after it are done by, and how often the part is gone through where that is said. */
  | { readonly kind: 'interval'; readonly interval: Interval; readonly rounds: number | undefined }
  /** How many of the drills of a part are done at a time, or for how long, on a line of its own. */
  | ({ readonly kind: 'pick' } & PickSaid)
  /** Rest between the rounds of the part that is being written. Where there is none, the line was not read. */
  | { readonly kind: 'round rest'; readonly rest: Seconds; readonly text: string }
  /** A drill, and what it goes straight into in the same line. */
  | { readonly kind: 'slot'; readonly slot: Slot; readonly then: readonly Slot[] }
  /** A rest on a line of its own: the drill before has it. Where there is none, the line was not read. */
  | { readonly kind: 'rest'; readonly rest: Seconds; readonly text: string }
  | { readonly kind: 'problem'; readonly problem: Problem };
