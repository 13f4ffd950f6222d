import { importReportSchema, type ImportReport } from '@prompt-spark/contract/drill';
import {
  accessesSchema,
  personFileSchema,
  personRecordSchema,
  personRecordsSchema,
  type Access,
  type PersonDocument,
  type PersonRecord,
} from '@prompt-spark/contract/person';
import { ROUTES } from '@prompt-spark/contract/routes';
import type { Person } from '@prompt-spark/core/limits/person';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { request, tell } from '../api/request.ts';
import { inTurn } from '../saving/inTurn.ts';

/** The people this coach coaches. Kept in memory only: nothing of it goes to the browser's storage. */
export const usePeopleStore = defineStore('people', () => {
  const records = shallowRef<readonly PersonRecord[]>([]);
  let loading: Promise<void> | undefined;

  /** Loads them once; a failed load is tried again at the next call. */
  function load(): Promise<void> {
    loading ??= fetchAll().catch((error: unknown) => {
      loading = undefined;
      throw error;
    });
    return loading;
  }

  async function fetchAll(): Promise<void> {
    records.value = await request(ROUTES.people, personRecordsSchema);
  }

  function forget(): void {
    loading = undefined;
    records.value = [];
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
    const kept = await request(ROUTES.savePerson, personRecordSchema, { id, body: { version, groupIds, document } });
    const others = records.value.filter((record) => record.id !== id);
    records.value = [...others, kept].toSorted((one, other) => one.document.name.localeCompare(other.document.name));
  }

  const turn = inTurn();
  /** Changes one thing about somebody. Two changes in quick succession are made one on the other. */
  function change(id: string, make: (document: PersonDocument) => PersonDocument): Promise<void> {
    return turn(id, async () => {
      const record = recordOf(id);
      if (record) await save(id, record.groupIds, make(record.document));
    });
  }

  async function takeOut(id: string): Promise<void> {
    await tell(ROUTES.takeOutPerson, { id });
    records.value = records.value.filter((record) => record.id !== id);
  }

  async function importCsv(csv: string): Promise<ImportReport> {
    const report = await request(ROUTES.importPeople, importReportSchema, { body: { csv } });
    if (report.added > 0) await fetchAll();
    return report;
  }

  async function exportCsv(): Promise<string> {
    return (await request(ROUTES.exportPeople, personFileSchema, { body: {} })).csv;
  }

  const accessesOf = (id: string): Promise<readonly Access[]> => request(ROUTES.personAccess, accessesSchema, { id });

  return { records, load, forget, recordOf, peopleOf, save, change, takeOut, importCsv, exportCsv, accessesOf };
});
