import { squat } from '@prompt-spark/core/testing/figures';
import { describe, expect, it } from 'vitest';
import { check } from './check.ts';
import { figuresSchema } from './figure.ts';

describe('the figures on the wire', () => {
  it('come through as they are', () => {
    const figures = { one: { base: squat, rungs: { other: { ...squat, natural: 5 } } } };
    expect(check(figuresSchema, JSON.parse(JSON.stringify(figures)))).toEqual({ ok: true, value: figures });
  });

  it('are refused with a single keyframe, or a pose without a limb', () => {
    const [first] = squat.keyframes;
    const { leftArm: _, ...limbless } = first;
    for (const keyframes of [[first], [first, limbless]]) {
      const checked = check(figuresSchema, { one: { base: { ...squat, keyframes }, rungs: {} } });
      expect(checked.ok).toBe(false);
    }
  });
});
