import { approachOf } from '@prompt-spark/core/approach/approaches';
import { allSlots, type Circuit } from '@prompt-spark/core/circuit/circuit';
import { PLAIN_RECIPE, type Emphasis } from '@prompt-spark/core/circuit/shortVersion';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Phase } from '@prompt-spark/core/drills/phase';
import { combiningDrill } from '@prompt-spark/core/fit/search/combine';
import { knownSlots } from '@prompt-spark/core/fit/search/worth';
import { fitCircuit } from '@prompt-spark/core/fit/fitCircuit';
import type { Occasion } from '@prompt-spark/core/occasion/occasion';
import { refitRun } from '@prompt-spark/core/fit/refitRun';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const occasionBy = (approach: string) => occasionOf({ library, approach: approachOf(approach) });

function circuitFrom(text: string): Circuit {
  const { circuit, problems } = readWhiteboard(text, library);
  expect(problems).toEqual([]);
  return circuit;
}

describe('the five-minute frame', () => {
  // Ten minutes of the short form: two drills of each part, and jumps to end with.
  const circuit = circuitFrom(`
    # Ten minutes
    approach: short form
    release
      breathing reset 90s
      crocodile breathing 60s
    mobilise
      lateral lunge 8/side
      leg swing, front to back 10/side
    integrate
      walking lunge 20s
      body-weight squat 12
    raise
      skipping rope 60s
      step jack 45s alt
    potentiate
      squat jump 6 @3s
  `);
  const fitted = (emphasis: Emphasis) => {
    const fit = fitCircuit(circuit, occasionBy('short-form'), 300, { ...PLAIN_RECIPE, emphasis });
    if (fit.kind !== 'fitted') throw new Error('Five minutes are enough.');
    const work = (phase: Phase) =>
      fit.timeline.segments.reduce(
        (sum, one) => (one.phase === phase && one.kind === 'work' ? sum + one.length : sum),
        0,
      );
    return { ...fit, work };
  };

  it('comes out of the weights: one of each part for anybody', () => {
    for (const emphasis of ['general', 'sore', 'athletic'] as const) {
      const { work, timeline } = fitted(emphasis);
      expect(timeline.total.plan).toBeLessThanOrEqual(300);
      for (const part of ['release', 'mobilise', 'integrate', 'raise'] as const) expect(work(part)).toBeGreaterThan(0);
    }
  });

  it('for a sore group slows or drops the quick part and gives its time to the reset', () => {
    const [sore, general, athletic] = [fitted('sore'), fitted('general'), fitted('athletic')];
    expect(sore.work('release')).toBeGreaterThan(athletic.work('release'));
    expect(sore.work('release')).toBeGreaterThanOrEqual(general.work('release'));
    expect(sore.work('raise') + sore.work('potentiate')).toBeLessThan(
      athletic.work('raise') + athletic.work('potentiate'),
    );
  });

  it('for an athletic group keeps the jump', () => {
    expect(fitted('athletic').work('potentiate')).toBeGreaterThan(0);
    expect(fitted('athletic').work('potentiate')).toBeGreaterThanOrEqual(fitted('sore').work('potentiate'));
  });
});

