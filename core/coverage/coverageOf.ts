import { slotsOf, type Circuit, type Slot } from '../circuit/circuit.ts';
import type { Floor } from '../dose/distance.ts';
import { workStretches } from '../dose/workSeconds.ts';
import type { Drill } from '../drills/drill.ts';
import { PLANES, strengthsOf, TARGETS, type Plane, type Target } from '../drills/target.ts';
import { floorOf } from '../occasion/floor.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { countAt, type Seconds } from '../units.ts';
import type { MainSession } from '../approach/mainSession.ts';
import { drillIn } from '../drills/onRung.ts';

/** How far one target is covered, and what the main session needs of it. */
export interface TargetCoverage {
  readonly target: Target;
  /** 0–1: one minus what every slot leaves undone. */
  readonly covered: number;
  /** 0–1. */
  readonly need: number;
  readonly slotIds: readonly string[];
}

export interface Coverage {
  /** Every target that is needed or covered; the greatest lack first. */
  readonly targets: readonly TargetCoverage[];
  /** 0–1: how far what is needed is prepared, weighted by need; 1 where there is no gap, or nothing is needed. */
  readonly whole: number;
  /** Work seconds in each plane; a drill in two planes counts in both. */
  readonly planes: Readonly<Record<Plane, Seconds>>;
}

/** Work seconds of a slot on a floor, over all its sets and the rounds of its block, at plan. */
export function slotWork(slot: Slot, floor: Floor, rounds = 1): Seconds {
  const once = workStretches(slot.dose, slot.sides, 'plan', floor, slot.extra).reduce((sum, one) => sum + one, 0);
  return once * countAt(slot.sets, 'plan') * rounds;
}

/** The share of a drill's usual dose that a slot gives on the same floor, 0–1. */
export function doseFraction(slot: Slot, drill: Drill, floor: Floor, rounds = 1): number {
  return fractionOf(slotWork(slot, floor, rounds), drill, floor);
}

function fractionOf(seconds: Seconds, { usual: { dose, sides } }: Drill, floor: Floor): number {
  const usual = workStretches(dose, sides, 'plan', floor).reduce((sum, one) => sum + one, 0);
  return usual > 0 ? Math.min(1, seconds / usual) : 1;
}

/** Below this a needed target is a gap, and from here on it is prepared. Common practice, no source. */
export const GAP_BELOW = 0.5;

/**
 * How well a circuit prepares for a main session: for each target, 1 − ∏(1 − strength × dose fraction) over the slots that
 * serve it.
 */
export function coverageOf(circuit: Circuit, occasion: Occasion, session?: MainSession): Coverage {
  const { library } = occasion;
  const floor = floorOf(circuit, occasion);
  const left = new Map<Target, { left: number; slotIds: string[] }>();
  const planes: Record<Plane, Seconds> = { sagittal: 0, frontal: 0, transverse: 0 };
  for (const block of circuit.blocks) {
    const rounds = countAt(block.rounds, 'plan');
    for (const slot of slotsOf(block)) {
      const drill = drillIn(slot, library);
      if (!drill) continue;
      const seconds = slotWork(slot, floor, rounds);
      const fraction = fractionOf(seconds, drill, floor);
      for (const plane of drill.planes) planes[plane] += seconds;
      for (const [target, strength] of strengthsOf(drill.targets)) {
        const known = left.get(target) ?? { left: 1, slotIds: [] };
        known.left *= 1 - strength * fraction;
        known.slotIds.push(slot.id);
        left.set(target, known);
      }
    }
  }
  const targets = TARGETS.flatMap((target): readonly TargetCoverage[] => {
    const need = session?.needs[target] ?? 0;
    const served = left.get(target);
    if (need === 0 && !served) return [];
    return [{ target, need, covered: 1 - (served?.left ?? 1), slotIds: served?.slotIds ?? [] }];
  }).toSorted((one, other) => lack(other) - lack(one));
  const needed = targets.reduce((sum, { need }) => sum + need, 0);
  // Enough is enough: what is covered twice over makes up for nothing that is missing.
  const met = targets.reduce((sum, { need, covered }) => sum + need * Math.min(1, covered / GAP_BELOW), 0);
  return { targets, whole: needed > 0 ? met / needed : 1, planes };
}

const lack = ({ need, covered }: TargetCoverage): number => need * (1 - covered);

/** What the session needs and does not get enough of, the greatest lack first. */
export function gapsIn({ targets }: Coverage): readonly TargetCoverage[] {
  return targets.filter(({ need, covered }) => need >= 0.4 && covered < GAP_BELOW);
}

/** The planes that no slot moves in. */
export function missingPlanes({ planes }: Coverage): readonly Plane[] {
  return PLANES.filter((plane) => planes[plane] === 0);
}
