import type { Part } from './pose.ts';
import type { Degrees, Vector } from './vector.ts';

/** A thing the figure stands on, leans on or holds. Places are in the room; sizes are fractions of stature. */
export type Prop =
  /** A wall at a distance ahead (`x`) or to the right (`z`). */
  | { readonly kind: 'wall'; readonly axis: 'x' | 'z'; readonly at: number }
  /** A chair whose seat's middle is at a point of the floor, turned to the left from facing ahead. */
  | { readonly kind: 'chair'; readonly x: number; readonly z?: number; readonly turned?: Degrees }
  /** A block: a bench, a step, a low table; `deep` ahead, `wide` across. */
  | ({ readonly kind: 'block'; readonly x: number; readonly z?: number } & {
      readonly height: number;
      readonly deep: number;
      readonly wide: number;
    })
  | { readonly kind: 'half-dome'; readonly x: number; readonly z?: number }
  /** A foam roller, or a rolled towel where it is thin, lying along `x` or `z`. */
  | { readonly kind: 'roller'; readonly at: Vector; readonly along: 'x' | 'z'; readonly radius?: number }
  | { readonly kind: 'mat'; readonly from: number; readonly to: number; readonly half?: number }
  | { readonly kind: 'cushion'; readonly at: Vector }
  /** A bar across the figure to hang from, on two posts. */
  | { readonly kind: 'bar'; readonly x: number; readonly height: number }
  /** A line on the floor. */
  | { readonly kind: 'line'; readonly axis: 'x' | 'z'; readonly at: number }
  /** A ball, plate, kettlebell or dumbbell in the middle of the parts that hold it. */
  | {
      readonly kind: 'held';
      readonly item: 'plate' | 'kettlebell' | 'ball' | 'dumbbell';
      readonly by: readonly Part[];
      readonly off?: Vector;
    }
  /** A stick or bar through two parts, longer than their distance by so much at each end. */
  | {
      readonly kind: 'stick';
      readonly from: Part;
      readonly to: Part;
      readonly beyond?: number;
      readonly plates?: boolean;
    }
  /** A band or strap through parts, or to a point of the room. */
  | { readonly kind: 'band'; readonly through: readonly (Part | Vector)[] }
  /** A loop around both legs at two parts. */
  | { readonly kind: 'loop'; readonly around: readonly [Part, Part] }
  /** A skipping rope turned once a loop, or a pretend one. */
  | { readonly kind: 'rope' }
  | { readonly kind: 'machine'; readonly machine: 'rowing machine' | 'bike' | 'cross-trainer' | 'treadmill' };

/** Height of a chair's seat, a bench, a step: usual 45, 45 and 20 cm at a stature of 1.75 m. Trade. */
export const SEAT_HEIGHT = 0.255;
export const BENCH_HEIGHT = 0.255;
export const STEP_HEIGHT = 0.115;
export const ROLLER_RADIUS = 0.043;
