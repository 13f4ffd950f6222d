import { createPinia, setActivePinia } from 'pinia';
import { effectScope, nextTick, type EffectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useEditingStore } from '../store/editing.ts';
import { useSheetStore } from '../store/sheet.ts';
import { CIRCUIT_ID, circuitServer } from '../../testing/circuitServer.ts';
import { fakeBrowser } from '../../testing/fakeBrowser.ts';
import { useFindings } from './useFindings.ts';

let scope: EffectScope;
beforeEach(async () => {
  setActivePinia(createPinia());
  vi.useFakeTimers();
  fakeBrowser(circuitServer);
  await Promise.all([useSheetStore().open(CIRCUIT_ID), vi.advanceTimersByTimeAsync(1)]);
  scope = effectScope();
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const begun = () => scope.run(useFindings) ?? expect.fail('Nothing is found.');

const rules = (reviewed: ReturnType<typeof useFindings>) => reviewed.value.findings.map(({ rule }) => rule);
const slots = (count: number) => Array.from({ length: count }, () => 'tall reach 30s').join('\n');

describe('what the margin says', () => {
  it('follows every change of a circuit of usual length', async () => {
    const findings = begun();
    useEditingStore().enterAll(`in: 1:00\nraise\n${slots(5)}`);
    await nextTick();
    expect(rules(findings)).toContain('over-time');
    useSheetStore().undo();
    await nextTick();
    expect(rules(findings)).not.toContain('over-time');
  });

  it('follows a long one when the typing pauses, once for all that was typed', async () => {
    const findings = begun();
    // The first reading, once the circuit is on the screen.
    await vi.advanceTimersByTimeAsync(100);
    const editing = useEditingStore();
    editing.enterAll(`in: 1:00\nraise\n${slots(60)}`);
    await nextTick();
    expect(rules(findings)).not.toContain('over-time');
    await vi.advanceTimersByTimeAsync(150);
    editing.enter('run 20s');
    await vi.advanceTimersByTimeAsync(150);
    expect(rules(findings)).not.toContain('over-time');
    await vi.advanceTimersByTimeAsync(100);
    expect(rules(findings)).toContain('over-time');
  });

  it('offers what can be put right with a press', async () => {
    const findings = begun();
    useEditingStore().enterAll('mobilise\ntall reach 30s\nraise\nrun 40s');
    await nextTick();
    const fixed = findings.value.findings.filter(({ fix }) => fix).map(({ rule }) => rule);
    expect(fixed).toContain('phase-order');
  });
});
