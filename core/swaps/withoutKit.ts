import { compareText } from '../compareText.ts';
import type { Kit } from '../drills/kit.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { candidatesFor, LEAST_LIKENESS, SWAP_WEIGHTS } from './candidates.ts';
import { isHarder, isOfAnotherKind, sitsDown } from './need.ts';
import type { Candidate, Instruction, SlotPlace } from './swap.ts';

/**
 * What everybody does in a slot where a thing is not there or there are too few of it: the drill's own ladder first, else
 * the drill of its phase with most of its purpose, no harder than a swap may be. Undefined where nothing does.
 *
 * @param lacking what there is none of, or not enough for everybody
 * @param there the ids of drills that the circuit holds already
 */
export function withoutKit(
  place: SlotPlace,
  lacking: ReadonlySet<Kit>,
  occasion: Occasion,
  there: ReadonlySet<string>,
): Instruction | undefined {
  const { site } = occasion;
  const kit = new Set([...site.kit].filter((item) => !lacking.has(item)));
  const does = candidatesFor(place, { ...occasion, site: { ...site, kit } })
    .filter((candidate) => standsIn(candidate, place, there))
    .toSorted((one, other) => worthOf(other) - worthOf(one) || compareText(one.drill.id, other.drill.id));
  const [best] = does;
  return best && { drillId: best.drill.id, variantId: best.rung.id };
}

function standsIn(candidate: Candidate, place: SlotPlace, there: ReadonlySet<string>): boolean {
  const { drill, rung, own, likeness } = candidate;
  if (isHarder(place, candidate) || isOfAnotherKind(place, candidate) || sitsDown(place, candidate)) return false;
  if (own) return true;
  // Everybody does it, so another drill is done as named.
  return (
    rung.rung === 0 && likeness.all >= LEAST_LIKENESS && drill.phases.includes(place.phase) && !there.has(drill.id)
  );
}

/** The nearest rung of the drill itself before every other drill; then the purpose, and what else is alike. */
const worthOf = ({ own, rung, likeness, score }: Candidate): number =>
  own ? OWN_LADDER + rung.rung : SWAP_WEIGHTS.targets * likeness.all + score;
/** More than any other drill is worth, however far down the ladder the rung is. */
const OWN_LADDER = 100;
