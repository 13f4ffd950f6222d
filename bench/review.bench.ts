import { NOBODY_KNOWN } from '@prompt-spark/core/review/finding';
import { catalogue } from '@prompt-spark/catalogue';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { reviewCircuit } from '@prompt-spark/core/review/reviewCircuit';
import { bench, describe } from 'vitest';

const library = libraryOf(catalogue);
const occasion = occasionOf({ library, approach: APPROACHES[0], session: MAIN_SESSIONS[0] });

/** A circuit of a number of slots in blocks of eight, with drills from all over the library. */
function circuitOf(slots: number) {
  const lines: string[] = [];
  for (let index = 0; index < slots; index += 1) {
    if (index % 8 === 0) lines.push(PHASES[(index / 8) % PHASES.length] ?? 'mobilise');
    lines.push(`  ${(catalogue[(index * 7) % catalogue.length]?.name ?? '').toLowerCase()}`);
  }
  return readWhiteboard(lines.join('\n'), library).circuit;
}

/** Long enough for the engine to have compiled what it runs. */
const LONG = { time: 4000, warmupTime: 1000 };

describe('review with every fix tried, against laying the same hundred slots out in time', () => {
  const circuit = circuitOf(100);
  const timeline = timeCircuit(circuit, occasion);
  bench('timeCircuit, 100 slots', () => void timeCircuit(circuit, occasion), LONG);
  bench('reviewCircuit, 100 slots', () => void reviewCircuit(circuit, occasion, NOBODY_KNOWN, timeline), LONG);
  const late = { ...circuit, available: 4000 };
  bench('reviewCircuit, 100 slots over time', () => void reviewCircuit(late, occasion, NOBODY_KNOWN, timeline), LONG);
});

describe('growth of reviewCircuit', () => {
  for (const slots of [10, 100, 1000]) {
    const circuit = circuitOf(slots);
    const timeline = timeCircuit(circuit, occasion);
    const review = () => void reviewCircuit(circuit, occasion, NOBODY_KNOWN, timeline);
    bench(`${String(slots)} slots`, review, LONG);
  }
});

describe('a whiteboard of a thousand lines, against splitting its text', () => {
  const text = Array.from(
    { length: 1000 },
    (_, index) => `${(catalogue[index % catalogue.length]?.name ?? '').toLowerCase()} 8-10 rest 5s`,
  ).join('\n');
  bench('split into words', () => void text.split(/\s+/));
  bench('readWhiteboard, 1000 lines', () => void readWhiteboard(text, library));
});
