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
  ['no heading', 'Perran\r\n', 'The heading lacks: name'],
  ['no name', 'name,notes\r\n,something\r\n', 'no name'],
  ['a limit nobody knows', 'name,limits\r\nPerran,Elbow = avoid\r\n', '"Elbow = avoid" is no limit'],
  ['an ability nobody has', 'name,ability\r\nPerran,squat heroic\r\n', '"squat heroic" is not an ability'],
])('says what is wrong with %s', (_what, csv, words) => {
  expect(readPersonCsv(csv)).toMatchObject([{ ok: false, problem: expect.stringContaining(words) as unknown }]);
});

it('gives a spreadsheet no formula to carry out, and comes back the same', () => {
  const start = fc.constantFrom('=', '+', '-', '@', "'=", "''+", "'", '=cmd|"/c calc"!A1', '-2+3');
  fc.assert(
    fc.property(start, fc.stringMatching(/^[a-z ]{0,12}[a-z]$/), (formula, rest) => {
      const { id: _, ...person } = testPerson({ name: `${formula}${rest}`, notes: `${formula}${rest}` });
      const csv = writePersonCsv([{ person, groups: [`${formula}${rest}`] }]);
      const cells = Papa.parse<string[]>(csv, { skipEmptyLines: true }).data.slice(1).flat();
      expect(cells.filter((cell) => /^[=+\-@\t\r]/.test(cell))).toEqual([]);
      expect(readPersonCsv(csv)).toEqual([{ ok: true, line: 2, value: { person, groups: [`${formula}${rest}`] } }]);
    }),
  );
});
