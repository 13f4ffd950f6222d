import type { Circuit } from '../../circuit/circuit.ts';
import { PLAIN_RECIPE, type FitRecipe } from '../../circuit/shortVersion.ts';
import { timeCircuit } from '../../timeline/timeCircuit.ts';
import type { Seconds } from '../../units.ts';
import type { ChoiceSet } from './choice.ts';
import { choiceSetsOf, choicesOf } from './choices.ts';
import type { Occasion } from '../../occasion/occasion.ts';
import { frontierOf, type Frontier } from './frontier.ts';
import { AS_PLANNED, type BlockPlan, type Plan, type SlotPlan } from '../plan/plan.ts';
import type { Decision, Task } from './task.ts';
import { taskOf } from './taskOf.ts';
import { planValue, shareOf } from './value.ts';

/** A plan on the curve: nothing as short keeps as much. */
export interface CurveStep {
  readonly seconds: Seconds;
  /** Of the planned circuit's worth; above 1 where there is more than planned. */
  readonly share: number;
  /** How far the share may be below the best there is; 0 where it is the best. */
  readonly within: number;
  readonly plan: Plan;
}

/** What a circuit is worth at every length, from the shortest plan to all that may be added. */
export interface FitCurve {
  readonly steps: readonly CurveStep[];
  /** The length of the circuit as planned. */
  readonly planned: Seconds;
  /** Partial plans looked at, and kept. */
  readonly expanded: number;
  readonly kept: number;
}

/** Circuits up to this many slots are fitted exactly. */
export const EXACT_UP_TO_SLOTS = 30;

/** Told how far the search has come, 0–1. */
export type OnProgress = (share: number) => void;

/**
 * The whole frontier of a circuit: for every number of seconds the best plan, exact for circuits up to 30 slots. Longer
 * circuits are searched as if all targets stayed served, which cannot be worth less than the best; how much less a plan
 * found so is really worth is said with it. Up to the planned length a plan only cuts; from there on it only adds.
 *
 * @param recipe what comes first, for whom, and which changes are refused
 */
export function fitCurve(
  circuit: Circuit,
  occasion: Occasion,
  recipe: FitRecipe = PLAIN_RECIPE,
  onProgress?: OnProgress,
): FitCurve {
  const planned = timeCircuit(circuit, occasion).total.plan;
  const shorter = choicesOf(circuit, occasion, recipe, 'shorter');
  const sets = choiceSetsOf(circuit, occasion, recipe, 'shorter');
  const longer = choicesOf(circuit, occasion, recipe, 'longer');
  const whole = planValue(AS_PLANNED, shorter);
  const parts = sets.length + 1;
  const progress = (at: number) => (share: number) => onProgress?.((at + share) / parts);
  const searches = sets.map((set, part) => search(set, planned, progress(part)));
  const added = search(longer, longestOf(longer, planned), progress(parts - 1));
  const cut = merged(searches).filter(({ seconds }) => seconds <= planned);
  const more = merged([added]).filter(({ seconds, value }) => seconds > planned && value > whole);
  const all = [added, ...searches];
  return {
    steps: [...cut, ...more].map(({ seconds, value, most, plan }) => ({
      seconds,
      share: shareOf(value, whole),
      within: shareOf(most - value, whole),
      plan,
    })),
    planned,
    expanded: all.reduce((sum, { frontier }) => sum + frontier.expanded, 0),
    kept: all.reduce((sum, { frontier }) => sum + frontier.kept, 0),
  };
}

interface Searched {
  readonly task: Task;
  readonly frontier: Frontier;
  readonly set: ChoiceSet;
  readonly exact: boolean;
}

function search(set: ChoiceSet, longest: Seconds, onProgress: OnProgress): Searched {
  const exact = set.blocks.reduce((sum, { places }) => sum + places.length, 0) <= EXACT_UP_TO_SLOTS;
  const task = taskOf(set, exact ? 'exact' : 'generous');
  return { task, frontier: frontierOf(task, { longest: Math.ceil(2 * longest), onProgress }), set, exact };
}

interface Found {
  readonly seconds: Seconds;
  /** What it is worth, and what nothing as short can be worth more than. */
  readonly value: number;
  readonly most: number;
  readonly plan: Plan;
}

/** The steps of several searches as one frontier. */
function merged(searches: readonly Searched[]): readonly Found[] {
  const all = searches
    .flatMap((searched) => searched.frontier.steps.map((step) => ({ searched, step })))
    .toSorted((one, other) => one.step.time - other.step.time || other.step.value - one.step.value);
  const best: Found[] = [];
  let most = 0;
  for (const { searched, step } of all) {
    most = Math.max(most, step.value);
    if (step.value <= (best.at(-1)?.value ?? -1)) continue;
    const plan = planOf(searched, step.label);
    const value = searched.exact ? step.value : planValue(plan, searched.set);
    if (value > (best.at(-1)?.value ?? -1)) best.push({ seconds: step.time / 2, value, most, plan });
  }
  return best;
}

/** The plan that a label's decisions make. What was not decided is left out. */
export function planOf({ task, frontier, set }: Searched, label: number): Plan {
  const slots: Record<string, SlotPlan> = {};
  const blocks: Record<string, BlockPlan> = {};
  for (const { places } of set.blocks) for (const { slot } of places) slots[slot.id] = { kind: 'out' };
  for (const at of frontier.store.decisionsOf(label)) {
    const decision: Decision | undefined = task.decisions[at];
    if (decision?.kind === 'block') blocks[decision.blockId] = { rounds: decision.rounds, rest: decision.rest };
    if (decision?.kind !== 'slot') continue;
    slots[decision.slotId] = decision.plan;
    if (decision.covers !== null) slots[decision.covers] = { kind: 'covered' };
  }
  return { slots, blocks, namesOnly: set.namesOnly };
}

/** No plan that only adds is longer than this. */
function longestOf(set: ChoiceSet, planned: Seconds): Seconds {
  const rounds = set.blocks.reduce((most, block) => Math.max(most, Math.max(...block.rounds) / block.planned), 1);
  const doses = set.blocks
    .flatMap(({ places }) => places.flatMap(({ choices }) => choices.flatMap(({ standsFor }) => standsFor)))
    .reduce((most, { fraction }) => Math.max(most, fraction), 1);
  return planned * rounds * doses + 60;
}

/** The best plan on a curve for a number of seconds; undefined where none is as short. */
export function stepAt({ steps }: FitCurve, seconds: Seconds): CurveStep | undefined {
  return steps.findLast((step) => step.seconds <= seconds);
}
