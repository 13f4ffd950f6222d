import type { Change, Drill } from '../drills/drill.ts';
import { mainTarget } from '../drills/kinds.ts';
import type { Kit } from '../drills/kit.ts';
import type { Posture } from '../drills/posture.ts';
import { servedOn } from '../drills/served.ts';
import type { Target, Targets } from '../drills/target.ts';
import type { Person } from '../people/person.ts';
import type { Seconds } from '../units.ts';
import { sharedTarget } from './likeness.ts';
import type { Candidate, SlotPlace } from './swap.ts';

/** What speaks for a swap, or what it changes: codes, which the screen puts into words. */
export type SwapReason =
  /** An easier or a harder version of the drill itself, and what of it changes. */
  | { readonly kind: 'version'; readonly harder: boolean; readonly changes: readonly Change[] }
  /** It is for something else than what was planned. */
  | { readonly kind: 'other target'; readonly now: Target; readonly planned: Target }
  | { readonly kind: 'same target'; readonly target: Target }
  | { readonly kind: 'much the same' }
  | { readonly kind: 'posture'; readonly now: Posture; readonly planned: Posture }
  /** What it needs beside what is out for the planned drill. */
  | { readonly kind: 'needs'; readonly kit: readonly Kit[] }
  | { readonly kind: 'known well' }
  | { readonly kind: 'keeps the time'; readonly seconds: Seconds }
  | { readonly kind: 'in the circuit' }
  /** Nothing that serves the same purpose fits. */
  | { readonly kind: 'nothing like it' }
  | { readonly kind: 'breathing' }
  /** Something tolerated that the circuit has already, once more. */
  | { readonly kind: 'again' };

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
