import type { Joints } from './joints.ts';
import { BALL_AHEAD, HEEL_BEHIND, SEGMENTS, SIDES } from './skeleton.ts';
import { distance } from './vector.ts';

/** Every bone of a figure with the length it has and the length it must have. */
export function bonesOf({
  pelvis,
  waist,
  neck,
  crown,
  legs,
  arms,
}: Joints): readonly (readonly [string, number, number])[] {
  return [
    ['low back', distance(pelvis, waist), SEGMENTS.trunk * 0.45],
    ['chest', distance(waist, neck), SEGMENTS.trunk * 0.55],
    ['head and neck', distance(neck, crown), SEGMENTS.headAndNeck],
    ...SIDES.flatMap((side) => {
      const { hip, knee, ankle, heel, ball, toe } = legs[side];
      const { shoulder, elbow, wrist, fingers } = arms[side];
      return [
        [`${side} thigh`, distance(hip, knee), SEGMENTS.thigh],
        [`${side} shank`, distance(knee, ankle), SEGMENTS.shank],
        [`${side} foot`, distance(heel, ball), BALL_AHEAD + HEEL_BEHIND],
        [`${side} toes`, distance(ball, toe), SEGMENTS.foot - BALL_AHEAD - HEEL_BEHIND],
        [`${side} upper arm`, distance(shoulder, elbow), SEGMENTS.upperArm],
        [`${side} forearm`, distance(elbow, wrist), SEGMENTS.forearm],
        [`${side} hand`, distance(wrist, fingers), SEGMENTS.hand],
      ] as const;
    }),
  ];
}
