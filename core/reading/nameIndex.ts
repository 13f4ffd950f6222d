import { lazily } from '../lazily.ts';
import { remembered } from '../remembered.ts';
import type { Drill, Variant } from '../drills/drill.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { Posture } from '../drills/posture.ts';
import { plainText } from './plainText.ts';
import { nameWords } from './words.ts';

/** A drill, or one rung of its ladder: the id of the rung, empty for the drill as named. */
export interface Named {
  readonly drill: Drill;
  readonly rungId: string;
}

/** One way of saying a drill or a rung of it. */
interface Saying extends Named {
  readonly words: ReadonlySet<string>;
  /** What the studio taught goes before a name that ships, and that before one put together from a drill's name and a rung's. */
  readonly from: 'studio' | 'name' | 'rung';
}

/** Every way in which the drills of a library can be named, by the words that are in them. */
export interface NameIndex {
  /** By the words of a saying, in its own order and in that of the alphabet. */
  readonly exact: ReadonlyMap<string, readonly Saying[]>;
  readonly holding: ReadonlyMap<string, readonly Saying[]>;
  /** How much a word tells of which drill is meant: the fewer have it, the more. */
  readonly weight: ReadonlyMap<string, number>;
  /** How much all words of a saying tell together. */
  readonly whole: ReadonlyMap<Saying, number>;
  /** Words that were put right before; what was no slip of a known word is there as itself. */
  readonly slips: Map<string, string>;
}

/** A drill that a name may mean, with how near it is: 1 for the same words, 0 for none in common. */
export interface Likely extends Named {
  readonly nearness: number;
}

/** The index of a library, made once. */
export const nameIndexOf = remembered((library: DrillLibrary): NameIndex =>
  indexOf([...taughtSayings(library), ...library.drills.flatMap(sayingsOf)]),
);

function taughtSayings({ words, byId }: DrillLibrary): readonly Saying[] {
  return words.flatMap(({ said, drillId, rung }) => {
    const drill = byId.get(drillId);
    return drill ? [{ drill, rungId: rung, words: new Set(nameWords(plainText(said))), from: 'studio' as const }] : [];
  });
}

function sayingsOf(drill: Drill): readonly Saying[] {
  const names = [drill.name, ...drill.aliases].map((name) => nameWords(name.toLowerCase()));
  const own = names.map((words) => ({ drill, rungId: '', words: new Set(words), from: 'name' as const }));
  const rungs = drill.ladder.filter(({ rung }) => rung !== 0).flatMap((rung) => rungSayings(drill, rung, names));
  return [...own, ...rungs];
}

const posedWords = lazily((): Readonly<Partial<Record<Posture, string>>> => ({
  seated: nameWords('sitting')[0] ?? '',
  standing: nameWords('standing')[0] ?? '',
}));

function rungSayings(drill: Drill, rung: Variant, names: readonly (readonly string[])[]): readonly Saying[] {
  const given = (rung.aliases ?? []).map((name) => nameWords(name.toLowerCase()));
  const changed = nameWords(rung.name.toLowerCase());
  // "Seated" says enough of a rung that is done on a chair, and "standing" of one that is not done on the floor.
  const posed = rung.posture !== drill.posture && posedWords()[rung.posture];
  return [
    ...given.map((words) => ({ drill, rungId: rung.id, words: new Set(words), from: 'name' as const })),
    ...names.map((words) => ({
      drill,
      rungId: rung.id,
      words: new Set([...words, ...changed]),
      from: 'rung' as const,
    })),
    ...(posed
      ? names.map((words) => ({ drill, rungId: rung.id, words: new Set([...words, posed]), from: 'rung' as const }))
      : []),
  ];
}

function indexOf(sayings: readonly Saying[]): NameIndex {
  const exact = new Map<string, Saying[]>();
  const holding = new Map<string, Saying[]>();
  const drills = new Map<string, Set<string>>();
  for (const saying of sayings) {
    const inOrder = [...saying.words].join(' ');
    add(exact, `= ${inOrder}`, saying);
    add(exact, keyOf(saying.words), saying);
    for (const word of saying.words) {
      add(holding, word, saying);
      const having = drills.get(word) ?? new Set();
      drills.set(word, having.add(saying.drill.id));
    }
  }
  const all = new Set(sayings.map(({ drill }) => drill.id)).size;
  const weight = new Map([...drills].map(([word, having]) => [word, Math.log(1 + all / having.size)] as const));
  const whole = new Map(sayings.map((saying) => [saying, sum(saying.words, (word) => weight.get(word) ?? 0)] as const));
  return { exact, holding, weight, whole, slips: new Map() };
}

function add(map: Map<string, Saying[]>, key: string, saying: Saying): void {
  const list = map.get(key);
  if (list) list.push(saying);
  else map.set(key, [saying]);
}

const keyOf = (words: ReadonlySet<string>): string => [...words].toSorted().join(' ');

