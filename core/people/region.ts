/** Where somebody can be sore, or stiffer on one side. */
export const REGIONS = ['neck', 'shoulder', 'back', 'hip', 'knee', 'ankle', 'wrist'] as const;
export type Region = (typeof REGIONS)[number];
