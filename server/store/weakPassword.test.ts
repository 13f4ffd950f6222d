import { describe, expect, it } from 'vitest';
import { isWeak } from './weakPassword.ts';

const known = ['ottoline@saltmere.example', 'Ottoline Crake', 'Tern Street Hall'];

describe('a password', () => {
  it.each([
    'password12',
    'Password123',
    'qwertyuiop',
    '1234567890',
    'aaaaaaaaaaaa',
    'abcdefghijk',
    'letmein1234',
    'iloveyou12',
    'p@ssw0rd12',
    'ottoline@saltmere.example',
    'promptspark1',
  ])('such as %s is too easily guessed', (password) => {
    expect(isWeak(password, known)).toBe(true);
  });

  it.each(['salt wind and rope', 'correct horse battery staple', 'xK9#vTq2mLp', 'Märzschnee über dem Watt'])(
    'such as %s will do',
    (password) => {
      expect(isWeak(password, known)).toBe(false);
    },
  );

  it('is looked at in no time, however long', () => {
    expect(isWeak('ab'.repeat(100), known)).toBeTypeOf('boolean');
  });
});
