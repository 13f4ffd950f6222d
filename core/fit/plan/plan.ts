import { slotsOf, type Circuit, type Slot } from '../../circuit/circuit.ts';
import type { Sides } from '../../dose/dose.ts';
import { countAt, type Seconds } from '../../units.ts';
import type { Amount } from './dosage.ts';

/** What becomes of a slot. `covered`: the drill that combines it with the slot before stands there. */
export type SlotPlan =
  | { readonly kind: 'kept'; readonly amount: Amount; readonly sides: Sides }
  | { readonly kind: 'out' }
  | { readonly kind: 'combined'; readonly drillId: string; readonly amount: Amount }
  | { readonly kind: 'covered' };

/** How much of a block's rest is kept. */
export const REST_LEVELS = ['full', 'half', 'none'] as const;
export type RestLevel = (typeof REST_LEVELS)[number];

export interface BlockPlan {
  readonly rounds: number;
  readonly rest: RestLevel;
}

/** A way to fit a circuit: what becomes of every slot and block. What it does not name stays as planned. */
export interface Plan {
  readonly slots: Readonly<Record<string, SlotPlan>>;
  readonly blocks: Readonly<Record<string, BlockPlan>>;
  readonly namesOnly: boolean;
}

/** The plan that leaves everything as it is. */
export const AS_PLANNED: Plan = { slots: {}, blocks: {}, namesOnly: false };

/** A plan that a coach accepted for one run, and the seconds it was made for. */
export interface AgreedFit {
  readonly seconds: Seconds;
  readonly plan: Plan;
}

/** Whether a plan leaves a slot as it is. */
export function staysAsPlanned({ id, sides }: Slot, plan: Plan): boolean {
  const change = plan.slots[id];
  return !change || (change.kind === 'kept' && change.amount === 'full' && change.sides === sides);
}

/** A plan with only what differs from the circuit as planned. */
export function slimPlan(plan: Plan, circuit: Circuit): Plan {
  const slots = circuit.blocks.flatMap(slotsOf).flatMap((slot) => {
    const change = plan.slots[slot.id];
    return change && !staysAsPlanned(slot, plan) ? [[slot.id, change] as const] : [];
  });
  const blocks = circuit.blocks.flatMap(({ id, rounds }) => {
    const change = plan.blocks[id];
    const same = change?.rest === 'full' && change.rounds === countAt(rounds, 'plan');
    return change && !same ? [[id, change] as const] : [];
  });
  return { slots: Object.fromEntries(slots), blocks: Object.fromEntries(blocks), namesOnly: plan.namesOnly };
}
