import type { Motion } from '@prompt-spark/core/figure/motion';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  frame,
  leftArm,
  leftLeg,
  legs,
  lying,
  rightArm,
  rightFoot,
  rightLeg,
  round,
  sideToSide,
  step,
  there,
  tilt,
} from './authoring.ts';
import { CHAIR, SIT, STAND } from './postures.ts';

/** Standing on legs that swing freely: what is lowest stands on the floor. */
export const LOOSE: Pose = frame(STAND, lying(), legs(0));

/** Arms that swing against each other, the left one forward by so much. */
export const swung = (forward: number, elbow: number, back = Math.min(forward, 48)): ReturnType<typeof leftArm> => ({
  ...leftArm(forward, 6, elbow),
  ...rightArm(-back, 8, elbow),
});

interface Stride {
  /** How far the leading leg reaches forward and the other back, in degrees. */
  readonly reach: number;
  readonly back?: number;
  /** Bend of the leg that swings through. */
  readonly hip: number;
  readonly knee: number;
  readonly arms: number;
  readonly elbow: number;
  readonly lean?: number;
  /** How far off the floor both feet are between the steps. */
  readonly lift?: number;
  /** Statures a loop (two steps), and seconds. */
  readonly travel?: number;
  readonly natural?: number;
}

/** Walking and running: the right leg reaches, then carries while the left swings through. */
export function stride(how: Stride): Motion {
  const { reach, back = reach, hip, knee, elbow, lean = 2, lift = 0, travel = 0, natural = 1.1 } = how;
  const contact = frame(LOOSE, tilt(lean), rightLeg(reach + lean, 10, 4), leftLeg(lean - back, 18, -18), {
    ...leftArm(how.arms, 6, elbow),
    ...rightArm(-how.arms * 0.8, 8, elbow),
  });
  const through = frame(
    LOOSE,
    tilt(lean),
    lying(0, lift),
    rightLeg(lean - 8, 8, 0),
    leftLeg(hip, knee, -4),
    arms(how.arms * 0.1, 8, elbow),
  );
  return step([contact, through], { natural, travel: [travel, 0] });
}

interface Knees {
  readonly hip: number;
  readonly knee: number;
  readonly ankle?: number;
  readonly arms: number;
  readonly elbow?: number;
  readonly lift?: number;
  readonly lean?: number;
  readonly natural?: number;
  readonly travel?: number;
  /** The standing leg up on its toes. */
  readonly toes?: number;
}

/** One knee up, then the other, on the spot or moving on. */
export function knees(how: Knees): Motion {
  const { hip, knee, ankle = 0, elbow = 70, lift = 0, lean = 0, natural = 1.2, travel = 0, toes = 0 } = how;
  const up = frame(
    LOOSE,
    tilt(lean),
    lying(0, lift),
    rightLeg(hip + lean, knee, ankle),
    leftLeg(lean, 0, -toes),
    swung(how.arms, elbow),
  );
  const change = frame(LOOSE, tilt(lean), legs(10, 20, 8), arms(8, 8, elbow));
  return step([change, up], { natural, travel: [travel, 0] });
}

