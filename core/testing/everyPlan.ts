import type { Circuit } from '../circuit/circuit.ts';
import type { FitRecipe } from '../circuit/shortVersion.ts';
import { builtCircuit } from '../fit/plan/build.ts';
import type { ChoiceBlock, ChoicePlace, ChoiceSet } from '../fit/search/choice.ts';
import { choiceSetsOf } from '../fit/search/choices.ts';
import type { Occasion } from '../occasion/occasion.ts';
import type { BlockPlan, Plan, SlotPlan } from '../fit/plan/plan.ts';
import { planValue } from '../fit/search/value.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Seconds } from '../units.ts';

type BlockChoice = Pick<Plan, 'slots' | 'blocks'>;

/**
 * Every plan of a choice set that keeps to what must hold, each built, laid out in time and weighed by itself. Undefined
 * where there are more than `most`.
 */
export function everyPlan(
  circuit: Circuit,
  occasion: Occasion,
  recipe: FitRecipe,
  most: number,
): readonly { readonly plan: Plan; readonly seconds: Seconds; readonly value: number }[] | undefined {
  const sets = choiceSetsOf(circuit, occasion, recipe, 'shorter');
  const all = sets.map((set) => plansOf(set, most));
  return all.every((plans) => plans !== undefined) ? all.flat() : undefined;
}

/** The plans of one set of choices. */
function plansOf(
  set: ChoiceSet,
  most: number,
): readonly { readonly plan: Plan; readonly seconds: Seconds; readonly value: number }[] | undefined {
  const { circuit, occasion } = set;
  const blocks = set.blocks.map(blockChoices);
  if (blocks.reduce((count, choices) => count * choices.length, 1) > most) return undefined;
  let plans: readonly BlockChoice[] = [{ slots: {}, blocks: {} }];
  for (const choices of blocks) {
    plans = plans.flatMap((so) =>
      choices.map((choice) => ({
        slots: { ...so.slots, ...choice.slots },
        blocks: { ...so.blocks, ...choice.blocks },
      })),
    );
  }
  return plans
    .map((plan): Plan => ({ ...plan, namesOnly: set.namesOnly }))
    .flatMap((plan) => {
      const built = builtCircuit(circuit, plan, occasion);
      if (!holds(circuit, built, occasion)) return [];
      return [{ plan, seconds: timeCircuit(built, occasion).total.plan, value: planValue(plan, set) }];
    });
}

function blockChoices({ block, places, rounds, rests, stations, alike }: ChoiceBlock): readonly BlockChoice[] {
  const gone: BlockChoice = {
    slots: Object.fromEntries(places.map(({ slot }) => [slot.id, { kind: 'out' as const }])),
    blocks: {},
  };
  const ways = rounds.flatMap((times) => rests.map((rest): BlockPlan => ({ rounds: times, rest })));
  const filled = fillings(places, stations).map((slots) => ({ slots }));
  const amounts = (slots: Readonly<Record<string, SlotPlan>>) =>
    new Set(Object.values(slots).flatMap((plan) => (plan.kind === 'kept' ? [plan.amount] : [])));
  const kept = filled.filter(
    ({ slots }) =>
      Object.values(slots).some(({ kind }) => kind === 'kept' || kind === 'combined') &&
      (alike === null || amounts(slots).size === 1),
  );
  return [
    ...(places.every(({ mayGo }) => mayGo) ? [gone] : []),
    ...kept.flatMap(({ slots }) => ways.map((way) => ({ slots, blocks: { [block.id]: way } }))),
  ];
}

function fillings(places: readonly ChoicePlace[], together: boolean): readonly Record<string, SlotPlan>[] {
  const [place, ...rest] = places;
  if (!place) return [{}];
  const after = fillings(rest, together);
  const { id } = place.slot;
  const taken = place.choices.flatMap((choice) => {
    if (choice.spans === 1) return after.map((others) => ({ [id]: choice.plan, ...others }));
    const [covered, ...beyond] = rest;
    if (!covered) return [];
    return fillings(beyond, together).map((others) => ({
      [id]: choice.plan,
      [covered.slot.id]: { kind: 'covered' as const },
      ...others,
    }));
  });
  const left = place.mayGo && !together ? after.map((others) => ({ [id]: { kind: 'out' as const }, ...others })) : [];
  return [...taken, ...left];
}

/** Essential parts that were there are still there; fast work has as much raising before it as it had, or enough; something is left. */
function holds(circuit: Circuit, built: Circuit, occasion: Occasion): boolean {
  const { approach } = occasion;
  const phases = (of: Circuit) => new Set(timeCircuit(of, occasion).segments.map(({ phase }) => phase));
  const [before, after] = [phases(circuit), phases(built)];
  if (after.size === 0) return false;
  if (approach.essential.some((phase) => before.has(phase) && !after.has(phase))) return false;
  return built.blocks
    .filter(({ phase, lines }) => phase === 'potentiate' && lines.length > 0)
    .every(
      ({ id }) =>
        raisedBefore(built, id, occasion) >=
        Math.min(approach.caps.raiseBeforeFast, raisedBefore(circuit, id, occasion)),
    );
}

function raisedBefore(circuit: Circuit, blockId: string, occasion: Occasion): Seconds {
  const { segments } = timeCircuit(circuit, occasion);
  const at = segments.findIndex((segment) => segment.blockId === blockId);
  return segments
    .slice(0, at)
    .filter(({ phase, kind }) => phase !== 'potentiate' && kind === 'work')
    .filter(({ drillId }) => (occasion.library.byId.get(drillId)?.targets['system · pulse'] ?? 0) >= 0.3)
    .reduce((sum, { length }) => sum + length, 0);
}
