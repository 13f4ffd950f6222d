import { remembered } from '../remembered.ts';
import { demandOf } from '../drills/demand.ts';
import type { Drill } from '../drills/drill.ts';
import { PATTERNS, type Pattern, type Person } from './person.ts';

/** Whether a drill is of a pattern that people differ in. */
const OF: Readonly<Record<Pattern, (drill: Drill, demands: Drill['ladder'][number]['demands']) => boolean>> = {
  squat: ({ targets }) => 'pattern · squat' in targets || 'pattern · lunge' in targets,
  hinge: ({ targets }) => 'pattern · hinge' in targets,
  push: ({ targets }) => 'pattern · push' in targets,
  floor: (_drill, demands) => demandOf(demands, 'getting down') > 0,
  balance: (_drill, demands) => demandOf(demands, 'balance') > 1,
  impact: (_drill, demands) => demandOf(demands, 'impact') > 0,
};

/** The patterns a drill is of; looked up once a drill, as every candidate asks for every person. */
const patternsOf = remembered((drill: Drill): readonly Pattern[] => {
  const base = drill.ladder.find(({ rung }) => rung === 0);
  return base ? PATTERNS.filter((pattern) => OF[pattern](drill, base.demands)) : [];
});

/** The rung of a drill's ladder that suits somebody: −1 gentler, 0 as named, 1 stronger. The weakest pattern decides. */
export function suitedRung({ ability }: Pick<Person, 'ability'>, drill: Drill): -1 | 0 | 1 {
  let [strong, said] = [true, false];
  for (const pattern of patternsOf(drill)) {
    const own = ability[pattern];
    if (own === undefined) continue;
    if (own === 'gentle') return -1;
    said = true;
    if (own !== 'strong') strong = false;
  }
  return said && strong ? 1 : 0;
}
