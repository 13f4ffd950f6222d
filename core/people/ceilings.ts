import type { Demand } from '../drills/demand.ts';
import type { Caps, Capped, Limit, LimitSide } from './limitation.ts';
import { limitationOf } from './limitations.ts';
import { heldToLight, readinessOn, type Hold, type Person, type Readiness } from './person.ts';
import type { Region } from './region.ts';

/** Why somebody has a ceiling: a limit of theirs, how they come that day, a sore part, or a hold that nobody has cleared. */
export type Because =
  | { readonly kind: 'limit'; readonly limit: Limit }
  | { readonly kind: 'today'; readonly state: Readiness }
  | { readonly kind: 'sore'; readonly region: Region }
  | { readonly kind: 'hold'; readonly why: Hold['why'] };

/** The most that may be asked of somebody of one thing, where, and why. */
export interface Ceiling {
  readonly most: number;
  readonly side: LimitSide;
  readonly because: Because;
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
  const lowerAll = (caps: Caps, side: LimitSide, because: Because): void => {
    for (const [capped, most] of Object.entries(caps)) lower(capped as Capped, { most, side, because });
  };
  for (const limit of person.limits) {
    if (limit.until === '' || limit.until >= day) lowerAll(capsOf(limit), limit.side, { kind: 'limit', limit });
  }
  const { state, sore } = readinessOn(person, day);
  lowerAll(READY_CAPS[state], 'both', { kind: 'today', state });
  if (state === 'sore') {
    for (const region of sore) {
      const because: Because = { kind: 'sore', region };
      for (const demand of SORE[region]) lower(demand, { most: SORE_MOST, side: 'both', because });
    }
  }
  const hold = heldToLight(person);
  if (hold) lower('effort', { most: LIGHT_EFFORT, side: 'both', because: { kind: 'hold', why: hold.why } });
  return found;
}

function capsOf(limit: Limit): Caps {
  if (limit.kind === 'own') return { [limit.capped]: limit.most };
  if (limit.severity === 'pain-free') return {};
  return limitationOf(limit.limitationId)?.caps[limit.severity] ?? {};
}
