import { seriesOf, type Measured } from '../people/measured.ts';
import type { Person } from '../people/person.ts';
import { REGIONS, type Region } from '../people/region.ts';
import { MEASURES, type Measure } from './measure.ts';

/** How the two sides compare. */
export interface Difference {
  /** The stiffer or weaker side. */
  readonly worse: 'left' | 'right';
  /** In the unit of the measure. */
  readonly units: number;
  /** Of the better side, 0–100 and more; of the larger number where less is better. */
  readonly percent: number;
  /** Whether that much is ordinary. */
  readonly ordinary: boolean;
  /** Far beyond what is ordinary: for a licensed professional to look at. */
  readonly large: boolean;
}

/** From here on a difference is large: three times what is ordinary. Common practice, no source. */
const LARGE = 3;

/** How the sides of one measurement compare; undefined where they are equal or one of them is missing. */
export function differenceIn(
  measure: Measure,
  { left, right }: Pick<Measured, 'left' | 'right'>,
): Difference | undefined {
  if (left === null || right === null || left === right) return undefined;
  const leftIsLess = left < right;
  const worse = (measure.better === 'more') === leftIsLess ? 'left' : 'right';
  const units = Math.abs(left - right);
  const percent = (100 * units) / Math.max(left, right);
  const share = 'units' in measure.ordinary ? units / measure.ordinary.units : percent / measure.ordinary.percent;
  return { worse, units, percent, ordinary: share <= 1, large: share > LARGE };
}

/** How one side, or the whole, changed since the time before. */
export interface ChangeSince {
  readonly of: 'left' | 'right' | 'once';
  /** In the unit of the measure; above 0 where it got better. */
  readonly by: number;
}

/** What changed by more than the spread of measuring twice; nothing where it was measured once. */
export function changesSince(measure: Measure, series: readonly Measured[]): readonly ChangeSince[] {
  const [before, last] = [series.at(-2), series.at(-1)];
  if (!before || !last) return [];
  return (['left', 'right', 'once'] as const).flatMap((of): readonly ChangeSince[] => {
    const [was, is] = [before[of], last[of]];
    if (was === null || is === null || Math.abs(is - was) < measure.noticeable) return [];
    return [{ of, by: measure.better === 'more' ? is - was : was - is }];
  });
}

/**
 * The stiffer or weaker side of each region: as a coach said, else as the last measurement says whose difference is more
 * than ordinary. Measurements that disagree say nothing.
 */
export function stifferSides(
  { stiffer, measured }: Pick<Person, 'stiffer' | 'measured'>,
  measures: readonly Measure[] = MEASURES,
): Person['stiffer'] {
  const found = REGIONS.flatMap((region): readonly (readonly [Region, 'left' | 'right'])[] => {
    const said = stiffer[region];
    if (said) return [[region, said]];
    const sides = new Set(lastDifferences(measured, region, measures).map(({ worse }) => worse));
    const [side] = sides;
    return side && sides.size === 1 ? [[region, side]] : [];
  });
  return Object.fromEntries(found);
}

/** The differences of a region that are more than ordinary, by the last measurement of each measure. */
function lastDifferences(
  measured: readonly Measured[],
  region: Region,
  measures: readonly Measure[],
): readonly Difference[] {
  const ids = new Set(measured.map(({ measureId }) => measureId));
  return [...ids].flatMap((id) => {
    const measure = measures.find((one) => one.id === id);
    const last = seriesOf(measured, id).at(-1);
    const difference = measure?.region === region && last ? differenceIn(measure, last) : undefined;
    return difference && !difference.ordinary ? [difference] : [];
  });
}
