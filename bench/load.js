// Ten connections that read and save for a while by themselves, then for as long with attacks beside them. Prints what
// they noticed: p50 and p99 of each half and their ratio, every status, and the server's memory. Ends with 1 where the
// bounds of docs/security.md do not hold.
import { randomUUID } from 'node:crypto';
import { Agent, request } from 'node:http';
import { connect } from 'node:net';
import pg from 'pg';

const [address, metrics, length] = process.argv.slice(2);
const { hostname, port } = new URL(address);
const SECONDS = Number(length);
const CONNECTIONS = 10;
const MOST_RATIO = 3;

/** Somebody at a browser. */
class Visitor {
  constructor(from) {
    this.from = from;
    this.agent = new Agent({ keepAlive: true, maxSockets: 1 });
    this.cookie = '';
  }

  ask(method, path, body = '', headers = {}) {
    return new Promise((resolve) => {
      const sending = request(
        {
          hostname,
          port,
          method,
          path,
          agent: this.agent,
          headers: {
            'Sec-Fetch-Site': 'same-origin',
            'X-Forwarded-For': this.from,
            Cookie: this.cookie,
            ...(body === '' ? {} : { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(body) }),
            ...headers,
          },
        },
        (response) => {
          const chunks = [];
          response.on('data', (chunk) => chunks.push(chunk));
          response.on('error', () => resolve({ status: 0, text: '' }));
          response.on('end', () => {
            const cookie = (response.headers['set-cookie'] ?? []).find((one) => one.startsWith('prompt-spark='));
            if (cookie) this.cookie = cookie.split(';')[0];
            resolve({ status: response.statusCode, text: Buffer.concat(chunks).toString() });
          });
        },
      );
      sending.on('error', () => resolve({ status: 0, text: '' }));
      sending.end(body);
    });
  }

  json(method, path, body) {
    return this.ask(method, path, JSON.stringify(body));
  }
}

const slot = (id) => ({
  kind: 'slot',
  id,
  drillId: 'body-weight-squat',
  dose: { kind: 'time', seconds: { low: 30, high: 30 } },
  sides: 'both',
  extra: null,
  sets: { low: 1, high: 1 },
  setRest: 0,
  rest: 10,
  pinned: false,
  optional: false,
  cue: '',
  tracks: [],
});
const circuit = (title) => ({
  title,
  purpose: '',
  tags: ['load'],
  approach: '',
  available: 480,
  clock: null,
  people: 12,
  lanes: 0,
  somebodyNew: false,
  slowToFloor: false,
  namesOnly: false,
  versions: [],
  unread: [],
  blocks: [
    {
      id: 'b1',
      phase: 'raise',
      rounds: { low: 1, high: 1 },
      roundRest: 0,
      stations: false,
      lines: Array.from({ length: 12 }, (_, at) => slot(`l${at}`)),
    },
  ],
});
const person = (name) => ({
  name,
  birthYear: 1980,
  limits: [],
  ability: {},
  stiffer: {},
  familiar: [],
  kit: [],
  notes: '',
  consentOn: '2026-11-01',
  choices: [],
  readiness: null,
  holds: [],
});

async function coach(at) {
  const visitor = new Visitor(`192.0.2.${at}`);
  const email = `${randomUUID()}@saltmere.example`;
  const opened = await visitor.json('POST', '/api/studios', {
    studioName: 'Load',
    coachName: 'Ebba Quay',
    email,
    password: 'salt wind and rope',
    timeZone: 'UTC',
  });
  if (opened.status !== 201) throw new Error(`No studio: ${opened.text}`);
  const circuits = [];
  for (let n = 0; n < 60; n += 1) {
    const id = randomUUID();
    const { status, text } = await visitor.json('POST', '/api/circuits', {
      id,
      circuit: circuit(`Circuit ${n}`),
      groupId: null,
      siteId: null,
    });
    if (status !== 201) throw new Error(`No circuit: ${text}`);
    circuits.push({ id, version: 1 });
  }
  for (let n = 0; n < 20; n += 1) {
    await visitor.json('PUT', `/api/people/${randomUUID()}`, {
      version: null,
      groupIds: [],
      document: person(`Ragna ${n}`),
    });
  }
  return { visitor, circuits };
}

