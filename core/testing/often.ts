/** Whether everything is tried as often as it can be, as every night (`npm run test:long`). */
export const LONG = process.env['LONG_TESTS'] === 'yes';

/** How often a property is tried: a few times at every change, many times every night. */
export function often(quick: number, long: number): number {
  return LONG ? long : quick;
}
