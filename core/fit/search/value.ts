import type { Target } from '../../drills/target.ts';
import { countAt } from '../../units.ts';
import { combinedFraction, combinedQuality } from './combine.ts';
import { builtCircuit } from '../plan/build.ts';
import type { ChoiceSet } from './choice.ts';
import { fractionOf, oneSide } from '../plan/dosage.ts';
import type { Plan } from '../plan/plan.ts';
import { knownSlots, rangeQuality, serves, sidesQuality, slotWorth, targetWorth, unchangedWorth } from './worth.ts';

/** What a plan is worth, in millionths of what the planned circuit is made up of; counted on the circuit it builds. */
export function planValue(plan: Plan, set: ChoiceSet): number {
  const { circuit, occasion, floor, weights } = set;
  const served = new Set<Target>(occasion.done?.targets);
  const built = new Map(
    builtCircuit(circuit, plan, occasion).blocks.flatMap((block) =>
      knownSlots(block, occasion).map((one) => [one.slot.id, one] as const),
    ),
  );
  let value = 0;
  for (const block of circuit.blocks) {
    const { rest, rounds } = plan.blocks[block.id] ?? { rest: 'full', rounds: countAt(block.rounds, 'plan') };
    const known = knownSlots(block, occasion);
    known.forEach(({ slot }, at) => {
      const now = built.get(slot.id);
      if (!now) return;
      for (const target of weights.targets.keys()) if (serves(now.drill, target)) served.add(target);
      const shared = { rounds: rounds / countAt(block.rounds, 'plan'), rest, namesOnly: plan.namesOnly };
      const weight = (id: string) => weights.slots.get(id) ?? 0;
      // A drill is another object where its dose says how hard it is; one that combines two slots is another drill.
      if (plan.slots[slot.id]?.kind !== 'combined') {
        const fraction = fractionOf(now.slot, slot, floor, oneSide(slot, floor));
        const quality = sidesQuality(slot.sides, now.slot.sides) * rangeQuality(slot, now.slot);
        value += slotWorth(weight(slot.id), weights.sum, { ...shared, fraction, quality });
        value += unchangedWorth(slot, { fraction, quality });
        return;
      }
      for (const part of known.slice(at, at + 2)) {
        const fraction = combinedFraction(now.slot, part.slot, floor);
        const quality = combinedQuality(now.drill, part.drill, occasion);
        value += slotWorth(weight(part.slot.id), weights.sum, { ...shared, fraction, quality });
      }
    });
  }
  for (const [target, weight] of weights.targets) if (served.has(target)) value += targetWorth(weight, weights.sum);
  return value;
}

/** A value as a share of the planned circuit's. */
export function shareOf(value: number, planned: number): number {
  return planned > 0 ? value / planned : 1;
}
