import type { DrillLibrary } from '@prompt-spark/core';
import { drillAtStart, plainName } from '@prompt-spark/core/drills/library';

const MOST = 6;

/**
 * Names of drills that what is being typed may become: those that begin with it first, then those that hold its words.
 * None once a whole name stands there, or where nothing is typed.
 */
export function nameSuggestions(text: string, library: DrillLibrary): readonly string[] {
  const typed = plainName(text);
  if (typed.length < 2 || drillAtStart(typed, library)) return [];
  const words = typed.split(' ');
  const scored = [...library.byName].flatMap(([name, drill]) => {
    const starts = name.startsWith(typed);
    const holds = words.every((word) => name.split(/[\s,/-]+/).some((part) => part.startsWith(word)));
    return starts || holds ? [{ name: drill.name, rank: starts ? 0 : 1 }] : [];
  });
  scored.sort((one, other) => one.rank - other.rank || one.name.localeCompare(other.name));
  return [...new Set(scored.map(({ name }) => name))].slice(0, MOST);
}
