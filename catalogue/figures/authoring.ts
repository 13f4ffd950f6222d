import { even } from '@prompt-spark/core/figure/even';
import { jointsOf } from '@prompt-spark/core/figure/joints';
import { mirrored, otherSide } from '@prompt-spark/core/figure/mirror';
import type { DrillFigure, Motion } from '@prompt-spark/core/figure/motion';
import type {
  FreeArm,
  FreeLeg,
  Hand,
  HoldingArm,
  Part,
  PlantedArm,
  PlantedLeg,
  Pose,
} from '@prompt-spark/core/figure/pose';
import type { Lean, Vector } from '@prompt-spark/core/figure/vector';
import { reachable } from '@prompt-spark/core/figure/reach';
import { idFromName } from '@prompt-spark/core/drills/rung';

/** What a keyframe changes of the posture it is made from. */
export type Parts = Partial<Pose>;

/** A keyframe: a posture with changes, the last one winning. */
export function frame(base: Pose, ...parts: readonly Parts[]): Pose {
  return parts.reduce<Pose>((pose, part) => ({ ...pose, ...part }), base);
}

// Roots. Places are ahead, up and to the right, in statures.
export const hips = (x: number, y: number, z = 0): Parts => ({ root: { kind: 'pelvis', at: [x, y, z] } });
export const down = (drop: number, back = 0, right = 0): Parts => hips(-back, 0.529 - drop, right);
export const lying = (x = 0, y = 0, z = 0): Parts => ({ root: { kind: 'lowest', at: [x, y, z] } });
export const fixed = (part: Part, ...at: Vector): Parts => ({ root: { kind: 'part', part, at } });

// Trunk. Forward, to the right and turned to the left are positive.
const lean = (forward: number, right: number, left: number): Lean => ({ forward, right, left });
export const tilt = (forward: number, right = 0, left = 0): Parts => ({ tilt: lean(forward, right, left) });
export const spine = (forward: number, right = 0, left = 0): Parts => ({ spine: lean(forward, right, left) });
export const head = (forward: number, right = 0, left = 0): Parts => ({ head: lean(forward, right, left) });
export const shoulders = (up: number, forward = 0): Parts => ({ shoulders: { up, forward } });

// Legs. For both sides, `z` and `out` are positive away from the midline.
type Foot = Omit<PlantedLeg, 'kind' | 'foot'>;
const foot = (sign: number, x: number, z: number, y: number, more: Foot): PlantedLeg => {
  const { kneeTo } = more;
  const turned = kneeTo ? { kneeTo: [kneeTo[0], kneeTo[1], kneeTo[2] * sign] as const } : {};
  return { kind: 'planted', foot: [x, y, z * sign], ...more, ...turned };
};
export const rightFoot = (x = 0, z = 0.09, y = 0, more: Foot = {}): Parts => ({ right: foot(1, x, z, y, more) });
export const leftFoot = (x = 0, z = 0.09, y = 0, more: Foot = {}): Parts => ({ left: foot(-1, x, z, y, more) });
export const feet = (x = 0, z = 0.09, y = 0, more: Foot = {}): Parts => ({
  ...rightFoot(x, z, y, more),
  ...leftFoot(x, z, y, more),
});
const leg = (hip: number, knee: number, ankle: number, out: number, turnedOut: number): FreeLeg => ({
  kind: 'free',
  hip,
  knee,
  ankle,
  out,
  turnedOut,
});
export const rightLeg = (hip: number, knee = 0, ankle = 0, out = 0, turnedOut = 0): Parts => ({
  right: leg(hip, knee, ankle, out, turnedOut),
});
export const leftLeg = (hip: number, knee = 0, ankle = 0, out = 0, turnedOut = 0): Parts => ({
  left: leg(hip, knee, ankle, out, turnedOut),
});
export const legs = (hip: number, knee = 0, ankle = 0, out = 0, turnedOut = 0): Parts => ({
  ...rightLeg(hip, knee, ankle, out, turnedOut),
  ...leftLeg(hip, knee, ankle, out, turnedOut),
});