describe('one drill for two neighbours', () => {
  const circuit = circuitFrom(`
    # What one drill does at once
    raise
      march on the spot 30s
    mobilise
      forward lunge 5/side
      open book, half-kneeling 6/side
    activate
      glute bridge 6
  `);

  it('is brought in only where it is known that nobody present may not do it', () => {
    const combines = (ceilings: Occasion['ceilings']) => {
      const occasion = { ...occasionBy('raise-first'), ceilings };
      return [50, 60, 70, 80, 90, 100, 110].some((seconds) => {
        const fit = fitCircuit(circuit, occasion, seconds);
        return fit.kind === 'fitted' && fit.moves.some(({ key }) => key.kind === 'combine');
      });
    };
    expect(combines([])).toBe(true);
    expect(combines(null)).toBe(false);
    const nothingAtAll = { effort: { most: 0, side: 'both', because: { kind: 'today', state: 'tired' } } } as const;
    expect(combines([nothingAtAll])).toBe(false);
  });

  const put = (known: Partial<Occasion>) => {
    const occasion = { ...occasionBy('raise-first'), ...known };
    const fits = [50, 60, 70, 80, 90, 100, 110].map((seconds) => fitCircuit(circuit, occasion, seconds));
    const found = fits.find((fit) => fit.kind === 'fitted' && fit.moves.some(({ key }) => key.kind === 'combine'));
    if (found?.kind !== 'fitted') throw new Error('Nothing was put in.');
    const planned = new Set(allSlots(circuit).map(({ drillId }) => drillId));
    const slot = allSlots(found.circuit).find(({ drillId }) => !planned.has(drillId));
    if (!slot) throw new Error('Nothing was put in.');
    const ready = found.timeline.segments.find((one) => one.slotId === slot.id && one.kind === 'ready')?.length ?? 0;
    const facts = found.moves.map((move) => move.facts).find(({ kind }) => kind === 'combined');
    return { ...found, slot, ready, facts };
  };

  it('is shown before it is done where the client does not know it, in its time and in its harm', () => {
    const stranger = put({});
    expect(stranger.slot.shownFirst).toBe(true);
    expect(stranger.ready).toBeGreaterThanOrEqual(10);
    expect(stranger.facts).toMatchObject({ shownFirst: true });
    const known = put({ familiar: new Set([stranger.slot.drillId]) });
    expect(known.slot).toMatchObject({ drillId: stranger.slot.drillId, shownFirst: false });
    expect(known.ready).toBeLessThan(10);
    expect(known.facts).toMatchObject({ shownFirst: false });
    const unknown = fitCircuit(circuit, occasionBy('raise-first'), known.timeline.total.plan);
    expect(unknown.kind === 'fitted' && unknown.share).toBeLessThan(known.share);
  });

  it('is rather one that they know', () => {
    const lunges = circuitFrom('# Two lunges\nintegrate\n  forward lunge 5/side\n  lateral lunge with reach 5/side');
    const standIn = (known: readonly string[]) => {
      const occasion = { ...occasionBy('raise-first'), familiar: new Set(known) };
      const block = lunges.blocks[0];
      const [here, next] = block ? knownSlots(block, occasion) : [];
      return block && here && next && combiningDrill(lunges, block.phase, here, next, occasion)?.id;
    };
    expect(standIn([])).toBe('reverse-lunge');
    expect(standIn(['split-squat'])).toBe('split-squat');
    // To know a drill does not make it like what was planned.
    expect(standIn(['cat-cow'])).toBe('reverse-lunge');
  });

  it('is never put into a class, however well they know it', () => {
    const occasion = { ...occasionBy('raise-first'), familiar: new Set(catalogue.map(({ id }) => id)), expected: 2 };
    for (const seconds of [50, 60, 70, 80, 90, 100, 110]) {
      const fit = fitCircuit(circuit, occasion, seconds);
      expect(fit.kind === 'fitted' && fit.moves.some(({ key }) => key.kind === 'combine')).toBe(false);
    }
  });
});

describe('a run fitted mid-way', () => {
  const circuit = circuitFrom(`
    # To be late in
    raise
      step jack 40s alt
      skipping rope 40s rest 10s
    mobilise 3 rounds rest 15s
      lateral lunge 4/side alt
      cat-cow 5 @4s
    activate
      glute bridge 8 @2-1-2 !
      lateral band walk 8/way
    integrate
      body-weight squat 8
    potentiate
      squat jump 4 @3s
  `);
  const occasion = occasionBy('raise-first');
  const { segments, total } = timeCircuit(circuit, occasion);
  const refit = (position: number, left: number) =>
    refitRun(circuit, segments, position, left, { ...occasion, ceilings: null }, PLAIN_RECIPE);

  it('keeps what has been and the slot in progress, has no gaps, and ends in time or says it cannot', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: total.plan - 1, noNaN: true }),
        fc.integer({ min: 1, max: 600 }),
        (position, left) => {
          const now = segments.find(({ start, end }) => start <= position && position < end);
          const turn = segments.filter(({ slotId, round }) => slotId === now?.slotId && round === now.round);
          const turnEnds = turn.at(-1)?.end ?? 0;
          const { segments: next, inTime } = refit(position, left);
          const end = next.at(-1)?.end ?? 0;
          const before = segments.filter((one) => one.end <= turnEnds && one.kind !== 'rest');
          expect(next.filter((one) => one.kind !== 'rest').slice(0, before.length)).toEqual(before);
          next.forEach((one, at) => expect(one.start).toBe(next[at - 1]?.end ?? 0));
          if (inTime) expect(end).toBeLessThanOrEqual(position + left + 1e-9);
          else expect(end).toBeGreaterThan(position + left);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('leaves the run as it is where there is just the time it takes', () => {
    const { segments: next, moves } = refit(20, total.plan - 20);
    expect(next).toEqual(segments);
    expect(moves).toEqual([]);
  });

  it('counts what has been done: the essential parts are not asked for twice', () => {
    const activate = segments.find(({ phase }) => phase === 'activate');
    const { inTime, segments: next } = refit(activate?.start ?? 0, 60);
    expect(inTime).toBe(true);
    expect(new Set(next.filter(({ start }) => start > (activate?.end ?? 0)).map(({ phase }) => phase))).not.toContain(
      'raise',
    );
  });

  it('numbers the rounds that are left on from the one in progress', () => {
    const second = segments.find(({ phase, round }) => phase === 'mobilise' && round === 2);
    const { segments: next } = refit(second?.start ?? 0, 150);
    const after = next.filter(({ phase, start }) => phase === 'mobilise' && start > (second?.end ?? 0));
    expect(after.every(({ round }) => round >= 2)).toBe(true);
  });
});
