import type { Slot } from '../circuit/circuit.ts';
import { amountWords, rangeWords } from '../circuit/slotWords.ts';
import type { Floor } from '../dose/distance.ts';
import type { Drill } from '../drills/drill.ts';
import { onRung } from '../drills/onRung.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { SteppedChange } from './steppedCircuit.ts';

/** What a step changes, in a breath: "Body-weight squat 12 instead of 10", "Push-up: knees down instead of Push-up", "Activate: 3 rounds instead of 2". */
export function stepWords(change: SteppedChange, library: DrillLibrary, floor: Floor): string {
  if (change.kind === 'rounds') {
    const { before, after } = change;
    const rounds = after.rounds.high === 1 ? '1 round' : `${rangeWords(after.rounds)} rounds`;
    return `${capitalOf(before.phase)}: ${rounds} instead of ${rangeWords(before.rounds)}`;
  }
  const { before, after } = change;
  const drill = library.byId.get(before.drillId);
  if (!drill) return '';
  if (before.rung !== after.rung) return `${nameOn(drill, after)} instead of ${nameOn(drill, before)}`;
  const next = amountWords({ ...after, sides: 'both' }, drill, floor);
  const sides = before.sides === 'both' ? 'both' : 'each';
  return `${nameOn(drill, before)} ${next} instead of ${amountWords({ ...before, sides }, drill, floor)}`;
}

const nameOn = (drill: Drill, { rung }: Slot): string => (rung === '' ? drill : onRung(drill, rung)).name;
const capitalOf = (phase: string): string => phase.charAt(0).toUpperCase() + phase.slice(1);
