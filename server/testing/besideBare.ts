import { Agent, createServer, request, type RequestListener } from 'node:http';
import type { AddressInfo } from 'node:net';

/** Asks something of a server that listens, and waits for the end of the answer. */
export type Send = (
  method: string,
  path: string,
  cookie: string,
  body?: unknown,
) => Promise<{ readonly status: number; readonly cookie: string }>;

const agent = new Agent({ keepAlive: true });

/** Serves something on a port of its own, and gives a function that asks it and waits for the end of the answer. */
export async function listenOn(listener: RequestListener): Promise<Send> {
  const listening = createServer(listener);
  await new Promise<void>((resolve) => listening.listen(0, '127.0.0.1', resolve));
  const { port } = listening.address() as AddressInfo;
  return (method, path, cookie, body) =>
    new Promise((resolve, reject) => {
      const headers = {
        Cookie: cookie,
        'Accept-Encoding': 'gzip',
        'Sec-Fetch-Site': 'same-origin',
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
      };
      const sent = request({ port, method, path, agent, headers }, (response) => {
        response.resume();
        response.on('end', () =>
          resolve({
            status: response.statusCode ?? 0,
            cookie: (response.headers['set-cookie'] ?? []).map((one) => one.split(';')[0] ?? '').join('; '),
          }),
        );
      });
      sent.on('error', reject);
      sent.end(body === undefined ? undefined : JSON.stringify(body));
    });
}

/** A benchmark of refusals would say nothing, and what a bench throws is shown nowhere. */
export async function expectOk(answer: ReturnType<Send>): Promise<void> {
  const { status } = await answer;
  if (status !== 200) throw new Error(`It was answered with ${String(status)}.`);
}

/** Asked in turn, so that a moment in which the machine is busy with something else falls on all of them alike. */
const ROUNDS = 400;
const WARM_UP = 50;
const median = (times: readonly number[]) => times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;

/** Times several things in turn and prints the middle of each, with how many times as long as the bare one it takes. */
export async function inTurn(
  name: string,
  asked: Readonly<Record<'ours' | 'bare' | 'queries', () => Promise<unknown>>>,
): Promise<void> {
  const times = { ours: [] as number[], bare: [] as number[], queries: [] as number[] };
  const kinds = ['ours', 'bare', 'queries'] as const;
  for (let round = -WARM_UP; round < ROUNDS; round += 1) {
    for (const kind of kinds) {
      const start = performance.now();
      await asked[kind]();
      if (round >= 0) times[kind].push(performance.now() - start);
    }
  }
  const [ours, bare, queries] = kinds.map((kind) => median(times[kind])) as [number, number, number];
  const ms = (time: number) => `${time.toFixed(2)} ms`;
  console.log(
    `${name}: ours ${ms(ours)}, bare Express ${ms(bare)}, the queries alone ${ms(queries)}; ours takes ` +
      `${(ours / bare).toFixed(2)} times as long as bare Express, ${(ours / queries).toFixed(2)} times as long as the queries`,
  );
}

/** Such a comparison goes round by itself. */
export const ONCE = { iterations: 1, time: 0, warmupIterations: 0, warmupTime: 0 };
