import type { Slot } from '../circuit/circuit.ts';
import { amountWords } from '../circuit/slotWords.ts';
import type { Floor } from '../dose/distance.ts';
import type { Drill } from '../drills/drill.ts';
import { onRung } from '../drills/onRung.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { SteppedSlot } from './steppedCircuit.ts';

/** What a step changes, in a breath: "Body-weight squat 12 instead of 10", "Push-up: knees down instead of Push-up". */
export function stepWords({ before, after }: SteppedSlot, library: DrillLibrary, floor: Floor): string {
  const drill = library.byId.get(before.drillId);
  if (!drill) return '';
  if (before.rung !== after.rung) return `${nameOn(drill, after)} instead of ${nameOn(drill, before)}`;
  const next = amountWords({ ...after, sides: 'both' }, drill, floor);
  const sides = before.sides === 'both' ? 'both' : 'each';
  return `${nameOn(drill, before)} ${next} instead of ${amountWords({ ...before, sides }, drill, floor)}`;
}

const nameOn = (drill: Drill, { rung }: Slot): string => (rung === '' ? drill : onRung(drill, rung)).name;
