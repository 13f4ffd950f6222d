import type { Dose, Sides } from '@prompt-spark/core/dose/dose';
import { USUAL_HOLD_MOVE_SECONDS, USUAL_REP_SECONDS } from '@prompt-spark/core/dose/trade';
import {
  CHANGED_DEMANDS,
  CHANGES_EFFORT,
  DEMANDS,
  demandOf,
  POSTURE_DEMANDS,
  type Demand,
  type Demands,
} from '@prompt-spark/core/drills/demand';
import type { Change, Drill, UsualDose, Variant } from '@prompt-spark/core/drills/drill';
import type { Kit } from '@prompt-spark/core/drills/kit';
import type { Posture } from '@prompt-spark/core/drills/posture';
import type { Effort, Seconds } from '@prompt-spark/core/units';
import { estimatedFrom } from './compendium.ts';

/** A drill as its author writes it; what most drills share is left out. */
export interface DrillSheet
  extends
    Pick<Drill, 'name' | 'phases' | 'posture' | 'space' | 'view' | 'cues' | 'felt' | 'usual' | 'shortestUseful'>,
    Pick<Drill, 'effort' | 'targets' | 'planes'>,
    Partial<Pick<Drill, 'aliases' | 'sideWord' | 'kit' | 'substitutes' | 'cautions' | 'energy'>> {
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

export interface Otherwise {
  readonly posture?: Posture;
  readonly kit?: readonly Kit[];
  readonly demands?: Demands;
  readonly effort?: Effort;
}

/** A drill from its sheet. The id is made from the name, which therefore never changes once circuits use it. */
export function drill(sheet: DrillSheet): Drill {
  const { gentler, stronger, fault, demands, ...rest } = sheet;
  const kit = sheet.kit ?? [];
  const base: Variant = {
    id: 'base',
    name: 'as named',
    rung: 0,
    changes: [],
    posture: sheet.posture,
    kit,
    demands: { ...POSTURE_DEMANDS[sheet.posture], ...demands },
    effort: sheet.effort,
  };
  const down = typeof gentler === 'string' ? [] : climb(base, gentler, -1);
  const up = typeof stronger === 'string' ? [] : climb(base, stronger, 1);
  return {
    aliases: [],
    sidesAllowed: [sheet.usual.sides],
    sideWord: 'side',
    substitutes: {},
    cautions: [],
    energy: estimatedFrom(sheet.effort),
    ...rest,
    kit,
    id: slug(sheet.name),
    fault: { seen: fault[0], fix: fault[1] },
    ladder: [...down.toReversed(), base, ...up],
    noGentler: typeof gentler === 'string' ? gentler : '',
    noStronger: typeof stronger === 'string' ? stronger : '',
  };
}

/** The rungs of one direction, each made from the one before it: a step in everything that it changes. */
function climb(base: Variant, rungs: readonly Rung[], by: -1 | 1): readonly Variant[] {
  const made: Variant[] = [];
  let last = base;
  for (const [name, changed, otherwise = {}] of rungs) {
    const changes = typeof changed === 'string' ? [changed] : changed;
    last = variant(last, name, changes, otherwise, by);
    made.push(last);
  }
  return made;
}

function variant(last: Variant, name: string, changes: readonly Change[], otherwise: Otherwise, by: -1 | 1): Variant {
  const posture = otherwise.posture ?? last.posture;
  const harder = changes.some((change) => CHANGES_EFFORT.has(change));
  const effort = otherwise.effort ?? Math.max(1, Math.min(9, last.effort + (harder ? by : 0)));
  return {
    id: slug(name),
    name,
    rung: last.rung + by,
    changes,
    posture,
    kit: otherwise.kit ?? last.kit,
    demands: { ...stepped(inPosture(last, posture), changes, by), ...otherwise.demands },
    effort,
  };
}

/** What a rung asks in another posture: the old posture's share is dropped, the new one's is taken on. */
function inPosture({ demands, posture }: Variant, next: Posture): Demands {
  if (next === posture) return demands;
  const own = Object.fromEntries(Object.entries(demands).filter(([name]) => !(name in POSTURE_DEMANDS[posture])));
  return { ...own, ...POSTURE_DEMANDS[next], ...(next === 'seated' ? { balance: 0 } : {}) };
}

/** A step down takes one from each quantity that the changes move; a step up adds one where anything is asked. */
function stepped(demands: Demands, changes: readonly Change[], by: -1 | 1): Demands {
  const moved = new Set<Demand>(changes.flatMap((change) => CHANGED_DEMANDS[change]));
  const next: Partial<Record<Demand, 0 | 1 | 2 | 3>> = {};
  for (const demand of DEMANDS) {
    const now = demandOf(demands, demand);
    const then = moved.has(demand) && now > 0 ? Math.max(0, Math.min(3, now + by)) : now;
    if (then === 1 || then === 2 || then === 3) next[demand] = then;
  }
  return next;
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
