import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { templateFrom, type Wish } from '@prompt-spark/core/template/templateFrom';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { coverageOf } from '@prompt-spark/core/coverage/coverageOf';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import { SPACES } from '@prompt-spark/core/drills/drill';
import { KIT } from '@prompt-spark/core/drills/kit';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { reviewCircuit } from '@prompt-spark/core/review/reviewCircuit';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const occasion = occasionOf({ library });
let made = 0;
const newId = () => `id-${String((made += 1))}`;
const cases = APPROACHES.flatMap((approach) =>
  MAIN_SESSIONS.slice(0, 4).flatMap((session) => [300, 720].map((available) => ({ approach, session, available }))),
);
const everything = { kit: KIT, spaces: SPACES };
const bare = { kit: [], spaces: ['spot', 'stride'] } as const;
const all: readonly Wish[] = cases.flatMap((wish) => [
  { ...wish, ...everything },
  { ...wish, ...bare },
]);

describe('a first circuit from an approach', { timeout: 120_000 }, () => {
  const drafts = all.map((wish) => ({ wish, circuit: templateFrom(wish, occasion, newId) }));

  it('is never longer than the time there is, and never much shorter with everything to choose from', () => {
    for (const { wish, circuit } of drafts) {
      const { plan } = timeCircuit(circuit, occasion).total;
      expect(plan).toBeLessThanOrEqual(wish.available);
      if (wish.kit.length > 0) expect(plan).toBeGreaterThan(wish.available * 0.6);
    }
  });

  it('uses only the kit and the room there is, and no drill twice', () => {
    for (const { wish, circuit } of drafts) {
      const drills = allSlots(circuit).map(({ drillId }) => library.byId.get(drillId));
      expect(drills.every((drill) => drill?.kit.every((item) => wish.kit.includes(item)))).toBe(true);
      expect(drills.every((drill) => drill && wish.spaces.includes(drill.space))).toBe(true);
      expect(new Set(drills).size).toBe(drills.length);
    }
  });

  it('has the phases of its approach, in its order, the essential ones among them', () => {
    for (const { wish, circuit } of drafts) {
      const phases = circuit.blocks.map(({ phase }) => phase);
      expect(phases).toEqual(wish.approach.order.filter((phase) => phases.includes(phase)));
      if (wish.kit.length > 0) expect(wish.approach.essential.filter((phase) => !phases.includes(phase))).toEqual([]);
    }
  });

  it('raises nothing that should stop it, and hardly a warning', () => {
    const grave = drafts.flatMap(({ wish, circuit }) =>
      reviewCircuit(circuit, { ...occasion, approach: wish.approach, session: wish.session })
        .filter(({ severity }) => severity !== 'note')
        .map(({ rule, severity }) => ({ rule, severity })),
    );
    expect(grave.filter(({ severity }) => severity === 'stop')).toEqual([]);
    expect(grave.length / drafts.length).toBeLessThan(0.25);
  });

  it('covers more of what the session needs the longer it is', () => {
    for (const approach of APPROACHES) {
      for (const session of MAIN_SESSIONS.slice(4, 7)) {
        const [short, long] = [300, 900].map(
          (available) =>
            coverageOf(
              templateFrom({ approach, session, available, ...everything }, occasion, newId),
              occasion,
              session,
            ).whole,
        );
        expect(long).toBeGreaterThanOrEqual(short ?? 0);
      }
    }
  });
});
