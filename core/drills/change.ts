/** What a variant changes against the rung before it on its ladder. */
export const CHANGES = ['support', 'range', 'load', 'speed', 'stance', 'surface'] as const;
export type Change = (typeof CHANGES)[number];
