import { catalogue } from '@prompt-spark/catalogue';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { newBlock } from '@prompt-spark/core/circuit/edit';
import { emptyCircuit, type Circuit } from '@prompt-spark/core/circuit/circuit';
import { PLAIN_RECIPE } from '@prompt-spark/core/circuit/shortVersion';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Phase } from '@prompt-spark/core/drills/phase';
import { choicesOf } from '@prompt-spark/core/fit/search/choices';
import { fitCurve } from '@prompt-spark/core/fit/search/fitCurve';
import { fitProgram } from '@prompt-spark/core/testing/fitProgram';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { just } from '@prompt-spark/core/units';
import loadHighs from 'highs';
import { bench, describe } from 'vitest';

const occasion = occasionOf({
  library: libraryOf(catalogue),
  approach: APPROACHES[0],
  session: MAIN_SESSIONS[0],
});
const SHARES: readonly (readonly [Phase, number, number])[] = [
  ['raise', 0.2, 1],
  ['mobilise', 0.35, 2],
  ['activate', 0.15, 1],
  ['integrate', 0.2, 1],
  ['potentiate', 0.1, 1],
];

/** A circuit of the catalogue's drills, phase by phase, with the mobilising done twice. */
function circuitOf(slots: number): Circuit {
  let placed = 0;
  const blocks = SHARES.map(([phase, share, rounds], at) => {
    const count = at === SHARES.length - 1 ? slots - placed : Math.max(1, Math.round(slots * share));
    placed += count;
    const drills = catalogue.filter(({ phases }) => phases[0] === phase);
    const lines = Array.from({ length: count }, (_, index) => drills[(index * 5) % drills.length]).flatMap(
      (drill, index) => (drill ? [usualSlot(drill, `${phase}-${String(index)}`)] : []),
    );
    return { ...newBlock(`block-${phase}`, phase), rounds: just(rounds), roundRest: rounds > 1 ? 15 : 0, lines };
  });
  return { ...emptyCircuit('Bench'), blocks };
}

const highs = await loadHighs();
/** As exactly as the curve is. */
const EXACTLY = { mip_rel_gap: 0, mip_abs_gap: 1e-6 };

for (const slots of [8, 14, 20, 30]) {
  const circuit = circuitOf(slots);
  const { planned, expanded, kept, steps } = fitCurve(circuit, occasion);
  const program = fitProgram(choicesOf(circuit, occasion, PLAIN_RECIPE, 'shorter'), Math.round(planned * 0.6));
  describe(`${String(slots)} slots, ${String(planned)} s: the whole curve of ${String(steps.length)} steps, from ${String(expanded)} partial plans looked at and ${String(kept)} kept (${((kept * 8) / 1024).toFixed(0)} kB), against one budget`, () => {
    bench('fitCurve, every budget', () => void fitCurve(circuit, occasion), {
      iterations: 10,
      time: 200,
      warmupIterations: 3,
    });
    bench('highs, one budget, the program written already', () => void highs.solve(program, EXACTLY), {
      iterations: 1,
      time: 1,
    });
  });
}

describe('the whole curve, from 8 to 60 slots', () => {
  for (const slots of [8, 15, 30, 60]) {
    const circuit = circuitOf(slots);
    bench(`${String(slots)} slots`, () => void fitCurve(circuit, occasion), { iterations: 3, time: 100 });
  }
});
