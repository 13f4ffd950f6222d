import { beatSeconds, type Beat } from '@prompt-spark/core/figure/beat';
import type { BuildName } from '@prompt-spark/core/figure/build';
import { drawingAt, type Drawing } from '@prompt-spark/core/figure/drawing';
import { frameOf, type Frame } from '@prompt-spark/core/figure/frame';
import type { Camera, Motion } from '@prompt-spark/core/figure/motion';
import type { Part } from '@prompt-spark/core/figure/pose';
import type { Side } from '@prompt-spark/core/figure/skeleton';
import type { Seconds } from '@prompt-spark/core/units';
import { UNIT } from './figurePaths.ts';
import { groundPath, groundShift, headingPath, loopSide } from './figureTime.ts';

/** A figure as it is to be shown, whatever it is drawn with. */
export interface Shot {
  readonly motion: Motion;
  readonly beat: Beat;
  readonly camera: Camera;
  readonly side: Side;
  /** Turns to the other side every loop. */
  readonly alternates: boolean;
  readonly prepared: readonly Part[];
  readonly build: BuildName;
  /** Width of the picture divided by its height. */
  readonly aspect: number;
}

/** What stays the same through a shot: the part of the plane that is shown, the floor, the arrow of the way. */
export interface Scene {
  readonly frame: Frame;
  /** SVG path data; empty where there is none. */
  readonly ground: string;
  readonly heading: string;
}

/** What a shot shows at a time. */
export interface Moment {
  readonly drawing: Drawing;
  /** How far the floor has gone by, in ten-thousandths of stature. */
  readonly shift: number;
  /**
   * How far to the right the figure is moved, in ten-thousandths of stature: one turned to the left is drawn left of where it
   * stands to the right.
   */
  readonly brought: number;
}

export function sceneOf({ motion, camera, side, aspect }: Shot): Scene {
  const frame = frameOf(motion, camera, aspect);
  return {
    frame,
    ground: camera === 'above' ? '' : groundPath(frame),
    heading: headingPath(motion, camera, side, frame),
  };
}

export function momentOf(shot: Shot, { frame }: Scene, time: Seconds): Moment {
  const { motion, beat, camera, prepared, build } = shot;
  const side = shot.alternates ? loopSide(shot.side, Math.floor(time / beatSeconds(beat))) : shot.side;
  return {
    drawing: drawingAt(motion, beat, side, time, camera, prepared, build),
    shift: groundShift(motion, beat, camera, side, time),
    brought: side === 'left' ? UNIT * (2 * frame.x + frame.width) : 0,
  };
}
