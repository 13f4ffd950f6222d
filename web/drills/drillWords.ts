import type { Drill } from '@prompt-spark/core/drills/drill';
import { demandOf, type Demand } from '@prompt-spark/core/drills/demand';
import { DEMANDS } from '@prompt-spark/core/drills/demand';
import type { EnergyCost, Variant } from '@prompt-spark/core/drills/drill';
import { TARGETS } from '@prompt-spark/core/drills/target';
import { targetWords } from '../wording/targetWords.ts';
import { capital } from '../wording/capital.ts';
import { say } from './say.ts';

/** The targets a drill serves most, strongest first, as a coach says them. */
export function mainTargets({ targets }: Pick<Drill, 'targets'>, most: number): readonly string[] {
  return TARGETS.filter((target) => (targets[target] ?? 0) > 0)
    .toSorted((one, other) => (targets[other] ?? 0) - (targets[one] ?? 0))
    .slice(0, most)
    .map(targetWords);
}

/** What a rung asks, most first. */
export function demandsOf({ demands }: Pick<Variant, 'demands'>): readonly (readonly [Demand, number])[] {
  return DEMANDS.map((demand) => [demand, demandOf(demands, demand)] as const)
    .filter(([, asked]) => asked > 0)
    .toSorted((one, other) => other[1] - one[1]);
}

/** How much is asked, in a word. */
export const ASKED = [
  say.drillWords.notAtAll,
  say.drillWords.little,
  say.drillWords.clearly,
  say.drillWords.fully,
] as const;

/** A rung's name as read on its own: the base is the drill itself. */
export function rungName({ rung, name }: Variant, drillName: string): string {
  return rung === 0 ? drillName : capital(name);
}

/** An energy cost with where it comes from. */
export function energyWords(cost: EnergyCost): string {
  switch (cost.kind) {
    case 'compendium':
      return say.drillWords.compendium(cost.met, cost.code);
    case 'equation':
      return say.drillWords.equation(cost.met, cost.gait, cost.paces.length);
    case 'estimate':
      return say.drillWords.estimate(cost.met);
  }
}
