import type { Slot } from '../circuit/circuit.ts';
import type { Drill } from '../drills/drill.ts';
import { handlingOf } from '../drills/kit.ts';
import type { Range } from '../units.ts';
import { stepsOf, USUAL_FLOOR, type DistanceDose, type Floor } from './distance.ts';
import type { Dose, Tempo } from './dose.ts';
import { liftSets, type Plates } from './lift.ts';
import { rampSteps } from './ramp.ts';
import { countedPerSide } from './workSeconds.ts';

/** A range as read: 8–10, or 8. */
export function rangeWords({ low, high }: Range): string {
  return low === high ? String(low) : `${low}–${high}`;
}

/** Where a dose is done: what loads a bar there, and how long its lanes are. */
export interface DosePlace {
  readonly plates?: Plates | undefined;
  readonly floor?: Floor | undefined;
}

/** A slot's dose as a coach says it: "4 a side, alternating · 3 s each · rest 10 s · loop band". Loads are rounded to a site's plates. */
export function doseWords(slot: Slot, drill: Drill, { plates, floor = USUAL_FLOOR }: DosePlace = {}): string {
  const words = [
    amountWords(slot, drill, { plates, floor }),
    slot.extra && slot.sides !== 'both' ? `${slot.extra.more} more on the ${slot.extra.side}` : '',
    slot.dose.kind === 'reps' ? tempoWords(slot.dose.tempo) : '',
    slot.dose.kind === 'distance' ? `${slot.dose.pace.amount} ${slot.dose.pace.unit}` : '',
    slot.rest > 0 ? `rest ${slot.rest} s` : '',
    ...drill.kit.filter((kit) => handlingOf(kit) !== 'placed'),
  ];
  return words.filter((word) => word !== '').join(' · ');
}

/** How much of it, and how the sides are taken: "2 sets of 8 a side". */
export function amountWords(slot: Slot, drill: Drill, { plates, floor = USUAL_FLOOR }: DosePlace = {}): string {
  const sets = slot.sets.high > 1 ? `${rangeWords(slot.sets)} sets of ` : '';
  return sets + onceWords(slot.dose, floor, plates) + sideWords(slot, drill);
}

function onceWords(dose: Dose, floor: Floor, plates?: Plates): string {
  switch (dose.kind) {
    case 'time':
      return `${rangeWords(dose.seconds)} s`;
    case 'feel':
      return `${rangeWords(dose.seconds)} s by feel`;
    case 'distance':
      return distanceWords(dose, floor);
    case 'lift': {
      const sets = liftSets(dose, plates).map(({ load, reps }) => `${load} × ${reps}`);
      return `${sets.join(', ')} on the way to ${dose.load} ${dose.unit} × ${dose.reps}`;
    }
    case 'ramp': {
      const unit = dose.unit === 'effort' ? '' : ` ${dose.unit}`;
      const grade = dose.grade > 0 ? ` at ${dose.grade} %` : '';
      const name = dose.unit === 'effort' ? 'effort ' : '';
      const stages = rampSteps(dose).map((stage) => Number(stage.toFixed(1)));
      const climb = stages.length > 6 ? `${dose.from} → ${dose.to}` : stages.join(' → ');
      return `${dose.steps} × ${rangeWords(dose.each)} s, ${name}${climb}${unit}${grade}`;
    }
    case 'reps':
      return rangeWords(dose.count);
    case 'holds': {
      const positions = dose.positions > 1 ? ` in ${dose.positions} positions` : '';
      return `${rangeWords(dose.count)} × ${rangeWords(dose.hold)} s held${positions}`;
    }
  }
}

function distanceWords(dose: DistanceDose, floor: Floor): string {
  const { length, lengths, percents } = dose;
  const one = length.of === 'measure' ? `${length.measure.amount} ${length.measure.unit}` : '';
  const word = length.of === 'lap' ? 'lap' : 'length';
  const plural = lengths.high === 1 ? '' : 's';
  const far =
    one === ''
      ? `${rangeWords(lengths)} ${word}${plural}`
      : lengths.high === 1
        ? one
        : `${rangeWords(lengths)} × ${one}`;
  const shares = percents.length > 0 ? ` at ${percents.join(', ')} %` : '';
  const steps = stepsOf(dose, floor);
  return far + shares + (steps === undefined ? '' : `, ${steps} steps a length`);
}

function sideWords({ sides, dose }: Slot, drill: Drill): string {
  switch (sides) {
    case 'both':
      return '';
    case 'each':
      return drill.sideWord === 'way' ? ' each way' : ' a side';
    case 'alternate':
      return countedPerSide(dose) ? ' a side, alternating' : ', alternating';
  }
}

function tempoWords(tempo: Tempo): string {
  return tempo.kind === 'even' ? `${tempo.seconds} s each` : `tempo ${tempo.lower}-${tempo.hold}-${tempo.lift}`;
}
