import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { drillIn, onRung } from '@prompt-spark/core/drills/onRung';

const library = libraryOf(catalogue);
const pushUp = library.byId.get('push-up');
if (!pushUp) throw new Error('There is no push-up.');

describe('a drill on a rung of its ladder', () => {
  it('has the rung’s posture, kit, effort and name, and a ladder that goes on from it', () => {
    const kneeling = onRung(pushUp, 'knees-down');
    const rung = pushUp.ladder.find(({ id }) => id === 'knees-down');
    expect(kneeling).toMatchObject({
      id: 'push-up',
      name: 'Push-up: knees down',
      posture: rung?.posture,
      kit: rung?.kit,
      effort: rung?.effort,
    });
    expect(kneeling.ladder.find(({ rung: step }) => step === 0)?.id).toBe('knees-down');
    expect(kneeling.ladder.find(({ id }) => id === 'base')?.rung).toBe(1);
    expect(onRung(pushUp, 'knees-down')).toBe(kneeling);
  });

  it('is every drill’s on every rung, and itself on a rung that it does not have', () => {
    for (const drill of catalogue) {
      for (const { id, rung } of drill.ladder) {
        const stood = drillIn({ drillId: drill.id, rung: rung === 0 ? '' : id }, library);
        expect(stood?.ladder.filter((other) => other.rung === 0)).toHaveLength(1);
        expect(stood?.id).toBe(drill.id);
      }
    }
    expect(onRung(pushUp, 'on-the-moon')).toBe(pushUp);
    expect(drillIn({ drillId: 'moonwalk', rung: '' }, library)).toBeUndefined();
  });
});
