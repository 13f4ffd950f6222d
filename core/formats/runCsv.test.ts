import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { readRunCsv, RUN_COLUMNS, writeRunCsv, type RunLine } from './runCsv.ts';

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

it('is read back as it was written, but for space at the ends of names', () => {
  fc.assert(
    fc.property(fc.array(line, { maxLength: 8 }), (lines) => {
      const named = lines.map((one) => ({ ...one, title: `a${one.title}`.replaceAll(/['\r\n]/g, '') }));
      const rows = readRunCsv(writeRunCsv(named));
      const plain = (text: string) =>
        text
          .replaceAll('\r\n', '\n')
          .replace(/^'+(?=[=+\-@\t\r])/, '')
          .trim();
      const trimmed = (one: RunLine) => ({
        ...one,
        title: plain(one.title),
        group: plain(one.group),
        site: plain(one.site),
        coach: plain(one.coach),
        note: plain(one.note),
      });
      expect(rows.map((row) => (row.ok ? trimmed(row.value) : row.problem))).toEqual(named.map(trimmed));
    }),
  );
});

const HEADING = 'day,time,circuit,planned seconds,actual seconds,effort 0-10,warm';
it.each([
  ['day,time,circuit,planned seconds', 'The heading lacks: actual seconds'],
  [`${HEADING}\n26/11/2026,6:15,Squats,400,410,,`, '"26/11/2026" is no day, such as 2026-11-25'],
  [`${HEADING}\n2026-11-26,quarter past,Squats,400,410,,`, '"quarter past" is no time of day, such as 6:15'],
  [`${HEADING}\n2026-11-26,6:15,,400,410,,`, 'There is no circuit'],
  [`${HEADING}\n2026-11-26,6:15,Squats,400,6:50,,`, '"6:50" is not seconds: a whole number from 0 to 86400'],
  [`${HEADING}\n2026-11-26,6:15,Squats,400,410,11,`, '"11" is not an effort: a whole number from 0 to 10'],
  [`${HEADING}\n2026-11-26,6:15,Squats,400,410,4,hot`, '"hot" is not yes, nearly or no'],
])('says what is wrong with a line that is no run: %s', (csv, problem) => {
  expect(readRunCsv(csv).map((row) => (row.ok ? row.value : row.problem))).toEqual([problem]);
});

it('takes a line with what it must have, and nothing else', () => {
  const [row] = readRunCsv(`${HEADING}\r\n2026-11-26,6.15 am,Squats,400,410,,`);
  expect(row?.ok && row.value).toMatchObject({ time: '6:15', title: 'Squats', group: '', effort: null, warm: null });
});
