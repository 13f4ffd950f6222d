import { aimWords } from '@prompt-spark/core/circuit/aim';
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { handlingOf } from '@prompt-spark/core/drills/kit';
import { rangeWords } from '@prompt-spark/core/rangeWords';
import type { Range } from '@prompt-spark/core/units';
import { stepsOf, type DistanceDose, type Floor } from '@prompt-spark/core/dose/distance';
import type { Dose, Tempo } from '@prompt-spark/core/dose/dose';
import { liftSets, type Plates } from '@prompt-spark/core/dose/lift';
import { rampGrades, rampSteps, type RampDose } from '@prompt-spark/core/dose/ramp';
import { countedPerSide } from '@prompt-spark/core/dose/workSeconds';

/** A slot's dose as a coach says it: "4 a side, alternating · 8 total · 3 s each · rest 10 s · loop band". Loads are rounded to a site's plates. */
function doseWords(slot: Slot, drill: Drill, floor: Floor, plates?: Plates): string {
  const words = [
    amountWords(slot, drill, floor, plates),
    inAllWords(slot),
    slot.extra && slot.sides !== 'both' ? `${slot.extra.more} more on the ${slot.extra.side}` : '',
    slot.dose.kind === 'reps' ? tempoWords(slot.dose.tempo) : '',
    slot.dose.kind === 'distance' ? `${slot.dose.pace.amount} ${slot.dose.pace.unit}` : '',
    ...inHandWords(slot),
    slot.growing ?? '',
    slot.aim ? `aim for ${aimWords(slot.aim)}` : '',
    slot.rest > 0 ? `rest ${slot.rest} s` : '',
    ...drill.kit.filter((kit) => handlingOf(kit) !== 'placed' && !(slot.band && kit.endsWith(' band'))),
  ];
  return words.filter((word) => word !== '').join(' · ');
}

/** What is in the hands: "10 kg", "light band", "75 cm high". */
function inHandWords({ load, band, height }: Slot): readonly string[] {
  return [
    load ? `${load.amount} ${load.unit}` : '',
    band ? `${band} band` : '',
    height ? `${height.amount} ${height.unit} high` : '',
  ].filter((word) => word !== '');
}

/** How much of it, and how the sides are taken: "2 sets of 8 a side". */
export function amountWords(slot: Slot, drill: Drill, floor: Floor, plates?: Plates): string {
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
      const grade = gradeWords(dose);
      const name = dose.unit === 'effort' ? 'effort ' : '';
      const climb = climbWords(rampSteps(dose));
      const steps = dose.uneven ? `${dose.uneven.join(', ')} s` : `${dose.steps} × ${rangeWords(dose.each)} s`;
      return `${steps}, ${name}${climb}${unit}${grade}`;
    }
    case 'reps':
      return rangeWords(dose.count);
    case 'holds': {
      const positions = dose.positions > 1 ? ` in ${dose.positions} positions` : '';
      return `${rangeWords(dose.count)} × ${rangeWords(dose.hold)} s held${positions}`;
    }
  }
}

/** What one step of a ramp is: "effort 4", "3 mph at 5 %". */
function rampStepWords(dose: RampDose, step: number): string {
  const amount = Number((rampSteps(dose)[step] ?? dose.to).toFixed(1));
  const grade = Number((rampGrades(dose)[step] ?? 0).toFixed(1));
  if (dose.unit === 'effort') return `effort ${amount}`;
  return `${amount} ${dose.unit}${grade > 0 ? ` at ${grade} %` : ''}`;
}

function gradeWords(dose: RampDose): string {
  const grades = rampGrades(dose);
  return grades.some((grade) => grade > 0) ? ` at ${climbWords(grades)} %` : '';
}

/** What every step of a climb is, "2 → 3 → 4", or its ends where there are many; once where all are alike. */
function climbWords(all: readonly number[]): string {
  const stages = all.map((stage) => Number(stage.toFixed(1)));
  const [first = 0, last = first] = [stages[0], stages.at(-1)];
  if (first === last) return String(first);
  return stages.length > 6 ? `${String(first)} → ${String(last)}` : stages.join(' → ');
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

/** What the two sides come to together: "16 in all"; nothing where it is said already. */
function inAllWords({ dose, sides, extra }: Slot): string {
  if (sides === 'both' || (sides === 'alternate' && !countedPerSide(dose))) return '';
  const more = extra?.more ?? 0;
  const doubled = ({ low, high }: Range): string => rangeWords({ low: low * 2 + more, high: high * 2 + more });
  switch (dose.kind) {
    case 'reps':
    case 'holds':
      return `${doubled(dose.count)} total`;
    case 'time':
    case 'feel':
      return `${doubled(dose.seconds)} s total`;
    case 'distance':
    case 'ramp':
    case 'lift':
      return '';
  }
}

function tempoWords(tempo: Tempo): string {
  return tempo.kind === 'even' ? `${tempo.seconds} s each` : `tempo ${tempo.lower}-${tempo.hold}-${tempo.lift}`;
}

/** How much of a drill is done, in words. */
export const doses = { doseWords, amountWords, inHandWords, rampStepWords };
