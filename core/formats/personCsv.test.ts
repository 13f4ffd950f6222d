import fc from 'fast-check';
import Papa from 'papaparse';
import { expect, it } from 'vitest';
import { anyPerson, limit, testPerson } from '../testing/people.ts';
import { PERSON_COLUMNS, readPersonCsv, writePersonCsv } from './personCsv.ts';

it('people go out and come in as they were, but for what is of the day', () => {
  fc.assert(
    fc.property(anyPerson, fc.subarray(['Dawn Mixed', 'Lifeboat Crew']), (person, groups) => {
      const { id: _, ...sent } = { ...person, readiness: null, holds: [] };
      const [row] = readPersonCsv(writePersonCsv([{ person: sent, groups }]));
      expect(row).toEqual({ ok: true, line: 2, value: { person: sent, groups } });
    }),
  );
});

it('is CSV that a general reader reads', () => {
  const { id: _, ...person } = testPerson({
    name: 'Quist, "Hal"',
    notes: 'two\nlines',
    limits: [limit('wrist', 'ease', 'left')],
  });
  const { data, errors } = Papa.parse<string[]>(writePersonCsv([{ person, groups: [] }]), { skipEmptyLines: true });
  expect(errors).toEqual([]);
  expect(data[0]).toEqual([...PERSON_COLUMNS]);
  expect(data[1]?.[0]).toBe('Quist, "Hal"');
  expect(data[1]?.[3]).toBe('Wrist = ease left');
});

it.each([
  ['no heading', 'Perran\r\n', 'no column called "name"'],
  ['no name', 'name,notes\r\n,something\r\n', 'no name'],
  ['a limit nobody knows', 'name,limits\r\nPerran,Elbow = avoid\r\n', '"Elbow = avoid" is no limit'],
  ['an ability nobody has', 'name,ability\r\nPerran,squat heroic\r\n', '"squat heroic" is not an ability'],
])('says what is wrong with %s', (_what, csv, words) => {
  expect(readPersonCsv(csv)).toMatchObject([{ ok: false, problem: expect.stringContaining(words) as unknown }]);
});
