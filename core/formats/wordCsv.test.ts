import { parse } from 'csv-parse/sync';
import { describe, expect, it } from 'vitest';
import { libraryOf } from '../drills/library.ts';
import { testLibrary } from '../testing/drills.ts';
import { readWordCsv, writeWordCsv } from './wordCsv.ts';

const [first] = testLibrary.drills;
const rung = first?.ladder.find((one) => one.rung !== 0);
const words = [
  { said: 'harbour hugs, big', drillId: first?.id ?? '', rung: '' },
  { said: '=SUM(quay)', drillId: first?.id ?? '', rung: rung?.id ?? '' },
];
const library = libraryOf(testLibrary.drills, words);

describe('a studio’s words as CSV', () => {
  it('come back as the same words, on the same rungs', () => {
    const rows = readWordCsv(writeWordCsv(words, library), library);
    expect(rows.map((row) => row.ok && row.value)).toEqual(words);
  });

  it('are read by a general-purpose CSV reader (RFC 4180, csv-parse), without a formula in them', () => {
    const rows = parse(writeWordCsv(words, library), { columns: true }) as readonly Record<string, string>[];
    expect(rows.map(({ word }) => word)).toEqual(['harbour hugs, big', "'=SUM(quay)"]);
  });

  it('are read from a spreadsheet that writes semicolons and leaves out what is empty', () => {
    expect(readWordCsv('word;drill;version\r\nhugs;tall reach\r\n', library)).toMatchObject([{ ok: true, line: 2 }]);
  });

  it.each([
    ['word\nhugs', 'The heading lacks: drill'],
    ['word,drill\n,tall reach', 'The word has 1 to 80 letters'],
    ['word,drill\nhugs,zigzag', 'There is no drill called “zigzag”'],
    ['word,drill,version\nhugs,tall reach,on the moon', 'Tall reach has no version called “on the moon”'],
    ['word,drill\nhugs,tall reach,base,more', 'It has more cells than the heading'],
    ['word,drill\nhugs,"tall reach', 'A quotation mark is opened in it and not closed'],
  ])('say what is wrong with %s', (csv, problem) => {
    expect(readWordCsv(csv, library)).toMatchObject([{ ok: false, problem }]);
  });
});
