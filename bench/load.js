// Ten connections that read and save for a while by themselves, then for as long with attacks beside them. Prints what
// they noticed: p50 and p99 of each half and their ratio, every status, and the server's memory. Ends with 1 where the
// bounds of docs/security.md do not hold.
import { randomUUID } from 'node:crypto';
import { Agent, request } from 'node:http';

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
        answer = await visitor.json('PUT', `/api/circuits/${one.id}`, {
          circuit: circuit(`Saved ${n}`),
          groupId: null,
          siteId: null,
          version: one.version,
          saveId: randomUUID(),
        });
        if (answer.status === 200) one.version += 1;
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
  for (let n = at; performance.now() < until; n += 1) {
    const { status } = await attacks[n % attacks.length]();
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
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
  await Promise.all([
    ...coaches.map((one) => work(one, until, seen)),
    ...attackers.map((one, n) => attack(one, n * 3, until, attacked)),
  ]);
  clearInterval(watching);
  return { ...seen, attacked, memories };
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
console.log(`the attacks     ${words(attacked.attacked)}`);
const third = Math.floor(attacked.memories.length / 3);
const mean = (list) => list.reduce((sum, one) => sum + one, 0) / list.length;
const [early, late] = [mean(attacked.memories.slice(third, 2 * third)), mean(attacked.memories.slice(2 * third))];
console.log(
  `memory          ${at(calm.memories, 0.5).toFixed(0)} MB by themselves; under attack ${early.toFixed(0)} MB in the second third, ${late.toFixed(0)} MB in the last`,
);
const fell = [...attacked.statuses, ...attacked.attacked].filter(([status]) => status >= 500 && status !== 503);
const holds = fell.length === 0 && after / before < MOST_RATIO && late < early * 1.15;
console.log(
  holds ? 'The bounds hold.' : `A bound does not hold${fell.length > 0 ? `: answers ${JSON.stringify(fell)}` : ''}.`,
);
process.exit(holds ? 0 : 1);
