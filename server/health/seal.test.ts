import { describe, expect, it } from 'vitest';
import { keysFrom, nameDigest, ringOf } from './keyRing.ts';
import { keyIdOf, seal, unseal } from './seal.ts';

const before = Buffer.alloc(32, 1);
const after = Buffer.alloc(32, 2);
const old = ringOf([before]);
const both = ringOf([after, before]);
const closed = 'A sealed record does not open';

describe('a sealed record', () => {
  const sealed = seal(old, 'studio/one', { wrist: 'avoid' });

  it('opens under its key and for its owner, and is another text each time', () => {
    expect(unseal(old, 'studio/one', sealed)).toEqual({ wrist: 'avoid' });
    expect(seal(old, 'studio/one', { wrist: 'avoid' })).not.toBe(sealed);
  });

  it('opens under no other key, for no other owner, and not once it was changed', () => {
    expect(() => unseal(ringOf([after]), 'studio/one', sealed)).toThrow(closed);
    expect(() => unseal(old, 'studio/other', sealed)).toThrow(closed);
    const [id = '', text = ''] = sealed.split('.');
    const bytes = Buffer.from(text, 'base64');
    bytes[40] = (bytes[40] ?? 0) ^ 1;
    expect(() => unseal(old, 'studio/one', `${id}.${bytes.toString('base64')}`)).toThrow(closed);
    expect(() => unseal(old, 'studio/one', `${id}.`)).toThrow(closed);
  });

  it('says which key sealed it, so that the keys of before open what they sealed while the newest seals', () => {
    expect(unseal(both, 'studio/one', sealed)).toEqual({ wrist: 'avoid' });
    const fresh = seal(both, 'studio/one', { wrist: 'avoid' });
    expect(keyIdOf(fresh)).toBe(both.newest().id);
    expect(keyIdOf(fresh)).not.toBe(keyIdOf(sealed));
    expect(() => unseal(old, 'studio/one', fresh)).toThrow(closed);
  });

  it('of before keys had ids opens with the oldest', () => {
    const [, plain = ''] = sealed.split('.');
    expect(unseal(both, 'studio/one', plain)).toEqual({ wrist: 'avoid' });
  });
});

describe('keys', () => {
  it('are read from text, the newest first, and anything else is refused without being told', () => {
    expect(keysFrom(`${after.toString('base64')}\n${before.toString('base64')}\n`)).toEqual([after, before]);
    for (const wrong of ['', 'c2hvcnQ=', `${before.toString('base64')} not-a-key`]) {
      expect(() => keysFrom(wrong)).toThrow('The health key is not 32 bytes in base64.');
    }
  });

  it('make digests of names that are the same however a name is spaced, and another for every studio and key', () => {
    const digest = nameDigest(old.newest(), 'one', 'Ebba Quay');
    expect(nameDigest(old.newest(), 'one', '  ebba   QUAY ')).toBe(digest);
    expect(nameDigest(old.newest(), 'two', 'Ebba Quay')).not.toBe(digest);
    expect(nameDigest(both.newest(), 'one', 'Ebba Quay')).not.toBe(digest);
  });
});
