/** What a variant changes against the rung before it on its ladder. */
export type Change = 'support' | 'range' | 'load' | 'speed' | 'stance' | 'surface';
