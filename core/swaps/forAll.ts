import type { Circuit, Line, Slot } from '../circuit/circuit.ts';
import { usualSlot } from '../circuit/slot.ts';
import { baseOf, type Drill } from '../drills/drill.ts';
import type { Limit } from '../people/limitation.ts';
import { UNKNOWN_PERSON } from '../people/person.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { oneForEverybody } from './oneForEverybody.ts';
import { slotPlaces } from './swap.ts';

/**
 * A circuit that everybody can do who has a limit: what that limit forbids gives way to the drill, or the version, that
 * serves its purpose best. Nothing comes in twice; where nothing is left that stands in, the slot goes.
 */
export function forAllWith(limit: Limit, circuit: Circuit, occasion: Occasion): Circuit {
  const somebody = { ...UNKNOWN_PERSON, id: '', name: '', limits: [limit] };
  const planned = new Map(slotPlaces(circuit, occasion).map((place) => [place.slot.id, place]));
  const used = new Set<string>();
  const inPlaceOf = (slot: Slot): readonly Line[] => {
    const place = planned.get(slot.id);
    if (!place) return [slot];
    const found = oneForEverybody(place, [somebody], occasion);
    const drill = found && occasion.library.byId.get(found.drillId);
    if (!found || !drill) return [];
    if (drill.id === place.drill.id) {
      return [found.variantId === place.rung.id ? slot : { ...slot, rung: rungOf(found.variantId, drill) }];
    }
    if (used.has(drill.id)) return [];
    used.add(drill.id);
    const { pinned, optional, rest } = slot;
    return [{ ...usualSlot(drill, slot.id), rung: rungOf(found.variantId, drill), pinned, optional, rest }];
  };
  for (const { drill } of planned.values()) used.add(drill.id);
  return {
    ...circuit,
    blocks: circuit.blocks.map((block) => ({
      ...block,
      lines: joined(block.lines, (line) => (line.kind === 'slot' ? inPlaceOf(line) : [line])),
    })),
  };
}

/** Lines with others in their place. A slot that was gone straight into from one that changed is begun anew. */
function joined(lines: readonly Line[], inPlaceOf: (line: Line) => readonly Line[]): readonly Line[] {
  let same = true;
  return lines.flatMap((line) => {
    const now = inPlaceOf(line);
    const begun = now.map((one) => (one.kind === 'slot' && one.runsOn && !same ? { ...one, runsOn: false } : one));
    same = now[0] === line;
    return begun;
  });
}

/** A rung as a slot names it: the drill as named is none. */
const rungOf = (variantId: string, drill: Drill): string => (baseOf(drill).id === variantId ? '' : variantId);
