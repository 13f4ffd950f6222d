import { readCount } from '@prompt-spark/core/whiteboard/amount';
import { just, type Range } from '@prompt-spark/core/units';
import { createApp, effectScope, nextTick, shallowRef, type EffectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useTypedText, type TypedText, type Typing } from './useTypedText.ts';

const count = shallowRef<Range>(just(8));
const taken: Range[] = [];
/** Whether the value follows what is taken at once, as a form's does, or some frames later, as a row's on the sheet. */
let late = false;
let scope: EffectScope;
let field: TypedText;

/** A field as a component would have it, without one around it. */
const fieldOf = <T>(typing: Typing<T>): TypedText =>
  createApp({}).runWithContext(() => scope.run(() => useTypedText(typing))) ?? expect.fail('There is no field.');

beforeEach(() => {
  vi.stubGlobal('requestAnimationFrame', () => 0);
  count.value = just(8);
  taken.length = 0;
  late = false;
  scope = effectScope();
  field = fieldOf({
    value: () => count.value,
    read: (text) => readCount(text, { least: 1 }),
    write: ({ low, high }) => (low === high ? String(low) : `${String(low)}–${String(high)}`),
    take: (range) => {
      taken.push(range);
      if (!late) count.value = range;
    },
  });
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});

describe('a value that is typed', () => {
  it('shows the value, and hands on what is typed over it', () => {
    expect(field.text.value).toBe('8');
    field.type('10-12');
    expect(taken).toEqual([{ low: 10, high: 12 }]);
  });

  it('stays as it is typed until the typing is done', async () => {
    field.type('10-12');
    await nextTick();
    expect(field.text.value).toBe('10-12');
    field.settle();
    expect(field.text.value).toBe('10–12');
  });

  it('keeps what cannot be read, says what was expected, and hands nothing on', async () => {
    field.type('ten');
    expect(field.problem.value).toContain('Expected a number');
    expect(taken).toEqual([]);
    // The same value told again, as whenever the sheet is drawn, takes no letter away.
    count.value = just(8);
    await nextTick();
    field.settle();
    expect(field.text.value).toBe('ten');
    field.type('10');
    expect(field.problem.value).toBe('');
  });

  it('is written anew where the value becomes another, as by an undo, and is then in order', async () => {
    field.type('10');
    await nextTick();
    field.type('');
    expect(field.problem.value).not.toBe('');
    count.value = just(8);
    await nextTick();
    expect(field.text.value).toBe('8');
    expect(field.problem.value).toBe('');
  });

  it('keeps what was typed since, where the value follows what was taken some frames later', async () => {
    late = true;
    for (const typed of ['12', '1', '']) field.type(typed);
    count.value = just(1);
    await nextTick();
    expect(field.text.value).toBe('');
    expect(field.problem.value).not.toBe('');
    field.type('1x');
    field.type('15');
    count.value = just(15);
    await nextTick();
    expect(field.text.value).toBe('15');
    // What somebody else made of it since is shown all the same, also where it was typed before.
    for (const now of [1, 15]) {
      count.value = just(now);
      await nextTick();
      expect(field.text.value).toBe(String(now));
    }
  });

  it('is emptied where the value becomes none, as when a cue from an earlier visit is undone', async () => {
    const cue = shallowRef('sit back');
    const { text, type } = fieldOf({
      value: () => cue.value,
      read: (typed) => ({ ok: true, value: typed.trim() }),
      write: String,
      take: (now) => (cue.value = now),
    });
    const becomes = async (now: string) => {
      cue.value = now;
      await nextTick();
      return text.value;
    };
    expect(await becomes('')).toBe('');
    expect(await becomes('feet flat')).toBe('feet flat');
    expect(await becomes('')).toBe('');
    type('sit ');
    await nextTick();
    expect(text.value).toBe('sit ');
    expect(await becomes('')).toBe('');
  });

  it('is settled as it was typed, whatever the value still is', () => {
    late = true;
    field.type(' 10-12 ');
    field.settle();
    expect(field.text.value).toBe('10–12');
  });
});
