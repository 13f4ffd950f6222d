import type { Dose, Drill, Slot } from '@prompt-spark/core';
import type { DistanceDose } from '@prompt-spark/core/dose/distance';
import { countedPerSide } from '@prompt-spark/core/dose/workSeconds';
import type { Tempo } from '@prompt-spark/core/dose/dose';
import { handlingOf } from '@prompt-spark/core/drills/kit';
import type { Range } from '@prompt-spark/core/units';

/** A range as read: 8–10, or 8. */
export function rangeWords({ low, high }: Range): string {
  return low === high ? String(low) : `${low}–${high}`;
}

/** A slot's dose as a coach says it: "4 a side, alternating · 3 s each · rest 10 s · loop band". */
export function doseWords(slot: Slot, drill: Drill): string {
  const sets = slot.sets.high > 1 ? `${rangeWords(slot.sets)} sets of ` : '';
  const words = [
    sets + amountWords(slot.dose) + sideWords(slot, drill),
    slot.extra && slot.sides !== 'both' ? `${slot.extra.more} more on the ${slot.extra.side}` : '',
    slot.dose.kind === 'reps' ? tempoWords(slot.dose.tempo) : '',
    slot.dose.kind === 'distance' ? `${slot.dose.pace.amount} ${slot.dose.pace.unit}` : '',
    slot.rest > 0 ? `rest ${slot.rest} s` : '',
    ...drill.kit.filter((kit) => handlingOf(kit) !== 'placed'),
  ];
  return words.filter((word) => word !== '').join(' · ');
}

function amountWords(dose: Dose): string {
  switch (dose.kind) {
    case 'time':
      return `${rangeWords(dose.seconds)} s`;
    case 'feel':
      return `${rangeWords(dose.seconds)} s by feel`;
    case 'distance':
      return distanceWords(dose);
    case 'ramp': {
      const unit = dose.unit === 'effort' ? '' : ` ${dose.unit}`;
      const grade = dose.grade > 0 ? ` at ${dose.grade} %` : '';
      const name = dose.unit === 'effort' ? 'effort ' : '';
      return `${dose.steps} × ${rangeWords(dose.each)} s, ${name}${dose.from} → ${dose.to}${unit}${grade}`;
    }
    case 'reps':
      return rangeWords(dose.count);
    case 'holds': {
      const positions = dose.positions > 1 ? ` in ${dose.positions} positions` : '';
      return `${rangeWords(dose.count)} × ${rangeWords(dose.hold)} s held${positions}`;
    }
  }
}

function distanceWords({ length, lengths, percents, step }: DistanceDose): string {
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
  return far + shares + (step ? `, steps of ${step.amount} ${step.unit}` : '');
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
