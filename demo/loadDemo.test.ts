import { TEST_HEALTH_KEYS } from '@prompt-spark/server/testing/studio';
import type {} from '@prompt-spark/server/testing/database';
import { check } from '@prompt-spark/contract/check';
import { sessionListSchema } from '@prompt-spark/contract/session';
import { demoAccount } from '@prompt-spark/server/store/accounts';
import { circuitsOf } from '@prompt-spark/server/store/circuits';
import { migrateDatabase, openDatabase, type Connection } from '@prompt-spark/server/store/database';
import { coach } from '@prompt-spark/server/schema/tables';
import { pacesOf, runsOf, turnsOf } from '@prompt-spark/server/store/runs';
import { sessionsBetween } from '@prompt-spark/server/store/sessions';
import { newDatabase } from '@prompt-spark/server/testing/postgres';
import { habitsFrom } from '@prompt-spark/core/session/habits';
import { nextStep } from '@prompt-spark/core/progress/nextStep';
import { USUAL_PROGRESS } from '@prompt-spark/core/progress/rules';
import { addDays } from 'date-fns';
import { afterAll, beforeAll, expect, inject, it } from 'vitest';
import { loadDemo } from './loadDemo.ts';

const now = new Date('2026-11-25T09:00:00.000Z');
let connection: Connection;
let studioId: string;

beforeAll(async () => {
  const url = await newDatabase(inject('serverPostgres'));
  await migrateDatabase(url);
  connection = openDatabase(url);
  expect(await loadDemo(connection.database, now, TEST_HEALTH_KEYS)).toBe(true);
  studioId = (await demoAccount(connection.database))?.studioId ?? '';
});
afterAll(() => connection.close());

it('loads once: a database that has a studio is left as it is', async () => {
  expect(await loadDemo(connection.database, now, TEST_HEALTH_KEYS)).toBe(false);
  expect((await circuitsOf(connection.database, studioId)).circuits).toHaveLength(5);
});

it('has sessions on each of the eight weeks from the day of loading, so that Today is never empty', async () => {
  for (let day = 0; day < 56; day += 1) {
    const from = addDays(now, day);
    const list = await sessionsBetween(connection.database, studioId, from, addDays(from, 1));
    expect(check(sessionListSchema, list).ok).toBe(true);
    expect(list.sessions.length).toBeGreaterThan(0);
  }
});

it('has a log of four months, with what every slot took', async () => {
  const { runs, next } = await runsOf(connection.database, studioId);
  expect(next).not.toBeNull();
  const { runs: first } = await runsOf(connection.database, studioId, { to: addDays(now, -112).toISOString() });
  expect(first.length).toBeGreaterThan(10);
  for (const run of runs) {
    expect(run.startedAt < now.toISOString()).toBe(true);
    const { turns } = (await turnsOf(connection.database, studioId, run.id)) ?? { turns: [] };
    expect(turns.length).toBeGreaterThan(3);
    expect(turns.reduce((sum, { actual }) => sum + actual, 0)).toBeCloseTo(run.actual, 6);
  }
});

it('tells by its log how its coaches run what they planned', async () => {
  const places = await connection.database.select({ id: coach.id, name: coach.name }).from(coach);
  const habitsOf = async (name: string) => {
    const { id = '' } = places.find((one) => one.name === name) ?? {};
    const paces = await pacesOf(connection.database, studioId, id);
    return habitsFrom(paces.map(({ pace }) => pace)).habits;
  };
  const [imke, tobias] = [await habitsOf('Imke Sandvoort'), await habitsOf('Tobias Arrowsmith')];
  expect(Math.abs(imke.talk - 1.15)).toBeLessThan(0.05);
  expect(Math.abs(tobias.talk - 0.9)).toBeLessThan(0.05);
  expect(Math.abs(tobias.switch - 0.85)).toBeLessThan(0.05);
});

it('tells by its log that one circuit has become easy, and that another was too hard', async () => {
  const { circuits } = await circuitsOf(connection.database, studioId);
  const stepOf = async (title: string) => {
    const circuit = circuits.find((one) => one.title === title);
    const { runs } = await runsOf(connection.database, studioId, { circuit: circuit?.id ?? '' });
    const past = runs.map(({ startedAt, effort, endedEarly, marks }) => {
      return { daysAgo: (now.getTime() - Date.parse(startedAt)) / 86_400_000, effort, endedEarly, marks };
    });
    expect(runs.every(({ startedAt }) => startedAt > (circuit?.savedAt ?? ''))).toBe(true);
    return nextStep(past, USUAL_PROGRESS);
  };
  expect(await stepOf('Before squats')).toMatchObject({ steps: 1, reason: { kind: 'easy' } });
  expect(await stepOf('Haul and jump')).toMatchObject({ steps: -1, reason: { kind: 'marked', mark: 'too hard' } });
});
