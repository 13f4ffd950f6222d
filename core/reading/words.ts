import { stemmer } from 'stemmer';

/**
 * The words of a drill's name in the form in which names are compared: one spelling for what coaches write in several,
 * no words that only join others, no endings. "Single-leg glute bridges" and "one leg glute bridge" are the same words.
 */
export function nameWords(plain: string): readonly string[] {
  const spelled = ` ${plain
    .replace(/['’]/g, '')
    .replace(/(?<!\d)(\d{1,6})\s?\/\s?(\d{1,6})s?/g, '$1$2')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()} `;
  const one = SPELLINGS.reduce((text, [from, to]) => text.replaceAll(from, to), spelled);
  return one
    .split(' ')
    .filter((word) => word !== '' && !JOINING.has(word))
    .map(rootOf);
}

const roots = new Map<string, string>();
/** Roots that are remembered; every line has a few new words at most. */
const MOST_ROOTS = 20_000;

/** A word without its ending, in one spelling. */
export function rootOf(word: string): string {
  const known = ROOTS.get(word) ?? roots.get(word);
  if (known !== undefined) return known;
  const root = stemmer(british(word));
  if (roots.size >= MOST_ROOTS) roots.clear();
  roots.set(word, root);
  return root;
}

/** What is spelt or said in several ways, each with spaces around it, in the order in which it is put right. */
const SPELLINGS: readonly (readonly [from: string, to: string])[] = (
  [
    ['ninetyninety', '9090'],
    ['a skip', 'askip'],
    ['a skips', 'askip'],
    ['a march', 'amarch'],
    ['a marches', 'amarch'],
    ['f b', 'front back'],
    ['s s', 'side side'],
    ['warm up', 'warmup'],
    ['grape vine', 'grapevine'],
    ['grape vines', 'grapevine'],
    ['rockers', 'rock'],
    ['rocker', 'rock'],
    ['smash', 'roll'],
    ['w', 'with'],
    ['wo', 'without'],
    ['bw', 'bodyweight'],
    ['body weight', 'bodyweight'],
    ['db', 'dumbbell'],
    ['dbs', 'dumbbell'],
    ['kb', 'kettlebell'],
    ['kbs', 'kettlebell'],
    ['oh', 'overhead'],
    ['sl', 'single leg'],
    ['sa', 'single arm'],
    ['one leg', 'single leg'],
    ['1 leg', 'single leg'],
    ['one legged', 'single leg'],
    ['single legged', 'single leg'],
    ['one arm', 'single arm'],
    ['1 arm', 'single arm'],
    ['one armed', 'single arm'],
    ['one hand', 'single arm'],
    ['both feet', 'two feet'],
    ['two foot', 'two feet'],
    ['two footed', 'two feet'],
    ['2 foot', 'two feet'],
    ['2 footed', 'two feet'],
    ['two leg', 'two feet'],
    ['1 2 kneeling', 'half kneeling'],
    ['half kneel', 'half kneeling'],
    ['fwd', 'forward'],
    ['forwards', 'forward'],
    ['bwd', 'backward'],
    ['backwards', 'backward'],
    ['rearward', 'backward'],
    ['reverse', 'backward'],
    ['sideways', 'lateral'],
    ['sideward', 'lateral'],
    ['sidewards', 'lateral'],
    ['in place', 'on spot'],
    ['on the spot', 'on spot'],
    ['stationary', 'on spot'],
    ['t spine', 'thoracic'],
    ['tspine', 'thoracic'],
    ['thoracic spine', 'thoracic'],
    ['press up', 'push up'],
    ['press ups', 'push up'],
    ['pressup', 'push up'],
    ['pressups', 'push up'],
    ['pushup', 'push up'],
    ['pushups', 'push up'],
    ['on all fours', 'quadruped'],
    ['all fours', 'quadruped'],
    ['hands and knees', 'quadruped'],
    ['hands knees', 'quadruped'],
    ['four point', 'quadruped'],
    ['4 point', 'quadruped'],
    ['mini band', 'loop band'],
    ['minibands', 'loop band'],
    ['miniband', 'loop band'],
    ['hip band', 'loop band'],
    ['resistance band', 'band'],
    ['med ball', 'medicine ball'],
    ['mb', 'medicine ball'],
    ['scapular', 'shoulder blade'],
    ['scapula', 'shoulder blade'],
    ['scap', 'shoulder blade'],
    ['shoulderblade', 'shoulder blade'],
    ['on your back', 'supine'],
    ['on the back', 'supine'],
    ['lying on back', 'supine'],
    ['on your stomach', 'prone'],
    ['face down', 'prone'],
    ['on your front', 'prone'],
    ['on your side', 'side lying'],
    ['lying on side', 'side lying'],
    ['figure 4', 'figure four'],
    ['fig 4', 'figure four'],
    ['fig four', 'figure four'],
    ['rdls', 'romanian deadlift'],
    ['rdl', 'romanian deadlift'],
    ['hammies', 'hamstring'],
    ['hammy', 'hamstring'],
    ['hams', 'hamstring'],
    ['itb', 'it band'],
    ['pecs', 'chest'],
    ['pec', 'chest'],
    ['ext rotation', 'external rotation'],
    ['bum', 'butt'],
    ['bottom kicks', 'butt kicks'],
  ] as const
).map(([from, to]) => [` ${from} `, ` ${to} `] as const);

/** Words that join others and tell no drill from another. */
const JOINING = new Set(
  'a an the few of to in on at for with and or your my his her their some then by from into as it its do s this that these those our thing things thingy thingies stuff'.split(
    ' ',
  ),
);

/** Words that a stemmer does not bring together. */
const ROOTS = new Map([
  ['feet', 'foot'],
  ['skipping', 'skipping'],
  ['boxing', 'boxing'],
  ['seated', 'sit'],
  ['sitting', 'sit'],
  ['seat', 'sit'],
  ['kickers', 'kick'],
  ['kicker', 'kick'],
  ['banded', 'band'],
  ['twist', 'turn'],
  ['twists', 'turn'],
  ['twisting', 'turn'],
  ['rotation', 'turn'],
  ['rotations', 'turn'],
  ['rotate', 'turn'],
  ['rotating', 'turn'],
  ['rotational', 'turn'],
  ['turning', 'turn'],
  ['knees', 'knee'],
  ['calves', 'calf'],
  ['elevated', 'raise'],
  ['raised', 'raise'],
  ['lying', 'lie'],
  ['lie', 'lie'],
  ['supermen', 'superman'],
  ['bodyweight', 'bodyweight'],
  ['adductors', 'adductor'],
  ['abduction', 'abduct'],
  ['extension', 'extend'],
  ['extensions', 'extend'],
  ['alternate', 'altern'],
  ['alternating', 'altern'],
  ['alternated', 'altern'],
  ['biceps', 'bicep'],
  ['triceps', 'tricep'],
]);

const british = (word: string): string =>
  word.replace(/iz(e|ed|ing|ation)$/, 'is$1').replace(/^(cent|met)er(s?)$/, '$1re$2');
