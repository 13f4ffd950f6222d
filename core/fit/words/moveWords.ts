import { allSlots, slotsOf, type Block, type Slot } from '../../circuit/circuit.ts';
import type { MoveKey } from '../../circuit/shortVersion.ts';
import { amountWords, rangeWords } from '../../circuit/slotWords.ts';
import type { Drill } from '../../drills/drill.ts';
import { targetWords } from '../../drills/targetWords.ts';
import { mainTarget } from '../../drills/kinds.ts';
import { countAt } from '../../units.ts';
import { builtCircuit } from '../plan/build.ts';
import type { ChoiceSet } from '../search/choice.ts';
import { serves } from '../search/worth.ts';
import type { Plan } from '../plan/plan.ts';
import { drillIn } from '../../drills/onRung.ts';

/** A change as a coach would say it: "Step jack left out; the skipping rope still covers the pulse". */
export function moveWords(key: MoveKey, plan: Plan, set: ChoiceSet): string {
  if (key.kind === 'talk') return 'Names only: everybody knows the drills';
  const block = set.circuit.blocks.find(({ id, lines }) => id === key.id || lines.some((line) => line.id === key.id));
  if (!block) return '';
  switch (key.kind) {
    case 'rounds':
      return `${nameOf(block)} ${timesWords(plan.blocks[key.id]?.rounds ?? 1)} instead of ${timesWords(countAt(block.rounds, 'plan'))}`;
    case 'rest':
      return `${nameOf(block)} with ${plan.blocks[key.id]?.rest === 'none' ? 'no rest' : 'half the rest'}`;
    case 'out':
      return outWords(key.id, block, plan, set);
    case 'combine':
      return combineWords(key.id, block, plan, set);
    case 'sides':
      return doseMoveWords(key, plan, set);
    case 'dose':
      return key.id === block.id ? intervalWords(block, plan, set) : doseMoveWords(key, plan, set);
  }
}

const nameOf = ({ phase }: Block): string => phase.charAt(0).toUpperCase() + phase.slice(1);

function timesWords(times: number): string {
  return ['not at all', 'once through', 'twice', 'three times'][times] ?? `${times} times`;
}

function drillAt(slot: Slot | undefined, { occasion }: ChoiceSet): Drill | undefined {
  return slot && drillIn(slot, occasion.library);
}

/** What is lost with a slot beside its drill: more for the weaker side. */
const extraWords = ({ extra }: Slot): string =>
  extra ? `, and the ${String(extra.more)} more on the ${extra.side} with it` : '';

function outWords(id: string, block: Block, plan: Plan, set: ChoiceSet): string {
  if (block.stations) return `The stations of ${block.phase} left out`;
  const gone = slotsOf(block).find((slot) => slot.id === id);
  const drill = drillAt(gone, set);
  const target = drill && mainTarget(drill);
  if (!gone || !drill || !target) return `${drill?.name ?? 'A drill'} left out`;
  const still = allSlots(builtCircuit(set.circuit, plan, set.occasion))
    .map((slot) => drillAt(slot, set))
    .find((other) => other && serves(other, target));
  const server = still ? lower(still.name) : 'nothing else';
  return `${drill.name} left out${extraWords(gone)}; ${server}${still ? ' still' : ''} covers the ${targetWords(target)}`;
}

function combineWords(id: string, block: Block, plan: Plan, set: ChoiceSet): string {
  const slots = slotsOf(block);
  const at = slots.findIndex((slot) => slot.id === id);
  const names = slots.slice(at, at + 2).map((slot) => lower(drillAt(slot, set)?.name ?? ''));
  const change = plan.slots[id];
  const drill = change?.kind === 'combined' ? set.occasion.library.byId.get(change.drillId) : undefined;
  const built = allSlots(builtCircuit(set.circuit, plan, set.occasion)).find((slot) => slot.id === id);
  const dose = built && drill ? `, ${amountWords(built, drill, set.floor)}` : '';
  const shown = built?.shownFirst ? '; new to them, so show it first' : '';
  return `${drill?.name ?? 'One drill'}${dose}, in place of ${names.join(' and ')}${shown}`;
}

/** One interval, or one count, for a whole block: "Raise: 20 s each instead of 30 s". */
function intervalWords(block: Block, plan: Plan, set: ChoiceSet): string {
  const built = new Map(allSlots(builtCircuit(set.circuit, plan, set.occasion)).map((slot) => [slot.id, slot]));
  const changed = slotsOf(block).filter(({ id }) => {
    const change = plan.slots[id];
    return change?.kind === 'kept' && change.amount !== 'full';
  });
  const slot = changed.find(({ sides }) => sides !== 'each') ?? changed[0];
  const now = slot && built.get(slot.id);
  return slot && now ? `${nameOf(block)}: ${bareAmount(now)} each instead of ${bareAmount(slot)}` : '';
}

function bareAmount({ dose }: Slot): string {
  if (dose.kind === 'time') return `${rangeWords(dose.seconds)} s`;
  return dose.kind === 'reps' ? rangeWords(dose.count) : '';
}

function doseMoveWords({ kind, id }: MoveKey, plan: Plan, set: ChoiceSet): string {
  const planned = allSlots(set.circuit).find((slot) => slot.id === id);
  const built = allSlots(builtCircuit(set.circuit, plan, set.occasion)).find((slot) => slot.id === id);
  const drill = drillAt(planned, set);
  if (!planned || !built || !drill) return '';
  if (kind === 'sides') {
    const way = drill.sideWord === 'way' ? 'ways' : 'sides';
    const before = planned.sides === 'each' ? 'one after the other' : 'in turn';
    return built.sides === 'both'
      ? `${drill.name}: both ${way} at once instead of ${before}`
      : `${drill.name}: ${way} alternating instead of one after the other`;
  }
  const { floor } = set;
  return `${drill.name}: ${lessWords(amountWords(built, drill, floor), amountWords(planned, drill, floor))}`;
}

/** How sides are taken, as it ends an amount. What stays is not said twice: "3 a side instead of 5". */
const HOW_SIDES = [', alternating', ' a side', ' each way'] as const;

function lessWords(now: string, before: string): string {
  const [less, planned] = HOW_SIDES.reduce(
    ([one, other], end) => {
      if (!one.endsWith(end) || !other.endsWith(end)) return [one, other];
      return [end === HOW_SIDES[0] ? one.slice(0, -end.length) : one, other.slice(0, -end.length)];
    },
    [now, before],
  );
  return `${less} instead of ${planned}`;
}

function lower(name: string): string {
  return /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}
