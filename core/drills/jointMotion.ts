/** Ways to move a joint, in the order in which they warm it: it turns before it circles, and circles before it swings. Common practice, no source. */
export const MOTIONS = ['turn', 'circle', 'swing'] as const;
export type Motion = (typeof MOTIONS)[number];

/** Joints that people turn, circle and swing. */
export const JOINTS = ['neck', 'shoulder', 'elbow', 'wrist', 'spine', 'hip', 'knee', 'ankle'] as const;
export type Joint = (typeof JOINTS)[number];

/** A joint, and how it is moved. */
export interface JointMotion {
  readonly joint: Joint;
  readonly how: Motion;
}

/** Whether one way of moving a joint comes before another way of moving the same. */
export const warmsFor = (first: JointMotion, then: JointMotion): boolean =>
  first.joint === then.joint && MOTIONS.indexOf(first.how) < MOTIONS.indexOf(then.how);
