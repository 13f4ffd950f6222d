import { comesBefore } from '@prompt-spark/core/drills/precedence';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';
import { JOINT_MOTIONS, TWO_LEGS_FIRST } from './sequence.ts';

const named = (name: string) => {
  const found = catalogue.find((drill) => drill.name === name);
  if (!found) throw new Error(`No drill is named "${name}".`);
  return found;
};

describe('what comes before what', () => {
  it('is said of drills that there are', () => {
    const names = [
      ...Object.keys(JOINT_MOTIONS),
      ...Object.entries(TWO_LEGS_FIRST).flatMap(([one, two]) => [one, ...two]),
    ];
    for (const name of names) expect(named(name).name).toBe(name);
  });

  it('is said of every drill that is named after it', () => {
    // A kettlebell is swung, not a joint.
    const others = ['Kettlebell swing'];
    const said = catalogue.filter(({ name }) => /\b(swings?|circles?)\b/i.test(name) && !others.includes(name));
    expect(said.filter(({ motion }) => !motion).map(({ name }) => name)).toEqual([]);
  });

  it.each([
    ['Arm circles', 'Long arm swings', 'circles'],
    ['Hip circles', 'Leg swing, front to back', 'circles'],
    ['Walking hip circle', 'Leg swing to hand', 'circles'],
    ['Neck nods', 'Neck half circles', 'neck'],
    ['Glute bridge', 'Single-leg bridge', 'two legs'],
    ['Pogo hops', 'Single-leg hops', 'two legs'],
    ['Standing quad stretch', 'Walking lunge', 'hold'],
    ['Arm circles', 'Leg swing, front to back', undefined],
    ['Knee circles', 'Leg swing, front to back', undefined],
    ['Hip circles', 'Kettlebell swing', undefined],
    ['Single-leg bridge', 'Glute bridge', undefined],
    ['Long arm swings', 'Arm circles', undefined],
  ])('%s and %s: %s', (first, then, why) => {
    expect(comesBefore(named(first), named(then))).toBe(why);
  });
});
