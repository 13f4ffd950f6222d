import { beatSeconds, type Beat } from '@prompt-spark/core/figure/beat';
import { viewOf } from '@prompt-spark/core/figure/camera';
import type { Frame } from '@prompt-spark/core/figure/frame';
import type { Camera, Motion } from '@prompt-spark/core/figure/motion';
import type { Side } from '@prompt-spark/core/figure/skeleton';
import type { Seconds } from '@prompt-spark/core/units';
import { UNIT } from './figurePaths.ts';

/** The moment that tells most of a motion. */
export function keyMoment({ keyframes, loop, tells = 1 }: Motion, beat: Beat): Seconds {
  if (loop === 'round') return (beatSeconds(beat) * tells) / keyframes.length;
  return (beat.out * tells) / (keyframes.length - 1);
}

/** The side of a loop where sides take turns. */
export function loopSide(first: Side, loop: number): Side {
  if (loop % 2 === 0) return first;
  return first === 'right' ? 'left' : 'right';
}

/** How far to the right of the picture the figure has gone, in statures. */
function gone({ travel = [0, 0] }: Motion, camera: Camera, side: Side): number {
  const [x] = viewOf(camera, side).project([travel[0], 0, travel[1]]);
  return x;
}

/** How far the ground has gone the other way, in units of the picture. */
export function groundShift(motion: Motion, beat: Beat, camera: Camera, side: Side, time: Seconds): number {
  const whole = beatSeconds(beat);
  return whole > 0 ? (UNIT * gone(motion, camera, side) * time) / whole : 0;
}

/** The line of the floor, where the picture reaches down to it. */
export function groundPath({ x, y, width, height }: Frame): string {
  return y + height < 0 ? '' : `M${x * UNIT} 0H${(x + width) * UNIT}`;
}

/** An arrow under the floor's edge where the figure travels to one side of the picture; empty where it stays. */
export function headingPath(motion: Motion, camera: Camera, side: Side, { x, width }: Frame): string {
  const way = gone(motion, camera, side);
  if (Math.abs(way) < 0.2) return '';
  const [sign, tip] = way > 0 ? [1, (x + width) * UNIT - 400] : [-1, x * UNIT + 400];
  return `M${tip - sign * 1400} 260H${tip}m${-sign * 300} -160l${sign * 300} 160l${-sign * 300} 160`;
}
