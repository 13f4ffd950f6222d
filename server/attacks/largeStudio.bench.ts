import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import type { CoachedPeople } from '@prompt-spark/contract/person';
import { testPerson } from '@prompt-spark/core/testing/people';
import { randomUUID } from 'node:crypto';
import { bench } from 'vitest';
import { ownerOf } from '../health/owner.ts';
import { seal } from '../health/seal.ts';
import { newCircuit, signedInCoach, TEST_HEALTH_KEYS, testServer, type TestServer } from '../testing/studio.ts';
import { stallDuring } from './stall.ts';

const PEOPLE = 20_000;
const CIRCUITS = 5_000;
const RUNS = 50_000;
const FILE = 5_000;

/** Fills a studio by the database itself. */
async function fill({ connection: { pool } }: TestServer, studioId: string, coachId: string): Promise<void> {
  const { circuit } = newCircuit('# One\nraise\n  step jack 20s alt\nmobilise\n  cat-cow 6-8\n  body-weight squat 12');
  await pool.query(
    `insert into circuit (id, studio_id, version, save_id, document, schema_version, saved_at)
     select gen_random_uuid(), $1, 1, gen_random_uuid(), jsonb_set($2::jsonb, '{title}', to_jsonb('Circuit ' || n)), $3, now() - n * interval '1 minute'
     from generate_series(1, $4::int) as n`,
    [studioId, JSON.stringify(circuit), SCHEMA_VERSIONS.circuit, CIRCUITS],
  );
  await pool.query(
    `insert into run (id, studio_id, circuit_id, circuit_title, coach_id, started_at, finished_at, ended_early, note)
     select gen_random_uuid(), $1, (select id from circuit where studio_id = $1 limit 1), 'Run ' || n, $2, now() - n * interval '1 hour', now(), false, ''
     from generate_series(1, $3::int) as n`,
    [studioId, coachId, RUNS],
  );
  const { id: _, ...nobody } = testPerson();
  const people = Array.from({ length: PEOPLE }, (_one, n) => {
    const id = randomUUID();
    return [id, seal(TEST_HEALTH_KEYS, ownerOf(studioId, id), { ...nobody, name: `Ebba Quay ${String(n)}` })];
  });
  const list = JSON.stringify(people);
  await pool.query(
    `insert into person (id, studio_id, version, sealed, schema_version)
     select (p->>0)::uuid, $1, 1, p->>1, $3 from jsonb_array_elements($2::jsonb) as p`,
    [studioId, list, SCHEMA_VERSIONS.person],
  );
  await pool.query(
    `insert into person_coach (studio_id, person_id, coach_id)
     select $1, (p->>0)::uuid, $3 from jsonb_array_elements($2::jsonb) as p`,
    [studioId, list, coachId],
  );
  await pool.query('analyze');
}

bench(
  'lists and files of a studio grown large',
  async () => {
    const server = await testServer(undefined, { checkAnswers: false });
    const { coach, account } = await signedInCoach(server, 'grown@saltmere.example');
    await fill(server, account.studioId, account.coachId);
    const span = { from: '2026-11-20T00:00:00.000Z', to: '2026-12-20T00:00:00.000Z' };
    const everybody = async (): Promise<number> => {
      let [after, count] = [null as string | null, 0];
      do {
        const page = (await coach.ask(ADDRESSES.people).query(after === null ? {} : { after })).body as CoachedPeople;
        count += page.people.length;
        after = page.next;
      } while (after !== null);
      return count;
    };
    const file = ['name', ...Array.from({ length: FILE }, (_one, n) => `Ragna Firth ${String(n)}`)].join('\n');
    const tasks: readonly (readonly [string, () => Promise<unknown>])[] = [
      ['a page of people', async () => coach.ask(ADDRESSES.people)],
      [`all ${String(PEOPLE)} people, page after page`, everybody],
      ['a page of circuits', async () => coach.ask(ADDRESSES.circuits)],
      ['circuits by a word, the first time', async () => coach.ask(ADDRESSES.circuits).query({ find: 'Circuit 49' })],
      ['circuits by a word', async () => coach.ask(ADDRESSES.circuits).query({ find: 'Circuit 49' })],
      ['a page of the log', async () => coach.ask(ADDRESSES.runs)],
      ['the log of a coach', async () => coach.ask(ADDRESSES.runs).query({ coach: account.coachId })],
      ['a month of sessions', async () => coach.ask(ADDRESSES.sessions).query(span)],
      ['everybody as a file', async () => coach.ask(ADDRESSES.exportPeople)],
      [`a file of ${String(FILE)} people`, async () => coach.ask(ADDRESSES.importPeople).send({ csv: file })],
    ];
    console.log(`${String(PEOPLE)} people of one coach, ${String(CIRCUITS)} circuits, ${String(RUNS)} runs:`);
    for (const [what, task] of tasks) {
      const start = performance.now();
      const { stall } = await stallDuring(task);
      console.log(
        `  ${(performance.now() - start).toFixed(0).padStart(6)} ms, longest stall ${stall.toFixed(0).padStart(4)} ms  ${what}`,
      );
    }
    await server.close();
  },
  { iterations: 1, warmupIterations: 0, time: 0, warmupTime: 0 },
);
