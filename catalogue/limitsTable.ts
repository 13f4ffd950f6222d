import type { Drill } from '@prompt-spark/core/drills/drill';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { LIMITATIONS } from '@prompt-spark/core/people/limitations';
import { openDrills } from '@prompt-spark/core/people/openDrills';

/** The table in docs/limitations.md: how many drills stay open by phase for every limitation at avoid. */
export function limitsTable(drills: readonly Drill[]): string {
  const rows = LIMITATIONS.map(({ id, name, means }) => {
    const open = openDrills(drills, { kind: 'known', limitationId: id, severity: 'avoid', side: 'both', until: '' });
    return `| ${[name, means, ...PHASES.map((phase) => String(open[phase]))].join(' | ')} |`;
  });
  return [
    '# What stays open',
    '',
    'For every limitation at *avoid*: what it means, and how many of the catalogue’s drills somebody may still do in each phase, on one rung of their ladder at least. Generated from the code: `UPDATE_DOCS=1 npx vitest run --project core catalogue/limits` writes it, and the same test fails where it is out of date.',
    '',
    `| limitation | what it usually means | ${PHASES.join(' | ')} |`,
    `| --- | --- | ${PHASES.map(() => '---:').join(' | ')} |`,
    ...rows,
    '',
  ].join('\n');
}
