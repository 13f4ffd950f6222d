import type { Block, Circuit, Slot } from '../../circuit/circuit.ts';
import type { FitRecipe, MoveKind } from '../../circuit/shortVersion.ts';
import type { Floor } from '../../dose/distance.ts';
import type { Drill } from '../../drills/drill.ts';
import { isRaising } from '../../drills/kinds.ts';
import type { Target } from '../../drills/target.ts';
import { floorOf } from '../../occasion/floor.ts';
import { withItsPeople } from '../../occasion/occasion.ts';
import { countAt, type Seconds } from '../../units.ts';
import type { Choice, ChoiceBlock, ChoicePlace, ChoiceSet } from './choice.ts';
import { combinedFraction, combinedQuality, combiningDosages, combiningDrill } from './combine.ts';
import { isRuledByOne } from '../plan/alike.ts';
import { longerDosages, shorterDosages, type Amount } from '../plan/dosage.ts';
import type { Occasion } from '../../occasion/occasion.ts';
import type { RestLevel, SlotPlan } from '../plan/plan.ts';
import { hasRest } from '../plan/rests.ts';
import { slotSeconds } from './slotSeconds.ts';
import { knownSlots, rangeQuality, serves, sidesQuality, unchangedWorth, weightsOf, type Weights } from './worth.ts';

/** Whether to make less of a circuit, or more. */
export type Direction = 'shorter' | 'longer';

/**
 * What may be done to a circuit by a recipe, in up to four sets of choices. What is optional goes first, so that either all
 * of it goes, or nothing else is left out or cut by more than a third; each with a word to every drill, or names only.
 */
export function choiceSetsOf(
  circuit: Circuit,
  occasion: Occasion,
  recipe: FitRecipe,
  direction: Direction,
): readonly ChoiceSet[] {
  const all = choicesOf(circuit, occasion, recipe, direction);
  const optional = direction === 'shorter' ? optionalIn(all) : new Set<string>();
  if (optional.size === 0) return talkSetsOf(all, recipe, direction);
  const eachPlace = (change: (place: ChoicePlace) => ChoicePlace): ChoiceSet => ({
    ...all,
    blocks: all.blocks.map((block) => ({ ...block, places: block.places.map(change) })),
  });
  const stays = eachPlace((place) => (optional.has(place.slot.id) ? byItself(place) : hardlyLess(place)));
  const goes = eachPlace((place) => (optional.has(place.slot.id) ? { ...place, choices: [] } : place));
  return [stays, goes].flatMap((set) => talkSetsOf(set, recipe, direction));
}

/** A set of choices, and beside it the same with names only, where everybody knows the drills: none is put in then. */
export function talkSetsOf(set: ChoiceSet, recipe: FitRecipe, direction: Direction): readonly ChoiceSet[] {
  const { circuit, occasion } = set;
  const { newDrills } = withItsPeople(circuit, occasion);
  const known = !circuit.namesOnly && !circuit.somebodyNew && newDrills.size === 0;
  if (direction === 'longer' || !known || !permitted(recipe, direction)('talk', '')) return [set];
  const blocks = set.blocks.map((block) => ({ ...block, places: block.places.map(byItself) }));
  return [set, { ...set, blocks, namesOnly: true }];
}

/** What may go before all else: optional slots that no part of the approach would be without. */
function optionalIn({ blocks, occasion }: ChoiceSet): ReadonlySet<string> {
  const places = blocks.flatMap(({ block, places: own, stations }) => own.map((place) => ({ place, block, stations })));
  const marked = places.filter(({ place, stations }) => place.slot.optional && place.mayGo && !stations);
  const unmarked = new Set(places.filter((one) => !marked.includes(one)).map(({ block }) => block.phase));
  const needed = ({ block }: (typeof places)[number]): boolean =>
    occasion.approach.essential.includes(block.phase) && !unmarked.has(block.phase);
  return new Set(marked.filter((one) => !needed(one)).map(({ place }) => place.slot.id));
}

