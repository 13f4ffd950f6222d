import { rampUp } from '@prompt-spark/core/dose/lift';
import type { Dose, Sides } from '@prompt-spark/core/dose/dose';
import { USUAL_HOLD_MOVE_SECONDS, USUAL_REP_SECONDS } from '@prompt-spark/core/dose/trade';
import type { Demands } from '@prompt-spark/core/drills/demand';
import type { Change, Drill, UsualDose, Variant } from '@prompt-spark/core/drills/drill';
import { estimatedEnergy } from '@prompt-spark/core/drills/energy';
import { plainName } from '@prompt-spark/core/drills/library';
import { baseRung, idFromName, nextRung, type Otherwise } from '@prompt-spark/core/drills/rung';
import { servedGently } from '@prompt-spark/core/drills/served';
import type { Seconds } from '@prompt-spark/core/units';
import { withLeastDemands } from './leastDemands.ts';
import { RUNG_NAMES, TRADE_NAMES } from './names.ts';
import { usualCautions } from './usualCautions.ts';
import { PACES } from './paces.ts';
import { sequenceOf } from './sequence.ts';

/** A drill as its author writes it; what most drills share is left out. */
export interface DrillSheet
  extends
    Pick<Drill, 'name' | 'phases' | 'posture' | 'space' | 'view' | 'cues' | 'felt' | 'usual' | 'shortestUseful'>,
    Pick<Drill, 'effort' | 'targets' | 'planes'>,
    Partial<Pick<Drill, 'aliases' | 'sideWord' | 'counted' | 'kit' | 'substitutes' | 'cautions' | 'energy'>> {
  /** Where left out, only the usual way of taking the sides is allowed. */
  readonly sidesAllowed?: Drill['sidesAllowed'];
  /** The usual fault, and its fix. */
  readonly fault: readonly [seen: string, fix: string];
  /** What it asks beyond what its posture asks. */
  readonly demands: Demands;
  /** From the next one down; or why there is none. */
  readonly gentler: readonly Rung[] | string;
  /** From the next one up; or why there is none. */
  readonly stronger: readonly Rung[] | string;
}

/** A rung as its author writes it: its name, what it changes, and what does not follow from that by itself. */
export type Rung = readonly [name: string, changes: Change | readonly Change[], otherwise?: Otherwise];

/** A drill from its sheet. The id is made from the name, which therefore never changes once circuits use it. */
export function drill(sheet: DrillSheet): Drill {
  const { gentler, stronger, fault, demands, ...rest } = sheet;
  const kit = sheet.kit ?? [];
  const plain = baseRung(sheet.posture, kit, demands, sheet.effort);
  const base = withLeastDemands(plain, plain);
  const down = typeof gentler === 'string' ? [] : climb(base, gentler, -1);
  const up = typeof stronger === 'string' ? [] : climb(base, stronger, 1);
  const named = (rung: Variant): Variant => withNames(served(rung), sheet.name);
  const served = (rung: Variant): Variant => {
    const targets = servedGently(sheet.targets, base, rung);
    return targets ? { ...rung, targets } : rung;
  };
  return {
    sidesAllowed: [sheet.usual.sides],
    sideWord: 'side',
    substitutes: {},
    cautions: usualCautions(base),
    energy: estimatedEnergy(sheet.effort),
    ...countedAloud(sheet),
    ...travelling(sheet),
    ...sequenceOf(sheet.name),
    ...rest,
    aliases: namesBeside(sheet.name, [...(sheet.aliases ?? []), ...listed(TRADE_NAMES[sheet.name])]),
    kit,
    id: idFromName(sheet.name),
    figure: idFromName(sheet.name),
    fault: { seen: fault[0], fix: fault[1] },
    ladder: [...down.toReversed().map(named), base, ...up.map(named)],
    noGentler: typeof gentler === 'string' ? gentler : '',
    noStronger: typeof stronger === 'string' ? stronger : '',
  };
}

/** Names that differ from a drill's own, each once. */
function namesBeside(name: string, others: readonly string[]): readonly string[] {
  const plain = new Set(others.map(plainName));
  plain.delete(plainName(name));
  return [...plain];
}

/** A rung with the names that coaches give it. */
function withNames(rung: Variant, drillName: string): Variant {
  const aliases = namesBeside(rung.name, listed(RUNG_NAMES[`${drillName} > ${rung.name}`]));
  return aliases.length > 0 ? { ...rung, aliases } : rung;
}

const listed = (names = ''): readonly string[] => names.split(';').flatMap((name) => name.trim() || []);

/** On the feet, turns are counted aloud as they come, whichever side they are on; on the floor, those of one side are. */
function countedAloud({ usual, posture }: DrillSheet): Pick<Drill, 'counted'> {
  const { dose, sides } = usual;
  const upright = posture === 'standing' || posture === 'squat' || posture === 'seated';
  return sides === 'alternate' && dose.kind !== 'holds' && upright ? { counted: 'in all' } : {};
}

const travelling = ({ name }: DrillSheet): Pick<Drill, 'pace'> => {
  const pace = PACES[name]?.pace;
  return pace === undefined ? {} : { pace };
};

/** The rungs of one direction, each made from the one before it. */
function climb(base: Variant, rungs: readonly Rung[], by: -1 | 1): readonly Variant[] {
  const made: Variant[] = [];
  let last = base;
  for (const [name, changed, otherwise] of rungs) {
    last = nextRung(last, name, typeof changed === 'string' ? [changed] : changed, by, otherwise);
    made.push(withLeastDemands(last, base));
  }
  return made;
}

/** A number of seconds, or a range of them. */
export function seconds(low: Seconds, high: Seconds = low, sides: Sides = 'both'): UsualDose {
  return usual({ kind: 'time', seconds: { low, high } }, sides);
}

/** Repetitions for one side, with an even tempo. */
export function reps(low: number, high: number, sides: Sides = 'both', each: Seconds = USUAL_REP_SECONDS): UsualDose {
  return usual({ kind: 'reps', count: { low, high }, tempo: { kind: 'even', seconds: each } }, sides);
}

/** Sets that climb to a working set of these kilograms and repetitions. */
export function lift(load: number, count: number): UsualDose {
  return usual({ kind: 'lift', load, unit: 'kg', reps: count, steps: rampUp(count) }, 'both');
}

/** Short holds for one side, in one position unless said otherwise. */
export function holds(count: number, hold: Seconds, sides: Sides = 'both', positions = 1): UsualDose {
  return usual(
    {
      kind: 'holds',
      count: { low: count, high: count },
      positions,
      hold: { low: hold, high: hold },
      move: USUAL_HOLD_MOVE_SECONDS,
    },
    sides,
  );
}

function usual(dose: Dose, sides: Sides): UsualDose {
  return { dose, sides };
}
