import { clockWords } from '../clockWords.ts';
import type { Drill } from '../drills/drill.ts';
import { mainTarget } from '../drills/kinds.ts';
import type { Target, Targets } from '../drills/target.ts';
import { targetWords } from '../drills/targetWords.ts';
import { servedOn } from '../drills/served.ts';
import type { Posture } from '../drills/posture.ts';
import { sharedTarget } from './likeness.ts';
import type { Person } from '../people/person.ts';
import type { Candidate, SlotPlace } from './swap.ts';

const IN: Readonly<Record<Posture, string>> = {
  standing: 'standing',
  squat: 'standing',
  'half-kneeling': 'on one knee',
  kneeling: 'kneeling',
  quadruped: 'on hands and knees',
  plank: 'on hands and toes',
  seated: 'sitting',
  supine: 'on the back',
  prone: 'on the front',
  'side-lying': 'on the side',
};

/** Why a candidate would do, in plain words: what stays, what changes, what it needs. */
export function reasonsFor(place: SlotPlace, candidate: Candidate, person: Person): readonly string[] {
  const { drill, rung } = candidate;
  const [was, is] = [IN[place.rung.posture], IN[rung.posture]];
  const needs = rung.kit.filter((item) => !place.rung.kit.includes(item));
  return [
    purpose(place, candidate),
    was === is ? '' : `${is} instead of ${was}`,
    needs.length > 0 ? `needs ${needs.join(' and ')}` : '',
    person.familiar.includes(drill.id) ? 'knows it well' : '',
    `keeps the ${clockWords(place.seconds)}`,
  ].filter((reason) => reason !== '');
}

function purpose(place: SlotPlace, { drill, rung }: Candidate): string {
  if (drill.id === place.drill.id) {
    const step = rung.rung < place.rung.rung ? 'an easier version' : 'a harder version';
    return rung.changes.length > 0 ? `${step} (${rung.changes.join(' and ')})` : step;
  }
  const served = servedOn(drill, rung);
  const shared = sharedTarget(place.drill.targets, served);
  const main = mainTarget(place.drill);
  const instead = main && lostFor(main, place.drill, served);
  if (instead) return `${targetWords(instead)} instead of ${targetWords(main)}`;
  return shared ? `same ${targetWords(shared)}` : 'much the same';
}

/** Under this share of the main purpose it counts as lost, and the loss is said. Common practice, no source. */
const LOST_UNDER = 0.3;

/** What a swap is for where the main purpose of what was planned is lost; undefined where it is kept. */
function lostFor(main: Target, { targets }: Drill, served: Targets): Target | undefined {
  if ((served[main] ?? 0) >= LOST_UNDER * (targets[main] ?? 0)) return undefined;
  return mainTarget({ targets: served });
}