/**
 * The one drill or rung that has exactly these words as a name, in this order or else in any; undefined for none, and for
 * more than one. A name that was given goes before one that is put together from a drill and a rung.
 */
export function exactly(words: readonly string[], index: NameIndex): Named | undefined {
  if (words.length === 0) return undefined;
  const unlike = new Set(words);
  const inOrder = index.exact.get(`= ${[...unlike].join(' ')}`) ?? [];
  return onlyOne(inOrder) ?? onlyOne(index.exact.get(keyOf(unlike)) ?? []);
}

function onlyOne(found: readonly Saying[]): Named | undefined {
  const best =
    FROM.map((from) => found.filter((saying) => saying.from === from)).find(({ length }) => length > 0) ?? [];
  const [first, ...rest] = best;
  if (!first || first.from !== 'rung') return rest.every((other) => sameNamed(other, first)) ? first : undefined;
  // Of several rungs of one drill the nearest to the drill as named is meant.
  return rest.every(({ drill }) => drill === first.drill)
    ? found.toSorted((one, other) => far(one) - far(other))[0]
    : undefined;
}

const FROM: readonly Saying['from'][] = ['studio', 'name', 'rung'];

const far = ({ drill, rungId }: Named): number => Math.abs(drill.ladder.find(({ id }) => id === rungId)?.rung ?? 0);

const sameNamed = (one: Named, other: Named | undefined): boolean =>
  one.drill.id === other?.drill.id && one.rungId === other.rungId;

/** Up to `most` drills that these words may mean, the nearest first, one rung a drill. */
export function likely(words: readonly string[], index: NameIndex, most = 3): readonly Likely[] {
  const wanted = new Set(words);
  const weigh = (word: string): number => index.weight.get(word) ?? UNKNOWN_WEIGHT;
  const asked = sum(wanted, weigh);
  const moved = words.filter((word) => movements().has(word));
  const parts = partsIn(wanted);
  const common = new Map<Saying, number>();
  for (const word of wanted) {
    const weight = weigh(word);
    for (const saying of index.holding.get(word) ?? []) common.set(saying, (common.get(saying) ?? 0) + weight);
  }
  const best = new Map<string, Likely>();
  for (const [saying, weight] of common) {
    // A rung is meant only where its own words are there, so that putting one together costs a little.
    const alike = (2 * weight) / (asked + (index.whole.get(saying) ?? 0));
    const moves = moved.length === 0 || moved.some((word) => saying.words.has(word));
    const elsewhere = parts.size > 0 && isElsewhere(parts, partsOf(saying));
    const near = alike * (moves ? 1 : OTHER_MOVEMENT) * (elsewhere ? OTHER_PART : 1);
    const nearness = near - (saying.from === 'rung' ? 0.02 : 0);
    const { drill, rungId } = saying;
    if (nearness > (best.get(drill.id)?.nearness ?? 0)) best.set(drill.id, { drill, rungId, nearness });
  }
  return [...best.values()]
    .toSorted((one, other) => other.nearness - one.nearness || (one.drill.name < other.drill.name ? -1 : 1))
    .slice(0, most);
}

/** What is done, as said in a name: a jump is not a walk, however much else they share. */
const movements = lazily(
  () =>
    new Set(
      nameWords(
        'jump squat lunge plank push bridge walk skip hop run jog sprint march crawl roll swing circle kick raise row carry deadlift hinge bend rock drop slam throw press pull curl step bound crunch climb twist nod rotation stretch shuffle jack',
      ),
    ),
);
/** How much less near a drill is that does another movement. */
const OTHER_MOVEMENT = 0.7;

/** The parts of the body that a name may speak of, as coaches call them: circles of the neck are none of the hip. */
const parts = lazily((): readonly ReadonlySet<string>[] =>
  [
    'neck head',
    'shoulder arm elbow wrist hand finger forearm chest',
    'trunk spine thoracic core ab rib waist torso',
    'hip leg knee ankle foot toe heel calf shin quad hamstring glute groin adductor thigh',
  ].map((words) => new Set(nameWords(words))),
);
/** How much less near a drill is that speaks of other parts only. */
const OTHER_PART = 0.7;

/** Which parts of the body words speak of, by number. */
function partsIn(words: ReadonlySet<string>): ReadonlySet<number> {
  const found = new Set<number>();
  for (const word of words) for (const [part, names] of parts().entries()) if (names.has(word)) found.add(part);
  return found;
}

/** The same of a saying, found once. */
const partsOf = remembered(({ words }: Saying) => partsIn(words));

const isElsewhere = (asked: ReadonlySet<number>, said: ReadonlySet<number>): boolean =>
  said.size > 0 && [...said].every((part) => !asked.has(part));

/** What a word weighs that no drill has: it speaks for a drill that is not there. */
const UNKNOWN_WEIGHT = 4;

const sum = (words: Iterable<string>, weigh: (word: string) => number): number => {
  let total = 0;
  for (const word of words) total += weigh(word);
  return total;
};