/** What one connection does, over and over. */
async function work({ visitor, circuits }, until, seen) {
  for (let n = 0; performance.now() < until; n += 1) {
    const one = circuits[n % circuits.length];
    const start = performance.now();
    let answer;
    switch (n % 5) {
      case 0:
        answer = await visitor.ask('GET', '/api/circuits');
        break;
      case 1:
        answer = await visitor.ask('GET', `/api/circuits/${one.id}`);
        break;
      case 2:
        answer = await visitor.ask('GET', '/api/people');
        break;
      case 3:
        answer = await visitor.ask('GET', '/api/places');
        break;
      default:
        // What was not answered is sent again under its own id, as the application does.
        one.save ??= {
          circuit: circuit(`Saved ${n}`),
          groupId: null,
          siteId: null,
          version: one.version,
          saveId: randomUUID(),
        };
        answer = await visitor.json('PUT', `/api/circuits/${one.id}`, one.save);
        if (answer.status === 200) {
          one.version += 1;
          one.save = undefined;
        }
    }
    seen.times.push(performance.now() - start);
    seen.statuses.set(answer.status, (seen.statuses.get(answer.status) ?? 0) + 1);
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
}

const filled = (open, item, close, bytes) =>
  `${open}${`${item},`.repeat(Math.floor((bytes - open.length - close.length) / (item.length + 1)) - 1)}${item}${close}`;

/** Attacks of docs/security.md, one after the other, from one more connection each. */
async function attack({ visitor, circuits }, at, until, statuses) {
  const path = `/api/circuits/${circuits[0].id}`;
  const attacks = [
    () => visitor.ask('PUT', path, filled('{"circuit":{"blocks":[{"lines":[', '{}', ']}]}}', 30_000)),
    () => visitor.ask('PUT', path, filled('{"circuit":{"blocks":[', '{}', ']}}', 500_000)),
    () => visitor.ask('PUT', path, `{"a":"${'\\'.repeat(400_000)}"}`),
    () => visitor.ask('PUT', path, '['.repeat(200_000)),
    () => visitor.json('POST', '/api/people/import', { csv: `name,limits\nEbba,"a${' '.repeat(1_200_000)}b"` }),
    () => visitor.json('POST', '/api/drills/import', { csv: ','.repeat(1_200_000) }),
    () => visitor.ask('POST', '/api/people/import', filled('{"csv":[', '1', ']}', 1_900_000)),
    () =>
      new Visitor(`203.0.113.${Math.floor(Math.random() * 250)}`).json('POST', '/api/account/sign-in', {
        email: 'nobody@saltmere.example',
        password: 'a guess',
      }),
    () => visitor.ask('POST', '/api/account/sign-in', filled('{"email":[', '"a"', ']}', 4_000)),
    () => visitor.ask('GET', `/api/circuits?find=${'%25'.repeat(1000)}`),
    () =>
      visitor.json('POST', '/api/circuits', {
        id: randomUUID(),
        groupId: null,
        siteId: null,
        circuit: {
          ...circuit('x'),
          blocks: [
            {
              ...circuit('x').blocks[0],
              rounds: { low: 50, high: 50 },
              lines: Array.from({ length: 500 }, (_, n) => ({ ...slot(`l${n}`), sets: { low: 50, high: 50 } })),
            },
          ],
        },
      }),
  ];
  attacks.push(
    () =>
      visitor.json('PUT', `/api/people/{${randomUUID().toUpperCase()}}`, {
        version: null,
        groupIds: [],
        document: person('Odd'),
      }),
    () => visitor.ask('GET', '/api/circuits/%00'),
    () => visitor.ask('GET', '/api/circuits/..%2f..%2fpeople'),
    () => visitor.ask('GET', '/api/runs?from=%2B275760-09-13&to=-271821-04-20'),
    () => visitor.ask('GET', '/api/account', '', { 'Content-Type': 'text/plain; charset=klingon' }),
    () => visitor.ask('POST', path, '{}', { 'Content-Encoding': 'gzip' }),
    () => visitor.ask('GET', '/index.html'),
    () =>
      visitor.json('PUT', path, {
        circuit: circuit('\u0000\ud800'),
        groupId: null,
        siteId: null,
        version: 1,
        saveId: randomUUID(),
      }),
    () => new Visitor('203.0.113.7').json('POST', '/api/account/enter-demo', {}),
    () => new Visitor('203.0.113.8').json('POST', '/api/studios', { studioName: 'x' }),
    () => visitor.json('POST', '/api/drills/import', { csv: `name,doses\nx,"1${' '.repeat(200_000)}b"` }),
    halfSent,
  );
  for (let n = at; performance.now() < until; n += 1) {
    const { status } = await attacks[n % attacks.length]();
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

/** A request whose body never comes, given up after two seconds. */
function halfSent() {
  return new Promise((resolve) => {
    const socket = connect(Number(port), hostname, () =>
      socket.write(
        'POST /api/account/sign-in HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nContent-Length: 500\r\n\r\n{',
      ),
    );
    socket.on('error', () => undefined);
    setTimeout(() => {
      socket.destroy();
      resolve({ status: 'half sent' });
    }, 2_000);
  });
}

/** Ends every connection that the server has to its database, as a database that starts anew does. */
async function endConnections() {
  const client = new pg.Client({ connectionString: process.env.DATABASE_URL });
  await client.connect();
  const { rowCount } = await client.query(
    'select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()',
  );
  await client.end();
  return rowCount;
}

async function memory() {
  const text = await (await fetch(metrics)).text();
  return Number(/^process_resident_memory_bytes (\S+)/m.exec(text)?.[1]) / 1e6;
}

const at = (times, share) => times.toSorted((a, b) => a - b)[Math.floor(times.length * share)];

async function half(coaches, attackers, seconds = SECONDS) {
  const until = performance.now() + seconds * 1000;
  const seen = { times: [], statuses: new Map() };
  const attacked = new Map();
  const memories = [];
  const watching = setInterval(
    () => void memory().then((megabytes) => memories.push(megabytes)),
    (seconds * 1000) / 20,
  );
  let ended = 0;
  const ending = setInterval(
    () => attackers.length > 0 && void endConnections().then((connections) => (ended += connections)),
    15_000,
  );
  await Promise.all([
    ...coaches.map((one) => work(one, until, seen)),
    ...attackers.map((one, n) => attack(one, n * 3, until, attacked)),
  ]);
  clearInterval(watching);
  clearInterval(ending);
  return { ...seen, attacked, memories, ended };
}

const coaches = [];
for (let n = 0; n < CONNECTIONS; n += 1) coaches.push(await coach(n));
const attackers = [await coach(200), await coach(201), await coach(202)];
await half(coaches, [], 10); // Warm.
const calm = await half(coaches, []);
const attacked = await half(coaches, attackers);
const [before, after] = [at(calm.times, 0.99), at(attacked.times, 0.99)];
const words = (statuses) => [...statuses].map(([status, times]) => `${status}: ${times}`).join(', ');
console.log(
  `by themselves   ${calm.times.length} requests, p50 ${at(calm.times, 0.5).toFixed(1)} ms, p99 ${before.toFixed(1)} ms (${words(calm.statuses)})`,
);
console.log(
  `under attack    ${attacked.times.length} requests, p50 ${at(attacked.times, 0.5).toFixed(1)} ms, p99 ${after.toFixed(1)} ms (${words(attacked.statuses)}), ${(after / before).toFixed(2)} times`,
);
console.log(`the attacks     ${words(attacked.attacked)}; ${attacked.ended} connections to the database ended`);
const third = Math.floor(attacked.memories.length / 3);
const mean = (list) => list.reduce((sum, one) => sum + one, 0) / list.length;
const [early, late] = [mean(attacked.memories.slice(third, 2 * third)), mean(attacked.memories.slice(2 * third))];
console.log(
  `memory          ${at(calm.memories, 0.5).toFixed(0)} MB by themselves; under attack ${early.toFixed(0)} MB in the second third, ${late.toFixed(0)} MB in the last`,
);
const fell = [
  ...[...attacked.statuses].filter(([status]) => status !== 200 && status !== 503),
  ...[...attacked.attacked].filter(([status]) => status >= 500 && status !== 503),
];
const holds = fell.length === 0 && after / before < MOST_RATIO && late < early * 1.15;
console.log(
  holds ? 'The bounds hold.' : `A bound does not hold${fell.length > 0 ? `: answers ${JSON.stringify(fell)}` : ''}.`,
);
process.exit(holds ? 0 : 1);
