import { compareText } from '../compareText.ts';
import { servedOn } from '../drills/served.ts';
import { ceilingsOf, type Ceilings } from '../people/ceilings.ts';
import { permits, type Conflict } from '../people/conflictsOf.ts';
import type { LimitSide } from '../people/limitation.ts';
import type { Person } from '../people/person.ts';
import { fitsSite } from '../occasion/site.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { candidatesFor, isAlike, scoreFor } from './candidates.ts';
import { isMisfit, needOf, type Need } from './need.ts';
import { reasonsFor } from './reasons.ts';
import type { Candidate, SlotPlace, Swap } from './swap.ts';

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
  const fresh = good.filter(({ drill, own }) => own || !there.has(drill.id));
  const offered = [fresh, good, open].find((some) => some.length > 0) ?? [];
  const scored = offered
    .map((candidate) => ({ candidate, score: scoreFor(person, place, candidate, need) }))
    .toSorted((one, other) => other.score - one.score || byName(one.candidate, other.candidate));
  const swaps = oneEach(
    scored.map(({ candidate }) => candidate),
    place,
  ).map((candidate) => swapOf(place, person, candidate, need, there));
  if (swaps.length > 0) return { conflicts, swaps, nothingFits: false };
  return { conflicts, swaps: usesOfTheTime(place, ceilings, occasion, tolerated), nothingFits: true };
}

const byName = (one: Candidate, other: Candidate): number => compareText(one.drill.id, other.drill.id);

/**
 * The best rung of each drill, each movement once, and never what is planned under another name; after them the other rungs
 * of the drill that is planned.
 */
function oneEach(candidates: readonly Candidate[], planned: Pick<SlotPlace, 'drill' | 'rung'>): readonly Candidate[] {
  const [drills, movements] = [new Set<string>(), new Set([movementOf(planned)])];
  const [first, more]: [Candidate[], Candidate[]] = [[], []];
  for (const candidate of candidates) {
    const { drill } = candidate;
    const movement = movementOf(candidate);
    if (movements.has(movement)) continue;
    movements.add(movement);
    if (!drills.has(drill.id)) first.push(candidate);
    else if (candidate.own) more.push(candidate);
    drills.add(drill.id);
  }
  return [...first, ...more];
}

/** What two rungs that are one movement have in common. */
const movementOf = ({ drill, rung }: Pick<SlotPlace, 'drill' | 'rung'>): string =>
  JSON.stringify([rung.posture, rung.effort, rung.demands, servedOn(drill, rung)]);

function swapOf(place: SlotPlace, person: Person, candidate: Candidate, need: Need, there: ReadonlySet<string>): Swap {
  const { drill, rung } = candidate;
  const same = drill.id === place.drill.id;
  return {
    kind: same ? 'rung' : 'drill',
    drillId: drill.id,
    variantId: rung.id,
    score: scoreFor(person, place, candidate, need),
    side: same && place.slot.sides !== 'both' ? sideOf(need.conflicts) : 'both',
    reasons: [
      ...reasonsFor(place, candidate, person),
      ...(there.has(drill.id) ? [{ kind: 'in the circuit' } as const] : []),
    ],
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
    const why = 'system · breathing' in drill.targets ? 'breathing' : 'again';
    const reasons = [{ kind: 'nothing like it' }, { kind: why }] as const;
    const { seconds } = place;
    return [
      { kind: 'use of the time', drillId: drill.id, variantId: rung.id, score: 0, side: 'both', reasons, seconds },
    ];
  });
}
