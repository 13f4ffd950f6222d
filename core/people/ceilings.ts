import type { Demand } from '../drills/demand.ts';
import type { Caps, Capped, Limit, LimitSide } from './limitation.ts';
import { limitationOf } from './limitations.ts';
import { heldToLight, readinessOn, type Person, type Readiness } from './person.ts';
import { type Region } from './region.ts';

/** The most that may be asked of somebody of one thing, where, and why. */
export interface Ceiling {
  readonly most: number;
  readonly side: LimitSide;
  /** The limitation behind it, as a coach says it: "Knee, kneeling". */
  readonly because: string;
}

/** Every ceiling somebody has on a day. What is not listed is open. */
export type Ceilings = Readonly<Partial<Record<Capped, Ceiling>>>;

/** Light effort, for people who are held to it. Common practice, no source. */
export const LIGHT_EFFORT = 3;

const READY_CAPS: Readonly<Record<Readiness, Caps>> = {
  fine: {},
  sore: {},
  tired: { effort: 5 },
  new: { effort: 6 },
  returning: { effort: LIGHT_EFFORT },
  'red flag': { effort: LIGHT_EFFORT },
  'not here': {},
};
const SORE: Readonly<Record<Region, readonly Demand[]>> = {
  neck: ['neck movement'],
  shoulder: ['shoulder overhead', 'shoulder bearing', 'shoulder behind'],
  back: ['back bending', 'back arching', 'back twisting', 'back load'],
  hip: ['hip range', 'hip load'],
  knee: ['knee bend', 'knee kneeling', 'knee impact', 'knee twist'],
  ankle: ['ankle range', 'ankle impact'],
  wrist: ['wrist bearing'],
};
/** What a sore part is still asked: a little. Common practice, no source. */
const SORE_MOST = 1;

/**
 * The ceilings of somebody on a day: the lowest of what their limits, their readiness and any hold allow.
 *
 * @param day YYYY-MM-DD; limits that have ended by then do not count
 */
export function ceilingsOf(person: Pick<Person, 'limits' | 'readiness' | 'holds'>, day: string): Ceilings {
  const found: Partial<Record<Capped, Ceiling>> = {};
  const lower = (capped: Capped, ceiling: Ceiling): void => {
    const present = found[capped];
    if (!present || ceiling.most < present.most) found[capped] = ceiling;
    // Two that are as low on different sides are there on both.
    else if (ceiling.most === present.most && ceiling.side !== present.side)
      found[capped] = { ...present, side: 'both' };
  };
  const lowerAll = (caps: Caps, side: LimitSide, because: string): void => {
    for (const [capped, most] of Object.entries(caps)) lower(capped as Capped, { most, side, because });
  };
  for (const limit of person.limits) {
    if (limit.until === '' || limit.until >= day) lowerAll(capsOf(limit), limit.side, limitName(limit));
  }
  const { state, sore } = readinessOn(person, day);
  lowerAll(READY_CAPS[state], 'both', `${state} today`);
  if (state === 'sore') {
    for (const region of sore) {
      for (const demand of SORE[region])
        lower(demand, { most: SORE_MOST, side: 'both', because: `sore ${region} today` });
    }
  }
  const hold = heldToLight(person);
  if (hold) lower('effort', { most: LIGHT_EFFORT, side: 'both', because: `${hold.why}, not cleared yet` });
  return found;
}

function capsOf(limit: Limit): Caps {
  if (limit.kind === 'own') return { [limit.capped]: limit.most };
  if (limit.severity === 'pain-free') return {};
  return limitationOf(limit.limitationId)?.caps[limit.severity] ?? {};
}

/** A limit as a coach says it: "Wrist, ease, left". */
export function limitName(limit: Limit): string {
  const side = limit.side === 'both' ? '' : `, ${limit.side}`;
  if (limit.kind === 'own') return `${limit.capped} up to ${limit.most}${side}`;
  return `${limitationOf(limit.limitationId)?.name ?? limit.limitationId}${side}`;
}
