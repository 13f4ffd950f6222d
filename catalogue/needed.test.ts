import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import { drillsNeeded } from '@prompt-spark/core/coverage/needed';
import { baseOf, type Drill } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Phase } from '@prompt-spark/core/drills/phase';
import { strengthsOf, type Target } from '@prompt-spark/core/drills/target';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { ceilingsOf } from '@prompt-spark/core/people/ceilings';
import { permits } from '@prompt-spark/core/people/conflictsOf';
import { limit, TEST_DAY, testPerson } from '@prompt-spark/core/testing/people';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const { circuit } = readWhiteboard('raise\nmarch on the spot 60s\nmobilise\nhip circles 5', library);

function needed(sessionId: string, phase: Phase, seconds = 180, occasion = occasionOf({ library })): readonly Drill[] {
  const session = MAIN_SESSIONS.find(({ id }) => id === sessionId);
  if (!session) throw new Error(`No session ${sessionId}.`);
  return drillsNeeded(circuit, occasion, session, { phase, seconds });
}

const serves = (drills: readonly Drill[], targets: readonly Target[]): boolean =>
  drills.some((drill) => strengthsOf(drill.targets).some(([target]) => targets.includes(target)));

// What a good coach would put up to choose from, before the session that follows. Common practice, no source.
describe('what a session needs', () => {
  it('is hips, ankles and upper back before squats', () => {
    const drills = needed('squat-hinge', 'mobilise');
    expect(drills.length).toBeGreaterThanOrEqual(4);
    expect(serves(drills, ['hip flexor · length', 'hip · external rotation', 'adductors · length'])).toBe(true);
    expect(serves(drills, ['ankle · dorsiflexion'])).toBe(true);
    expect(serves(drills, ['thoracic · rotation', 'thoracic · extension'])).toBe(true);
  });

  it('is shoulders and upper back before pressing, and no drill for the legs alone', () => {
    const drills = needed('overhead-press', 'mobilise');
    const above: readonly Target[] = [
      'shoulder · overhead',
      'shoulder · rotation',
      'shoulder blades · control',
      'thoracic · extension',
      'thoracic · rotation',
    ];
    expect(drills.length).toBeGreaterThanOrEqual(4);
    expect(drills.filter((drill) => !serves([drill], above)).map(({ name }) => name)).toEqual([]);
  });

  it.each(MAIN_SESSIONS.map(({ id }) => id))(
    'before %s is of the part’s own phase, not in the circuit yet, each once',
    (id) => {
      for (const phase of ['mobilise', 'activate'] as const) {
        const drills = needed(id, phase);
        expect(drills.every(({ phases }) => phases.includes(phase))).toBe(true);
        expect(new Set(drills).size).toBe(drills.length);
        expect(drills.some((drill) => drill.name === 'Hip circles')).toBe(false);
      }
    },
  );

  it('is nothing that somebody there may not do, and nothing longer than there is time', () => {
    const sore = testPerson({ limits: [limit('knee-bend', 'avoid')] });
    const ceilings = [ceilingsOf(sore, TEST_DAY)];
    const drills = needed('squat-hinge', 'mobilise', 180, occasionOf({ library, ceilings }));
    expect(drills.length).toBeGreaterThan(0);
    expect(drills.every((drill) => ceilings.every((limits) => permits(baseOf(drill), limits)))).toBe(true);
    expect(needed('squat-hinge', 'mobilise', 20).every(({ shortestUseful }) => shortestUseful <= 20)).toBe(true);
  });
});
