import { demandOf } from '../drills/demand.ts';
import type { Drill } from '../drills/drill.ts';
import type { Pattern, Person } from './person.ts';

/** Whether a drill is of a pattern that people differ in. */
const OF: Readonly<Record<Pattern, (drill: Drill, demands: Drill['ladder'][number]['demands']) => boolean>> = {
  squat: ({ targets }) => 'pattern · squat' in targets || 'pattern · lunge' in targets,
  hinge: ({ targets }) => 'pattern · hinge' in targets,
  push: ({ targets }) => 'pattern · push' in targets,
  floor: (_drill, demands) => demandOf(demands, 'getting down') > 0,
  balance: (_drill, demands) => demandOf(demands, 'balance') > 1,
  impact: (_drill, demands) => demandOf(demands, 'impact') > 0,
};

/** The rung of a drill's ladder that suits somebody: −1 gentler, 0 as named, 1 stronger. The weakest pattern decides. */
export function suitedRung(person: Pick<Person, 'ability'>, drill: Drill): -1 | 0 | 1 {
  const base = drill.ladder.find(({ rung }) => rung === 0);
  if (!base) return 0;
  const own = (Object.entries(person.ability) as [Pattern, string][]).filter(([pattern]) =>
    OF[pattern](drill, base.demands),
  );
  if (own.some(([, ability]) => ability === 'gentle')) return -1;
  return own.length > 0 && own.every(([, ability]) => ability === 'strong') ? 1 : 0;
}
