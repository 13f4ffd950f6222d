import { describe, expect, it } from 'vitest';
import { inTurn } from './inTurn.ts';

describe('things done in turn', () => {
  it('wait for the one before of the same id, and not for others', async () => {
    const turn = inTurn();
    const said: string[] = [];
    let finish: () => void = () => undefined;
    const held = new Promise<void>((done) => (finish = done));
    const first = turn('a', async () => {
      await held;
      said.push('first');
    });
    const second = turn('a', () => Promise.resolve(said.push('second')));
    await turn('b', () => Promise.resolve(said.push('another')));
    expect(said).toEqual(['another']);
    finish();
    await Promise.all([first, second]);
    expect(said).toEqual(['another', 'first', 'second']);
  });

  it('go on after one that failed, which its own asker is told of', async () => {
    const turn = inTurn();
    const first = turn('a', () => Promise.reject(new Error('away')));
    const second = turn('a', () => Promise.resolve('done'));
    await expect(first).rejects.toThrow('away');
    expect(await second).toBe('done');
  });
});
