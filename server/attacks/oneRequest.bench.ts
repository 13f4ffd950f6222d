import { bench } from 'vitest';
import { endpointAt, everyBody } from '../testing/everyBody.ts';
import { signedInCoach, testServer } from '../testing/studio.ts';
import { hostileBodies } from './bodies.ts';
import { largestBodies } from './largest.ts';
import { stallDuring } from './stall.ts';

/** Each is sent so often; the middle one counts, for a machine's own pauses are not the server's. */
const TIMES = 5;

bench(
  'the longest that one request keeps others waiting',
  async () => {
    const server = await testServer(undefined, { checkAnswers: false });
    const { coach } = await signedInCoach(server, 'bench@saltmere.example');
    const tries = await everyBody(coach, 'bench@saltmere.example');
    const all = [
      ...tries.flatMap(({ route, id, body }) =>
        hostileBodies(endpointAt(route), body).map(({ what, text }) => ({
          what: `${route.method} ${route.path}: ${what}`,
          route,
          id,
          text,
        })),
      ),
      ...(await largestBodies(coach)).map(({ what, try: { route, id, body } }) => ({
        what: `the largest in order: ${what}`,
        route,
        id,
        text: JSON.stringify(body),
      })),
    ];
    const stalls: (readonly [number, string])[] = [];
    for (const { what, route, id, text } of all) {
      const times: number[] = [];
      for (let time = 0; time < TIMES; time += 1) {
        times.push((await stallDuring(async () => coach.ask(route, id).type('application/json').send(text))).stall);
      }
      stalls.push([times.toSorted((one, other) => one - other)[Math.floor(TIMES / 2)] ?? NaN, what]);
    }
    stalls.sort(([one], [other]) => other - one);
    console.log(
      `${String(stalls.length)} kinds of body; the middle of ${String(TIMES)} times each, the longest first:`,
    );
    for (const [stall, what] of stalls.slice(0, 12)) console.log(`  ${stall.toFixed(0).padStart(4)} ms  ${what}`);
    await server.close();
  },
  { iterations: 1, warmupIterations: 0, time: 0, warmupTime: 0 },
);
