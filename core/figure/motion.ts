import type { View } from '../drills/drill.ts';
import type { Seconds } from '../units.ts';
import type { Pose } from './pose.ts';
import type { Prop } from './prop.ts';

/** Where a figure is drawn from. `above` is for lying figures only. */
export type Camera = View | 'above';

/** A movement: its keyframes, gone through and back again, or round and round. */
export interface Motion {
  readonly keyframes: readonly [Pose, Pose, ...Pose[]];
  readonly loop: 'there and back' | 'round';
  /** How many counted repetitions one loop holds: 2 where the sides alternate. */
  readonly reps: number;
  /** Seconds one loop takes where the dose does not count repetitions. */
  readonly natural: Seconds;
  /** How far the figure travels in one loop, ahead and to the right, in statures; the ground scrolls under it. */
  readonly travel?: readonly [ahead: number, right: number];
  /** The keyframe that says most of it, from 0, where that is not the second. */
  readonly tells?: number;
  readonly view?: Camera;
  /** Drawn close, from the hips up: what moves is small. For figures that stand. */
  readonly close?: boolean;
  readonly props?: readonly Prop[];
  /** Somebody who helps, and does not move. */
  readonly partner?: Pose;
}

/** The motions of one drill: of its base rung, and of every other rung by its id. */
export interface DrillFigure {
  readonly base: Motion;
  readonly rungs: Readonly<Record<string, Motion>>;
}

/** The figures of a library, by the drill's id. */
export type Figures = Readonly<Record<string, DrillFigure>>;
