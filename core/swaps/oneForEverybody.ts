import type { Drill, Variant } from '../drills/drill.ts';
import { servedOn } from '../drills/served.ts';
import type { Effort } from '../units.ts';
import { ceilingsOf } from '../people/ceilings.ts';
import { permits } from '../people/conflictsOf.ts';
import { likenessTo } from './likeness.ts';
import type { Person } from '../people/person.ts';
import type { Occasion } from '../occasion/occasion.ts';
import type { Instruction, SlotPlace } from './swap.ts';
import { needOf } from './need.ts';
import { candidatesFor, scoreFor } from './candidates.ts';

/** One instruction that everybody can do, and what those who could do more lose by it. */
export interface OneForEverybody extends Instruction {
  readonly slotId: string;
  /** 0–1: the share of the planned drill's purpose that is lost. */
  readonly lost: number;
  /** How much easier it is; below 0 where it is harder. */
  readonly easier: Effort;
}

/** The instruction in a slot that everybody present may do and that suits them best; undefined where there is none. */
export function oneForEverybody(
  place: SlotPlace,
  people: readonly Person[],
  occasion: Occasion,
): OneForEverybody | undefined {
  const limits = people.map((person) => ceilingsOf(person, occasion.day));
  const needy = people.map((person, at) => ({ person, need: needOf(place, limits[at] ?? {}) }));
  const all = (rung: Variant) => limits.every((ceilings) => permits(rung, ceilings));
  const likenessOf = likenessTo(place.drill.targets, occasion.session);
  const as = (drill: Drill, rung: Variant): OneForEverybody => ({
    slotId: place.slot.id,
    drillId: drill.id,
    variantId: rung.id,
    lost: 1 - likenessOf(servedOn(drill, rung)),
    easier: place.rung.effort - rung.effort,
  });
  if (all(place.rung)) return as(place.drill, place.rung);
  let best: { readonly instruction: OneForEverybody; readonly total: number } | undefined;
  for (const candidate of candidatesFor(place, occasion)) {
    if (!all(candidate.rung)) continue;
    const total = needy.reduce((sum, { person, need }) => sum + scoreFor(person, place, candidate, need), 0);
    if (!best || total > best.total) best = { instruction: as(candidate.drill, candidate.rung), total };
  }
  return best?.instruction;
}
