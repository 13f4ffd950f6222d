import Papa from 'papaparse';
import type { DrillLibrary } from '../drills/library.ts';
import { plainName } from '../drills/library.ts';
import { MOST_SAID, type TaughtWord } from '../drills/taughtWord.ts';
import { FORMULA, unmarked } from './formula.ts';
import { ownNames } from './heading.ts';

const COLUMNS = ['word', 'drill', 'version'] as const;

/** Writes a studio's words as CSV: what is said, the drill that it means, and the version of it where it is not the usual one. */
export function writeWordCsv(words: readonly TaughtWord[], { byId }: DrillLibrary): string {
  const rows = words.map(({ said, drillId, rung }) => {
    const drill = byId.get(drillId);
    return [said, drill?.name ?? drillId, drill?.ladder.find(({ id }) => id === rung)?.name ?? ''];
  });
  const options = { newline: '\r\n', escapeFormulae: FORMULA };
  return `${Papa.unparse({ fields: [...COLUMNS], data: rows }, options)}\r\n`;
}

/** A line of CSV as a word, or why it is none; lines count from 1 with the heading as line 1. */
export type WordRow =
  | { readonly ok: true; readonly line: number; readonly word: TaughtWord }
  | { readonly ok: false; readonly line: number; readonly problem: string };

/** Reads words from CSV. Never throws. */
export function readWordCsv(text: string, library: DrillLibrary): readonly WordRow[] {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    transformHeader: ownNames(),
    delimiter: ',',
    skipEmptyLines: 'greedy',
  });
  const missing = ['word', 'drill'].filter((column) => !(meta.fields ?? []).includes(column));
  if (missing.length > 0) return [{ ok: false, line: 1, problem: `The heading lacks: ${missing.join(', ')}` }];
  return data.map((cells, index) => rowOf(cells, index + 2, library));
}

function rowOf(cells: Readonly<Record<string, string>>, line: number, { byName, byId }: DrillLibrary): WordRow {
  const cell = (column: (typeof COLUMNS)[number]) => unmarked((cells[column] ?? '').trim());
  const no = (problem: string): WordRow => ({ ok: false, line, problem });
  const said = cell('word');
  if (said === '' || said.length > MOST_SAID) return no(`The word has 1 to ${MOST_SAID} letters`);
  const drill = byName.get(plainName(cell('drill'))) ?? byId.get(cell('drill'));
  if (!drill) return no(`There is no drill called “${cell('drill')}”`);
  const version = plainName(cell('version'));
  const rung = drill.ladder.find(({ name }) => plainName(name) === version);
  if (version !== '' && !rung) return no(`${drill.name} has no version called “${cell('version')}”`);
  return { ok: true, line, word: { said, drillId: drill.id, rung: rung && rung.rung !== 0 ? rung.id : '' } };
}
