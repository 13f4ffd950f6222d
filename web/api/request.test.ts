import Joi from 'joi';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { fakeBrowser } from '../testing/fakeBrowser.ts';
import { request, ServerAway, ServerProblem, tell } from './request.ts';

afterEach(() => void vi.unstubAllGlobals());

const route = { method: 'POST', path: '/api/things/:id', open: false } as const;
const schema = Joi.object<{ readonly size: number }>({ size: Joi.number().required() }).required();

describe('a request', () => {
  it('sends JSON to the route’s address and gives the answer its type', async () => {
    const asked = fakeBrowser((_method, _path, body) => ({
      status: 200,
      body: { size: (body as { length: number }).length },
    }));
    expect(await request(route, schema, { id: 'a b', query: { from: 'x y' }, body: { length: 3 } })).toEqual({
      size: 3,
    });
    expect(asked).toEqual(['POST /api/things/a%20b?from=x+y']);
  });

  it('says that an answer is not what was expected, and where', async () => {
    fakeBrowser(() => ({ status: 200, body: { size: 'large' } }));
    await expect(request(route, schema)).rejects.toThrow('not what was expected at /size');
  });

  it('tells a server that is away from one that refuses', async () => {
    fakeBrowser(() => 'away');
    await expect(tell(route)).rejects.toBeInstanceOf(ServerAway);
    fakeBrowser(() => ({ status: 503 }));
    await expect(tell(route)).rejects.toBeInstanceOf(ServerAway);
    fakeBrowser(() => ({ status: 409, body: { title: 'Changed', detail: 'Changed elsewhere.', current: 7 } }));
    await expect(tell(route)).rejects.toMatchObject({
      message: 'Changed elsewhere.',
      status: 409,
      problem: { current: 7 },
    });
  });

  it('makes a problem of a refusal that says nothing', async () => {
    fakeBrowser(() => ({ status: 404 }));
    const refusal = await tell(route).catch((error: unknown) => error);
    expect(refusal).toBeInstanceOf(ServerProblem);
    expect(refusal).toMatchObject({ message: 'The server refused this (404).' });
  });
});
