import { handlingOf } from '../drills/kit.ts';
import { rankOf, type PostureRank } from '../drills/posture.ts';
import type { Drill, Variant } from '../drills/drill.ts';
import { servedOn } from '../drills/served.ts';
import type { Targets } from '../drills/target.ts';
import type { Seconds } from '../units.ts';
import { suitedRung } from '../people/ability.ts';
import type { Person } from '../people/person.ts';
import { fitsSite } from '../occasion/site.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { likenessTo } from './likeness.ts';
import { isMisfit, keptOf, type Need } from './need.ts';
import type { Candidate, Kept, SlotPlace } from './swap.ts';

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
  const likenessOf = likenessFor(targets, occasion.session);
  const near = [place.drill, place.before, place.after].flatMap((drill) => (drill ? [rankOf(drill)] : []));
  return occasion.library.drills.flatMap((drill) => {
    const own = drill.id === place.drill.id;
    if (!own && place.seconds < leastSeconds(drill)) return [];
    return drill.ladder.flatMap((rung): readonly Candidate[] => {
      const likeness = likenessOf(servedOn(drill, rung));
      const same = own && rung.id === place.rung.id;
      const alike = Math.max(likeness.all, likeness.legs, likeness.arms);
      if (same || (!own && alike < LEAST_LIKENESS) || !fitsSite(drill, rung, occasion.site)) return [];
      return [{ drill, rung, own, likeness, score: commonScore(place, drill, rung, near) }];
    });
  });
}

/** Likeness by what is kept of a purpose. Most rungs of a drill serve the same targets: that is worked out once. */
function likenessFor(targets: Targets, session: Occasion['session']): (served: Targets) => Candidate['likeness'] {
  const of = (kept: Kept) => likenessTo(keptOf(targets, kept), session);
  const [all, legs, arms] = [of('all'), of('legs'), of('arms')];
  const known = new Map<Targets, Candidate['likeness']>();
  return (served) => {
    let found = known.get(served);
    if (!found) {
      found = { all: all(served), legs: legs(served), arms: arms(served) };
      known.set(served, found);
    }
    return found;
  };
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
export const isAlike = ({ own, likeness }: Candidate, { kept }: Need): boolean =>
  own || likeness[kept] >= LEAST_LIKENESS;

/** The own ladder of a drill goes before all others. Common practice, no source. */
const OWN_LADDER = 1;
/** What each step further down the own ladder costs. */
const STEP_DOWN = 0.05;
/** What is left of a score where a candidate answers badly. */
const MISFIT = 0.2;
