import { allSlots } from '@prompt-spark/core/circuit/circuit';
import type { NewRun } from '@prompt-spark/contract/run';
import { NO_PACE } from '@prompt-spark/core/session/gaps';
import { nameSuggestions } from '@prompt-spark/core/reading/nameSuggestions';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { marginNotes } from '../margin/marginNotes.ts';
import { CIRCUIT_ID as ID, circuitServer as answer } from '../../testing/circuitServer.ts';
import { ServerAway } from '../../api/call.ts';
import { fakeBrowser, fullStorage } from '../../testing/fakeBrowser.ts';
import { useAccountStore } from '../../shell/account.ts';
import { useEditingStore } from './editing.ts';
import { useLibraryStore } from '../../library/library.ts';
import { useRunsStore } from '../../log/runs.ts';
import { useSheetStore } from './sheet.ts';

beforeEach(() => {
  setActivePinia(createPinia());
  vi.useFakeTimers();
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('the desk', () => {
  const opened = async () => {
    fakeBrowser(answer);
    const [sheet, editing] = [useSheetStore(), useEditingStore()];
    await Promise.all([sheet.open(ID), vi.advanceTimersByTimeAsync(1)]);
    return { sheet, editing };
  };
  const rows = (sheet: ReturnType<typeof useSheetStore>) =>
    sheet.circuit.blocks.map(({ phase, lines }) => [
      phase,
      ...lines.map((line) => (line.kind === 'slot' ? line.drillId : line.text)),
    ]);

  it('enters lines one after another, each after the last, and says what each will add', async () => {
    const { sheet, editing } = await opened();
    expect(editing.preview('tall reach 30s').adds).toBe(33);
    expect(editing.enter('raise')).toBeUndefined();
    editing.enter('run 20s');
    editing.enter('tall reach 30s');
    expect(rows(sheet)).toEqual([['raise', 'run', 'tall-reach']]);
    expect(sheet.timeline.total.plan).toBe(3 + 20 + 3 + 30);
  });

  it('enters a line that names no known drill as it was written, but no heading with something wrong in it', async () => {
    const { sheet, editing } = await opened();
    expect(editing.enter('in: a while')?.column).toBe(5);
    expect(rows(sheet)).toEqual([]);
    editing.enter('raise');
    expect(editing.enter('wobble 9')).toBeUndefined();
    expect(rows(sheet)).toEqual([['raise', 'wobble 9']]);
  });

  it('enters a name with a slip in it as a guess, which is settled by a word', async () => {
    const { sheet, editing } = await opened();
    expect(editing.enter('tall reech 8')).toBeUndefined();
    const [line] = sheet.circuit.blocks[0]?.lines ?? [];
    expect(line).toMatchObject({ drillId: 'tall-reach', guess: 'tall reech 8' });
    editing.confirm(line?.id ?? '');
    expect(sheet.circuit.blocks[0]?.lines[0]).toMatchObject({ drillId: 'tall-reach', guess: '' });
  });

  it('takes in a whole board at once, as one thing to undo, and keeps what it cannot read', async () => {
    const { sheet, editing } = await opened();
    editing.enterAll('# Board\nin: 8:00\nraise\nrun 20s\nwobble 9\nmobilise\nlean 10s');
    expect(rows(sheet)).toEqual([
      ['raise', 'run', 'wobble 9'],
      ['mobilise', '90-90-lean-slow'],
    ]);
    expect(sheet.circuit).toMatchObject({ title: 'Board', available: 480 });
    sheet.undo();
    expect(rows(sheet)).toEqual([]);
    sheet.redo();
    const kept = sheet.circuit.blocks[0]?.lines[1];
    expect(editing.rewrite(kept?.id ?? '', 'wobbly')?.column).toBe(1);
    expect(editing.rewrite(kept?.id ?? '', 'tall reach 8')).toBeUndefined();
    expect(rows(sheet)[0]).toEqual(['raise', 'run', 'tall-reach']);
  });

  it('takes in nothing of a board that is more than a circuit can hold, and says so', async () => {
    const { sheet, editing } = await opened();
    expect(editing.enterAll(`raise\n${'run 20s\n'.repeat(1001)}`)).toContain('at most 300 lines');
    expect(editing.enterAll('raise\nmobilise\n'.repeat(51))).toContain('100 blocks');
    expect(sheet.circuit.blocks).toEqual([]);
  });

  it('walks, carries, doubles and takes out rows, and stands on the next', async () => {
    const { sheet, editing } = await opened();
    editing.enterAll('raise\nrun 20s\ntall reach 8\nmobilise\nlean 10s');
    editing.step(-1);
    expect(sheet.circuit.blocks[0]?.lines[1]?.id).toBe(editing.selectedId);
    editing.carry(-1);
    expect(rows(sheet)[0]).toEqual(['raise', 'tall-reach', 'run']);
    editing.duplicate();
    expect(rows(sheet)[0]).toEqual(['raise', 'tall-reach', 'tall-reach', 'run']);
    editing.takeOut();
    editing.takeOut();
    expect(rows(sheet)[0]).toEqual(['raise', 'tall-reach']);
    editing.toggleOpen();
    expect(editing.openId).toBe(editing.selectedId);
    editing.step(-1);
    expect(editing.openId).toBe('');
  });

  it('picks several rows and acts on all of them as one change', async () => {
    const { sheet, editing } = await opened();
    editing.enterAll('raise\nrun 20s\nmobilise\ntall reach 30s\ntall reach 40s\nrun 30s');
    const ids = sheet.circuit.blocks.flatMap(({ lines }) => lines.map(({ id }) => id));
    editing.select(ids[1] ?? '');
    editing.stretch(1);
    editing.stretch(1);
    editing.stretch(-1);
    expect([...editing.acted]).toEqual([ids[1], ids[2]]);
    editing.toggle('pinned');
    expect(sheet.circuit.blocks[1]?.lines.map((line) => line.kind === 'slot' && line.pinned)).toEqual([
      true,
      true,
      false,
    ]);
    editing.moveTo(sheet.circuit.blocks[0]?.id ?? '');
    expect(rows(sheet)).toEqual([
      ['raise', 'run', 'tall-reach', 'tall-reach'],
      ['mobilise', 'run'],
    ]);
    editing.pick(ids[0] ?? '');
    editing.takeOut();
    expect(rows(sheet)).toEqual([['raise'], ['mobilise', 'run']]);
    sheet.undo();
    expect(rows(sheet)[0]).toEqual(['raise', 'run', 'tall-reach', 'tall-reach']);
  });

  it('puts a drill in with its usual dose', async () => {
    const { sheet, editing } = await opened();
    editing.insertDrill('floor-bridge');
    editing.insertDrill('no-such-drill');
    expect(rows(sheet)).toEqual([['mobilise', 'floor-bridge']]);
  });

  it('saves what was entered once the typing pauses', async () => {
    const { sheet, editing } = await opened();
    editing.enter('run 20s');
    expect(sheet.saving.kind).toBe('saving');
    await vi.advanceTimersByTimeAsync(500);
    expect(sheet.saving.kind).toBe('saved');
  });

  it('shows every row that a note speaks of, and one alone where it speaks of one', async () => {
    const { sheet, editing } = await opened();
    editing.enterAll('raise\nrun 40s\nmobilise\ntall reach 8\ntall reach 10');
    const ids = allSlots(sheet.circuit).map(({ id }) => id);
    editing.pickAll(ids.slice(1));
    expect(editing.selectedId).toBe(ids[1]);
    expect([...editing.acted]).toEqual(ids.slice(1));
    editing.pickAll(ids.slice(0, 1));
    expect([...editing.acted]).toEqual(ids.slice(0, 1));
    editing.pickAll([]);
    expect(editing.selectedId).toBe(ids[0]);
  });

  it('notes in the margin what cannot be read, with ways to write it, and how far the plan is over', async () => {
    const { sheet, editing } = await opened();
    editing.enterAll('in: 0:30\nraise\nrun 40s\nwobble reech 8-10/side');
    const notes = marginNotes(sheet.circuit, sheet.review(), useLibraryStore().library);
    expect(notes.map(({ severity, title }) => `${severity}: ${title}`).slice(0, 2)).toEqual([
      'warn: “wobble reech 8-10/side” was not read',
      'stop: 0:13 over the 0:30 there is',
    ]);
    expect(notes[0]?.rewrites).toEqual([{ label: 'Tall reach', text: 'Tall reach 8-10/side' }]);
  });
});

describe('names offered while typing', () => {
  it.each([
    ['ta', ['Tall reach']],
    ['rea', ['Tall reach']],
    ['tall reach', []],
    ['t', []],
    ['le slow', ['90/90 lean, slow']],
    ['lean sl', []],
  ])('for "%s" are %j', async (typed, names) => {
    fakeBrowser(answer);
    await useLibraryStore().load();
    const offered = nameSuggestions(typed, useLibraryStore().library);
    expect(offered.map(({ drill }) => drill.name)).toEqual(names);
  });
});

describe('a run that ended while the server was away', () => {
  const run: NewRun = {
    id: ID,
    sessionId: null,
    circuitId: ID,
    circuitTitle: 'Short one',
    startedAt: '2026-11-25T18:00:00.000Z',
    finishedAt: '2026-11-25T18:01:00.000Z',
    endedEarly: false,
    effort: 4,
    warm: 'yes',
    note: '',
    marks: [],
    turns: [],
    pace: NO_PACE,
  };

  it('waits in the browser and goes out when the server is back, once', async () => {
    let away = true;
    const asked = fakeBrowser((method) => {
      if (away) return 'away';
      return method === 'POST' ? { status: 201, body: { id: ID } } : { status: 200, body: { runs: [], next: null } };
    });
    const runs = useRunsStore();
    expect(await runs.record(run)).toBe(false);
    expect(runs.waiting).toBe(1);
    away = false;
    await runs.load();
    expect(runs.waiting).toBe(0);
    await runs.sendWaiting();
    expect(asked.filter((line) => line.startsWith('POST'))).toHaveLength(2);
  });

  it('stays in the browser where the server refuses it', async () => {
    fakeBrowser(() => ({ status: 401, body: { title: 'Not signed in', detail: 'Sign in to go on.' } }));
    const runs = useRunsStore();
    expect(await runs.record(run)).toBe(false);
    expect(runs.waiting).toBe(1);
  });

  it('goes out in the name of the coach who ran it, and in nobody else’s', async () => {
    let [away, coach] = [true, 'a'];
    const asked = fakeBrowser((method, path) => {
      if (path === '/api/account') return { status: 200, body: { demoOpen: false, account: coachOf(coach) } };
      if (path === '/api/account/sign-in') return { status: 200, body: coachOf(coach) };
      if (away) return 'away';
      return method === 'POST' ? { status: 201, body: { id: ID } } : { status: 200, body: { runs: [], next: null } };
    });
    const [account, runs] = [useAccountStore(), useRunsStore()];
    const signIn = async (as: string) => {
      coach = as;
      await account.signIn({ email: 'x@saltmere.example', password: 'y' });
    };
    await signIn('a');
    expect(await runs.record(run)).toBe(false);
    away = false;
    await signIn('b');
    await runs.load();
    expect(runs.waiting).toBe(0);
    expect(asked.filter((line) => line === 'POST /api/runs')).toHaveLength(1);
    await signIn('a');
    await runs.sendWaiting();
    expect(asked.filter((line) => line === 'POST /api/runs')).toHaveLength(2);
  });

  it('is sent at once where the browser has no room to keep it, and is not called kept where that fails too', async () => {
    let away = false;
    const asked = fakeBrowser(() => (away ? 'away' : { status: 201, body: { id: ID } }));
    vi.stubGlobal('localStorage', fullStorage());
    const runs = useRunsStore();
    expect(await runs.record(run)).toBe(true);
    expect(asked).toHaveLength(1);
    away = true;
    await expect(runs.record(run)).rejects.toThrow(ServerAway);
  });
});

/** A signed-in coach, told apart by a letter. */
const coachOf = (letter: string) => ({
  coachId: ID.replace(/^5/, letter),
  coachName: `Coach ${letter}`,
  studioId: ID,
  studioName: 'Quay Hall',
  isDemo: false,
});