// Arms.
const arm = (raise: number, out: number, elbow: number, turnedIn: number, hand: Hand): FreeArm => ({
  kind: 'free',
  raise,
  out,
  elbow,
  turnedIn,
  ...hand,
});
export const rightArm = (raise: number, out = 0, elbow = 0, turnedIn = 0, hand: Hand = {}): Parts => ({
  rightArm: arm(raise, out, elbow, turnedIn, hand),
});
export const leftArm = (raise: number, out = 0, elbow = 0, turnedIn = 0, hand: Hand = {}): Parts => ({
  leftArm: arm(raise, out, elbow, turnedIn, hand),
});
export const arms = (raise: number, out = 0, elbow = 0, turnedIn = 0, hand: Hand = {}): Parts => ({
  ...rightArm(raise, out, elbow, turnedIn, hand),
  ...leftArm(raise, out, elbow, turnedIn, hand),
});
type Grip = Omit<PlantedArm, 'kind' | 'wrist'>;
const side = (sign: number, vector: Vector): Vector => [vector[0], vector[1], vector[2] * sign];
const hand = (sign: number, x: number, y: number, z: number, grip: Grip): PlantedArm => ({
  ...grip,
  kind: 'planted',
  wrist: [x, y, z * sign],
  ...(grip.elbowTo ? { elbowTo: side(sign, grip.elbowTo) } : {}),
  ...(grip.fingersTo ? { fingersTo: side(sign, grip.fingersTo) } : {}),
});
export const rightHand = (x: number, y: number, z = 0.13, grip: Grip = {}): Parts => ({
  rightArm: hand(1, x, y, z, grip),
});
export const leftHand = (x: number, y: number, z = 0.13, grip: Grip = {}): Parts => ({
  leftArm: hand(-1, x, y, z, grip),
});
export const hands = (x: number, y: number, z = 0.13, grip: Grip = {}): Parts => ({
  ...rightHand(x, y, z, grip),
  ...leftHand(x, y, z, grip),
});
const hold = (sign: number, part: Part, off: Vector, elbowTo: Vector | undefined): HoldingArm => ({
  kind: 'holding',
  part,
  off: side(sign, off),
  ...(elbowTo ? { elbowTo: side(sign, elbowTo) } : {}),
});
const NEAR: Vector = [0.02, 0, 0];
export const rightHold = (part: Part, off: Vector = NEAR, elbowTo?: Vector): Parts => ({
  rightArm: hold(1, part, off, elbowTo),
});
export const leftHold = (part: Part, off: Vector = NEAR, elbowTo?: Vector): Parts => ({
  leftArm: hold(-1, part, off, elbowTo),
});
/** Each hand holds the part of its own side, or both hold one part of the middle. */
export const holding = (part: Part, off: Vector = NEAR, elbowTo?: Vector): Parts => ({
  ...rightHold(part, off, elbowTo),
  ...leftHold(otherSide(part), off, elbowTo),
});

// Motions.
type About = Omit<Partial<Motion>, 'keyframes' | 'loop'>;

function motion(loop: Motion['loop'], poses: readonly Pose[], about: About): Motion {
  const near = reachable(even(poses), about.props);
  const [first, second, ...rest] = near.poses;
  if (!first || !second) throw new Error('A motion needs two keyframes.');
  const props = near.props.length > 0 ? { props: near.props } : {};
  return { reps: 1, natural: 3, ...about, keyframes: [first, second, ...rest], loop, ...props };
}

/** Through the keyframes and back again: one repetition. */
export const there = (poses: readonly Pose[], about: About = {}): Motion => motion('there and back', poses, about);
/** Round and round the keyframes: one repetition. */
export const round = (poses: readonly Pose[], about: About = {}): Motion => motion('round', poses, about);
/** To one side and to the other, through the middle: two repetitions. The side given is the right. */
export const sideToSide = (middle: Pose, worked: Pose, about: About = {}): Motion =>
  round([middle, worked, middle, mirrored(worked)], { reps: 2, natural: 4, ...about });
/** One side, then the other, as in walking: two repetitions. Keyframes are those of the right side's half. */
export const step = (half: readonly Pose[], about: About = {}): Motion =>
  round([...half, ...half.map(mirrored)], { reps: 2, natural: 1.2, ...about });
/** A held position, with a breath. */
export const still = (pose: Pose, about: About = {}): Motion =>
  there([pose, breathing(pose)], { natural: 5, ...about });

function breathing(pose: Pose): Pose {
  const { forward = 0, right = 0, left = 0 } = pose.spine ?? {};
  const { up = 0, forward: round = 0 } = pose.shoulders ?? {};
  return { ...pose, spine: { forward: forward - 2.5, right, left }, shoulders: { up: up + 4, forward: round } };
}

/** A drill's figure: its base, and rungs that do not follow from it, by their names. */
export function figure(base: Motion, rungs: Readonly<Record<string, Motion>> = {}): DrillFigure {
  const byId = Object.entries(rungs).map(([name, moved]) => [idFromName(name), moved] as const);
  return { base: rounded(base), rungs: Object.fromEntries(byId.map(([id, moved]) => [id, rounded(moved)])) };
}

/** Ten-thousandths of stature are a fifth of a millimetre: what lies below only makes the library heavier. */
function rounded(moved: Motion): Motion {
  const brief = (_key: string, value: unknown): unknown =>
    typeof value === 'number' ? Number(value.toFixed(4)) : value;
  return JSON.parse(JSON.stringify(moved, brief)) as Motion;
}

/** A motion with some of what is said about it changed. */
export const as = (from: Motion, about: About): Motion => motion(from.loop, from.keyframes, { ...from, ...about });
/** A motion with every keyframe changed. */
export const each = (from: Motion, ...parts: readonly Parts[]): Motion => {
  const poses = even(from.keyframes.map((pose) => frame(pose, ...parts)));
  return motion(from.loop, poses, { ...from });
};

/** The hands straight down from the shoulders to a height, moved ahead. */
export function underShoulders(pose: Pose, ahead = 0, up = 0.02): Pose {
  const { arms: placed } = jointsOf(frame(pose, arms(0)));
  const { right, left } = placed;
  return frame(pose, {
    rightArm: { kind: 'planted', wrist: [right.shoulder[0] + ahead, up, right.shoulder[2]], fingersTo: [1, -0.1, 0] },
    leftArm: { kind: 'planted', wrist: [left.shoulder[0] + ahead, up, left.shoulder[2]], fingersTo: [1, -0.1, 0] },
  });
}
