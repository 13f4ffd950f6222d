import type { Drill } from '@prompt-spark/core/drills/drill';
import type { JointMotion } from '@prompt-spark/core/drills/jointMotion';
import { idFromName } from '@prompt-spark/core/drills/rung';

/** Drills that turn, circle or swing one joint. Common practice, no source. */
export const JOINT_MOTIONS: Readonly<Record<string, JointMotion>> = {
  'Neck turns': { joint: 'neck', how: 'turn' },
  'Neck nods': { joint: 'neck', how: 'turn' },
  'Neck half circles': { joint: 'neck', how: 'circle' },
  'Wrist circles': { joint: 'wrist', how: 'circle' },
  'Elbow circles': { joint: 'elbow', how: 'circle' },
  'Shoulder rolls': { joint: 'shoulder', how: 'circle' },
  'Arm circles': { joint: 'shoulder', how: 'circle' },
  'Long arm swings': { joint: 'shoulder', how: 'swing' },
  'Cross-front arm swings': { joint: 'shoulder', how: 'swing' },
  'Trunk circles': { joint: 'spine', how: 'circle' },
  'Hip circles': { joint: 'hip', how: 'circle' },
  'Walking hip circle': { joint: 'hip', how: 'circle' },
  'Standing leg circle': { joint: 'hip', how: 'circle' },
  'Hip circle on all fours': { joint: 'hip', how: 'circle' },
  'Leg swing, front to back': { joint: 'hip', how: 'swing' },
  'Leg swing, side to side': { joint: 'hip', how: 'swing' },
  'Leg swing to hand': { joint: 'hip', how: 'swing' },
  'Back heel swing': { joint: 'hip', how: 'swing' },
  'Knee circles': { joint: 'knee', how: 'circle' },
  'Ankle circles': { joint: 'ankle', how: 'circle' },
};

/** Drills on one leg, with those on two that come first where both are done. Common practice, no source. */
export const TWO_LEGS_FIRST: Readonly<Record<string, readonly string[]>> = {
  'Single-leg bridge': ['Glute bridge', 'Banded bridge with knee spread'],
  'Single-leg hops': ['Line hops, two feet', 'Pogo hops'],
  'Single-leg hinge walk': ['Hip hinge reach', 'Good-morning bow'],
  'Split squat': ['Body-weight squat'],
  'Split jump': ['Squat jump'],
  'Lateral bound and stick': ['Forward jump and stick'],
  'Single-leg stand': ['Heel raise with a squeeze'],
};

/** What the place of a drill in a circuit depends on. */
export function sequenceOf(name: string): Pick<Drill, 'motion' | 'afterTwoLegs'> {
  const motion = JOINT_MOTIONS[name];
  const twoLegs = TWO_LEGS_FIRST[name];
  return { ...(motion ? { motion } : {}), ...(twoLegs ? { afterTwoLegs: twoLegs.map(idFromName) } : {}) };
}
