import { ADDRESSES, type Address } from '@prompt-spark/contract/addresses';
import { randomInt } from 'node:crypto';
import pg from 'pg';
import { bench, describe } from 'vitest';
import { demoAccount } from './store/accounts.ts';
import { statementsOf } from './testing/statements.ts';
import { newCircuit, newRun, newSession, PASSWORD, signedInCoach, testServer, Visitor } from './testing/studio.ts';

/**
 * Ten thousand studios with twenty circuits each in one database: what each query of a list, a sign-in and the start takes,
 * and what the very same statement takes by itself. One that takes over 20 ms is named.
 */
const STUDIOS = 10_000;
const CIRCUITS = 20;
const MOST_MS = 20;
const LOOKS = 15;

const server = await testServer(undefined, { checkAnswers: false });
const { pool } = server.connection;
const { coach, account } = await signedInCoach(server, 'first@saltmere.example');
const board = newCircuit(
  '# One\ntags: quay\nraise\n  skipping rope 60s\nmobilise 2 rounds\n  cat-cow 8\n  lateral lunge 8/side',
);
await coach.ask(ADDRESSES.addCircuit).send(board).expect(201);
await coach.ask(ADDRESSES.addSession).send(newSession(board.id)).expect(201);
for (let turn = 0; turn < 60; turn += 1) await coach.ask(ADDRESSES.addRun).send(newRun(board)).expect(201);
await coach.ask(ADDRESSES.circuits).expect(200);

await pool.query('set statement_timeout = 0');
const loader = new pg.Client({ connectionString: server.url });
await loader.connect();
await loader.query(
  `insert into studio (studio_id, name) select gen_random_uuid(), 'Studio ' || n from generate_series(1, $1::int) n`,
  [STUDIOS],
);
await loader.query(`insert into coach (id, studio_id, name, email, password_hash)
  select gen_random_uuid(), studio_id, 'Coach', studio_id || '@saltmere.example', c.password_hash
  from studio, (select password_hash from coach limit 1) c where name like 'Studio %' and name not like 'Studio of%'`);
await loader.query(`insert into site (id, studio_id, name, time_zone, lanes, lane_metres, mats, loop_bands, walls)
  select gen_random_uuid(), studio_id, 'Hall', 'Europe/London', 4, 10, 12, 8, 1 from studio where name not like 'Studio of%'`);
await loader.query(
  `insert into circuit (id, studio_id, version, save_id, document, schema_version, saved_at, summary, summary_of, search_text, tags, drill_ids)
   select gen_random_uuid(), s.studio_id, 1, gen_random_uuid(), c.document, c.schema_version, now() - n * interval '1 hour',
     c.summary, c.summary_of, c.search_text, c.tags, c.drill_ids
   from studio s, generate_series(1, $1::int) n, (select * from circuit where id = $2) c where s.name not like 'Studio of%'`,
  [CIRCUITS, board.id],
);
await loader.query('analyze');
const { rows: coaches } = await loader.query<{ email: string }>(
  `select email from coach where email <> 'first@saltmere.example' limit 2000`,
);

const median = (numbers: readonly number[]) => numbers.toSorted((one, other) => one - other)[numbers.length >> 1] ?? 0;

async function timed(work: () => Promise<unknown>): Promise<number> {
  const begun = performance.now();
  await work();
  return performance.now() - begun;
}

const visitor = new Visitor(server);
const span = { from: '2026-11-20T00:00:00.000Z', to: '2026-12-20T00:00:00.000Z' };
const get =
  (address: Address, query: object = {}) =>
  async () => {
    await visitor.ask(address).query(query).expect(200);
  };
const WORK: Readonly<Record<string, () => Promise<unknown>>> = {
  'signing in': async () => {
    const email = coaches[randomInt(coaches.length)]?.email;
    await visitor.ask(ADDRESSES.signIn).send({ email, password: PASSWORD }).expect(200);
  },
  'the door': get(ADDRESSES.welcome),
  'the start: the demo’s account': () => demoAccount(server.connection.database),
  circuits: get(ADDRESSES.circuits),
  'circuits with words': get(ADDRESSES.circuits, { find: 'lunge quay' }),
  'circuits with a tag': get(ADDRESSES.circuits, { tag: 'quay' }),
  'circuits with a drill': get(ADDRESSES.circuits, { drill: 'cat-cow' }),
  sessions: get(ADDRESSES.sessions, span),
  'the log': get(ADDRESSES.runs),
  people: get(ADDRESSES.people),
  places: get(ADDRESSES.places),
  drills: get(ADDRESSES.drills),
  standards: get(ADDRESSES.standards),
};

describe(`${String(STUDIOS)} studios with ${String(CIRCUITS)} circuits each`, () => {
  bench(
    'every list, signing in and the start',
    async () => {
      let slow = 0;
      for (const [name, work] of Object.entries(WORK)) {
        const whole: number[] = [];
        for (let look = 0; look < LOOKS; look += 1) whole.push(await timed(work));
        let longest = 0;
        for (const { text, values } of await statementsOf(pool, work)) {
          const alone: number[] = [];
          for (let look = 0; look < LOOKS; look += 1) alone.push(await timed(() => loader.query(text, values)));
          longest = Math.max(longest, median(alone));
          if (median(alone) > MOST_MS) {
            slow += 1;
            console.log(
              `over ${String(MOST_MS)} ms: ${median(alone).toFixed(1)} ms ${text.replaceAll(/\s+/g, ' ').slice(0, 160)}`,
            );
          }
        }
        console.log(
          `${name}: answered in ${median(whole).toFixed(1)} ms, its longest statement by itself ${longest.toFixed(1)} ms`,
        );
      }
      console.log(`statements over ${String(MOST_MS)} ms: ${String(slow)} (${account.studioName})`);
    },
    { iterations: 1, time: 0, warmupIterations: 0 },
  );
});
