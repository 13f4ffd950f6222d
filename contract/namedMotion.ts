import { JOINTS, type Joint, type JointMotion } from '@prompt-spark/core/drills/jointMotion';

const WORDS: Readonly<Record<Joint, readonly string[]>> = {
  neck: ['neck', 'head'],
  shoulder: ['shoulder', 'shoulders', 'arm', 'arms'],
  elbow: ['elbow', 'elbows'],
  wrist: ['wrist', 'wrists', 'hand', 'hands'],
  spine: ['spine', 'trunk', 'torso', 'waist'],
  hip: ['hip', 'hips', 'leg', 'legs'],
  knee: ['knee', 'knees'],
  ankle: ['ankle', 'ankles', 'foot', 'feet'],
};
const CIRCLES: ReadonlySet<string> = new Set(['circle', 'circles', 'rolls']);
const SWINGS: ReadonlySet<string> = new Set(['swing', 'swings']);

/** The joint that a drill's name says it circles or swings; undefined where it says none. */
export function namedMotion(name: string): JointMotion | undefined {
  const words = name.toLowerCase().split(/[^a-z]+/);
  const how = words.some((word) => CIRCLES.has(word)) ? 'circle' : 'swing';
  if (how === 'swing' && !words.some((word) => SWINGS.has(word))) return undefined;
  const joint = JOINTS.find((one) => words.some((word) => WORDS[one].includes(word)));
  return joint && { joint, how };
}
