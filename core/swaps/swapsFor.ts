import { handlingOf } from '../drills/kit.ts';
import { rankOf, type PostureRank } from '../drills/posture.ts';
import type { Drill, Variant } from '../drills/drill.ts';
import { servedOn } from '../drills/served.ts';
import type { Seconds } from '../units.ts';
import { suitedRung } from '../people/ability.ts';
import { ceilingsOf, type Ceilings } from '../people/ceilings.ts';
import { permits, type Conflict } from '../people/conflictsOf.ts';
import { likenessTo } from './likeness.ts';
import { isMisfit, keptOf, needOf, type Need } from './need.ts';
import type { LimitSide } from '../people/limitation.ts';
import type { Person } from '../people/person.ts';
import { fitsSite } from '../occasion/site.ts';
import { reasonsFor } from './reasons.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { KEPT, type Candidate, type SlotPlace, type Swap } from './swap.ts';

/** What a swap is scored by; the weights add up to 1. Common practice, no source. */
export const SWAP_WEIGHTS = {
  targets: 0.48,
  phase: 0.1,
  planes: 0.06,
  posture: 0.08,
  effort: 0.08,
  rung: 0.06,
  little: 0.06,
  kit: 0.04,
  familiar: 0.04,
} as const;

/** Under this likeness of purpose it is no swap, only a use for the seconds. Common practice, no source. */
export const LEAST_LIKENESS = 0.25;

/** Every rung of the library that has the slot's purpose and fits the place: rungs of the same ladder among them. */
export function candidatesFor(place: SlotPlace, occasion: Occasion): readonly Candidate[] {
  const { targets } = place.drill;
  const [all, legs, arms] = KEPT.map((kept) => likenessTo(keptOf(targets, kept), occasion.session));
  if (!all || !legs || !arms) return [];
  const near = [place.drill, place.before, place.after].flatMap((drill) => (drill ? [rankOf(drill)] : []));
  return occasion.library.drills.flatMap((drill) => {
    const own = drill.id === place.drill.id;
    if (!own && place.seconds < leastSeconds(drill)) return [];
    return drill.ladder.flatMap((rung): readonly Candidate[] => {
      const served = servedOn(drill, rung);
      const likeness = { all: all(served), legs: legs(served), arms: arms(served) };
      const same = own && rung.id === place.rung.id;
      const alike = Math.max(likeness.all, likeness.legs, likeness.arms);
      if (same || (!own && alike < LEAST_LIKENESS) || !fitsSite(drill, rung, occasion.site)) return [];
      return [{ drill, rung, own, likeness, score: commonScore(place, drill, rung, near) }];
    });
  });
}

/** A swap must be worth doing in the seconds of its slot; half of what is usually useful will do. */
function leastSeconds({ shortestUseful }: Drill): Seconds {
  return shortestUseful / 2;
}

/** @param near ranks of the slot's own posture and its neighbours' */
function commonScore(place: SlotPlace, drill: Drill, rung: Variant, near: readonly PostureRank[]): number {
  const own = place.drill;
  const planes = own.planes.filter((plane) => drill.planes.includes(plane)).length / Math.max(1, own.planes.length);
  const rank = rankOf(rung);
  const apart = near.reduce<number>((least, one) => Math.min(least, Math.abs(one - rank)), 3);
  // Harder than planned is four times as far off as easier.
  const harder = rung.effort - place.rung.effort;
  const apartInEffort = harder > 0 ? 2 * harder : -harder / 2;
  return (
    (drill.phases.includes(place.phase) ? SWAP_WEIGHTS.phase : 0) +
    SWAP_WEIGHTS.planes * planes +
    SWAP_WEIGHTS.posture * (1 - apart / 3) +
    SWAP_WEIGHTS.effort * Math.max(0, 1 - apartInEffort / 6) +
    (rung.kit.some((item) => handlingOf(item) !== 'placed' && !place.rung.kit.includes(item)) ? 0 : SWAP_WEIGHTS.kit) +
    SWAP_WEIGHTS.little * (1 - Math.min(1, askedOf(rung) / MUCH_ASKED))
  );
}

