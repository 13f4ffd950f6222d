import { readFileSync } from 'node:fs';
import { catalogue } from '@prompt-spark/catalogue';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { bench, describe } from 'vitest';

const corpus = readFileSync(new URL('../catalogue/corpus/spoken.txt', import.meta.url), 'utf8');
const lines = corpus.split('\n').flatMap((row) => (row.includes(' => ') ? [row.split(' => ')[0] ?? ''] : []));
/** Lines from all over the corpus. */
const forty = Array.from({ length: 40 }, (_, at) => lines[(at * 37) % lines.length] ?? '');
/** The same forty lines, four at a time. */
const tenBoards = Array.from({ length: 10 }, (_, at) => forty.slice(4 * at, 4 * at + 4).join('\n'));
const library = libraryOf(catalogue);
const taught = libraryOf(
  catalogue,
  Array.from({ length: 1000 }, (_, at) => ({
    said: `harbour wobble ${String.fromCharCode(97 + (at % 26))}${String(at)}`,
    drillId: catalogue[at % catalogue.length]?.id ?? '',
    rung: '',
  })),
);
const many = forty.join('\n');
let turn = 0;

// To reach: a board of forty lines within a frame (16 ms), at most ten times what four lines take.
describe('a board in a coach’s own words', () => {
  bench('4 lines', () => void readWhiteboard(tenBoards[(turn += 1) % 10] ?? '', library));
  bench('40 lines', () => void readWhiteboard(many, library));
  bench('40 lines, 1,000 words taught', () => void readWhiteboard(many, taught));
});
