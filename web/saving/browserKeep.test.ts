import Joi from 'joi';
import { describe, expect, it } from 'vitest';
import { fullStorage, memoryStorage } from '../testing/fakeBrowser.ts';
import { browserKeep } from './browserKeep.ts';

const schema = Joi.object<{ readonly size: number }>({ size: Joi.number().required() }).required();

describe('a drawer in the browser’s storage', () => {
  it('gives back what was put in, until it is dropped', () => {
    const keep = browserKeep('box', schema, memoryStorage());
    keep.put('a', { size: 1 });
    keep.put('b', { size: 2 });
    expect(keep.get('a')).toEqual({ size: 1 });
    expect(keep.all()).toEqual([
      ['a', { size: 1 }],
      ['b', { size: 2 }],
    ]);
    keep.drop('a');
    expect(keep.get('a')).toBeUndefined();
  });

  it('keeps apart from other drawers, and leaves alone what no longer fits', () => {
    const storage = memoryStorage();
    const [one, other] = [browserKeep('one', schema, storage), browserKeep('other', schema, storage)];
    one.put('a', { size: 1 });
    expect(other.all()).toEqual([]);
    storage.setItem('prompt-spark one b', '{"size": "large"}');
    storage.setItem('prompt-spark one c', 'not JSON');
    expect(one.all().map(([id]) => id)).toEqual(['a']);
    expect(storage.getItem('prompt-spark one c')).toBe('not JSON');
  });

  it('says where the browser has no room left, and stays usable', () => {
    const keep = browserKeep('box', schema, fullStorage());
    expect(keep.put('a', { size: 1 })).toBe(false);
    expect(keep.get('a')).toBeUndefined();
    expect(keep.all()).toEqual([]);
  });
});
