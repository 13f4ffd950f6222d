import type { Target, Targets } from '../drills/target.ts';
import type { Part } from './pose.ts';

/** Which joints of the figure a region of the body is drawn at. Common practice, no source. */
const REGIONS: readonly (readonly [region: RegExp, parts: readonly Part[]])[] = [
  [/^(ankle|calf)/, ['rightAnkle', 'leftAnkle']],
  [/^(knee|quads)/, ['rightKnee', 'leftKnee']],
  [/^(hip|hamstrings|adductors|glutes)/, ['rightHip', 'leftHip']],
  [/^(spine|trunk|lats)/, ['waist']],
  [/^(thoracic|upper back)/, ['neck', 'waist']],
  [/^(shoulder|chest|triceps)/, ['rightShoulder', 'leftShoulder']],
  [/^elbow/, ['rightElbow', 'leftElbow']],
  [/^(wrist|grip)/, ['rightWrist', 'leftWrist']],
  [/^neck/, ['neck']],
  [/^pattern · (squat|lunge)/, ['rightKnee', 'leftKnee', 'rightHip', 'leftHip']],
  [/^pattern · hinge/, ['rightHip', 'leftHip']],
  [/^pattern · push/, ['rightShoulder', 'leftShoulder']],
  [/^pattern · crawl/, ['rightShoulder', 'leftShoulder', 'rightHip', 'leftHip']],
  [/^pattern · (run|jump|landing)/, ['rightAnkle', 'leftAnkle', 'rightKnee', 'leftKnee']],
  [/^pattern · turn/, ['waist', 'rightHip', 'leftHip']],
];

/** The joints a drill prepares most: those of its two strongest targets that have a place on the figure. */
export function preparedParts(targets: Targets): readonly Part[] {
  const strongest = (Object.entries(targets) as [Target, number][]).toSorted(([, a], [, b]) => b - a);
  const parts = strongest.map(([target]) => REGIONS.find(([region]) => region.test(target))?.[1] ?? []);
  return [
    ...new Set(
      parts
        .filter((found) => found.length > 0)
        .slice(0, 2)
        .flat(),
    ),
  ];
}
