import type { Drill } from '../drills/drill.ts';
import { mainTarget } from '../drills/kinds.ts';
import type { Posture } from '../drills/posture.ts';
import { servedOn } from '../drills/served.ts';
import type { Target, Targets } from '../drills/target.ts';
import type { Person } from '../people/person.ts';
import { sharedTarget } from './likeness.ts';
import type { Candidate, SlotPlace } from './swap.ts';
import type { SwapReason } from './swapReason.ts';

/** Postures that are one place to be in. */
const PLACE: Readonly<Partial<Record<Posture, Posture>>> = { squat: 'standing' };
const placeOf = (posture: Posture): Posture => PLACE[posture] ?? posture;

/** Why a candidate would do: what stays, what changes, what it needs. */
export function reasonsFor(place: SlotPlace, candidate: Candidate, person: Person): readonly SwapReason[] {
  const { drill, rung } = candidate;
  const [planned, now] = [placeOf(place.rung.posture), placeOf(rung.posture)];
  const kit = rung.kit.filter((item) => !place.rung.kit.includes(item));
  return [
    purpose(place, candidate),
    ...(planned === now ? [] : [{ kind: 'posture', now, planned } as const]),
    ...(kit.length > 0 ? [{ kind: 'needs', kit } as const] : []),
    ...(person.familiar.includes(drill.id) ? [{ kind: 'known well' } as const] : []),
    { kind: 'keeps the time', seconds: place.seconds },
  ];
}

function purpose(place: SlotPlace, { drill, rung }: Candidate): SwapReason {
  if (drill.id === place.drill.id) {
    return { kind: 'version', harder: rung.rung >= place.rung.rung, changes: rung.changes };
  }
  const served = servedOn(drill, rung);
  const target = sharedTarget(place.drill.targets, served);
  const planned = mainTarget(place.drill);
  const now = planned && lostFor(planned, place.drill, served);
  if (now) return { kind: 'other target', now, planned };
  return target ? { kind: 'same target', target } : { kind: 'much the same' };
}

/** Under this share of the main purpose it counts as lost, and the loss is said. Common practice, no source. */
const LOST_UNDER = 0.3;

/** What a swap is for where the main purpose of what was planned is lost; undefined where it is kept. */
function lostFor(main: Target, { targets }: Drill, served: Targets): Target | undefined {
  if ((served[main] ?? 0) >= LOST_UNDER * (targets[main] ?? 0)) return undefined;
  return mainTarget({ targets: served });
}
