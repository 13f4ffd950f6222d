import { drillAtStart, plainName, type DrillLibrary } from '@prompt-spark/core/drills/library';
import { nameSaid } from '@prompt-spark/core/reading/understand';

const MOST = 6;
/** Letters of a word from which on drills are suggested for it. */
const FEWEST = 2;

/**
 * Names of drills that what is being typed may become, wherever its words stand in a name, an alias or a word of the
 * studio's own: those that begin with it first. None once a whole name stands there, or where nothing is typed.
 */
export function nameSuggestions(text: string, library: DrillLibrary): readonly string[] {
  const typed = plainName(text);
  if (typed.length < FEWEST || drillAtStart(typed, library)) return [];
  const words = wordsOf(nameSaid(typed) || typed);
  if (!words.some((word) => word.length >= FEWEST)) return [];
  const taught = library.words.flatMap(({ said, drillId }) => {
    const drill = library.byId.get(drillId);
    return drill ? [[said.toLowerCase(), drill] as const] : [];
  });
  const scored = [...library.byName, ...taught].flatMap(([name, drill]) => {
    const starts = name.startsWith(typed);
    const parts = wordsOf(name);
    const holds = words.every((word) => parts.some((part) => part.startsWith(word)));
    const own = name === plainName(drill.name);
    return starts || holds ? [{ name: drill.name, rank: (starts ? 0 : 2) + (own ? 0 : 1) }] : [];
  });
  scored.sort((one, other) => one.rank - other.rank || one.name.localeCompare(other.name));
  return [...new Set(scored.map(({ name }) => name))].slice(0, MOST);
}

/** The words of a name, without the endings of their plurals. */
const wordsOf = (name: string): readonly string[] =>
  name
    .split(/[^a-z0-9]+/)
    .map((word) => (word.length > 3 ? word.replace(/s$/, '') : word))
    .filter((word) => word !== '');
