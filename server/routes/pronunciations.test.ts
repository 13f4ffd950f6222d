import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { signedInCoach, testServer, type TestServer } from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const coach = async () => (await signedInCoach(server, `${randomUUID()}@saltmere.example`)).coach;
const saying = { written: 'psoas', spoken: 'so-as' };

describe('how a studio’s voice says words', () => {
  it('is kept, changed under its id, told to every coach who asks, and forgotten', async () => {
    const imke = await coach();
    const id = randomUUID();
    const kept = await imke.ask(ADDRESSES.keepPronunciation, id).send(saying).expect(200);
    expect(kept.body).toEqual({ pronunciations: [{ id, ...saying }] });
    await imke.ask(ADDRESSES.keepPronunciation, id).send({ written: 'psoas', spoken: 'soh-as' }).expect(200);
    expect((await imke.ask(ADDRESSES.pronunciations).expect(200)).body).toEqual({
      pronunciations: [{ id, written: 'psoas', spoken: 'soh-as' }],
    });
    await imke.ask(ADDRESSES.forgetPronunciation, id).expect(204);
    expect((await imke.ask(ADDRESSES.pronunciations).expect(200)).body).toEqual({ pronunciations: [] });
    await imke.ask(ADDRESSES.forgetPronunciation, id).expect(404);
  });

  it('is seen, changed and forgotten by no other studio', async () => {
    const [imke, stranger] = [await coach(), await coach()];
    const id = randomUUID();
    await imke.ask(ADDRESSES.keepPronunciation, id).send(saying).expect(200);
    expect((await stranger.ask(ADDRESSES.pronunciations).expect(200)).body).toEqual({ pronunciations: [] });
    await stranger.ask(ADDRESSES.forgetPronunciation, id).expect(404);
    await stranger.ask(ADDRESSES.keepPronunciation, id).send({ written: 'psoas', spoken: 'quay' }).expect(404);
    expect((await imke.ask(ADDRESSES.pronunciations).expect(200)).body).toEqual({
      pronunciations: [{ id, ...saying }],
    });
  });

  it('is refused where it says nothing, with the field', async () => {
    const imke = await coach();
    const refused = await imke.ask(ADDRESSES.keepPronunciation, randomUUID()).send({ written: '', spoken: 'x' });
    expect(refused.status).toBe(422);
    expect(JSON.parse(refused.text)).toMatchObject({ errors: [{ path: '/written' }] });
  });
});
