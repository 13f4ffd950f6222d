import { once } from 'node:events';
import { connect } from 'node:net';
import { expect, inject, it } from 'vitest';
import { freePort, serve } from './app.ts';

it('answers what is under way when it is told to end, and gives up what hangs', async () => {
  const port = await freePort();
  const server = await serve(inject('appDatabase'), port);
  // A request whose body never comes.
  const hanging = connect(port, '127.0.0.1');
  await once(hanging, 'connect');
  hanging.write(
    'POST /api/account/sign-in HTTP/1.1\r\nHost: x\r\nSec-Fetch-Site: same-origin\r\nContent-Type: application/json\r\nContent-Length: 10\r\n\r\n{',
  );
  hanging.on('error', () => undefined);
  await expect.poll(async () => (await fetch(`http://127.0.0.1:${String(port)}/readyz`)).status).toBe(200);
  const ended = once(server, 'exit');
  const told = performance.now();
  server.kill('SIGTERM');
  const [code] = (await ended) as [number | null];
  expect(code).toBe(0);
  // What hangs is a half-sent request, which nobody waits for: not the ten seconds that an answer would have.
  expect(performance.now() - told).toBeLessThan(6_000);
  hanging.destroy();
});
