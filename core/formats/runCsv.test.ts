import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { RUN_COLUMNS, writeRunCsv, type RunLine } from './runCsv.ts';

const text = fc.string({ unit: 'grapheme', maxLength: 40 });
const seconds = fc.integer({ min: 0, max: 7200 });
const line: fc.Arbitrary<RunLine> = fc.record({
  day: fc.constant('2026-11-26'),
  time: fc.constant('6:15'),
  title: text,
  group: text,
  site: text,
  coach: text,
  planned: seconds,
  actual: seconds,
  paused: seconds,
  endedEarly: fc.boolean(),
  effort: fc.option(fc.integer({ min: 0, max: 10 })),
  warm: fc.constantFrom('yes', 'nearly', 'no', null),
  note: fc.string({ unit: fc.constantFrom('a', '"', ',', '\n', '\r\n', '=', ' ', 'é'), maxLength: 30 }),
});

it('is read by another reader as it was written, with any note', () => {
  fc.assert(
    fc.property(fc.array(line, { maxLength: 8 }), (lines) => {
      const rows: string[][] = parse(writeRunCsv(lines));
      expect(rows[0]).toEqual([...RUN_COLUMNS]);
      expect(rows.slice(1).map((row) => [row[6], row[7], row[9], row[11]])).toEqual(
        lines.map(({ planned, actual, endedEarly, warm }) => [
          String(planned),
          String(actual),
          endedEarly ? 'yes' : 'no',
          warm ?? '',
        ]),
      );
      expect(rows.slice(1).map((row) => row[12]?.replace(/^'+(?=[=+\-@\t\r])/, ''))).toEqual(
        lines.map(({ note }) => note.replace(/^'+(?=[=+\-@\t\r])/, '')),
      );
    }),
  );
});

it('gives a spreadsheet no formula to carry out', () => {
  const [run] = fc.sample(line, 1);
  if (!run) throw new Error('There is a run.');
  expect(writeRunCsv([{ ...run, note: '=HYPERLINK("x")' }])).toContain(`"'=HYPERLINK(""x"")"`);
});
