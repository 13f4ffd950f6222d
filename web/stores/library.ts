import { drillsSchema } from '@prompt-spark/contract/drill';
import { ROUTES } from '@prompt-spark/contract/routes';
import { studioPlacesSchema, type Group, type Site, type StudioPlaces } from '@prompt-spark/contract/studio';
import { usualSetting, type Drill, type DrillLibrary } from '@prompt-spark/core';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { request } from '../api/request.ts';

/** What circuits are built from: drills, sites and groups. */
export const useLibraryStore = defineStore('library', () => {
  const library = shallowRef<DrillLibrary>(libraryOf([]));
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
    library.value = libraryOf(drills);
    places.value = found;
  }

  function forget(): void {
    loading = undefined;
    places.value = { sites: [], groups: [] };
  }

  const setting = computed(() => usualSetting(library.value));
  const drillOf = (id: string): Drill | undefined => library.value.byId.get(id);
  const siteOf = (id: string | null): Site | undefined => places.value.sites.find((site) => site.id === id);
  const groupOf = (id: string | null): Group | undefined => places.value.groups.find((group) => group.id === id);

  return { library, places, setting, load, forget, drillOf, siteOf, groupOf };
});
