import { changesSince, differenceIn } from '@prompt-spark/core/measures/compare';
import type { Measure } from '@prompt-spark/core/measures/measure';
import type { Measured } from '@prompt-spark/core/people/measured';
import { say } from './say.ts';

export const UNIT_WORDS: Readonly<Record<Measure['unit'], string>> = say.measureWords.units;

const amountWords = (amount: number, { unit }: Measure): string =>
  `${String(Math.round(amount * 10) / 10)} ${UNIT_WORDS[unit]}`;

/** How the sides of a measurement compare, in a sentence; empty where they are equal or one is missing. */
export function differenceWords(measure: Measure, last: Measured): string {
  const difference = differenceIn(measure, last);
  if (!difference) return '';
  const { worse, units, percent, ordinary } = difference;
  const by = `${amountWords(units, measure)} (${String(Math.round(percent))} %)`;
  return ordinary ? say.measureWords.ordinary(by) : say.measureWords.behind(worse, by);
}

const OF = { left: say.measureWords.left, right: say.measureWords.right, once: '' } as const;

/** What changed since the time before, in a sentence; empty where nothing did that is worth a word. */
export function changeWords(measure: Measure, series: readonly Measured[]): string {
  return changesSince(measure, series)
    .map(({ of, by }) => say.measureWords.change(OF[of], by > 0, amountWords(Math.abs(by), measure)).trim())
    .map((words, index) => (index === 0 ? words.charAt(0).toUpperCase() + words.slice(1) : words.toLowerCase()))
    .join(', ');
}

/** Whether somebody should have it looked at: the sides are far apart, or one got much worse at once. */
export function needsALook(measure: Measure, series: readonly Measured[]): boolean {
  const last = series.at(-1);
  const apart = last ? differenceIn(measure, last)?.large === true : false;
  return apart || changesSince(measure, series).some(({ by }) => by <= -MUCH_WORSE * measure.noticeable);
}

/** A change for the worse of as many times what is noticeable is sudden. Common practice, no source. */
const MUCH_WORSE = 2;
