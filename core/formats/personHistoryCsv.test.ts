import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { MEASURES } from '../measures/measure.ts';
import type { Seen } from '../people/seen.ts';
import { testPerson } from '../testing/people.ts';
import { writePersonHistoryCsv } from './personHistoryCsv.ts';

const seen = (day: string, title: string): Seen => ({
  runId: day,
  day,
  title,
  state: 'niggle',
  where: 'knee',
  side: 'left',
  pain: 3,
  reached: [{ drillId: 'push-up', drillName: 'Push-up', amount: 12, unit: 'reps' }],
  technique: [{ drillId: 'lunge', drillName: 'Lunge', fault: 'knee falls in', version: 'easier' }],
  effort: 4,
  signs: ['sweat'],
});

it('holds what was seen, counted and measured of one person, the last day first, as another reader reads it', () => {
  const csv = writePersonHistoryCsv(
    testPerson({
      seen: [seen('2026-11-20', 'Before squats')],
      measured: [
        { id: 'a', measureId: 'knee-to-wall', day: '2026-11-24', left: 8.5, right: 11, once: null },
        { id: 'b', measureId: 'gone', day: '2026-11-02', left: null, right: null, once: 30 },
      ],
    }),
    MEASURES,
  );
  expect(parse(csv, { columns: true })).toEqual([
    { day: '2026-11-24', kind: 'measure', what: 'Knee to wall', result: '', left: '8.5', right: '11', unit: 'cm' },
    {
      day: '2026-11-20',
      kind: 'session',
      what: 'Before squats',
      result: 'niggle, left knee, 3 of 10, effort 4, sweat',
      left: '',
      right: '',
      unit: '',
    },
    { day: '2026-11-20', kind: 'reached', what: 'Push-up', result: '12', left: '', right: '', unit: 'reps' },
    {
      day: '2026-11-20',
      kind: 'technique',
      what: 'Lunge',
      result: 'knee falls in, easier version',
      left: '',
      right: '',
      unit: '',
    },
    { day: '2026-11-02', kind: 'measure', what: 'gone', result: '30', left: '', right: '', unit: '' },
  ]);
});

it('is read back with any title, and no title becomes a formula', () => {
  const title = fc.string({
    unit: fc.constantFrom('a', '"', ',', '\n', '=', '+', ' ', 'é'),
    minLength: 1,
    maxLength: 20,
  });
  fc.assert(
    fc.property(fc.array(title, { maxLength: 6 }), (titles) => {
      const csv = writePersonHistoryCsv(testPerson({ seen: titles.map((one) => seen('2026-11-20', one)) }), MEASURES);
      const rows: { kind: string; what: string }[] = parse(csv, { columns: true });
      const whats = rows.filter(({ kind }) => kind === 'session').map(({ what }) => what);
      expect(whats.map((what) => what.replace(/^'/, ''))).toEqual(titles);
      expect(whats.every((what) => !/^[=+\-@]/.test(what))).toBe(true);
    }),
  );
});
