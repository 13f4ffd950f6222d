import type { Slot } from '../circuit/circuit.ts';
import { USUAL_PACE, type DistanceDose, type Measure } from '../dose/distance.ts';
import type { Dose, Tempo } from '../dose/dose.ts';
import { rampUp, type LiftDose } from '../dose/lift.ts';
import type { RampDose } from '../dose/ramp.ts';
import { USUAL_HOLD_MOVE_SECONDS, usualSetRest } from '../dose/trade.ts';
import { countedPerSide } from '../dose/workSeconds.ts';
import type { Drill } from '../drills/drill.ts';
import { usualTempo } from '../drills/usualTempo.ts';
import type { Range } from '../units.ts';

/** Everything a whiteboard line says after the drill's name. */
export function writeDose(slot: Slot, drill: Drill): string {
  const words = [
    ...writeSetsAndDose(slot, drill),
    slot.extra && slot.sides !== 'both' ? `${slot.extra.side} +${slot.extra.more}` : '',
    slot.setRest === usualSetRest(slot.dose) ? '' : `set rest ${slot.setRest}s`,
    slot.rest ? `rest ${slot.rest}s` : '',
    slot.pinned ? '!' : '',
    slot.optional ? '?' : '',
    slot.cue ? `"${slot.cue.replaceAll('"', '""')}"` : '',
  ];
  return words.filter((word) => word !== '').join(' ');
}

function writeSetsAndDose(slot: Slot, drill: Drill): readonly string[] {
  const { dose, sets } = slot;
  const once = sets.low === 1 && sets.high === 1;
  const sides = writeSides(slot, drill);
  const amount = writeAmount(dose);
  const counted = dose.kind === 'reps' && !once ? `${writeRange(sets)}x${amount}` : amount;
  const prefix = once || dose.kind === 'reps' ? '' : `${writeRange(sets)} sets`;
  const tempo = dose.kind === 'reps' && !sameTempo(dose.tempo, usualTempo(drill)) ? `@${writeTempo(dose.tempo)}` : '';
  return [prefix, `${counted}${sides}`, tempo, ...(dose.kind === 'distance' ? writeDistanceDetails(dose) : [])];
}

function writeAmount(dose: Dose): string {
  switch (dose.kind) {
    case 'distance':
      return writeDistance(dose);
    case 'ramp':
      return writeRamp(dose);
    case 'lift':
      return writeLift(dose);
    case 'time':
      return `${writeRange(dose.seconds)}s`;
    case 'feel':
      return `feel ${writeRange(dose.seconds)}s`;
    case 'reps':
      return writeRange(dose.count);
    case 'holds': {
      const positions = dose.positions === 1 ? '' : ` x${dose.positions}pos`;
      const move = dose.move === USUAL_HOLD_MOVE_SECONDS ? '' : ` move ${dose.move}s`;
      return `${writeRange(dose.count)}x${writeRange(dose.hold)}s${positions}${move}`;
    }
  }
}

function writeSides({ sides, dose }: Slot, drill: Drill): string {
  switch (sides) {
    case 'both':
      return drill.sidesAllowed.includes('both') ? '' : ' both';
    case 'each':
      return `/${drill.sideWord}`;
    case 'alternate':
      return countedPerSide(dose) ? `/${drill.sideWord} alt` : ' alt';
  }
}

function writeDistance({ length, lengths }: DistanceDose): string {
  if (length.of === 'measure') {
    const times = lengths.low === 1 && lengths.high === 1 ? '' : ` x${writeRange(lengths)}`;
    return writeMeasure(length.measure) + times;
  }
  const word = length.of === 'lane' ? 'length' : 'lap';
  return `${writeRange(lengths)} ${word}${lengths.high === 1 ? '' : 's'}`;
}

function writeDistanceDetails({ pace, percents, step }: DistanceDose): readonly string[] {
  const usual = pace.amount === USUAL_PACE.amount && pace.unit === USUAL_PACE.unit;
  return [
    usual ? '' : `@${pace.amount}${pace.unit}`,
    writePercents(percents),
    step ? `step ${writeMeasure(step)}` : '',
  ];
}

/** A measured length: "6in". */
const writeMeasure = ({ amount, unit }: Measure): string => `${amount}${unit}`;

/** A length of step as typed into a field; nothing where steps are not counted. */
export const writeStep = (step: Measure | null): string => (step ? `${step.amount} ${step.unit}` : '');

/** Percentages of a pace: "50/75/100%"; nothing where there are none. */
export const writePercents = (percents: readonly number[]): string =>
  percents.length > 0 ? `${percents.join('/')}%` : '';

function writeRamp({ from, to, unit, grade, steps, each }: RampDose): string {
  const climb = unit === 'effort' ? `effort ${from}>${to}` : `${from}>${to} ${unit}`;
  return `ramp ${climb}${grade > 0 ? ` at ${grade}%` : ''} ${steps}x${writeRange(each)}s`;
}

function writeLift({ load, unit, reps, steps }: LiftDose): string {
  const own = writeLiftSteps(steps);
  return `lift ${load}${unit} x${reps}${own === writeLiftSteps(rampUp(reps)) ? '' : ` ${own}`}`;
}

/** The sets on the way up to a lift: "40%x8 60%x5". */
export const writeLiftSteps = (steps: LiftDose['steps']): string =>
  steps.map(({ percent, reps }) => `${percent}%x${reps}`).join(' ');

/** A tempo as written after @: "3s" or "2-1-2". */
export function writeTempo(tempo: Tempo): string {
  return tempo.kind === 'even' ? `${tempo.seconds}s` : `${tempo.lower}-${tempo.hold}-${tempo.lift}`;
}

function sameTempo(one: Tempo, other: Tempo): boolean {
  return writeTempo(one) === writeTempo(other);
}

/** A range as written on the board: "8-10", or "8". */
export function writeRange({ low, high }: Range): string {
  return low === high ? `${low}` : `${low}-${high}`;
}
