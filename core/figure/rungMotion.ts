import type { Drill, Variant } from '../drills/drill.ts';
import type { Kit } from '../drills/kit.ts';
import type { Camera, DrillFigure, Figures, Motion } from './motion.ts';
import { kitProps } from './kitProps.ts';
import { mixed } from './mix.ts';
import type { Arm, Pose } from './pose.ts';
import { reachable } from './reach.ts';
import { SEAT_HEIGHT, type Prop } from './prop.ts';

/** What a figure needs to know of a drill. */
export type Figured = Pick<Drill, 'figure' | 'posture' | 'kit' | 'view'>;

/** How much of its way a gentler rung goes where it changes the range. A stronger one is drawn as its author says. */
const GENTLER_RANGE = 0.6;
/** How much slower and quicker rungs move that change the speed. */
const SLOWER = 1.4;
const QUICKER = 0.72;

/** The motion of a rung: as its author drew it, or the base rung's with what the rung changes; undefined for no figure. */
export function motionOf(figures: Figures, drill: Figured, rung: Variant): Motion | undefined {
  const figure = figures[drill.figure] ?? figures[`posture-${drill.posture}`];
  return figure ? rungMotion(figure, drill, rung) : undefined;
}

/** The rung's motion from the drill's figure. */
export function rungMotion(figure: DrillFigure, drill: Figured, rung: Variant): Motion {
  const drawn = figure.rungs[rung.id];
  const motion = drawn ?? (rung.rung === 0 ? figure.base : derived(figure.base, drill, rung));
  const props = motion.props ?? [];
  return { ...motion, props: [...props, ...kitProps(rung.kit, rung.posture, props, motion)] };
}

function derived(base: Motion, drill: Figured, rung: Variant): Motion {
  let motion = base;
  const camera = base.view ?? drill.view;
  const added = (kit: Kit) => rung.kit.includes(kit) && !drill.kit.includes(kit);
  if (rung.posture === 'seated' && drill.posture !== 'seated') motion = seated(motion);
  else if (added('wall')) motion = atWall(motion, camera);
  else if (added('chair')) motion = atChair(motion, camera);
  if (rung.changes.includes('range') && rung.rung < 0) motion = shorter(motion);
  if (rung.changes.includes('speed')) {
    motion = { ...motion, natural: motion.natural * (rung.rung < 0 ? SLOWER : QUICKER) };
  }
  return motion;
}

const everyPose = (motion: Motion, change: (pose: Pose) => Pose): Motion => {
  const [first, second, ...rest] = motion.keyframes;
  return { ...motion, keyframes: [change(first), change(second), ...rest.map(change)] };
};

/** The same movement of trunk and arms on a chair. */
function seated(motion: Motion): Motion {
  const seat = (pose: Pose): Pose => ({
    ...pose,
    root: { kind: 'pelvis', at: [0, SEAT_HEIGHT + 0.05, 0] },
    tilt: { ...pose.tilt, forward: Math.max(-10, Math.min(30, pose.tilt?.forward ?? 0)) },
    left: { kind: 'planted', foot: [0.25, 0, -0.09] },
    right: { kind: 'planted', foot: [0.25, 0, 0.09] },
    leftArm: atRest(pose.leftArm),
    rightArm: atRest(pose.rightArm),
  });
  const props: Prop[] = [{ kind: 'chair', x: 0 }];
  return { ...everyPose(motion, seat), props, travel: [0, 0], close: false };
}

const atRest = (arm: Arm): Arm => (arm.kind === 'planted' ? { kind: 'free', raise: 28, out: 4, elbow: 42 } : arm);

/** One hand on a wall: ahead of a figure seen from the side, at the left of one seen from the front. */
function atWall(motion: Motion, camera: Camera): Motion {
  const ahead = camera === 'side';
  const leftArm: Arm = ahead
    ? { kind: 'planted', wrist: [0.36, 0.78, -0.13], fingersTo: [0.2, 1, 0] }
    : { kind: 'planted', wrist: [0.06, 0.68, -0.37], fingersTo: [0.1, 1, -0.2] };
  const wall: Prop = ahead ? { kind: 'wall', axis: 'x', at: 0.4 } : { kind: 'wall', axis: 'z', at: -0.41 };
  return leaning(motion, leftArm, wall);
}

/** One hand on the back of a chair: ahead of a figure seen from the side, at the left of one seen from the front. */
function atChair(motion: Motion, camera: Camera): Motion {
  const ahead = camera === 'side';
  const leftArm: Arm = { kind: 'planted', wrist: ahead ? [0.33, 0.58, -0.12] : [0.08, 0.58, -0.31] };
  const chair: Prop = ahead ? { kind: 'chair', x: 0.5 } : { kind: 'chair', x: 0.08, z: -0.47, turned: 90 };
  return leaning(motion, leftArm, chair);
}

function leaning(motion: Motion, leftArm: Arm, on: Prop): Motion {
  const poses = motion.keyframes.map((pose) => ({ ...pose, leftArm }));
  const near = reachable(poses, [...(motion.props ?? []), on]);
  const [first, second, ...rest] = near.poses;
  if (!first || !second) return motion;
  return { ...motion, keyframes: [first, second, ...rest], props: near.props, travel: [0, 0] };
}

/** Every keyframe drawn toward the first. */
function shorter(motion: Motion): Motion {
  const [first] = motion.keyframes;
  return everyPose(motion, (pose) => mixed(first, pose, GENTLER_RANGE));
}
