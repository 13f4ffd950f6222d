import { compareText } from '../compareText.ts';
import { distance } from 'fastest-levenshtein';
import type { Drill } from './drill.ts';
import type { TaughtWord } from './taughtWord.ts';

/** Drills that can be looked up by id, or by any name or alias whatever its case. */
export interface DrillLibrary {
  readonly drills: readonly Drill[];
  readonly byId: ReadonlyMap<string, Drill>;
  /** Lower-case name or alias → drill. */
  readonly byName: ReadonlyMap<string, Drill>;
  /** What a studio says for drills, beside their names. */
  readonly words: readonly TaughtWord[];
}

/** The form in which names are compared: lower case, single spaces. */
export function plainName(name: string): string {
  return name.trim().replace(/\s+/g, ' ').toLowerCase();
}

/**
 * Indexes drills for reading and lookup.
 *
 * @throws Error when two drills share an id, or a name or alias.
 */
export function libraryOf(drills: readonly Drill[], words: readonly TaughtWord[] = []): DrillLibrary {
  const byId = new Map<string, Drill>();
  const byName = new Map<string, Drill>();
  for (const drill of drills) {
    if (byId.has(drill.id)) throw new Error(`Two drills have the id "${drill.id}".`);
    byId.set(drill.id, drill);
    for (const name of [drill.name, ...drill.aliases].map(plainName)) {
      const other = byName.get(name);
      if (other) throw new Error(`"${other.name}" and "${drill.name}" both answer to "${name}".`);
      byName.set(name, drill);
    }
  }
  return { drills, byId, byName, words };
}

/**
 * The drill whose name or alias is the longest at the start of `text`, with how many characters it takes.
 * A name counts only where a word ends, so "runs" does not match "run".
 */
export function drillAtStart(text: string, library: DrillLibrary): { drill: Drill; length: number } | undefined {
  const lower = text.toLowerCase();
  for (let length = lower.length; length > 0; length -= 1) {
    if (length < lower.length && !/[\s:]/.test(lower.charAt(length))) continue;
    const drill = library.byName.get(lower.slice(0, length));
    if (drill) return { drill, length };
  }
  return undefined;
}

/** Up to `most` drill names nearest to what was typed, best first; none where nothing is near. */
export function nearestNames(typed: string, library: DrillLibrary, most = 3): readonly string[] {
  const wanted = plainName(typed);
  if (wanted === '') return [];
  const scored = [...library.byName].map(([name, drill]) => ({
    name: drill.name,
    score: nearness(wanted, name),
  }));
  scored.sort((a, b) => b.score - a.score || compareText(a.name, b.name));
  const names = new Set(scored.filter((entry) => entry.score >= NEAR_ENOUGH).map((entry) => entry.name));
  return [...names].slice(0, most);
}

/** Below this, a name is not worth offering. Chosen by trying misspellings of the catalogue. */
const NEAR_ENOUGH = 0.45;

/** 1 for the same text, 0 for nothing in common; words in common count as much as letters. */
function nearness(wanted: string, name: string): number {
  const letters = 1 - distance(wanted, name) / Math.max(wanted.length, name.length);
  const words = wanted.split(' ');
  const shared = words.filter((word) => word.length > 2 && name.split(' ').includes(word)).length;
  return Math.max(letters, name.startsWith(wanted) ? 0.9 : 0, (0.8 * shared) / words.length);
}
