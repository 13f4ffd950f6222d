import { compareText } from '../compareText.ts';
/** What was measured of somebody on a day: both sides, either, or once. */
export interface Measured {
  readonly id: string;
  readonly measureId: string;
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly left: number | null;
  readonly right: number | null;
  /** Where the measure has no sides. */
  readonly once: number | null;
}

/** The most that is kept of one person. */
export const MOST_MEASURED = 400;

/** With something measured noted, the last day first. */
export function withMeasured(measured: readonly Measured[], next: Measured): readonly Measured[] {
  const others = measured.filter(({ id }) => id !== next.id);
  return [next, ...others].toSorted((one, other) => compareText(other.day, one.day)).slice(0, MOST_MEASURED);
}

/** What was measured by one measure, the first day first. */
export function seriesOf(measured: readonly Measured[], measureId: string): readonly Measured[] {
  return measured
    .filter((one) => one.measureId === measureId)
    .toSorted((one, other) => compareText(one.day, other.day));
}
