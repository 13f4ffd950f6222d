import { lintDrills } from '@prompt-spark/core/drills/lint';
import { catalogue } from './index.ts';

const findings = lintDrills(catalogue);
for (const { drill, rule, words } of findings) console.error(`${rule}: ${drill} ${words}`);
const rungs = catalogue.reduce((sum, { ladder }) => sum + ladder.length, 0);
console.log(`${String(catalogue.length)} drills with ${String(rungs)} variants, ${String(findings.length)} findings.`);
if (findings.length > 0) process.exitCode = 1;
