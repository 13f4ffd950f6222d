import type { Effort } from '../units.ts';
import {
  CHANGED_DEMANDS,
  CHANGES_EFFORT,
  DEMANDS,
  demandOf,
  POSTURE_DEMANDS,
  type Demand,
  type Demands,
} from './demand.ts';
import type { Change, EnergyCost, Variant } from './drill.ts';
import type { Kit } from './kit.ts';
import type { Posture } from './posture.ts';

/** What a new rung is like where it does not simply follow from the rung before it. */
export interface Otherwise {
  readonly posture?: Posture;
  readonly kit?: readonly Kit[];
  readonly demands?: Demands;
  readonly effort?: Effort;
  readonly energy?: EnergyCost;
}

/** A drill's id from its name: small letters and hyphens. Never changes once circuits use it. */
export function idFromName(name: string): string {
  return name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
}

/** The base rung of a drill: what its posture asks, and what the drill asks beyond that. */
export function baseRung(posture: Posture, kit: readonly Kit[], demands: Demands, effort: Effort): Variant {
  const all = { ...POSTURE_DEMANDS[posture], ...demands };
  return { id: 'base', name: 'as named', rung: 0, changes: [], posture, kit, demands: all, effort };
}

/**
 * The next rung up or down from one: a step in every quantity that its changes move, the new posture's demands in place
 * of the old one's, and whatever is said to be otherwise.
 */
export function nextRung(
  from: Variant,
  name: string,
  changes: readonly Change[],
  by: -1 | 1,
  otherwise: Otherwise = {},
): Variant {
  const posture = otherwise.posture ?? from.posture;
  const harder = changes.some((change) => CHANGES_EFFORT.has(change));
  return {
    id: idFromName(name),
    name,
    rung: from.rung + by,
    changes,
    posture,
    kit: otherwise.kit ?? from.kit,
    demands: { ...stepped(inPosture(from, posture), changes, by), ...otherwise.demands },
    ...(otherwise.energy ? { energy: otherwise.energy } : {}),
    effort: otherwise.effort ?? Math.max(1, Math.min(9, from.effort + (harder ? by : 0))),
  };
}

/** What a rung asks in another posture: the old posture's share is dropped, the new one's is taken on. */
function inPosture({ demands, posture }: Variant, next: Posture): Demands {
  if (next === posture) return demands;
  const own = Object.fromEntries(Object.entries(demands).filter(([name]) => !(name in POSTURE_DEMANDS[posture])));
  return { ...own, ...POSTURE_DEMANDS[next], ...(next === 'seated' ? { balance: 0 } : {}) };
}

/** A step down takes one from each quantity that the changes move; a step up adds one where anything is asked. */
function stepped(demands: Demands, changes: readonly Change[], by: -1 | 1): Demands {
  const moved = new Set<Demand>(changes.flatMap((change) => CHANGED_DEMANDS[change]));
  const next: Partial<Record<Demand, 0 | 1 | 2 | 3>> = {};
  for (const demand of DEMANDS) {
    const now = demandOf(demands, demand);
    const then = moved.has(demand) && now > 0 ? Math.max(0, Math.min(3, now + by)) : now;
    if (then === 1 || then === 2 || then === 3) next[demand] = then;
  }
  return next;
}
