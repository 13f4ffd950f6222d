import { MEASURES } from '@prompt-spark/core/measures/measure';
import { USUAL_PACE } from '@prompt-spark/core/occasion/occasion';
import type { PersonRecord } from '@prompt-spark/contract/person';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { UNKNOWN_PERSON } from '@prompt-spark/core/people/person';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { headcount } from '@prompt-spark/core/occasion/floor';
import { changeSlot } from '@prompt-spark/core/circuit/edit';
import { testLibrary, timeOf } from '@prompt-spark/core/testing/drills';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { fakeBrowser, SHIPPED_DRILLS, type Answer } from '../testing/fakeBrowser.ts';
import { useGroupTracksStore } from '../sheet/store/groupTracks.ts';
import { usePeopleStore } from './people.ts';
import { useSheetStore } from '../sheet/store/sheet.ts';
import { useStandardsStore } from '../library/standards.ts';

const [ID, GROUP] = ['5f0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e11', '6f0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e12'];
const record: PersonRecord = { id: ID, version: 3, groupIds: [GROUP], document: { ...UNKNOWN_PERSON, name: 'Perran' } };

beforeEach(() => setActivePinia(createPinia()));
afterEach(() => vi.unstubAllGlobals());

describe('the people store', () => {
  const answer = (method: string, path: string, body: unknown): Answer => {
    if (method === 'GET') return { status: 200, body: { people: [record], next: null, unreadable: [] } };
    if (method === 'DELETE') return { status: 204, body: undefined };
    const { version, groupIds, document } = body as Omit<PersonRecord, 'version'> & { readonly version: number | null };
    return { status: 200, body: { id: path.split('/').at(-1), version: (version ?? 0) + 1, groupIds, document } };
  };

  it('knows who is in a group, and nobody where there is no group', async () => {
    fakeBrowser(answer);
    const people = usePeopleStore();
    await people.load();
    expect(people.peopleOf(GROUP).map(({ name }) => name)).toEqual(['Perran']);
    expect(people.peopleOf(null)).toEqual([]);
    expect(people.peopleOf(ID)).toEqual([]);
  });

  it('changes one thing on the version that is here, and keeps the groups', async () => {
    fakeBrowser(answer);
    const people = usePeopleStore();
    await people.load();
    await people.change(ID, (document) => ({ ...document, birthYear: 1959 }));
    expect(people.recordOf(ID)).toMatchObject({ version: 4, groupIds: [GROUP], document: { birthYear: 1959 } });
  });

  it('makes changes in quick succession one on the other: a red flag tapped and a year typed are both kept', async () => {
    let stored: PersonRecord = { ...record, document: { ...record.document, consentOn: '2026-11-01' } };
    fakeBrowser((method, path, body) => {
      if (method === 'GET') return { status: 200, body: { people: [stored], next: null, unreadable: [] } };
      const { version, groupIds, document } = body as PersonRecord;
      if (version !== stored.version) return { status: 409, body: { title: 'Changed', detail: 'Changed since.' } };
      stored = { id: path.split('/').at(-1) ?? '', version: version + 1, groupIds, document };
      return { status: 200, body: stored };
    });
    const people = usePeopleStore();
    await people.load();
    const flag = { since: '2026-11-25', why: 'red flag', clearedBy: '', clearedOn: '' } as const;
    await Promise.all([
      people.change(ID, (document) => ({ ...document, holds: [...document.holds, flag] })),
      people.change(ID, (document) => ({ ...document, birthYear: 1959 })),
    ]);
    expect(stored.document).toMatchObject({ birthYear: 1959, holds: [flag] });
  });

  it('leaves nothing of anybody in the browser', async () => {
    fakeBrowser(answer);
    const people = usePeopleStore();
    await people.load();
    const kept = Array.from({ length: localStorage.length }, (_, at) =>
      localStorage.getItem(localStorage.key(at) ?? ''),
    );
    expect(kept.join()).not.toContain('Perran');
  });

  it('deletes somebody', async () => {
    fakeBrowser(answer);
    const people = usePeopleStore();
    await people.load();
    await people.remove(ID);
    expect(people.recordOf(ID)).toBeUndefined();
  });
});

