import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import {
  drillsSchema,
  importReportSchema,
  libraryDrillSchema,
  type ImportReport,
  type LibraryDrill,
} from '@prompt-spark/contract/drill';
import { ROUTES } from '@prompt-spark/contract/routes';
import {
  groupSchema,
  siteSchema,
  studioPlacesSchema,
  type Group,
  type Site,
  type SiteDetails,
  type StudioPlaces,
} from '@prompt-spark/contract/studio';
import {
  usualSetting,
  type Circuit,
  type Drill,
  type DrillLibrary,
  type Segment,
  type Setting,
} from '@prompt-spark/core';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Effort } from '@prompt-spark/core/units';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { request, tell } from '../api/request.ts';

/** What circuits are built from: drills, sites and groups. */
export const useLibraryStore = defineStore('library', () => {
  const entries = shallowRef<readonly LibraryDrill[]>([]);
  const library = computed<DrillLibrary>(() => libraryOf(entries.value.map(({ drill }) => drill)));
  const places = shallowRef<StudioPlaces>({ sites: [], groups: [] });
  let loading: Promise<void> | undefined;

  /** Loads drills and places once; a failed load is tried again at the next call. */
  function load(): Promise<void> {
    loading ??= fetchAll().catch((error: unknown) => {
      loading = undefined;
      throw error;
    });
    return loading;
  }

  async function fetchAll(): Promise<void> {
    const [drills, found] = await Promise.all([
      request(ROUTES.drills, drillsSchema),
      request(ROUTES.places, studioPlacesSchema),
    ]);
    entries.value = drills;
    places.value = found;
  }

  function forget(): void {
    loading = undefined;
    places.value = { sites: [], groups: [] };
  }

  /** Keeps a drill of the studio's own: a new one without a version, a changed one with the version it was made on. */
  async function keepDrill(drill: Drill, version: number | null): Promise<void> {
    const kept =
      version === null
        ? await request(ROUTES.addDrill, libraryDrillSchema, { body: drill })
        : await request(ROUTES.saveDrill, libraryDrillSchema, { id: drill.id, body: { drill, version } });
    entries.value = [...entries.value.filter((entry) => entry.drill.id !== drill.id), kept];
  }

  async function takeOutDrill(id: string): Promise<void> {
    await tell(ROUTES.takeOutDrill, { id });
    entries.value = entries.value.filter(({ drill }) => drill.id !== id);
  }

  /** Takes in a library as CSV, whole or not at all. */
  async function importCsv(csv: string): Promise<ImportReport> {
    const report = await request(ROUTES.importDrills, importReportSchema, { body: { csv } });
    if (report.added > 0) entries.value = await request(ROUTES.drills, drillsSchema);
    return report;
  }

  /** Keeps a site: a new one under an id of its own, or a change of one that is there. */
  async function keepSite(id: string, details: SiteDetails): Promise<void> {
    const version = siteOf(id)?.version ?? null;
    const kept = await request(ROUTES.saveSite, siteSchema, { id, body: { version, site: details } });
    const others = places.value.sites.filter((site) => site.id !== id);
    const sites = [...others, kept].toSorted((one, other) => one.name.localeCompare(other.name));
    places.value = { ...places.value, sites };
  }

  /** Adds a group, which this coach coaches. */
  async function addGroup(name: string): Promise<Group> {
    const added = await request(ROUTES.addGroup, groupSchema, { body: { id: crypto.randomUUID(), name } });
    places.value = { ...places.value, groups: [...places.value.groups, added] };
    return added;
  }

  const versionOf = (id: string) => entries.value.find(({ drill }) => drill.id === id)?.version ?? null;
  const setting = computed(() => usualSetting(library.value));
  /** The setting of a site: its lanes decide how long distances take. */
  function settingAt(siteId: string | null): Setting {
    const site = siteOf(siteId);
    if (!site || site.laneMetres <= 0) return setting.value;
    return { ...setting.value, site: { lanes: site.lanes, laneMetres: site.laneMetres } };
  }
  /** A circuit with its group's people, where it does not say how many come: they decide the waves over the lanes. */
  function peopled({ circuit, groupId }: Pick<CircuitDraft, 'circuit' | 'groupId'>): Circuit {
    return { ...circuit, people: circuit.people || (groupOf(groupId)?.people ?? 0) };
  }
  const drillOf = (id: string): Drill | undefined => library.value.byId.get(id);
  /** The effort of a drill's work, 0–10; one function until the library changes, so that what draws with it need not start anew. */
  const effortOf = computed(() => {
    const { byId } = library.value;
    return ({ drillId }: Pick<Segment, 'drillId'>): Effort => byId.get(drillId)?.effort ?? 0;
  });
  const siteOf = (id: string | null): Site | undefined => places.value.sites.find((site) => site.id === id);
  const groupOf = (id: string | null): Group | undefined => places.value.groups.find((group) => group.id === id);

  return {
    library,
    places,
    setting,
    settingAt,
    peopled,
    load,
    forget,
    keepDrill,
    takeOutDrill,
    importCsv,
    addGroup,
    keepSite,
    versionOf,
    drillOf,
    effortOf,
    siteOf,
    groupOf,
  };
});
