import { DEMANDS } from '@prompt-spark/core/drills/demand';
import { readFileSync, writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { demandsTable } from './demandsTable.ts';
import { catalogue } from './index.ts';

describe('what drills ask', () => {
  it('has its anchors and its rows in docs/demands.md, which is up to date', () => {
    const page = new URL('../docs/demands.md', import.meta.url);
    const table = demandsTable(catalogue);
    if (process.env['UPDATE_DOCS'] !== undefined) writeFileSync(page, table);
    expect(readFileSync(page, 'utf8')).toBe(table);
    for (const demand of DEMANDS) expect(table).toContain(`\n| ${demand} |`);
  });

  it('follows from what is done: who runs or jumps balances, and lands on ankles and knees', () => {
    for (const drill of catalogue) {
      for (const { name, demands, posture } of drill.ladder) {
        const impact = demands.impact ?? 0;
        if (impact < 2 || posture === 'plank') continue;
        const least = [demands.balance ?? 0, demands['ankle impact'] ?? 0, demands['knee impact'] ?? 0];
        expect([drill.name, name, least[0] ?? 0]).toEqual([drill.name, name, Math.max(2, least[0] ?? 0)]);
        expect([drill.name, name, Math.min(least[1] ?? 0, least[2] ?? 0) >= 1]).toEqual([drill.name, name, true]);
      }
    }
  });

  it('asks the grip for a weight that is held', () => {
    for (const drill of catalogue) {
      for (const { name, kit, demands } of drill.ladder) {
        if (!kit.some((item) => ['light plate', 'dumbbell', 'kettlebell', 'barbell'].includes(item))) continue;
        expect([drill.name, name, (demands.grip ?? 0) >= 2]).toEqual([drill.name, name, true]);
      }
    }
  });
});
