import type { Amount } from '../circuit/amount.ts';
import type { Slot } from '../circuit/circuit.ts';
import type { Floor } from '../dose/distance.ts';
import type { Drill } from '../drills/drill.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { onRung } from '../drills/onRung.ts';
import type { Phase } from '../drills/phase.ts';
import type { Range } from '../units.ts';
import type { SteppedChange } from './steppedCircuit.ts';

/** What a step changes, for the screen to put into words. */
export type StepFacts =
  | { readonly kind: 'rounds'; readonly phase: Phase; readonly before: Range; readonly now: Range }
  /** An easier or harder version, by the names of both. */
  | { readonly kind: 'version'; readonly before: string; readonly now: string }
  | { readonly kind: 'amount'; readonly drill: string; readonly before: Amount; readonly now: Amount };

/** What a change of a step comes to; undefined where its drill is not in the library. */
export function stepFacts(change: SteppedChange, library: DrillLibrary, floor: Floor): StepFacts | undefined {
  if (change.kind === 'rounds') {
    const { before, after } = change;
    return { kind: 'rounds', phase: before.phase, before: before.rounds, now: after.rounds };
  }
  const { before, after } = change;
  const drill = library.byId.get(before.drillId);
  if (!drill) return undefined;
  if (before.rung !== after.rung) return { kind: 'version', before: nameOn(drill, before), now: nameOn(drill, after) };
  return {
    kind: 'amount',
    drill: nameOn(drill, before),
    before: { slot: before, drill, floor },
    now: { slot: after, drill, floor },
  };
}

const nameOn = (drill: Drill, { rung }: Slot): string => (rung === '' ? drill : onRung(drill, rung)).name;
