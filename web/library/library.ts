import type { Unreadable } from '@prompt-spark/contract/page';
import type { ImportReport } from '@prompt-spark/contract/import';
import type { LibraryDrill } from '@prompt-spark/contract/drill';
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { call } from '../api/call.ts';
import { shippedDrills } from '../api/shipped.ts';
import { loadOnce } from '../loading/loadOnce.ts';
import { usePlacesStore } from './places.ts';
import { useWordsStore } from './words.ts';

/** What circuits are built from: the drills that ship and the studio's own, with its sites and groups. */
export const useLibraryStore = defineStore('library', () => {
  const studio = usePlacesStore();
  const shipped = shallowRef<readonly Drill[]>([]);
  const own = shallowRef<readonly LibraryDrill[]>([]);
  /** Drills of the studio's own that cannot be opened. */
  const unreadable = shallowRef<readonly Unreadable[]>([]);
  const words = useWordsStore();
  const library = computed<DrillLibrary>(() =>
    libraryOf([...shipped.value, ...own.value.map(({ drill }) => drill)], words.words),
  );

  const load = loadOnce(async () => {
    const [drills] = await Promise.all([shippedDrills(), loadOwn(), words.load(), studio.load()]);
    shipped.value = drills;
  });

  async function loadOwn(): Promise<void> {
    const found = await call('drills');
    own.value = found.drills;
    unreadable.value = found.unreadable;
  }

  /** Keeps a drill of the studio's own: a new one without a version, a changed one with the version it was made on. */
  async function keepDrill(drill: Drill, version: number | null): Promise<void> {
    const kept =
      version === null
        ? await call('addDrill', { body: drill })
        : await call('saveDrill', { id: drill.id, body: { drill, version } });
    own.value = [...own.value.filter((entry) => entry.drill.id !== drill.id), kept];
  }

  async function takeOutDrill(id: string): Promise<void> {
    await call('takeOutDrill', { id });
    own.value = own.value.filter(({ drill }) => drill.id !== id);
    unreadable.value = unreadable.value.filter((drill) => drill.id !== id);
  }

  /** Takes in a library as CSV, whole or not at all, under an id by which that can be watched and called off. */
  async function importCsv(csv: string, importId: string): Promise<ImportReport> {
    const report = await call('importDrills', { body: { csv, id: importId } });
    if (report.added > 0) await loadOwn();
    return report;
  }

  const versionOf = (id: string) => own.value.find(({ drill }) => drill.id === id)?.version ?? null;
  const drillOf = (id: string): Drill | undefined => library.value.byId.get(id);

  return {
    library,
    unreadable,
    places: computed(() => studio.places),
    load,
    loadOwn,
    keepDrill,
    takeOutDrill,
    importCsv,
    versionOf,
    drillOf,
    siteOf: studio.siteOf,
    groupOf: studio.groupOf,
  };
});
