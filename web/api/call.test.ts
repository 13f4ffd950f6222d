import { afterEach, describe, expect, it, vi } from 'vitest';
import { fakeBrowser } from '../testing/fakeBrowser.ts';
import { call, ServerAway, ServerProblem, whenPasswordNeeded, whenSignedOut } from './call.ts';

afterEach(() => void vi.unstubAllGlobals());

const ID = '5f0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e11';

describe('a call', () => {
  it('goes to the endpoint’s address with what was sent, and gives the answer', async () => {
    const asked = fakeBrowser((_method, _path, body) => ({ status: 200, body: body ?? {} }));
    const group = { id: ID, name: 'Dawn Mixed' };
    expect(await call('addGroup', { body: group })).toEqual(group);
    await call('circuits', { query: { find: 'two words', drill: 'cat-cow' } });
    await call('takeOutDrill', { id: 'a/b' });
    expect(asked).toEqual([
      'POST /api/groups',
      'GET /api/circuits?find=two+words&drill=cat-cow',
      'DELETE /api/drills/a%2Fb',
    ]);
  });

  it('gives nothing where there is nothing to read', async () => {
    fakeBrowser(() => ({ status: 204 }));
    expect(await call('signOut')).toBeUndefined();
  });

  it('tells a server that is away from one that refuses', async () => {
    fakeBrowser(() => 'away');
    await expect(call('standards')).rejects.toBeInstanceOf(ServerAway);
    fakeBrowser(() => ({ status: 503 }));
    await expect(call('standards')).rejects.toBeInstanceOf(ServerAway);
    fakeBrowser(() => ({ status: 409, body: { title: 'Changed', detail: 'Changed elsewhere.', current: 7 } }));
    await expect(call('standards')).rejects.toMatchObject({
      message: 'Changed elsewhere.',
      status: 409,
      problem: { current: 7 },
    });
  });

  it('makes a problem of a refusal that says nothing', async () => {
    fakeBrowser(() => ({ status: 404 }));
    const refusal = await call('standards').catch((error: unknown) => error);
    expect(refusal).toBeInstanceOf(ServerProblem);
    expect(refusal).toMatchObject({ message: 'The server refused this (404).' });
  });

  it('says that somebody was signed out, and not that a password was wrong', async () => {
    let told = 0;
    whenSignedOut(() => (told += 1));
    fakeBrowser(() => ({ status: 401, body: { title: 'Not signed in', detail: 'Sign in to go on.' } }));
    await expect(call('signIn', { body: { email: 'a@b.example', password: 'x' } })).rejects.toBeInstanceOf(
      ServerProblem,
    );
    expect(told).toBe(0);
    await expect(call('standards')).rejects.toBeInstanceOf(ServerProblem);
    expect(told).toBe(1);
  });
});

describe('a call that wants the password once more', () => {
  const needed = { status: 403, body: { title: 'Password needed', detail: 'Once more.' } };

  it('has it asked for, and asks the same again once it was given', async () => {
    let given = false;
    whenPasswordNeeded(() => {
      given = true;
      return Promise.resolve(true);
    });
    const asked = fakeBrowser(() => (given ? { status: 204 } : needed));
    await call('deletePerson', { id: ID });
    expect(asked).toEqual([`DELETE /api/people/${ID}`, `DELETE /api/people/${ID}`]);
  });

  it('is refused where it is not given, and asked no second time', async () => {
    whenPasswordNeeded(() => Promise.resolve(false));
    const asked = fakeBrowser(() => needed);
    await expect(call('deletePerson', { id: ID })).rejects.toMatchObject({ status: 403 });
    expect(asked).toHaveLength(1);
  });
});
