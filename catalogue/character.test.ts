import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { PLAIN_RECIPE, type Emphasis } from '@prompt-spark/core/circuit/shortVersion';
import { slotsOf } from '@prompt-spark/core/circuit/circuit';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { fitCurve } from '@prompt-spark/core/fit/search/fitCurve';
import { fittedTo } from '@prompt-spark/core/fit/fitCircuit';
import { bareSite } from '@prompt-spark/core/testing/places';
import { slotWork } from '@prompt-spark/core/coverage/coverageOf';
import { TEST_FLOOR } from '@prompt-spark/core/testing/places';
import type { Phase } from '@prompt-spark/core/drills/phase';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const board = `
raise
  jog on the spot 60s
  jumping jack 20
mobilise
  leg swing, front to back 8/side
  long lunge with rotation 4/side
  thread the needle 6/side
activate
  glute bridge 10
  front plank 30s
integrate
  body-weight squat 10
  walking lunge with twist 5/side
potentiate
  pogo hops 20
  squat jump 4
`;
const { circuit, problems } = readWhiteboard(board, library);
const occasion = occasionOf({ library, site: bareSite({ lanes: 4, laneMetres: 10, mats: 20, walls: 4 }) });

/** Work seconds of a phase once the circuit is fitted to a share of its time, with something to be kept. */
function kept(emphasis: Emphasis, phase: Phase, share: number): number {
  const recipe = { ...PLAIN_RECIPE, emphasis };
  const curve = fitCurve(circuit, occasion, recipe);
  const found = fittedTo(circuit, occasion, Math.round(curve.planned * share), recipe, curve);
  if (found.kind !== 'fitted') throw new Error('It does not fit.');
  return found.circuit.blocks
    .filter((block) => block.phase === phase)
    .flatMap(slotsOf)
    .reduce((sum, slot) => sum + slotWork(slot, TEST_FLOOR), 0);
}

describe('what a warm-up is for today', () => {
  it('has a board that is read whole', () => expect(problems).toEqual([]));

  it.each([0.45, 0.55, 0.65])('decides what is kept of it at %f of the time', (share) => {
    expect(kept('range', 'mobilise', share)).toBeGreaterThanOrEqual(kept('general', 'mobilise', share));
    expect(kept('range', 'mobilise', share)).toBeGreaterThan(kept('speed', 'mobilise', share));
    expect(kept('speed', 'potentiate', share)).toBeGreaterThanOrEqual(kept('general', 'potentiate', share));
    expect(kept('speed', 'potentiate', share)).toBeGreaterThan(kept('range', 'potentiate', share));
    // Athletic people keep something fast.
    expect(kept('athletic', 'potentiate', share)).toBeGreaterThan(0);
  });
});