export const march = knees({ hip: 82, knee: 84, arms: 38, elbow: 50, natural: 1.3 });
export const easyRun = knees({ hip: 42, knee: 78, arms: 34, elbow: 88, lift: 0.025, natural: 0.8 });
export const walk = stride({
  reach: 26,
  back: 20,
  hip: 18,
  knee: 46,
  arms: 24,
  elbow: 16,
  natural: 1.15,
  travel: 0.85,
});
export const briskWalk = stride({
  reach: 30,
  back: 26,
  hip: 22,
  knee: 52,
  arms: 36,
  elbow: 80,
  lean: 5,
  natural: 0.95,
  travel: 1,
});
export const jog = stride({
  reach: 30,
  back: 30,
  hip: 34,
  knee: 92,
  arms: 36,
  elbow: 88,
  lean: 6,
  lift: 0.03,
  natural: 0.75,
  travel: 1.4,
});
export const run = stride({
  reach: 44,
  back: 30,
  hip: 58,
  knee: 112,
  arms: 52,
  elbow: 90,
  lean: 9,
  lift: 0.04,
  natural: 0.62,
  travel: 2,
});
export const sprint = stride({
  reach: 58,
  back: 30,
  hip: 78,
  knee: 122,
  arms: 66,
  elbow: 88,
  lean: 13,
  lift: 0.05,
  natural: 0.5,
  travel: 2.6,
});
export const kickBacks = knees({
  hip: 4,
  knee: 128,
  ankle: -20,
  arms: 22,
  elbow: 88,
  lift: 0.02,
  lean: 4,
  natural: 0.7,
  travel: 0.4,
});
export const highKnees = knees({
  hip: 96,
  knee: 104,
  ankle: 10,
  arms: 46,
  elbow: 88,
  lift: 0.03,
  natural: 0.7,
  travel: 0.4,
  toes: 20,
});

/** A skip: a hop on the standing leg with the other knee up. */
export const skip = (hip: number, lift: number, swing: number, travel: number, natural = 1.1): Motion =>
  step(
    [
      frame(LOOSE, tilt(4), rightLeg(hip * 0.5, 50, 10), leftLeg(6, 14, 8), swung(swing * 0.5, 80)),
      frame(LOOSE, tilt(2), lying(0, lift), rightLeg(hip, hip + 6, 12), leftLeg(-6, 4, -34), swung(swing, 86)),
      frame(LOOSE, tilt(4), rightLeg(hip * 0.7, 60, 6), leftLeg(8, 18, 10), swung(swing * 0.7, 80)),
    ],
    { natural, travel: [travel, 0] },
  );
export const basicSkip = skip(72, 0.04, 40, 0.9);

/** Shuffling to the right: apart, then together. */
export const shuffle = (depth: number, travel = 0.9, natural = 0.9, hands = arms(34, 14, 84)): Motion => {
  const low = frame(LOOSE, tilt(depth * 0.5), hands);
  const apart = frame(low, legs(depth + depth * 0.5, depth * 1.7, depth * 0.7, 20));
  const together = frame(low, lying(0, 0.02), legs(depth + depth * 0.4, depth * 1.5, depth * 0.4, 3));
  return round([apart, together], { natural, travel: [0, travel] });
};
export const sideSteps = shuffle(10, 0.7, 1.6, arms(4, 12, 20));

/** Marching on a chair: one foot lifted, then the other. */
export const seatedMarch = step([SIT, frame(SIT, rightFoot(0.22, 0.09, 0.14), swung(34, 70))], {
  props: [CHAIR],
  natural: 1.4,
  view: 'three-quarter',
});
/** Quick feet and arms on a chair. */
export const seatedRun = step([frame(SIT, rightFoot(0.24, 0.09, 0.09), swung(40, 86))], {
  props: [CHAIR],
  natural: 0.7,
  view: 'three-quarter',
});

/** A star jump: together and low, apart and high. */
export const jack = (out: number, armsLow: number, armsHigh: number, lift: number, natural = 1.2): Motion =>
  there(
    [
      frame(LOOSE, legs(4, 10, 4, 1), arms(0, armsLow, 4)),
      frame(LOOSE, lying(0, lift), legs(6, 12, 4, out), arms(0, armsHigh, 4)),
    ],
    { natural },
  );
/** One foot out to the side and back, then the other. */
export const stepOut = (out: number, armsHigh: number): Motion =>
  sideToSide(frame(LOOSE, arms(0, 10, 6)), frame(LOOSE, rightLeg(0, 0, 0, out), arms(0, armsHigh, 6)), {
    natural: 2.4,
  });
/** Small bounces on both feet. */
export const bounce = (lift: number, bend = 8, natural = 0.7, hands = arms(-4, 16, 70)): Motion =>
  there([frame(LOOSE, legs(bend, bend * 2, bend), hands), frame(LOOSE, lying(0, lift), legs(2, 3, -36), hands)], {
    natural,
  });
