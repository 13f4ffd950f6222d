import { isStranger } from '@prompt-spark/core/reading/strangers';
import { nameWords } from '@prompt-spark/core/reading/words';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';
import { RUNG_NAMES, TRADE_NAMES } from './names.ts';

const sayings = catalogue.flatMap((drill) => [
  ...[drill.name, ...drill.aliases].map((name) => ({ name, of: drill.name })),
  ...drill.ladder.flatMap((rung) => (rung.aliases ?? []).map((name) => ({ name, of: `${drill.name} > ${rung.name}` }))),
]);

describe('what coaches call the drills', () => {
  it('is of drills and rungs that there are', () => {
    const rungs = catalogue.flatMap(({ name, ladder }) => ladder.map((rung) => `${name} > ${rung.name}`));
    expect(Object.keys(TRADE_NAMES).filter((name) => !catalogue.some((drill) => drill.name === name))).toEqual([]);
    expect(Object.keys(RUNG_NAMES).filter((name) => !rungs.includes(name))).toEqual([]);
  });

  it('means one drill each, however it is spelt', () => {
    const by = new Map<string, Set<string>>();
    for (const { name, of } of sayings) {
      const key = [...new Set(nameWords(name.toLowerCase()))].join(' ');
      by.set(key, (by.get(key) ?? new Set()).add(of));
    }
    expect([...by].filter(([, of]) => of.size > 1).map(([key, of]) => `${key}: ${[...of].join(', ')}`)).toEqual([]);
  });

  it('is of no movement that is taken for none of them', () => {
    expect(sayings.filter(({ name }) => isStranger(nameWords(name.toLowerCase())))).toEqual([]);
  });

  it('is at least two names a drill, and five on average', () => {
    expect(catalogue.filter(({ aliases }) => aliases.length < 1).map(({ name }) => name)).toEqual([]);
    const names = catalogue.reduce((sum, { aliases }) => sum + 1 + aliases.length, 0);
    expect(names / catalogue.length).toBeGreaterThanOrEqual(5);
  });
});
