import type { Amount } from '../../circuit/amount.ts';
import { allSlots, slotsOf, type Block, type Slot } from '../../circuit/circuit.ts';
import type { MoveKey } from '../../circuit/shortVersion.ts';
import type { Dose, Extra, Sides } from '../../dose/dose.ts';
import type { Drill } from '../../drills/drill.ts';
import { mainTarget } from '../../drills/kinds.ts';
import { drillIn } from '../../drills/onRung.ts';
import type { Phase } from '../../drills/phase.ts';
import type { Target } from '../../drills/target.ts';
import { countAt } from '../../units.ts';
import { builtCircuit } from '../plan/build.ts';
import type { BlockPlan, Plan } from '../plan/plan.ts';
import type { ChoiceSet } from '../search/choice.ts';
import { serves } from '../search/worth.ts';

/** What a move changes: codes and numbers, which the screen puts into words. */
export type MoveFacts =
  | { readonly kind: 'names only' }
  | { readonly kind: 'rounds'; readonly phase: Phase; readonly before: number; readonly now: number }
  | { readonly kind: 'rest'; readonly phase: Phase; readonly now: Exclude<BlockPlan['rest'], 'full'> }
  | { readonly kind: 'stations out'; readonly phase: Phase }
  /** With what is lost beside it, and which drill still serves what it was for, if any does. */
  | {
      readonly kind: 'out';
      readonly drill: string;
      readonly extra: Extra | null;
      readonly target: Target | null;
      readonly server: string | null;
    }
  | {
      readonly kind: 'combined';
      readonly amount: Amount;
      readonly inPlaceOf: readonly string[];
      readonly shownFirst: boolean;
    }
  /** One interval, or one count, for a whole block. */
  | { readonly kind: 'interval'; readonly phase: Phase; readonly before: Dose; readonly now: Dose }
  | {
      readonly kind: 'sides';
      readonly drill: string;
      readonly sideWord: Drill['sideWord'];
      readonly before: Sides;
      readonly now: Sides;
    }
  | { readonly kind: 'dose'; readonly before: Amount; readonly now: Amount };

/** What a change of a plan comes to. */
export function moveFacts(key: MoveKey, plan: Plan, set: ChoiceSet): MoveFacts {
  if (key.kind === 'talk') return { kind: 'names only' };
  const block = set.circuit.blocks.find(({ id, lines }) => id === key.id || lines.some((line) => line.id === key.id));
  if (!block) throw new Error('There is no such block.');
  const { phase } = block;
  switch (key.kind) {
    case 'rounds':
      return { kind: 'rounds', phase, before: countAt(block.rounds, 'plan'), now: plan.blocks[key.id]?.rounds ?? 1 };
    case 'rest':
      return { kind: 'rest', phase, now: plan.blocks[key.id]?.rest === 'none' ? 'none' : 'half' };
    case 'out':
      return block.stations ? { kind: 'stations out', phase } : outFacts(key.id, plan, set);
    case 'combine':
      return combinedFacts(key.id, block, plan, set);
    case 'sides':
      return sidesFacts(key.id, plan, set);
    case 'dose':
      return key.id === block.id ? intervalFacts(block, plan, set) : doseFacts(key.id, plan, set);
  }
}

function drillAt(slot: Slot, { occasion }: ChoiceSet): Drill | undefined {
  return drillIn(slot, occasion.library);
}

/** A slot as planned, by its id. */
function plannedSlot(id: string, { circuit }: ChoiceSet): Slot {
  const found = allSlots(circuit).find((slot) => slot.id === id);
  if (!found) throw new Error('There is no such slot.');
  return found;
}

/** How much is done in a slot of a circuit. */
function amountOf(slot: Slot, set: ChoiceSet): Amount {
  const drill = drillAt(slot, set);
  if (!drill) throw new Error(`There is no drill "${slot.drillId}".`);
  return { slot, drill, floor: set.floor };
}

/** How much is done in a slot as planned, and now. */
function beforeAndNow(id: string, plan: Plan, set: ChoiceSet): { readonly before: Amount; readonly now: Amount } {
  const before = plannedSlot(id, set);
  const now = allSlots(builtCircuit(set.circuit, plan, set.occasion)).find((slot) => slot.id === id) ?? before;
  return { before: amountOf(before, set), now: { ...amountOf(before, set), slot: now } };
}

function outFacts(id: string, plan: Plan, set: ChoiceSet): MoveFacts {
  const gone = plannedSlot(id, set);
  const drill = drillAt(gone, set);
  const target = (drill && mainTarget(drill)) ?? null;
  const still =
    target &&
    allSlots(builtCircuit(set.circuit, plan, set.occasion))
      .map((slot) => drillAt(slot, set))
      .find((other) => other && serves(other, target));
  return { kind: 'out', drill: drill?.name ?? gone.drillId, extra: gone.extra, target, server: still?.name ?? null };
}

function combinedFacts(id: string, block: Block, plan: Plan, set: ChoiceSet): MoveFacts {
  const slots = slotsOf(block);
  const at = slots.findIndex((slot) => slot.id === id);
  const built = allSlots(builtCircuit(set.circuit, plan, set.occasion)).find((slot) => slot.id === id);
  const amount = amountOf(built ?? plannedSlot(id, set), set);
  return {
    kind: 'combined',
    amount,
    inPlaceOf: slots.slice(at, at + 2).map((slot) => drillAt(slot, set)?.name ?? slot.drillId),
    shownFirst: built?.shownFirst ?? false,
  };
}

function intervalFacts(block: Block, plan: Plan, set: ChoiceSet): MoveFacts {
  const changed = slotsOf(block).filter(({ id }) => {
    const change = plan.slots[id];
    return change?.kind === 'kept' && change.amount !== 'full';
  });
  const slot = changed.find(({ sides }) => sides !== 'each') ?? changed[0];
  if (!slot) throw new Error('Nothing of the block changes.');
  const { before, now } = beforeAndNow(slot.id, plan, set);
  return { kind: 'interval', phase: block.phase, before: before.slot.dose, now: now.slot.dose };
}

function sidesFacts(id: string, plan: Plan, set: ChoiceSet): MoveFacts {
  const { before, now } = beforeAndNow(id, plan, set);
  const { name, sideWord } = before.drill;
  return { kind: 'sides', drill: name, sideWord, before: before.slot.sides, now: now.slot.sides };
}

const doseFacts = (id: string, plan: Plan, set: ChoiceSet): MoveFacts => ({
  kind: 'dose',
  ...beforeAndNow(id, plan, set),
});