describe('the standards store', () => {
  it('has the studio’s default approach first, and its own sessions before those that ship', async () => {
    const own = { ...APPROACHES[0], id: 'ours', name: 'Harbour order' };
    const session = {
      id: 'gig',
      name: 'Gig rowing',
      words: ['gig'],
      needs: { 'grip · activation': 1 },
      holds: 'usual' as const,
    };
    fakeBrowser(() => ({
      status: 200,
      body: {
        defaultApproach: 'ours',
        approaches: [{ version: 2, document: own }],
        sessions: [{ version: 1, document: session }],
        unreadable: { approaches: [], sessions: [] },
      },
    }));
    const standards = useStandardsStore();
    expect(standards.approaches[0]).toBe(APPROACHES[0]);
    await standards.load();
    expect(standards.approaches[0]?.name).toBe('Harbour order');
    expect(standards.approaches).toHaveLength(APPROACHES.length + 1);
    expect(standards.sessions[0]?.name).toBe('Gig rowing');
    expect(standards.versionOf('ours')).toBe(2);
    expect(standards.versionOf('raise-first')).toBeNull();
    // An answer that was kept on the device before studios had measures names none.
    expect(standards.measures).toEqual(MEASURES);
    expect(standards.unreadable.measures).toEqual([]);
  });
});

describe('the group tracks store', () => {
  const circuitId = '7f0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e13';
  const circuit = readWhiteboard('# One\nmobilise\n  tall reach 8\n  deep sit 8\n  run 20s', testLibrary).circuit;
  const stored = {
    id: circuitId,
    version: 1,
    savedAt: '2026-11-25T19:42:00.000Z',
    groupId: GROUP,
    siteId: null,
    circuit,
  };
  const answers: Readonly<Record<string, unknown>> = {
    [SHIPPED_DRILLS]: testLibrary.drills,
    '/api/drills': { drills: [], unreadable: [] },
    '/api/places': { sites: [], groups: [{ id: GROUP, name: 'Dawn Mixed', people: 1 }], coaches: [] },
    '/api/standards': {
      defaultApproach: '',
      approaches: [],
      sessions: [],
      unreadable: { approaches: [], sessions: [] },
    },
    '/api/pace': { all: { habits: USUAL_PACE, sessions: 0 }, groups: [] },
    '/api/people': { people: [record], next: null, unreadable: [] },
  };

  it('works out again only the slots that an edit changes', async () => {
    fakeBrowser((_method, path) => ({ status: 200, body: answers[path] ?? stored }));
    const [sheet, people, groupTracks] = [useSheetStore(), usePeopleStore(), useGroupTracksStore()];
    await people.load();
    await sheet.open(circuitId);
    await vi.waitFor(() => expect(groupTracks.tracks).toHaveLength(3));
    const before = groupTracks.tracks;
    expect(before.map(({ main }) => main)).toEqual([[ID], [ID], [ID]]);
    const last = sheet.circuit.blocks[0]?.lines.at(-1)?.id ?? '';
    sheet.changeCircuit((now) => changeSlot(now, last, (slot) => ({ ...slot, dose: timeOf(40) })));
    await nextTick();
    // Who comes, where the circuit does not say, decides the waves over the lanes: on the sheet and on the Stage alike.
    expect(headcount(sheet.circuit, sheet.occasion)).toBe(1);
    expect(groupTracks.tracks[0]).toBe(before[0]);
    expect(groupTracks.tracks[1]).toBe(before[1]);
    expect(groupTracks.tracks[2]).not.toBe(before[2]);
    sheet.close();
  });
});

it('has the first page of people at once, and then all of them', async () => {
  const pages = [1, 2, 3].map((page) => ({ ...record, id: `${ID.slice(0, -1)}${String(page)}` }));
  let go: () => void = () => undefined;
  const gate = new Promise<void>((resolve) => {
    go = resolve;
  });
  fakeBrowser((_method, path) => {
    const at = Number(/after=(\d)/.exec(path)?.[1] ?? 0);
    return { status: 200, body: { people: [pages[at]], next: at < 2 ? String(at + 1) : null, unreadable: [] } };
  });
  const answered = fetch;
  vi.stubGlobal('fetch', async (path: string) => {
    if (path.includes('after')) await gate;
    return answered(path);
  });
  const people = usePeopleStore();
  await people.loadFirst();
  expect(people.records).toHaveLength(1);
  go();
  await people.load();
  expect(people.records.map(({ id }) => id)).toEqual(pages.map(({ id }) => id));
});
