import type { ImportReport } from '@prompt-spark/contract/import';
import type { Unreadable } from '@prompt-spark/contract/page';
import type { Access, PersonDocument, PersonRecord } from '@prompt-spark/contract/person';
import type { Person } from '@prompt-spark/core/people/person';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { call } from '../api/call.ts';
import { pagesOfPeople } from '../api/people.ts';
import { inTurn } from '../saving/inTurn.ts';
import { loadOnce } from '../loading/loadOnce.ts';
import { compareNames } from '../wording/alphabet.ts';

/** The people this coach coaches. Kept in memory only: nothing of it goes to the browser's storage. */
export const usePeopleStore = defineStore('people', () => {
  const records = shallowRef<readonly PersonRecord[]>([]);
  /** People of whom something is stored that cannot be opened. */
  const unreadable = shallowRef<readonly Unreadable[]>([]);

  /** Everybody, a page at a time: those who are here are shown while the others come. */
  async function fetchAll(shown: () => void): Promise<void> {
    const found: PersonRecord[] = [];
    const damaged: Unreadable[] = [];
    const show = (): void => {
      records.value = byName(found);
      unreadable.value = [...damaged];
    };
    let showAt = 1;
    for await (const page of pagesOfPeople()) {
      found.push(...page.people);
      damaged.push(...page.unreadable);
      // Each time there are twice as many: putting thousands in order with every page would take longer than fetching them.
      if (found.length >= showAt) {
        show();
        showAt = found.length * 2;
      }
      shown();
    }
    show();
  }

  let shown: Promise<void> | undefined;
  const load = loadOnce(() => {
    let all: Promise<void> = Promise.resolve();
    shown = new Promise((resolve, reject) => {
      all = fetchAll(resolve);
      all.catch(reject);
    });
    return all;
  });
  /** Waits for the first of them only, as a list that is read from its top may. */
  async function loadFirst(): Promise<void> {
    const all = load();
    all.catch(() => undefined);
    await shown;
  }

  const byId = computed(() => new Map(records.value.map((record) => [record.id, record])));
  const recordOf = (id: string): PersonRecord | undefined => byId.value.get(id);
  /** The people of a group, as the core knows people. */
  function peopleOf(groupId: string | null): readonly Person[] {
    const inGroup = records.value.filter(({ groupIds }) => groupId !== null && groupIds.includes(groupId));
    return inGroup.map(({ id, document }) => ({ id, ...document }));
  }

  /** Keeps somebody: a new person, or a change made on the version that is here. */
  async function save(id: string, groupIds: readonly string[], document: PersonDocument): Promise<void> {
    const version = recordOf(id)?.version ?? null;
    const kept = await call('savePerson', { id, body: { version, groupIds, document } });
    const others = records.value.filter((record) => record.id !== id);
    records.value = byName([...others, kept]);
  }

  const turn = inTurn();
  /** Changes one thing about somebody. Two changes in quick succession are made one on the other. */
  function change(id: string, make: (document: PersonDocument) => PersonDocument): Promise<void> {
    return turn(id, async () => {
      const record = recordOf(id);
      if (record) await save(id, record.groupIds, make(record.document));
    });
  }

  /** Deletes somebody for good. */
  async function remove(id: string): Promise<void> {
    await call('deletePerson', { id });
    forget(id);
  }

  /** Puts somebody into the bin. */
  async function takeOut(id: string): Promise<void> {
    await call('takeOutPerson', { id });
    forget(id);
  }

  function forget(id: string): void {
    records.value = records.value.filter((record) => record.id !== id);
    unreadable.value = unreadable.value.filter((record) => record.id !== id);
  }

  /** Fetches everybody anew, as where somebody came back from the bin. */
  const reload = () => fetchAll(() => undefined);

  /** Takes people in from a file, under an id by which that can be watched and called off. */
  async function importCsv(csv: string, importId: string): Promise<ImportReport> {
    const report = await call('importPeople', { body: { csv, id: importId } });
    if (report.added > 0) await reload();
    return report;
  }

  async function exportCsv(): Promise<string> {
    return (await call('exportPeople')).csv;
  }

  /** What was seen, counted and measured of one person. */
  async function exportOne(id: string): Promise<string> {
    return (await call('exportPerson', { id })).csv;
  }

  const accessesOf = (id: string): Promise<readonly Access[]> => call('personAccess', { id });

  return {
    records,
    unreadable,
    load,
    loadFirst,
    recordOf,
    peopleOf,
    save,
    change,
    remove,
    takeOut,
    reload,
    importCsv,
    exportCsv,
    exportOne,
    accessesOf,
  };
});

function byName(records: readonly PersonRecord[]): readonly PersonRecord[] {
  return records.toSorted((one, other) => compareNames(one.document.name, other.document.name));
}
