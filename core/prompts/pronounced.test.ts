import fc from 'fast-check';
import { expect, it } from 'vitest';
import { pronounced } from './pronounced.ts';

const list = [
  { written: 'Quist', spoken: 'Kwist' },
  { written: 'psoas', spoken: 'so-ass' },
  { written: 'psoas march', spoken: 'so-as march' },
  { written: 'C++', spoken: 'see plus plus' },
];

it('spells whole words as they are spoken, small or large, the longer name first', () => {
  expect(pronounced('Psoas march, then psoas.', list)).toBe('so-as march, then so-ass.');
  expect(pronounced('Quisten and QUIST', list)).toBe('Quisten and Kwist');
  expect(pronounced('Try C++ now', list)).toBe('Try see plus plus now');
  expect(pronounced('Nothing of it', [])).toBe('Nothing of it');
});

it('takes any letters in the list as letters, and leaves a text without them alone', () => {
  fc.assert(
    fc.property(fc.string({ minLength: 1, maxLength: 12 }), fc.string({ maxLength: 40 }), (written, text) => {
      const out = pronounced(text, [{ written, spoken: 'said' }]);
      if (!text.toLowerCase().includes(written.toLowerCase())) expect(out).toBe(text);
    }),
  );
});
