import { DEMANDS, demandOf, type Demands } from '../drills/demand.ts';
import { limitName } from './ceilings.ts';
import { limitationOf } from './limitations.ts';
import type { Person } from './person.ts';

/**
 * What somebody minds in a version of a drill that they do as it is: the parts that it asks and that they move only as
 * far as nothing hurts, as a coach says them: "Shoulder, overhead, left". Pain is where the movement ends, never a target.
 *
 * @param day YYYY-MM-DD; limits that have ended by then do not count
 */
export function painFreeIn(
  { demands }: { readonly demands: Demands },
  { limits }: Pick<Person, 'limits'>,
  day: string,
): readonly string[] {
  return limits.flatMap((limit) => {
    if (limit.kind !== 'known' || limit.severity !== 'pain-free') return [];
    if (limit.until !== '' && limit.until < day) return [];
    const minded = limitationOf(limit.limitationId)?.caps.avoid ?? {};
    const asked = DEMANDS.some((demand) => minded[demand] !== undefined && demandOf(demands, demand) > 0);
    return asked ? [limitName(limit)] : [];
  });
}
