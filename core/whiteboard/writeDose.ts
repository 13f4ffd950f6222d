import type { Slot } from '../circuit/circuit.ts';
import type { DistanceDose, Measure } from '../dose/distance.ts';
import type { Dose, Tempo } from '../dose/dose.ts';
import { rampUp, type LiftDose } from '../dose/lift.ts';
import type { RampDose } from '../dose/ramp.ts';
import { USUAL_HOLD_MOVE_SECONDS, usualSetRest } from '../dose/trade.ts';
import { countedPerSide } from '../dose/workSeconds.ts';
import type { Drill } from '../drills/drill.ts';
import { meansMetres, meansSeconds, meansSets } from '../drills/kinds.ts';
import { steppingPace } from '../drills/usualPace.ts';
import { usualTempo } from '../drills/usualTempo.ts';
import { turnsOnly } from '../reading/sides.ts';
import type { Range } from '../units.ts';
import { writeAim } from './aimReader.ts';

/** Everything a whiteboard line says after the drill's name. */
export function writeDose(slot: Slot, drill: Drill): string {
  const words = [
    ...writeSetsAndDose(slot, drill),
    slot.extra && slot.sides !== 'both' ? `${slot.extra.side} +${slot.extra.more}` : '',
    slot.aim ? `aim ${writeAim(slot.aim)}` : '',
    ...writeInHand(slot),
    slot.setRest === usualSetRest(slot.dose) ? '' : `set rest ${slot.setRest}s`,
    slot.rest ? `rest ${slot.rest}s` : '',
    slot.doseKept ? '!!' : slot.pinned ? '!' : '',
    slot.optional ? '?' : '',
    slot.shownFirst ? 'new' : '',
    slot.cue ? quoted(slot.cue) : '',
    slot.guess ? `guessed from ${quoted(slot.guess)}` : '',
  ];
  return words.filter((word) => word !== '').join(' ');
}

function writeInHand({ load, band, height, growing }: Slot): readonly string[] {
  return [
    load ? `with ${load.amount}${load.unit}` : '',
    band ? `${band} band` : '',
    height ? `${writeMeasure(height)} high` : '',
    growing ?? '',
  ];
}

const quoted = (text: string): string => `"${text.replaceAll('"', '""')}"`;

function writeSetsAndDose(slot: Slot, drill: Drill): readonly string[] {
  const { dose, sets } = slot;
  const once = sets.low === 1 && sets.high === 1;
  const sides = writeSides(slot, drill);
  const amount = writeAmount(dose, drill);
  const counted = dose.kind === 'reps' && !once ? `${writeRange(sets)}x${amount}` : amount;
  const prefix = once || dose.kind === 'reps' ? '' : `${writeRange(sets)} sets`;
  const tempo = dose.kind === 'reps' && !sameTempo(dose.tempo, usualTempo(drill)) ? `@${writeTempo(dose.tempo)}` : '';
  return [prefix, `${counted}${sides}`, tempo, ...(dose.kind === 'distance' ? writeDistanceDetails(dose, drill) : [])];
}

function writeAmount(dose: Dose, drill: Drill): string {
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
      return `${writeRange(dose.count)}${meansSeconds(drill, dose.count) || meansMetres(drill, dose.count) ? ' reps' : ''}`;
    case 'holds': {
      const positions = dose.positions === 1 ? '' : ` x${dose.positions}pos`;
      const move = dose.move === USUAL_HOLD_MOVE_SECONDS ? '' : ` move ${dose.move}s`;
      const held = meansSets(drill) && positions + move === '' ? ' held' : '';
      return `${writeRange(dose.count)}x${writeRange(dose.hold)}s${held}${positions}${move}`;
    }
  }
}

function writeSides({ sides, dose }: Slot, drill: Drill): string {
  switch (sides) {
    case 'both':
      return drill.sidesAllowed.includes('both') ? '' : ' both';
    case 'each':
      return `/${drill.sideWord}${turnsOnly(drill, dose) ? ' in turn' : ''}`;
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

function writeDistanceDetails({ pace, percents, step }: DistanceDose, drill: Drill): readonly string[] {
  const { amount, unit } = steppingPace(drill, step);
  const usual = pace.amount === amount && pace.unit === unit;
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

function writeRamp(dose: RampDose): string {
  const { from, to, unit, grade, gradeTo = grade, steps, uneven } = dose;
  const climb = unit === 'effort' ? `effort ${from}>${to}` : `${from}>${to} ${unit}`;
  const slope = gradeTo === grade ? `${grade}%` : `${grade}>${gradeTo}%`;
  const long = `${uneven ? '' : `${String(steps)}x`}${writeStepLengths(dose)}s`;
  return `ramp ${climb}${Math.max(grade, gradeTo) > 0 ? ` at ${slope}` : ''} ${long}`;
}

/** How long the steps of a ramp are, as typed into a field: "90/60/60/45", or "60". */
export const writeStepLengths = ({ each, uneven }: Pick<RampDose, 'each' | 'uneven'>): string =>
  uneven?.join('/') ?? writeRange(each);

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
