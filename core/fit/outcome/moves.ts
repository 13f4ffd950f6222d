import type { Circuit, Slot } from '../../circuit/circuit.ts';
import { slotsOf } from '../../circuit/circuit.ts';
import type { MoveKey } from '../../circuit/shortVersion.ts';
import { timeCircuit } from '../../timeline/timeCircuit.ts';
import { countAt, type Seconds } from '../../units.ts';
import { builtCircuit } from '../plan/build.ts';
import type { ChoiceSet } from '../search/choice.ts';
import { isRuledByOne } from '../plan/alike.ts';
import { moveFacts, type MoveFacts } from './moveFacts.ts';
import { AS_PLANNED, type BlockPlan, type Plan, type SlotPlan } from '../plan/plan.ts';
import { planValue, shareOf } from '../search/value.ts';

/** One change of a plan, with what it does. */
export interface Move {
  readonly key: MoveKey;
  readonly facts: MoveFacts;
  /** Seconds saved; below 0 where it takes longer. */
  readonly seconds: Seconds;
  /** Share of the planned worth lost; below 0 where it adds. */
  readonly share: number;
}

/** A change by itself, and how to put it into a plan. */
export interface Change {
  readonly key: MoveKey;
  readonly into: (plan: Plan) => Plan;
}

/**
 * What a plan changes, move by move, the least harmful first. Each move's seconds and share are what it adds to those before
 * it, taken in the order of the harm each would do alone, so that all together make up the whole difference.
 */
export function movesOf(plan: Plan, set: ChoiceSet): readonly Move[] {
  const { circuit, occasion } = set;
  const whole = planValue(AS_PLANNED, set);
  const harm = (change: Change): number => whole - planValue(change.into(AS_PLANNED), set);
  const changes = changesOf(plan, circuit)
    .map((change) => ({ change, harm: harm(change) }))
    .toSorted((one, other) => one.harm - other.harm);
  const length = (of: Plan): Seconds => timeCircuit(builtCircuit(circuit, of, occasion), occasion).total.plan;
  let so = { plan: AS_PLANNED, seconds: length(AS_PLANNED), value: whole };
  const moves = changes.map(({ change }): Move => {
    const next = change.into(so.plan);
    const now = { plan: next, seconds: length(next), value: planValue(next, set) };
    const move: Move = {
      key: change.key,
      facts: moveFacts(change.key, plan, set),
      seconds: so.seconds - now.seconds,
      share: shareOf(so.value - now.value, whole),
    };
    so = now;
    return move;
  });
  return moves.toSorted((one, other) => one.share - other.share);
}

/** What is different in a plan, one change each. */
export function changesOf(plan: Plan, circuit: Circuit): readonly Change[] {
  const talk: readonly Change[] =
    plan.namesOnly && !circuit.namesOnly
      ? [{ key: { kind: 'talk', id: '' }, into: (so) => ({ ...so, namesOnly: true }) }]
      : [];
  const changes = circuit.blocks.flatMap((block): readonly Change[] => {
    const slots = slotsOf(block);
    const out = slots.filter(({ id }) => plan.slots[id]?.kind === 'out');
    if (block.stations && out.length > 0) return [outTogether(out)];
    const planned = countAt(block.rounds, 'plan');
    const each = slots.flatMap((slot, at) => slotChanges(slot, slots[at + 1], plan));
    const alike = !block.stations && isRuledByOne(slots);
    return [
      ...(alike ? dosesTogether(block.id, each) : each),
      ...blockChanges(block.id, planned, plan.blocks[block.id]),
    ];
  });
  return [...changes, ...talk];
}

/** The doses of a block that one interval rules, as the one change that a coach calls. */
function dosesTogether(blockId: string, changes: readonly Change[]): readonly Change[] {
  const doses = changes.filter(({ key }) => key.kind === 'dose');
  if (doses.length === 0) return changes;
  const together: Change = {
    key: { kind: 'dose', id: blockId },
    into: (plan) => doses.reduce((so, { into }) => into(so), plan),
  };
  return [...changes.filter(({ key }) => key.kind !== 'dose'), together];
}

function slotChanges(slot: Slot, next: Slot | undefined, plan: Plan): readonly Change[] {
  const change = plan.slots[slot.id];
  const { id } = slot;
  switch (change?.kind) {
    case undefined:
    case 'covered':
      return [];
    case 'out':
      return [{ key: { kind: 'out', id }, into: (so) => withSlots(so, { [id]: change }) }];
    case 'combined':
      return [
        {
          key: { kind: 'combine', id },
          into: (so) => withSlots(so, { [id]: change, ...(next ? { [next.id]: { kind: 'covered' } } : {}) }),
        },
      ];
    case 'kept': {
      const { amount, sides } = change;
      const kept = (so: Plan, part: Partial<typeof change>): Plan => {
        const before = so.slots[id];
        const from =
          before?.kind === 'kept' ? before : { kind: 'kept' as const, amount: 'full' as const, sides: slot.sides };
        return withSlots(so, { [id]: { ...from, ...part } });
      };
      return [
        ...(sides === slot.sides
          ? []
          : [{ key: { kind: 'sides' as const, id }, into: (so: Plan) => kept(so, { sides }) }]),
        ...(amount === 'full'
          ? []
          : [{ key: { kind: 'dose' as const, id }, into: (so: Plan) => kept(so, { amount }) }]),
      ];
    }
  }
}

function blockChanges(id: string, planned: number, block: BlockPlan | undefined): readonly Change[] {
  if (!block) return [];
  const { rounds, rest } = block;
  const changed = (so: Plan, part: Partial<BlockPlan>): Plan => ({
    ...so,
    blocks: { ...so.blocks, [id]: { ...(so.blocks[id] ?? { rounds: planned, rest: 'full' }), ...part } },
  });
  return [
    ...(rounds === planned
      ? []
      : [{ key: { kind: 'rounds' as const, id }, into: (so: Plan) => changed(so, { rounds }) }]),
    ...(rest === 'full' ? [] : [{ key: { kind: 'rest' as const, id }, into: (so: Plan) => changed(so, { rest }) }]),
  ];
}

function outTogether(slots: readonly Slot[]): Change {
  const all: Record<string, SlotPlan> = Object.fromEntries(slots.map(({ id }) => [id, { kind: 'out' }]));
  return { key: { kind: 'out', id: slots[0]?.id ?? '' }, into: (so) => withSlots(so, all) };
}

function withSlots(plan: Plan, slots: Plan['slots']): Plan {
  return { ...plan, slots: { ...plan.slots, ...slots } };
}
