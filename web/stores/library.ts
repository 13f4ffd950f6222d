import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { Unreadable } from '@prompt-spark/contract/page';
import type { ImportReport } from '@prompt-spark/contract/import';
import type { LibraryDrill } from '@prompt-spark/contract/drill';
import {
  usualSetting,
  type Circuit,
  type Drill,
  type DrillLibrary,
  type Segment,
  type Setting,
} from '@prompt-spark/core';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { settingAt as settingAtSite, withPeople } from '@prompt-spark/core/timeline/setting';
import type { Effort } from '@prompt-spark/core/units';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { call } from '../api/call.ts';
import { shippedDrills } from '../api/shipped.ts';
import { loadOnce } from './loadOnce.ts';
import { usePlacesStore } from './places.ts';

/** What circuits are built from: the drills that ship and the studio's own, with its sites and groups. */
export const useLibraryStore = defineStore('library', () => {
  const studio = usePlacesStore();
  const shipped = shallowRef<readonly Drill[]>([]);
  const own = shallowRef<readonly LibraryDrill[]>([]);
  /** Drills of the studio's own that cannot be opened. */
  const unreadable = shallowRef<readonly Unreadable[]>([]);
  const library = computed<DrillLibrary>(() => libraryOf([...shipped.value, ...own.value.map(({ drill }) => drill)]));

  const load = loadOnce(async () => {
    const [drills] = await Promise.all([shippedDrills(), loadOwn(), studio.load()]);
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
  const setting = computed(() => usualSetting(library.value));
  /** The setting of a site: its lanes decide how long distances take. */
  const settingAt = (siteId: string | null): Setting => settingAtSite(setting.value, studio.siteOf(siteId));
  /** A circuit with its group's people, where it does not say how many come. */
  const peopled = ({ circuit, groupId }: Pick<CircuitDraft, 'circuit' | 'groupId'>): Circuit =>
    withPeople(circuit, studio.groupOf(groupId)?.people ?? 0);
  const drillOf = (id: string): Drill | undefined => library.value.byId.get(id);
  /** The effort of a drill's work, 0–10; one function until the library changes, so that what draws with it need not start anew. */
  const effortOf = computed(() => {
    const { byId } = library.value;
    return ({ drillId }: Pick<Segment, 'drillId'>): Effort => byId.get(drillId)?.effort ?? 0;
  });

  return {
    library,
    unreadable,
    places: computed(() => studio.places),
    setting,
    settingAt,
    peopled,
    load,
    keepDrill,
    takeOutDrill,
    importCsv,
    versionOf,
    drillOf,
    effortOf,
    siteOf: studio.siteOf,
    groupOf: studio.groupOf,
  };
});
