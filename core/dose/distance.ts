import {
  countAt,
  METRES_PER_MILE,
  type Level,
  type Metres,
  type MetresPerSecond,
  type Range,
  type Seconds,
} from '../units.ts';

/** Lengths as coaches write them. */
export const LENGTH_UNITS = ['m', 'cm', 'yd', 'ft', 'in'] as const;
export type LengthUnit = (typeof LENGTH_UNITS)[number];

/** Metres in a unit, exactly (international yard and pound agreement, 1959). */
const METRES_IN: Readonly<Record<LengthUnit, Metres>> = { m: 1, cm: 0.01, yd: 0.9144, ft: 0.3048, in: 0.0254 };

export interface Measure {
  readonly amount: number;
  readonly unit: LengthUnit;
}

/** Speeds as coaches and machines give them. */
export const SPEED_UNITS = ['m/s', 'km/h', 'mph'] as const;
export type SpeedUnit = (typeof SPEED_UNITS)[number];
const METRES_PER_SECOND_IN: Readonly<Record<SpeedUnit, MetresPerSecond>> = {
  'm/s': 1,
  'km/h': 1 / 3.6,
  mph: METRES_PER_MILE / 3600,
};

export interface Speed {
  readonly amount: number;
  readonly unit: SpeedUnit;
}

/** How long one length is: measured, or the site's lane or lap. */
export type OneLength =
  { readonly of: 'measure'; readonly measure: Measure } | { readonly of: 'lane' } | { readonly of: 'lap' };

/** Work over a distance. */
export interface DistanceDose {
  readonly kind: 'distance';
  readonly length: OneLength;
  readonly lengths: Range;
  readonly pace: Speed;
  /** Percentages of the pace, length by length and round again; empty for all at the pace. */
  readonly percents: readonly number[];
  /** One step's length, where steps are counted. */
  readonly step: Measure | null;
}

/** The floor people travel over, and how they share it. */
export interface Floor {
  readonly laneMetres: Metres;
  /** Once round the room; 0 where it was not measured, and a lap is a lane there and back. */
  readonly lapMetres: Metres;
  /** How many groups go one behind the other. */
  readonly waves: number;
}

/** Turning at the end of a length. Common practice, no source. */
export const TURN_SECONDS: Seconds = 2;
/** How far behind one another waves set off. Common practice, no source. */
export const WAVE_GAP_SECONDS: Seconds = 5;
/** An easy jog. Common practice, no source. */
export const USUAL_PACE: Speed = { amount: 2, unit: 'm/s' };

export const metresOf = ({ amount, unit }: Measure): Metres => amount * METRES_IN[unit];
export const metresPerSecond = ({ amount, unit }: Speed): MetresPerSecond => amount * METRES_PER_SECOND_IN[unit];

/** Metres of one length on a floor. */
export function lengthMetres(length: OneLength, floor: Floor): Metres {
  switch (length.of) {
    case 'measure':
      return metresOf(length.measure);
    case 'lane':
      return floor.laneMetres;
    case 'lap':
      return floor.lapMetres || 2 * floor.laneMetres;
  }
}

/** Groups one behind the other: people over lanes, rounded up; 1 where neither is known. */
export function wavesOf(people: number, lanes: number): number {
  return people > 0 && lanes > 0 ? Math.ceil(people / lanes) : 1;
}

/** Seconds of a distance dose before rounding: running, turns between lengths, and the last wave's wait. */
export function distanceSeconds(dose: DistanceDose, level: Level, floor: Floor, more = 0): Seconds {
  const lengths = countAt(dose.lengths, level) + more;
  const metres = lengthMetres(dose.length, floor);
  const pace = metresPerSecond(dose.pace);
  let running = 0;
  for (let index = 0; index < lengths; index += 1) running += metres / (pace * shareAt(dose.percents, index));
  // Round and round, nobody turns.
  const turns = dose.length.of === 'lap' && floor.lapMetres > 0 ? 0 : lengths - 1;
  return running + turns * TURN_SECONDS + (floor.waves - 1) * WAVE_GAP_SECONDS;
}

function shareAt(percents: readonly number[], index: number): number {
  return percents.length === 0 ? 1 : (percents[index % percents.length] ?? 100) / 100;
}

/** Steps over one length, rounded up; undefined where steps are not counted. */
export function stepsOf({ length, step }: DistanceDose, floor: Floor): number | undefined {
  // Exact lengths divide unevenly in binary: a millionth of a step is no step.
  return step ? Math.ceil(lengthMetres(length, floor) / metresOf(step) - 1e-6) : undefined;
}
