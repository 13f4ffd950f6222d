import { expect, it } from 'vitest';
import { HURTS } from './hurts.ts';
import { limitationOf } from './limitations.ts';

it('asks only about limitations that are known, each once, and in words of its own where there is a choice', () => {
  const ids = HURTS.flatMap(({ when }) => when.map(({ limitationId }) => limitationId));
  expect(ids.filter((id) => limitationOf(id) === undefined)).toEqual([]);
  expect(new Set(ids).size).toBe(ids.length);
  for (const { where, when } of HURTS.filter((hurt) => hurt.when.length > 1)) {
    expect(new Set(when.map(({ words }) => words)).size).toBe(when.length);
    expect(when.map(({ words }) => words)).not.toContain(where);
  }
});
