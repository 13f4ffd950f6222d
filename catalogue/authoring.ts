import type { Dose, Sides, SideWord } from '@prompt-spark/core/dose/dose';
import { USUAL_HOLD_MOVE_SECONDS, USUAL_REP_SECONDS } from '@prompt-spark/core/dose/trade';
import type { Change, Drill, UsualDose, Variant } from '@prompt-spark/core/drills/drill';
import type { Seconds } from '@prompt-spark/core/units';

/** A drill as its author writes it; what most drills share is left out. */
export interface DrillSheet extends Omit<
  Drill,
  'id' | 'aliases' | 'sideWord' | 'substitutes' | 'kit' | 'cautions' | 'sidesAllowed' | 'ladder'
> {
  readonly aliases?: readonly string[];
  /** Where left out, only the usual way of taking the sides is allowed. */
  readonly sidesAllowed?: Drill['sidesAllowed'];
  readonly sideWord?: SideWord;
  readonly kit?: Drill['kit'];
  readonly substitutes?: Drill['substitutes'];
  readonly cautions?: readonly string[];
  readonly gentler?: readonly Rung[];
  readonly stronger?: readonly Rung[];
}

/** A rung as its author writes it: what it is called and what it changes. */
export type Rung = readonly [name: string, ...changes: Change[]];

/** A drill from its sheet. The id is made from the name, which therefore never changes once circuits use it. */
export function drill(sheet: DrillSheet): Drill {
  const { gentler = [], stronger = [], ...rest } = sheet;
  return {
    aliases: [],
    sidesAllowed: [sheet.usual.sides],
    sideWord: 'side',
    kit: [],
    substitutes: {},
    cautions: [],
    ...rest,
    id: slug(sheet.name),
    ladder: [
      ...gentler.map((rung, index) => variant(rung, -1 - index)).toReversed(),
      variant(['as named'], 0),
      ...stronger.map((rung, index) => variant(rung, 1 + index)),
    ],
  };
}

function variant([name, ...changes]: Rung, rung: number): Variant {
  return { id: rung === 0 ? 'base' : slug(name), name, rung, changes };
}

function slug(name: string): string {
  return name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
}

/** So many seconds, or a range of them. */
export function seconds(low: Seconds, high: Seconds = low, sides: Sides = 'both'): UsualDose {
  return usual({ kind: 'time', seconds: { low, high } }, sides);
}

/** Repetitions for one side, with an even tempo. */
export function reps(low: number, high: number, sides: Sides = 'both', each: Seconds = USUAL_REP_SECONDS): UsualDose {
  return usual({ kind: 'reps', count: { low, high }, tempo: { kind: 'even', seconds: each } }, sides);
}

/** Short holds for one side, in one position. */
export function holds(count: number, hold: Seconds, sides: Sides = 'both'): UsualDose {
  return usual(
    {
      kind: 'holds',
      count: { low: count, high: count },
      positions: 1,
      hold: { low: hold, high: hold },
      move: USUAL_HOLD_MOVE_SECONDS,
    },
    sides,
  );
}

function usual(dose: Dose, sides: Sides): UsualDose {
  return { dose, sides };
}
