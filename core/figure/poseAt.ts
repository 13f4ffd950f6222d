import type { Seconds } from '../units.ts';
import { beatSeconds, type Beat } from './beat.ts';
import { jointsOf, type Joints } from './joints.ts';
import { mirrored } from './mirror.ts';
import { mixed } from './mix.ts';
import type { Motion } from './motion.ts';
import type { Pose } from './pose.ts';
import type { Side } from './skeleton.ts';

/**
 * Where every joint is at a time.
 *
 * @param side drawn for the right side as it is written; the left is its mirror
 * @param time seconds from the beginning of a loop; later loops repeat the first
 * @throws where keyframes cannot be mixed (a limb that is planted in one and free in the next)
 */
export function poseAt(motion: Motion, beat: Beat, side: Side, time: Seconds): Joints {
  const pose = keyframeAt(motion, shareAt(beat, time));
  return jointsOf(side === 'right' ? pose : mirrored(pose));
}

/** How far through its loop a motion is, 0–1, with the wait at one half. */
export function shareAt(beat: Beat, time: Seconds): number {
  const whole = beatSeconds(beat);
  if (!(whole > 0)) return 0;
  const into = time - Math.floor(time / whole) * whole;
  if (into < beat.out) return into / beat.out / 2;
  if (into < beat.out + beat.wait) return 0.5;
  return beat.back > 0 ? 0.5 + (into - beat.out - beat.wait) / beat.back / 2 : 0.5;
}

/** The pose at a share of a loop, between its keyframes. */
export function keyframeAt({ keyframes, loop }: Motion, share: number): Pose {
  const last = keyframes.length - 1;
  const steps = loop === 'round' ? keyframes.length : 2 * last;
  const at = share * steps;
  const step = Math.min(Math.floor(at), steps - 1);
  const index = (value: number) =>
    loop === 'round' ? value % keyframes.length : value <= last ? value : 2 * last - value;
  const from = keyframes[index(step)] ?? keyframes[0];
  const to = keyframes[index(step + 1)] ?? keyframes[0];
  return mixed(from, to, eased(at - step));
}

/** Slow at both ends, quick in the middle, as limbs move. */
function eased(share: number): number {
  return share * share * (3 - 2 * share);
}
