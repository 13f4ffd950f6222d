import { rankOf, type PostureRank } from '../drills/posture.ts';
import type { Drill, Variant } from '../drills/drill.ts';
import type { Seconds } from '../units.ts';
import { suitedRung } from '../people/ability.ts';
import { ceilingsOf, type Ceilings } from '../people/ceilings.ts';
import { conflictsOf, permits, type Conflict } from '../people/conflictsOf.ts';
import { likenessTo } from './likeness.ts';
import type { LimitSide } from '../people/limitation.ts';
import type { Person } from '../people/person.ts';
import { fitsSite } from '../occasion/site.ts';
import { reasonsFor } from './reasons.ts';
import type { Occasion } from '../occasion/occasion.ts';
import type { Candidate, SlotPlace, Swap } from './swap.ts';

/** What a swap is scored by; the weights add up to 1. Common practice, no source. */
export const SWAP_WEIGHTS = {
  targets: 0.5,
  phase: 0.1,
  planes: 0.08,
  posture: 0.08,
  effort: 0.1,
  rung: 0.1,
  familiar: 0.04,
} as const;

/** Under this likeness of purpose it is no swap, only a use for the seconds. Common practice, no source. */
export const LEAST_LIKENESS = 0.2;

/** Every rung of the library that has the slot's purpose and fits the place: rungs of the same ladder among them. */
export function candidatesFor(place: SlotPlace, occasion: Occasion): readonly Candidate[] {
  const likenessOf = likenessTo(place.drill.targets, occasion.session);
  const near = [place.drill, place.before, place.after].flatMap((drill) => (drill ? [rankOf(drill)] : []));
  return occasion.library.drills.flatMap((drill) => {
    const like = drill.id === place.drill.id ? 1 : likenessOf(drill.targets);
    if (like < LEAST_LIKENESS || place.seconds < leastSeconds(drill)) return [];
    return drill.ladder
      .filter((rung) => !(drill.id === place.drill.id && rung.id === place.rung.id))
      .filter((rung) => fitsSite(drill, rung, occasion.site))
      .map((rung) => ({ drill, rung, likeness: like, score: commonScore(place, drill, rung, like, near) }));
  });
}

/** A drill that is worth doing only for longer than the slot has is none for it. Half of that will do for a swap. */
function leastSeconds({ shortestUseful }: Drill): Seconds {
  return shortestUseful / 2;
}

/** @param near ranks of the slot's own posture and its neighbours' */
function commonScore(
  place: SlotPlace,
  drill: Drill,
  rung: Variant,
  like: number,
  near: readonly PostureRank[],
): number {
  const own = place.drill;
  const planes = own.planes.filter((plane) => drill.planes.includes(plane)).length / Math.max(1, own.planes.length);
  const rank = rankOf(rung);
  const apart = near.reduce<number>((least, one) => Math.min(least, Math.abs(one - rank)), 3);
  const harder = Math.abs(rung.effort - place.rung.effort);
  return (
    SWAP_WEIGHTS.targets * like +
    (drill.phases.includes(place.phase) ? SWAP_WEIGHTS.phase : 0) +
    SWAP_WEIGHTS.planes * planes +
    SWAP_WEIGHTS.posture * (1 - apart / 3) +
    SWAP_WEIGHTS.effort * Math.max(0, 1 - harder / 6)
  );
}

/** How well a candidate suits one person, 0–1. */
export function scoreFor(person: Person, { drill, rung, score }: Candidate): number {
  const off = Math.min(2, Math.abs(rung.rung - suitedRung(person, drill)));
  return score + SWAP_WEIGHTS.rung * (1 - off / 2) + (person.familiar.includes(drill.id) ? SWAP_WEIGHTS.familiar : 0);
}

/** What somebody could do in a slot instead of it, the best first. */
export interface SwapsFor {
  /** Why what is planned does not do; empty where it does. */
  readonly conflicts: readonly Conflict[];
  readonly swaps: readonly Swap[];
  /** Nothing with the same purpose fits: what is offered only uses the time. */
  readonly nothingFits: boolean;
}

/**
 * What somebody could do in a slot instead of what is planned, for the same seconds: rungs of the same ladder and other
 * drills with the same purpose. Never in conflict with their limits, never with kit or room the place lacks. Where nothing
 * has the same purpose, a drill of the circuit that they tolerate, or breathing.
 *
 * @param tolerated what the circuit holds besides, as uses for the time
 */
export function swapsFor(
  place: SlotPlace,
  person: Person,
  occasion: Occasion,
  tolerated: readonly SlotPlace[] = [],
  candidates: readonly Candidate[] = candidatesFor(place, occasion),
): SwapsFor {
  const ceilings = ceilingsOf(person, occasion.day);
  const conflicts = conflictsOf(place.rung, ceilings);
  const swaps = candidates
    .filter(({ rung }) => permits(rung, ceilings))
    .map((candidate) => swapOf(place, person, candidate, conflicts))
    .toSorted((one, other) => other.score - one.score || one.drillId.localeCompare(other.drillId));
  if (swaps.length > 0) return { conflicts, swaps, nothingFits: false };
  return { conflicts, swaps: usesOfTheTime(place, ceilings, occasion, tolerated), nothingFits: true };
}

function swapOf(place: SlotPlace, person: Person, candidate: Candidate, conflicts: readonly Conflict[]): Swap {
  const { drill, rung } = candidate;
  const same = drill.id === place.drill.id;
  return {
    kind: same ? 'rung' : 'drill',
    drillId: drill.id,
    variantId: rung.id,
    score: scoreFor(person, candidate),
    side: same && place.slot.sides !== 'both' ? sideOf(conflicts) : 'both',
    reasons: reasonsFor(place, candidate, person),
    seconds: place.seconds,
  };
}

/** The one side that all conflicts are on; both where they are not on one. */
export function sideOf(conflicts: readonly Conflict[]): LimitSide {
  const [first] = conflicts;
  return first && conflicts.every(({ side }) => side === first.side) ? first.side : 'both';
}

/** Something tolerated for the seconds: what the circuit holds already, then breathing. */
function usesOfTheTime(
  place: SlotPlace,
  ceilings: Ceilings,
  occasion: Occasion,
  tolerated: readonly SlotPlace[],
): readonly Swap[] {
  const breathing = occasion.library.drills.filter((drill) => 'system · breathing' in drill.targets);
  const own = tolerated.filter(({ slot }) => slot.id !== place.slot.id).map(({ drill }) => drill);
  const offered = [...own, ...breathing].flatMap((drill) =>
    drill.ladder
      .filter((rung) => permits(rung, ceilings) && fitsSite(drill, rung, occasion.site))
      .map((rung) => ({ drill, rung })),
  );
  const seen = new Set<string>();
  return offered.flatMap(({ drill, rung }): readonly Swap[] => {
    if (seen.has(drill.id)) return [];
    seen.add(drill.id);
    const why = 'system · breathing' in drill.targets ? 'calm breathing for the time' : 'again, as it is tolerated';
    const reasons = ['nothing with the same purpose fits', why];
    const { seconds } = place;
    return [
      { kind: 'use of the time', drillId: drill.id, variantId: rung.id, score: 0, side: 'both', reasons, seconds },
    ];
  });
}
