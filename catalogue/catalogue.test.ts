import { workSecondsOneSide } from '@prompt-spark/core/dose/workSeconds';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { readWhiteboard } from '@prompt-spark/core';
import { expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);

it('holds at least forty drills whose names and aliases are all different', () => {
  expect(catalogue.length).toBeGreaterThanOrEqual(40);
  expect(library.byName.size).toBe(catalogue.reduce((sum, { aliases }) => sum + 1 + aliases.length, 0));
});

it.each(catalogue.map((drill) => [drill.name, drill] as const))('%s is whole and makes sense', (_name, drill) => {
  expect(drill.ladder.filter(({ rung }) => rung === 0)).toHaveLength(1);
  expect(drill.ladder.map(({ rung }) => rung)).toEqual(drill.ladder.map(({ rung }) => rung).toSorted((a, b) => a - b));
  expect(new Set(drill.ladder.map(({ id }) => id)).size).toBe(drill.ladder.length);
  expect(drill.sidesAllowed).toContain(drill.usual.sides);
  expect(workSecondsOneSide(drill.usual.dose, 'plan')).toBeGreaterThanOrEqual(drill.shortestUseful / 2);
});

it('is found by every name and alias at the start of a line', () => {
  for (const [name, drill] of library.byName) {
    const [block] = readWhiteboard(`${name} 20s`, library).circuit.blocks;
    expect(block?.lines[0]).toMatchObject({ drillId: drill.id });
  }
});
