import { withDose } from '../circuit/slot.ts';
import { allSlots, slotsOf, type Circuit, type Slot } from '../circuit/circuit.ts';
import { changeBlock, changeSlot } from '../circuit/edit.ts';
import { isRolling, isStaticHold } from '../drills/kinds.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { countAt, just, secondsAt, type Seconds } from '../units.ts';
import { drillIn } from '../drills/onRung.ts';

/** Something that was cut and can be given back, a step at a time. */
interface Cut {
  /** How much of it is left, 0–1. */
  readonly left: number;
  /** How many steps it can be given back. */
  readonly room: number;
  readonly given: (circuit: Circuit, steps: number) => Circuit;
}

/** Rests and times are given back by the half second. */
const STEP: Seconds = 0.5;

/** How much longer than planned a drill may go on to fill the time, as a share of its dose. Common practice, no source. */
const LONGER = 1.5;

/**
 * Gives the seconds that a plan leaves over back to what it cut, so that a run ends when it was asked to and not
 * before: to doses first, the one that was cut most before the others, then to rests. What is over then lets drills
 * that are being done anyway go on a little: none that is held or rolled on, nor anything fast. The whole is never
 * longer than the seconds, and where nothing was cut nothing is added.
 *
 * @param fitted the circuit as the plan has it
 * @param planned the circuit before; slots and blocks are known by their ids
 */
export function withLeftoverGiven(fitted: Circuit, planned: Circuit, seconds: Seconds, occasion: Occasion): Circuit {
  const length = (circuit: Circuit): Seconds => timeCircuit(circuit, occasion).total.plan;
  if (length(planned) <= seconds) return fitted;
  const give = (circuit: Circuit, { room, given }: Cut): Circuit => {
    const spare = seconds - length(circuit);
    const cost = length(given(circuit, 1)) - length(circuit);
    // Where a step costs nothing, as at a station shorter than the longest, there is nothing to be gained either.
    if (cost <= 0 || cost > spare) return circuit;
    let steps = Math.min(room, Math.floor(spare / cost));
    while (steps > 0 && length(given(circuit, steps)) > seconds) steps -= 1;
    return given(circuit, steps);
  };
  const restored = dosesCut(fitted, planned)
    .toSorted((one, other) => one.left - other.left)
    .reduce(give, fitted);
  const rested = restsCut(restored, planned).reduce(give, restored);
  return dosesCut(rested, tolerated(planned, occasion.library), LONGER).reduce(give, rested);
}

/** The part of a circuit that may well go on longer than planned. */
function tolerated(planned: Circuit, library: DrillLibrary): Circuit {
  const may = (slot: Slot): boolean => {
    const drill = drillIn(slot, library);
    return drill !== undefined && !isStaticHold(drill) && !isRolling(drill);
  };
  return {
    ...planned,
    blocks: planned.blocks
      .filter(({ phase }) => phase !== 'potentiate')
      .map((block) => ({ ...block, lines: slotsOf(block).filter(may) })),
  };
}

/** What of each dose is short of a share of what was planned. */
function dosesCut(fitted: Circuit, planned: Circuit, share = 1): readonly Cut[] {
  const before = slotsById(planned);
  return allSlots(fitted).flatMap((slot): readonly Cut[] => {
    const whole = before.get(slot.id);
    return whole && whole.drillId === slot.drillId ? doseCut(slot, whole, share) : [];
  });
}

const slotsById = (circuit: Circuit): ReadonlyMap<string, Slot> =>
  new Map(allSlots(circuit).map((slot) => [slot.id, slot]));

function doseCut({ id, dose }: Slot, { dose: whole }: Slot, share: number): readonly Cut[] {
  if ((dose.kind === 'time' || dose.kind === 'feel') && whole.kind === dose.kind) {
    const [now, most] = [secondsAt(dose.seconds, 'plan'), secondsAt(whole.seconds, 'plan') * share];
    const given = (circuit: Circuit, steps: number) =>
      changeSlot(circuit, id, (slot) => withDose(slot, { ...dose, seconds: just(now + steps * STEP) }));
    return cut(now, most, STEP, given);
  }
  if (dose.kind === 'reps' && whole.kind === 'reps') {
    const [now, most] = [countAt(dose.count, 'plan'), countAt(whole.count, 'plan') * share];
    const given = (circuit: Circuit, steps: number) =>
      changeSlot(circuit, id, (slot) => ({ ...slot, dose: { ...dose, count: just(now + steps) } }));
    return cut(now, most, 1, given);
  }
  return [];
}

function cut(now: number, most: number, step: number, given: Cut['given']): readonly Cut[] {
  const room = Math.floor((most - now) / step);
  return room > 0 ? [{ left: now / most, room, given }] : [];
}

function restsCut(fitted: Circuit, planned: Circuit): readonly Cut[] {
  const rest = (now: Seconds, then: Seconds | undefined, put: (circuit: Circuit, seconds: Seconds) => Circuit) =>
    cut(now, then ?? now, STEP, (circuit, steps) => put(circuit, now + steps * STEP));
  const slots = slotsById(planned);
  const blocks = new Map(planned.blocks.map((block) => [block.id, block]));
  return [
    ...allSlots(fitted).flatMap((slot) =>
      rest(slot.rest, slots.get(slot.id)?.rest, (circuit, seconds) =>
        changeSlot(circuit, slot.id, (changed) => ({ ...changed, rest: seconds })),
      ),
    ),
    ...fitted.blocks.flatMap((block) =>
      rest(block.roundRest, blocks.get(block.id)?.roundRest, (circuit, seconds) =>
        changeBlock(circuit, block.id, (changed) => ({ ...changed, roundRest: seconds })),
      ),
    ),
  ];
}
