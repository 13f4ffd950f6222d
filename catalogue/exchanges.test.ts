import { approachOf } from '@prompt-spark/core/approach/approaches';
import { mainSessionOf } from '@prompt-spark/core/approach/meantSession';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { coverageOf, gapsIn } from '@prompt-spark/core/coverage/coverageOf';
import { exchanged, exchangesOf } from '@prompt-spark/core/coverage/exchanges';
import { isRaising, isStaticHold } from '@prompt-spark/core/drills/kinds';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { occasionOf, type Occasion } from '@prompt-spark/core/occasion/occasion';
import { permits } from '@prompt-spark/core/people/conflictsOf';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);

/** The exchanges for the worst gap of a board that has no time left. */
function offered(board: string, known: Partial<Occasion> = {}) {
  const { circuit, problems } = readWhiteboard(`# Full\n${board}`, library);
  expect(problems).toEqual([]);
  const session = mainSessionOf(circuit.purpose);
  const occasion = occasionOf({ library, approach: approachOf('raise-first'), session, ...known });
  const full = { ...circuit, available: timeCircuit(circuit, occasion).total.plan };
  const gaps = gapsIn(coverageOf(full, occasion, session));
  const exchanges = gaps.flatMap(({ target }) => exchangesOf(target, full, occasion));
  return { circuit: full, occasion, exchanges };
}

const SQUATS = `
for: squats
raise
 easy jog 90s
mobilise
 arm circles 8/way
 shoulder rolls 10
 hip circles 8/way !
activate
 band external rotation 10/side
integrate
 push-up 8
`;
const SPRINTS =
  'for: sprints\nraise\n easy jog 120s\nmobilise\n arm circles 8/way\n cat-cow 8\nactivate\n glute bridge 10\n';
const PRESS =
  'for: bench press\nraise\n row, easy 120s\nmobilise\n hip circles 8/way\n knee circles 30s\nactivate\n clamshell 10/side\nintegrate\n body-weight squat 10\n';

/*
 * What a good coach would do with a warm-up that is full and prepares too little: change what is there for its own sake
 * against something for the session, in the same part of it. Common practice, no source.
 */
describe('an exchange in a full warm-up', () => {
  it.each([SQUATS, SPRINTS, PRESS])(
    'prepares more in the time there is, in the same part, and leaves alone what is held to: %#',
    (board) => {
      const { circuit, occasion, exchanges } = offered(board);
      expect(exchanges.length).toBeGreaterThan(0);
      for (const one of exchanges) {
        const { slotId, from, to, before, after, seconds } = one;
        const changed = exchanged(circuit, one);
        const block = circuit.blocks.find(({ lines }) => lines.some(({ id }) => id === slotId));
        expect(after).toBeGreaterThan(before + 0.039);
        expect(coverageOf(changed, occasion, occasion.session).whole).toBe(after);
        const total = timeCircuit(changed, occasion).total.plan;
        expect(total).toBeLessThanOrEqual(circuit.available);
        expect(seconds).toBe(total - circuit.available);
        expect(block && to.phases.includes(block.phase)).toBe(true);
        expect(allSlots(circuit).find(({ id }) => id === slotId)?.pinned).toBe(false);
        expect(allSlots(circuit).some(({ drillId }) => drillId === to.id)).toBe(false);
        expect(to.effort).toBeLessThanOrEqual(from.effort + 1);
        expect(isRaising(from)).toBe(false);
        if (isStaticHold(to)) expect(isStaticHold(from)).toBe(true);
      }
    },
  );

  it('takes shoulder work out before squats, not the hips', () => {
    const { exchanges } = offered(SQUATS);
    for (const { from } of exchanges) expect(from.name).not.toMatch(/Hip circles|Easy jog/);
    expect(exchanges.map(({ from }) => from.name).join()).toMatch(
      /Arm circles|Shoulder rolls|Band external rotation|Push-up/,
    );
  });

  it('leaves the lunge before squats alone, however well the rest covers it', () => {
    const { exchanges } = offered(
      'for: squats\nraise\n step jack 40s alt\nmobilise 2 rounds\n lateral lunge 4/side alt\n long lunge with rotation 3/side alt\n cat-cow 4\nactivate\n glute bridge 10\nintegrate\n inchworm 3\n deep squat hold 20s\n hip hinge reach 6',
    );
    for (const { from } of exchanges) expect(from.name).not.toMatch(/lunge|squat/i);
  });

  it('gives nobody present what is too much for them', () => {
    const soreKnees = { 'knee bend': { most: 1, side: 'both', because: { kind: 'sore', region: 'knee' } } } as const;
    const { exchanges } = offered(SQUATS, { ceilings: [{}, soreKnees] });
    for (const { to } of exchanges)
      expect(to.ladder.some((rung) => rung.rung === 0 && permits(rung, soreKnees))).toBe(true);
    expect(exchanges.length).toBeGreaterThan(0);
  });

  it('is not offered where the session is not known, or nothing is lacking', () => {
    expect(offered('raise\n easy jog 60s\nmobilise\n arm circles 8/way').exchanges).toEqual([]);
  });
});
