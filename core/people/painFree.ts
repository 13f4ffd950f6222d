import { DEMANDS, demandOf, type Demands } from '../drills/demand.ts';
import type { Limit } from './limitation.ts';
import { limitationOf } from './limitations.ts';
import type { Person } from './person.ts';

/**
 * What somebody minds in a version of a drill that they do as it is: the parts that it asks and that they move only as
 * far as nothing hurts, by the limits that say so. Pain is where the movement ends, never a target.
 *
 * @param day YYYY-MM-DD; limits that have ended by then do not count
 */
export function painFreeIn(
  { demands }: { readonly demands: Demands },
  { limits }: Pick<Person, 'limits'>,
  day: string,
): readonly Limit[] {
  return limits.filter((limit) => {
    if (limit.kind !== 'known' || limit.severity !== 'pain-free') return false;
    if (limit.until !== '' && limit.until < day) return false;
    const minded = limitationOf(limit.limitationId)?.caps.avoid ?? {};
    return DEMANDS.some((demand) => minded[demand] !== undefined && demandOf(demands, demand) > 0);
  });
}
