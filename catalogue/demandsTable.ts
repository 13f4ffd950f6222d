import { DEMANDS, demandOf } from '@prompt-spark/core/drills/demand';
import type { Drill, Variant } from '@prompt-spark/core/drills/drill';
import { servedOn } from '@prompt-spark/core/drills/served';

/** What 1, 2 and 3 of each demand mean, so that two people write the same number. Common practice, no source. */
const ANCHORS: readonly (readonly [demand: string, one: string, two: string, three: string])[] = [
  [
    'knee bend',
    'a soft or quarter bend, a high chair',
    'to a chair, a half squat, a lunge',
    'thighs level or lower, sitting on the heels',
  ],
  ['knee kneeling', 'a moment on a pad', 'on hands and knees', 'all the weight on one or both knees'],
  ['knee impact', 'walking quickly, small bounces', 'running, skipping, jacks', 'jumping and landing'],
  [
    'knee twist',
    'a pivot, a light turn on the foot',
    'the shin turned under load: 90/90, pigeon',
    'twisting at full bend',
  ],
  ['hip range', 'a march, a half squat', 'thigh level, a long lunge, a leg swing', 'the end of the range'],
  ['hip load', 'body weight on two feet', 'one leg, a band', 'one leg with more, a heavy lift'],
  ['ankle range', 'a calf raise, a squat', 'knee well over the toes, heels down', 'the end of the range'],
  ['ankle impact', 'small bounces', 'running, skipping', 'hops and jumps off the ball of the foot'],
  ['back bending', 'a little rounding', 'hands to the shins', 'hands to the floor, rolling up'],
  ['back arching', 'a little arching', 'lying on the front on the forearms', 'arms straight, or with a turn'],
  ['back twisting', 'a turn of the ribs', 'a full turn', 'a turn at its end, or bent over'],
  ['back load', 'held against gravity: a hinge, a plank', 'a light weight away from the body', 'a heavy or fast one'],
  ['neck movement', 'small and slow', 'half circles, the head lifted', 'full circles, or weight on it'],
  [
    'shoulder overhead',
    'up to shoulder height or a little over it',
    'loosely overhead',
    'straight overhead, or with a weight there',
  ],
  [
    'shoulder bearing',
    'some weight: hands and knees, a wall, a forearm',
    'a plank, hands on a bench',
    'a push-up, one arm',
  ],
  ['shoulder behind', 'elbows a little behind the back', 'hands behind the back', 'pulled or lifted there'],
  ['wrist bearing', 'on fists, on a wall', 'hands and knees, a bench', 'a plank'],
  ['grip', 'a stick, a band, a rope', 'a plate or a dumbbell', 'a heavy carry'],
  [
    'balance',
    'feet together, walking lunges held on to, light bounces',
    'on one foot for a moment, running and hopping',
    'on one foot with something else to do',
  ],
  ['getting down', 'to one knee with a hand', 'to the knees, to the hands', 'all the way to lie'],
  ['lying supine', '–', 'propped up', 'flat on the back'],
  ['lying prone', '–', 'propped on the forearms', 'flat on the front'],
  ['head below heart', 'for a moment', 'held', 'upside down'],
  ['holding hard', 'a brace', 'a plank, a wall sit', 'as hard as can be'],
  ['impact', 'a light bounce', 'running, skipping', 'jumping and landing'],
  ['pressure', 'a stick in the hands, a towel', 'some of the weight on a roller or a ball', 'all of it on one spot'],
];

/** The page of what drills ask: the scale, and every rung of every drill by it, for a second pair of eyes. */
export function demandsTable(drills: readonly Drill[]): string {
  return `# What drills ask, and by what scale

Every rung of a drill says how much it asks of a body, from 0 (not at all) to 3 (fully). These are the anchors: what 1, 2 and 3 mean, so that two people write the same number. All of them are common practice with no source. What follows by itself is set whatever an author wrote (\`catalogue/leastDemands.ts\`): who lands has to balance and lands on knees and ankles, who holds a weight has to grip it, and hands that stood on the floor and stand on a bench carry weight still. A rung that is another drill has that drill's facts (\`catalogue/sameMovement.ts\`), and what a gentler rung takes away it prepares no more (\`core/drills/served.ts\`).

| asked | 1 | 2 | 3 |
| --- | --- | --- | --- |
${ANCHORS.map((row) => `| ${row.join(' | ')} |`).join('\n')}

## Drill by drill

Written by \`catalogue/demands.test.ts\` from the catalogue (\`UPDATE_DOCS=1\`); the drill as named first, then its easier and harder versions.

| drill | version | effort | asks | prepares |
| --- | --- | ---: | --- | --- |
${drills.flatMap((drill) => inOrder(drill).map((rung) => rowOf(drill, rung))).join('\n')}
`;
}

/** The drill as named, then its easier and its harder versions. */
const inOrder = ({ ladder }: Drill): readonly Variant[] =>
  ladder.toSorted((one, other) => Number(one.rung !== 0) - Number(other.rung !== 0) || one.rung - other.rung);

function rowOf(drill: Drill, rung: Variant): string {
  const asks = DEMANDS.filter((demand) => demandOf(rung.demands, demand) > 0).map(
    (demand) => `${demand} ${String(demandOf(rung.demands, demand))}`,
  );
  const prepares = Object.entries(servedOn(drill, rung)).map(
    ([target, strength]) => `${target.replace(' · ', ' ')} ${String(strength)}`,
  );
  const name = rung.rung === 0 ? drill.name : '';
  return `| ${name} | ${rung.name} | ${String(rung.effort)} | ${asks.join(', ') || '–'} | ${prepares.join(', ') || '–'} |`;
}
