import { slotsOf, type Block, type Circuit, type Slot } from '../circuit/circuit.ts';
import { changeBlock, changeSlot } from '../circuit/edit.ts';
import { withDose, withDrill } from '../circuit/slot.ts';
import { slotWork } from '../coverage/coverageOf.ts';
import type { Dose } from '../dose/dose.ts';
import { stepped } from '../dose/stepped.ts';
import type { Drill } from '../drills/drill.ts';
import { isRaising, isRolling, isStaticHold } from '../drills/kinds.ts';
import { drillIn } from '../drills/onRung.ts';
import type { Phase } from '../drills/phase.ts';
import { floorOf } from '../occasion/floor.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { reviewCircuit } from '../review/reviewCircuit.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';

/** One thing that a step changes: a slot before and after it, or a block with other rounds. */
export type SteppedChange = SteppedSlot | SteppedRounds;

export interface SteppedSlot {
  readonly kind: 'slot';
  readonly before: Slot;
  readonly after: Slot;
}

export interface SteppedRounds {
  readonly kind: 'rounds';
  readonly before: Block;
  readonly after: Block;
}

/** A circuit after one or two steps, and what they changed. */
export interface SteppedCircuit {
  readonly circuit: Circuit;
  readonly changes: readonly SteppedChange[];
}

/** Where a warm-up is progressed: the whole movement before its parts, never its raise or its jumps. Common practice, no source. */
const UP: readonly Phase[] = ['integrate', 'activate', 'mobilise'];
/** Of drills as hard as each other, where it is made easier first. Common practice, no source. */
const DOWN: readonly Phase[] = ['potentiate', 'integrate', 'activate', 'mobilise', 'raise', 'release'];
/** A dose grows to this much of the drill's usual one before a harder version takes its place. Common practice, no source. */
const MOST_OF_USUAL = 1.5;
/** A warm-up of more rounds than this is a workout. Common practice, no source. */
const MOST_ROUNDS = 4;
/** No count goes below this. */
const LEAST_COUNT = 3;

interface Placed {
  readonly slot: Slot;
  readonly drill: Drill;
  readonly phase: Phase;
  readonly work: number;
}

/**
 * A circuit one step harder, or one or two easier: one slot is changed a step, by its dose, or by the next version of its
 * drill where the dose is at its end; where no slot can be, a block that has rounds has one more or one fewer. Undefined
 * where nothing can be changed: what the coach keeps stays, and no step makes it longer than the time there is or raises
 * anything that the review warns of.
 *
 * @param first slots in which something was seen: a step down begins with them
 */
export function steppedCircuit(
  circuit: Circuit,
  occasion: Occasion,
  steps: 1 | -1 | -2,
  first: readonly string[] = [],
): SteppedCircuit | undefined {
  let so: SteppedCircuit = { circuit, changes: [] };
  for (let step = 0; step < Math.abs(steps); step += 1) {
    const gone = new Set(so.changes.map(({ before }) => before.id));
    const next = oneStep(so.circuit, occasion, steps > 0 ? 1 : -1, first, gone);
    if (!next) break;
    so = { circuit: next.circuit, changes: [...so.changes, ...next.changes] };
  }
  return so.changes.length > 0 ? so : undefined;
}

function oneStep(
  circuit: Circuit,
  occasion: Occasion,
  by: 1 | -1,
  first: readonly string[],
  gone: ReadonlySet<string>,
): SteppedCircuit | undefined {
  const before = graveIn(circuit, occasion);
  for (const { slot, drill, phase } of candidates(circuit, occasion, by, first)) {
    if (gone.has(slot.id)) continue;
    for (const after of changed(slot, drill, by, occasion)) {
      const next = changeSlot(circuit, slot.id, () => after);
      if (by > 0 && isOver(next, occasion)) continue;
      if (
        by > 0 &&
        phase !== 'potentiate' &&
        (drillIn(after, occasion.library)?.effort ?? 0) > occasion.approach.caps.effort
      )
        continue;
      if (graveIn(next, occasion) <= before) return { circuit: next, changes: [{ kind: 'slot', before: slot, after }] };
    }
  }
  return otherRounds(circuit, occasion, by, gone);
}

/** A block with a round more or fewer, the one that is stepped first; one that is gone through once is not done twice. */
function otherRounds(
  circuit: Circuit,
  occasion: Occasion,
  by: 1 | -1,
  gone: ReadonlySet<string>,
): SteppedCircuit | undefined {
  const before = graveIn(circuit, occasion);
  const order = by > 0 ? UP : DOWN;
  const blocks = circuit.blocks
    .filter(({ id, phase, rounds }) => order.includes(phase) && rounds.low > 1 && !gone.has(id))
    .filter((block) => mayTurn(block, by, occasion))
    .toSorted((one, other) => order.indexOf(one.phase) - order.indexOf(other.phase));
  for (const block of blocks) {
    const { low, high } = block.rounds;
    const after = { ...block, rounds: { low: low + by, high: high + by } };
    const next = changeBlock(circuit, block.id, () => after);
    if (by > 0 && isOver(next, occasion)) continue;
    if (graveIn(next, occasion) <= before)
      return { circuit: next, changes: [{ kind: 'rounds', before: block, after }] };
  }
  return undefined;
}