/** A place whose drill stands for no other. */
const byItself = (place: ChoicePlace): ChoicePlace => ({
  ...place,
  choices: place.choices.filter(({ spans }) => spans === 1),
});

/** A place whose drill stays, with most of its dose. */
function hardlyLess(place: ChoicePlace): ChoicePlace {
  const alone = byItself(place);
  const choices = alone.choices.filter(({ standsFor }) => standsFor.every(({ fraction }) => fraction >= HARDLY_LESS));
  return { ...alone, choices, mayGo: false };
}

/** The least of its dose that a slot is given while something optional stays. Common practice, no source. */
const HARDLY_LESS = 0.65;

/** What may be done to a circuit to make it shorter, or longer, by a recipe, whatever goes first. */
export function choicesOf(circuit: Circuit, occasion: Occasion, recipe: FitRecipe, direction: Direction): ChoiceSet {
  const may = permitted(recipe, direction);
  const floor = floorOf(circuit, occasion);
  const weights = weightsOf(circuit, occasion, recipe.emphasis);
  let raised = occasion.done?.raise ?? 0;
  const blocks = circuit.blocks.map((block) => {
    const raiseBefore = block.phase === 'potentiate' ? Math.min(occasion.approach.caps.raiseBeforeFast, raised) : 0;
    const choiceBlock = blockChoices(block, { circuit, occasion, weights, floor, may, direction, raiseBefore });
    if (block.phase !== 'potentiate') raised += plannedRaising(choiceBlock, circuit, occasion, floor);
    return choiceBlock;
  });
  return { circuit, occasion, floor, weights, blocks, namesOnly: false };
}

type May = (kind: MoveKind, id: string) => boolean;

/** Whether a kind of change may be made at all, and has not been refused for a slot or block. */
function permitted({ reading, refused }: FitRecipe, direction: Direction): May {
  const kinds: Readonly<Record<FitRecipe['reading'], readonly MoveKind[]>> = {
    best: ['dose', 'sides', 'out', 'combine', 'rounds', 'rest', 'talk'],
    shorten: ['dose', 'sides', 'rounds', 'rest', 'talk'],
    drop: ['out'],
  };
  const all: readonly MoveKind[] = direction === 'longer' ? ['dose', 'rounds'] : kinds[reading];
  return (kind, id) => all.includes(kind) && !refused.some((one) => one.kind === kind && one.id === id);
}

interface BlockAsk {
  readonly circuit: Circuit;
  readonly occasion: Occasion;
  readonly weights: Weights;
  readonly floor: Floor;
  readonly may: May;
  readonly direction: Direction;
  readonly raiseBefore: Seconds;
}

function blockChoices(block: Block, ask: BlockAsk): ChoiceBlock {
  const known = knownSlots(block, ask.occasion);
  const planned = countAt(block.rounds, 'plan');
  const combining = new Set<string>();
  const places = known.map((_, index) => placeChoices(block, known, index, ask, combining));
  const rounds = ask.may('rounds', block.id)
    ? ask.direction === 'shorter'
      ? Array.from({ length: planned }, (_, index) => planned - index)
      : Array.from({ length: Math.max(planned + 1, block.rounds.high) - planned + 1 }, (_, index) => planned + index)
    : [planned];
  const rests: readonly RestLevel[] =
    ask.direction === 'shorter' && !block.stations && hasRest(block, planned) && ask.may('rest', block.id)
      ? ['full', 'half', 'none']
      : ['full'];
  const ruled = ask.direction === 'shorter' && !block.stations && isRuledByOne(known.map(({ slot }) => slot));
  const alike = ruled ? ALIKE : null;
  return {
    block,
    places: ruled ? places.map(alikeOnly) : places,
    planned,
    rounds,
    rests,
    stations: block.stations,
    alike,
  };
}

