import { expect, it } from 'vitest';
import { testPerson } from '../testing/people.ts';
import { attendanceOf } from './attendance.ts';
import type { Seen, SeenState } from './seen.ts';

const seen = (runId: string, state: SeenState): Seen => ({
  runId,
  day: '2026-11-02',
  title: 'Made up',
  state,
  where: null,
  side: null,
  pain: null,
  reached: [],
  technique: [],
  effort: null,
  signs: [],
});
const sessions = [
  { runId: 'one', day: '2026-11-02' },
  { runId: 'two', day: '2026-11-09' },
  { runId: 'three', day: '2026-11-16' },
];

it('says who came to which session, and who was missing lately, without how they were', () => {
  const [dov, sunniva, merle] = attendanceOf(
    [
      testPerson({ name: 'Dov', seen: [seen('three', 'not there'), seen('two', 'not there'), seen('one', 'niggle')] }),
      testPerson({ name: 'Sunniva', seen: [seen('one', 'stopped'), seen('three', 'fine'), seen('elsewhere', 'fine')] }),
      testPerson({ name: 'Merle' }),
    ],
    sessions,
  );
  expect(dov).toMatchObject({ presences: ['there', 'not there', 'not there'], there: 1, noted: 3, missedLately: 2 });
  expect(sunniva).toMatchObject({ presences: ['there', 'not noted', 'there'], there: 2, noted: 2, missedLately: 0 });
  expect(merle).toMatchObject({
    presences: ['not noted', 'not noted', 'not noted'],
    there: 0,
    noted: 0,
    missedLately: 0,
  });
});

it('counts what was missed lately by the day, however the sessions are listed', () => {
  const person = testPerson({ seen: [seen('three', 'fine'), seen('two', 'not there'), seen('one', 'not there')] });
  for (const listed of [sessions, sessions.toReversed()]) {
    expect(attendanceOf([person], listed)[0]?.missedLately).toBe(0);
  }
});
