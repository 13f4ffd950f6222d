import { compareText } from '../compareText.ts';
import { remembered } from '../remembered.ts';
import type { Drill } from '../drills/drill.ts';
import { drillAtStart, plainName, type DrillLibrary } from '../drills/library.ts';
import { nameSaid } from './understand.ts';

/** A drill that what is being typed may become. */
export interface NameSuggestion {
  readonly drill: Drill;
  /** The name that was matched: its own, another that coaches use, or one that the studio taught. */
  readonly said: string;
  /** Where the letters that were typed stand in it, in order: from, and up to. */
  readonly matched: readonly (readonly [from: number, to: number])[];
}

const MOST = 6;
/** Letters of a word from which on drills are suggested for it. */
const FEWEST = 2;

/**
 * Drills that what is being typed may become, wherever its words stand in a name, an alias or a word of the studio's own:
 * those that begin with it first. None once a whole name stands there, or where nothing is typed.
 */
export function nameSuggestions(text: string, library: DrillLibrary): readonly NameSuggestion[] {
  const typed = plainName(text);
  if (typed.length < FEWEST || drillAtStart(typed, library)) return [];
  const words = partsOf(nameSaid(typed) || typed).map(({ stem }) => stem);
  if (!words.some((word) => word.length >= FEWEST)) return [];
  const found = namesOf(library).flatMap((name) => {
    const matched = name.said.toLowerCase().startsWith(typed) ? [[0, typed.length] as const] : matchedIn(name, words);
    const starts = matched[0]?.[0] === 0 && matched[0][1] === typed.length;
    return matched.length > 0 ? [{ ...name, matched, rank: (starts ? 0 : 2) + (name.own ? 0 : 1) }] : [];
  });
  found.sort((one, other) => one.rank - other.rank || compareText(one.drill.name, other.drill.name));
  const best = new Map<string, NameSuggestion>();
  for (const { drill, said, matched } of found) {
    if (!best.has(drill.id)) best.set(drill.id, { drill, said, matched });
    if (best.size === MOST) break;
  }
  return [...best.values()];
}

/** A name that a drill answers to, taken apart once. */
interface KnownName {
  readonly drill: Drill;
  readonly said: string;
  readonly own: boolean;
  readonly parts: readonly Part[];
}

interface Part {
  readonly stem: string;
  readonly at: number;
}

const namesOf = remembered((library: DrillLibrary): readonly KnownName[] => {
  const named = (drill: Drill, said: string): KnownName => {
    return { drill, said, own: said === drill.name, parts: partsOf(said.toLowerCase()) };
  };
  const own = library.drills.flatMap((drill) => [drill.name, ...drill.aliases].map((name) => named(drill, name)));
  const taught = library.words.flatMap(({ said, drillId }) => {
    const drill = library.byId.get(drillId);
    return drill ? [named(drill, said)] : [];
  });
  return [...own, ...taught];
});

/** Where every word that was typed begins a word of the name; nothing where one does not. */
function matchedIn({ parts }: KnownName, words: readonly string[]): readonly (readonly [number, number])[] {
  const found = words.map((word) => parts.find(({ stem }) => stem.startsWith(word)));
  if (found.includes(undefined)) return [];
  return found
    .flatMap((part, at) => (part ? [[part.at, part.at + (words[at] ?? '').length] as const] : []))
    .toSorted(([one], [other]) => one - other)
    .filter(([from], at, all) => all[at - 1]?.[0] !== from);
}

/** The words of a name, without the endings of their plurals. */
function partsOf(name: string): readonly Part[] {
  return [...name.matchAll(/[a-z0-9]+/g)].map(({ 0: word, index }) => ({
    stem: word.length > 3 ? word.replace(/s$/, '') : word,
    at: index,
  }));
}