/** Everything that a rung asks of the body, added up. */
const askedOf = ({ demands }: Variant): number => Object.values(demands).reduce<number>((sum, asks) => sum + asks, 0);
/** From here on a rung asks so much that more makes no difference. */
const MUCH_ASKED = 12;

/** How well a candidate suits one person, 0–1 for another drill; what is no good answer to their need comes last. */
export function scoreFor(person: Person, place: SlotPlace, candidate: Candidate, need: Need): number {
  const { drill, rung, score, likeness } = candidate;
  const off = Math.min(2, Math.abs(rung.rung - suitedRung(person, drill)));
  const suits = SWAP_WEIGHTS.rung * (1 - off / 2) + (person.familiar.includes(drill.id) ? SWAP_WEIGHTS.familiar : 0);
  const whole = SWAP_WEIGHTS.targets * likeness[need.kept] + score + suits;
  if (!isAlike(candidate, need) || isMisfit(place, candidate, need)) return MISFIT * whole;
  // Of its own ladder no more is given up than has to be.
  return candidate.own ? whole + OWN_LADDER + STEP_DOWN * (rung.rung - place.rung.rung) : whole;
}

/** Whether a candidate has enough of the purpose; the drill's own ladder always has. */
const isAlike = ({ own, likeness }: Candidate, { kept }: Need): boolean => own || likeness[kept] >= LEAST_LIKENESS;

/** The own ladder of a drill goes before all others. Common practice, no source. */
const OWN_LADDER = 1;
/** What each step further down the own ladder costs. */
const STEP_DOWN = 0.05;
/** What is left of a score where a candidate answers badly. */
const MISFIT = 0.2;

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
  const need = needOf(place, ceilingsOf(person, occasion.day));
  const { ceilings, conflicts } = need;
  const open = candidates.filter((candidate) => isAlike(candidate, need) && permits(candidate.rung, ceilings));
  const there = new Set(tolerated.filter(({ slot }) => slot.id !== place.slot.id).map(({ drill }) => drill.id));
  const good = open.filter((candidate) => !isMisfit(place, candidate, need));
  const fresh = good.filter(({ drill }) => !there.has(drill.id));
  const offered = [fresh, good, open].find((some) => some.length > 0) ?? [];
  const scored = offered
    .map((candidate) => ({ candidate, score: scoreFor(person, place, candidate, need) }))
    .toSorted((one, other) => other.score - one.score || byName(one.candidate, other.candidate));
  const swaps = oneEach(scored.map(({ candidate }) => candidate)).map((candidate) =>
    swapOf(place, person, candidate, need, there),
  );
  if (swaps.length > 0) return { conflicts, swaps, nothingFits: false };
  return { conflicts, swaps: usesOfTheTime(place, ceilings, occasion, tolerated), nothingFits: true };
}

const byName = (one: Candidate, other: Candidate): number => one.drill.id.localeCompare(other.drill.id);

/** The best rung of each drill first, each movement once; the other rungs of the same drills after them. */
function oneEach(candidates: readonly Candidate[]): readonly Candidate[] {
  const [drills, movements] = [new Set<string>(), new Set<string>()];
  const [first, more]: [Candidate[], Candidate[]] = [[], []];
  for (const candidate of candidates) {
    const { drill, rung } = candidate;
    const movement = JSON.stringify([rung.posture, rung.effort, rung.demands, servedOn(drill, rung)]);
    if (movements.has(movement)) continue;
    movements.add(movement);
    (drills.has(drill.id) ? more : first).push(candidate);
    drills.add(drill.id);
  }
  return [...first, ...more];
}

function swapOf(place: SlotPlace, person: Person, candidate: Candidate, need: Need, there: ReadonlySet<string>): Swap {
  const { drill, rung } = candidate;
  const same = drill.id === place.drill.id;
  return {
    kind: same ? 'rung' : 'drill',
    drillId: drill.id,
    variantId: rung.id,
    score: scoreFor(person, place, candidate, need),
    side: same && place.slot.sides !== 'both' ? sideOf(need.conflicts) : 'both',
    reasons: [...reasonsFor(place, candidate, person), ...(there.has(drill.id) ? ['is in this circuit already'] : [])],
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
