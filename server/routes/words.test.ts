import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { MOST_WORDS_AT_ONCE, type Word, type WordList } from '@prompt-spark/contract/word';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { signedInCoach, testServer, type TestServer } from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const coach = async () => (await signedInCoach(server, `${randomUUID()}@saltmere.example`)).coach;
const word = (said: string, drillId = 'arm-hugs', rung = ''): Word => ({ id: randomUUID(), said, drillId, rung });

describe('a studio’s own words', () => {
  it('are kept, told to every coach who asks, and forgotten', async () => {
    const imke = await coach();
    const hugs = word('harbour hugs');
    expect(
      (
        await imke
          .ask(ADDRESSES.teachWords)
          .send({ words: [hugs] })
          .expect(200)
      ).body,
    ).toEqual({ words: [hugs] });
    expect((await imke.ask(ADDRESSES.words).expect(200)).body).toEqual({ words: [hugs] });
    await imke.ask(ADDRESSES.forgetWord, hugs.id).expect(204);
    expect((await imke.ask(ADDRESSES.words).expect(200)).body).toEqual({ words: [] });
    await imke.ask(ADDRESSES.forgetWord, hugs.id).expect(404);
  });

  it('are kept once for one drill, however they are spelt, and beside each other for two', async () => {
    const imke = await coach();
    const teach = async (...words: readonly Word[]) =>
      (await imke.ask(ADDRESSES.teachWords).send({ words }).expect(200)).body as WordList;
    await teach(word('harbour hugs'));
    expect((await teach(word('Harbour-Hug'), word('harbour hugs'))).words).toHaveLength(1);
    expect((await teach(word('harbour hugs', 'cat-cow'))).words.map(({ drillId }) => drillId).toSorted()).toEqual([
      'arm-hugs',
      'cat-cow',
    ]);
  });

  it('are seen and taken out by no other studio', async () => {
    const [imke, stranger] = [await coach(), await coach()];
    const hugs = word('harbour hugs');
    await imke
      .ask(ADDRESSES.teachWords)
      .send({ words: [hugs] })
      .expect(200);
    expect((await stranger.ask(ADDRESSES.words).expect(200)).body).toEqual({ words: [] });
    await stranger.ask(ADDRESSES.forgetWord, hugs.id).expect(404);
    // The same id from another studio neither changes that word nor tells of it.
    const taken = await stranger.ask(ADDRESSES.teachWords).send({ words: [{ ...hugs, said: 'quay' }] });
    expect(taken.body).toEqual({ words: [] });
    expect((await imke.ask(ADDRESSES.words).expect(200)).body).toEqual({ words: [hugs] });
  });

  it('are refused without a word, with too many letters, and too many at once', async () => {
    const imke = await coach();
    await imke.ask(ADDRESSES.teachWords).send({ words: [] }).expect(422);
    await imke
      .ask(ADDRESSES.teachWords)
      .send({ words: [word('')] })
      .expect(422);
    await imke
      .ask(ADDRESSES.teachWords)
      .send({ words: [word('x'.repeat(81))] })
      .expect(422);
    const many = Array.from({ length: MOST_WORDS_AT_ONCE + 1 }, (_, at) => word(`word ${String(at)}`));
    await imke
      .ask(ADDRESSES.teachWords)
      .send({ words: many.slice(1) })
      .expect(200);
    await imke.ask(ADDRESSES.teachWords).send({ words: many }).expect(422);
  });
});