/** Whether a block may have another number of rounds: more only of what may be more by itself, fewer of all but lifts. */
function mayTurn(block: Block, by: 1 | -1, occasion: Occasion): boolean {
  if (by < 0) return slotsOf(block).every(({ dose }) => dose.kind !== 'lift');
  return (
    block.rounds.high < MOST_ROUNDS &&
    slotsOf(block).every((slot) => {
      const drill = drillIn(slot, occasion.library);
      return drill !== undefined && mayStep({ slot, drill }, by);
    })
  );
}

/** Slots that may be stepped, the one that a coach would take first. */
function candidates(circuit: Circuit, occasion: Occasion, by: 1 | -1, first: readonly string[]): readonly Placed[] {
  const order = by > 0 ? UP : DOWN;
  const floor = floorOf(circuit, occasion);
  const placed = circuit.blocks.flatMap((block) =>
    slotsOf(block).flatMap((slot): readonly Placed[] => {
      const drill = drillIn(slot, occasion.library);
      return drill ? [{ slot, drill, phase: block.phase, work: slotWork(slot, floor) }] : [];
    }),
  );
  const rank = (one: Placed): number => (by < 0 && first.includes(one.slot.id) ? -1 : order.indexOf(one.phase));
  return placed
    .filter((one) => order.includes(one.phase) && mayStep(one, by))
    .toSorted((one, other) => {
      const seen = Number(rank(other) < 0) - Number(rank(one) < 0);
      const raising = Number(isRaising(one.drill)) - Number(isRaising(other.drill));
      const harder = by < 0 ? other.drill.effort - one.drill.effort : 0;
      return seen || raising || harder || rank(one) - rank(other) || other.work - one.work;
    });
}

function mayStep({ slot, drill }: Pick<Placed, 'slot' | 'drill'>, by: 1 | -1): boolean {
  if (slot.doseKept || (slot.dose.kind !== 'reps' && slot.dose.kind !== 'time' && slot.dose.kind !== 'holds'))
    return false;
  return by < 0 ? !isRolling(drill) : !isRolling(drill) && !isStaticHold(drill) && !isRaising(drill);
}

/** A slot a step on: by its dose where that has room, else by the next version of its drill. */
function changed(slot: Slot, drill: Drill, by: 1 | -1, occasion: Occasion): readonly Slot[] {
  const dose = stepped(slot.dose, by);
  const rung = drill.ladder
    .filter(({ rung }) => (by > 0 ? rung > 0 : rung < 0))
    .toSorted((one, other) => Math.abs(one.rung) - Math.abs(other.rung))
    .find(({ kit }) => kit.every((item) => drill.kit.includes(item) || occasion.site.kit.has(item)));
  const whole = occasion.library.byId.get(slot.drillId);
  const onRung = rung && whole ? [{ ...withDrill(slot, whole, rung.id), dose: slot.dose }] : [];
  return hasRoom(slot.dose, dose, drill, by) ? [withDose(slot, dose), ...onRung] : onRung;
}

/** Whether a dose may still be stepped: not past what its drill is for, nor below what is of use. */
function hasRoom(dose: Dose, next: Dose, drill: Drill, by: 1 | -1): boolean {
  const usual = drill.usual.dose;
  if (next.kind === 'time') {
    if (by < 0) return next.seconds.low >= drill.shortestUseful && next.seconds.low < secondsOf(dose);
    return usual.kind === 'time' ? next.seconds.high <= usual.seconds.high * MOST_OF_USUAL : true;
  }
  if (next.kind !== 'reps' && next.kind !== 'holds') return false;
  if (by < 0) return next.count.low >= LEAST_COUNT;
  return usual.kind === next.kind ? next.count.high <= usual.count.high * MOST_OF_USUAL : true;
}

const secondsOf = (dose: Dose): number => (dose.kind === 'time' ? dose.seconds.low : Infinity);

/** How much is warned of or objected to. */
function graveIn(circuit: Circuit, occasion: Occasion): number {
  return reviewCircuit(circuit, occasion).filter(({ severity }) => severity !== 'note').length;
}

function isOver(circuit: Circuit, occasion: Occasion): boolean {
  return circuit.available > 0 && timeCircuit(circuit, occasion).total.plan > circuit.available;
}
