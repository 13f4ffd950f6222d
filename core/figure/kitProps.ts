import type { Kit } from '../drills/kit.ts';
import type { Posture } from '../drills/posture.ts';
import { jointsOf } from './joints.ts';
import type { Motion } from './motion.ts';
import type { Prop } from './prop.ts';

/** Postures in which the figure lies or kneels on a mat. */
const ON_A_MAT: ReadonlySet<Posture> = new Set<Posture>([
  'half-kneeling',
  'kneeling',
  'quadruped',
  'plank',
  'seated',
  'supine',
  'prone',
  'side-lying',
]);

/** The kit of a rung as props, where its motion does not already show it: what is held is in the hands. */
export function kitProps(
  kit: readonly Kit[],
  posture: Posture,
  shown: readonly Prop[],
  motion: Pick<Motion, 'keyframes'>,
): readonly Prop[] {
  const kinds = new Set(shown.map(nameOf));
  const props: Prop[] = [];
  const add = (prop: Prop) => {
    if (!kinds.has(nameOf(prop))) props.push(prop);
  };
  for (const item of kit) {
    if (item === 'stick') add({ kind: 'stick', from: 'leftWrist', to: 'rightWrist' });
    if (item === 'barbell') add({ kind: 'stick', from: 'leftWrist', to: 'rightWrist', beyond: 0.2, plates: true });
    if (item === 'massage stick') add({ kind: 'stick', from: 'leftWrist', to: 'rightWrist', beyond: 0.06 });
    if (item === 'long band') add({ kind: 'band', through: ['leftWrist', 'rightWrist'] });
    if (item === 'loop band') add({ kind: 'loop', around: ['leftKnee', 'rightKnee'] });
    if (item === 'rope') add({ kind: 'rope' });
    if (item === 'light plate') add({ kind: 'held', item: 'plate', by: ['leftFingers', 'rightFingers'] });
    if (item === 'medicine ball') add({ kind: 'held', item: 'ball', by: ['leftFingers', 'rightFingers'] });
    if (item === 'kettlebell') add({ kind: 'held', item: 'kettlebell', by: ['leftFingers', 'rightFingers'] });
    if (item === 'dumbbell') {
      for (const by of ['leftFingers', 'rightFingers'] as const) add({ kind: 'held', item: 'dumbbell', by: [by] });
    }
    if (item === 'mat' && ON_A_MAT.has(posture)) add(matUnder(motion));
    if (item === 'chair') add({ kind: 'chair', x: 0 });
    if (item === 'line') add({ kind: 'line', axis: 'z', at: 0 });
    if (item === 'rowing machine' || item === 'bike' || item === 'cross-trainer' || item === 'treadmill') {
      add({ kind: 'machine', machine: item });
    }
  }
  return props;
}

const nameOf = (prop: Prop): string => (prop.kind === 'held' ? prop.item : prop.kind);

/** A mat as long as the figure that lies on it. */
function matUnder({ keyframes }: Pick<Motion, 'keyframes'>): Prop {
  const places = keyframes.flatMap((pose) => {
    const { pelvis, crown, neck, legs } = jointsOf(pose);
    return [pelvis, crown, neck, legs.left.toe, legs.right.toe, legs.left.knee, legs.right.knee];
  });
  const [xs, zs] = [places.map(([x]) => x), places.map(([, , z]) => Math.abs(z))];
  return { kind: 'mat', from: Math.min(...xs) - 0.04, to: Math.max(...xs) + 0.04, half: Math.max(0.17, ...zs) + 0.02 };
}