/** What every slot of a block may be given alike: the shortest that is useful differs from drill to drill. */
const ALIKE: readonly Amount[] = ['full', 'three quarters', 'half'];
/** A place in a block that is ruled by one interval: none of its drills stands for two, or for less than the others. */
function alikeOnly(place: ChoicePlace): ChoicePlace {
  const choices = place.choices.filter(({ plan }) => plan.kind === 'kept' && ALIKE.includes(plan.amount));
  return { ...place, choices };
}

/** @param combining ids of the drills that combine neighbours before this place: none of them does so twice */
function placeChoices(
  block: Block,
  known: ReturnType<typeof knownSlots>,
  index: number,
  ask: BlockAsk,
  combining: Set<string>,
): ChoicePlace {
  const here = known[index];
  if (!here) throw new RangeError('There is no such slot.');
  const { slot, drill } = here;
  const { weights, floor, may, direction } = ask;
  const weight = weights.slots.get(slot.id) ?? 0;
  const targets = targetsOf(drill, weights);
  const dosages = direction === 'longer' ? longerDosages(slot, floor) : shorterDosages(slot, drill, floor);
  const own = dosages
    .filter(({ amount, sides }) => {
      const asPlanned = amount === 'full' && sides === slot.sides;
      if (asPlanned) return true;
      if (block.stations || slot.doseKept) return false;
      return (
        (amount === 'full' || (may('dose', slot.id) && may('dose', block.id))) &&
        (sides === slot.sides || may('sides', slot.id))
      );
    })
    .map(({ amount, sides, slot: changed, fraction }): Choice => {
      const quality = sidesQuality(slot.sides, sides) * rangeQuality(slot, changed);
      const plan: SlotPlan = { kind: 'kept', amount, sides };
      const unchanged = unchangedWorth(slot, { fraction, quality });
      return { plan, spans: 1, slot: changed, drill, standsFor: [{ weight, fraction, quality, unchanged }], targets };
    });
  const next = known[index + 1];
  const combined = next && !block.stations ? combinedChoices(block, here, next, ask, combining) : [];
  const mayGo =
    !slot.pinned &&
    (block.stations ? known.every((one) => !one.slot.pinned && may('out', one.slot.id)) : may('out', slot.id));
  return { slot, drill, choices: [...own, ...combined], mayGo, raiseBefore: ask.raiseBefore };
}

/** One drill in place of two neighbours that both may go. */
function combinedChoices(
  block: Block,
  here: { readonly slot: Slot; readonly drill: Drill },
  next: { readonly slot: Slot; readonly drill: Drill },
  { circuit, occasion, weights, floor, may }: BlockAsk,
  combining: Set<string>,
): readonly Choice[] {
  const pinned = here.slot.pinned || next.slot.pinned;
  const drill = pinned ? undefined : combiningDrill(circuit, block.phase, here, next, occasion, combining);
  if (!drill) return [];
  // Taken whether it is refused here or not: a refusal opens nothing elsewhere.
  combining.add(drill.id);
  if (!may('combine', here.slot.id) || [here, next].some(({ slot }) => !may('out', slot.id))) return [];
  return combiningDosages(drill, here.slot.id, floor, occasion).map(({ amount, slot }) => ({
    plan: { kind: 'combined', drillId: drill.id, amount },
    spans: 2,
    slot,
    drill,
    standsFor: [here, next].map((part) => ({
      weight: weights.slots.get(part.slot.id) ?? 0,
      fraction: combinedFraction(slot, part.slot, floor),
      quality: combinedQuality(drill, part.drill, occasion),
      unchanged: 0,
    })),
    targets: targetsOf(drill, weights),
  }));
}

const targetsOf = (drill: Drill, { targets }: Weights): readonly Target[] =>
  [...targets.keys()].filter((target) => serves(drill, target));

/** Seconds of what raises in a block, over its rounds. */
function plannedRaising({ block, places, planned }: ChoiceBlock, circuit: Circuit, occasion: Occasion, floor: Floor) {
  return places
    .filter(({ drill }) => isRaising(drill))
    .reduce(
      (sum, { slot, drill }) => sum + planned * slotSeconds(slot, drill, { circuit, occasion, floor }, block).work,
      0,
    );
}
