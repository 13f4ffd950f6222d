import { KIT, type Kit } from '../drills/kit.ts';
import type { Site } from '../occasion/site.ts';
import { instructed, instructionName, slotPlaces } from '../swaps/swap.ts';
import { withoutKit } from '../swaps/withoutKit.ts';
import { type Finding, type GraveRule, type Laid, type Note, type NoteRule } from './finding.ts';

/** A drill in pairs for an odd number of people. */
export const oddOneOut: NoteRule = ({ headcount, placed }) =>
  placed
    .filter(({ drill }) => drill.kit.includes('partner') && headcount % 2 === 1)
    .map(({ slot, drill }): Note => ({
      rule: 'odd-one-out',
      severity: 'note',
      slotIds: [slot.id],
      facts: { drill: drill.name, headcount },
      source: 'trade',
    }));

/** How many there are of a piece of kit: enough where nobody counted it. */
function countOf(item: Kit, { kit, counts }: Site): number {
  if (IN_EVERY_ROOM.has(item)) return Infinity;
  return kit.has(item) ? (counts[item] ?? Infinity) : 0;
}

/** What no list of a room’s kit names: people, and a line on the floor. */
const IN_EVERY_ROOM: ReadonlySet<Kit> = new Set<Kit>(['partner', 'line']);

/** Whether there is none of a piece of kit, or less of it than people. */
const isShort = (item: Kit, { occasion: { site }, headcount }: Laid): boolean =>
  countOf(item, site) < Math.max(1, headcount);

/** Kit that the place lacks, or less of it than people: said once for each piece, of all the drills that need it. */
export const tooFewThings: GraveRule = (laid) => {
  const {
    placed,
    occasion: { site },
    headcount,
  } = laid;
  const short = [...new Set(placed.flatMap(({ drill }) => drill.kit))].filter((item) => isShort(item, laid));
  return short.map((item): Finding => {
    const there = countOf(item, site);
    const users = placed.filter(({ drill }) => drill.kit.includes(item));
    const drills = [...new Set(users.map(({ drill }) => drill.name))];
    return {
      rule: 'too-few-things',
      severity: 'warn',
      slotIds: users.map(({ slot }) => slot.id),
      facts: { kit: item, there, headcount, drills, someOfAll: there > 0, instead: [], unlike: [] },
      source: 'trade',
    };
  });
};

/**
 * What is said of too few things, with what to do in each of the drills instead as its fix. It goes through the
 * whole library for every slot.
 */
export function withKitSwaps(finding: Finding, laid: Laid): Finding {
  if (finding.rule !== 'too-few-things') return finding;
  const { circuit, placed, occasion } = laid;
  const { library, site } = occasion;
  const lacking = new Set(KIT.filter((item) => isShort(item, laid)));
  const used = new Set(placed.map(({ drill }) => drill.id));
  const users = slotPlaces(circuit, occasion).filter(({ slot }) => finding.slotIds.includes(slot.id));
  const standIns = users.flatMap((place) => {
    const does = withoutKit(place, lacking, occasion, used);
    const found = does && instructed(library, does);
    if (!found) return [];
    // What stands in for one drill does not stand in for the next as well.
    used.add(found.drill.id);
    const own = found.drill.id === place.drill.id;
    const told = { drill: instructionName(found.drill, found.rung), inPlaceOf: own ? null : place.drill.name };
    return [{ swap: { ...does, slotId: place.slot.id }, told }];
  });
  if (standIns.length === 0) return finding;
  const swapped = new Set(standIns.map(({ swap }) => swap.slotId));
  const unlike = users.filter(({ slot }) => !swapped.has(slot.id)).map(({ drill }) => drill.name);
  const someOfAll = users.every(({ rung }) => rung.kit.every((item) => countOf(item, site) > 0));
  return {
    ...finding,
    facts: { ...finding.facts, someOfAll, instead: standIns.map(({ told }) => told), unlike },
    fix: { kind: 'swap', swaps: standIns.map(({ swap }) => swap) },
  };
}
