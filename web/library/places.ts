import type { Group, Site, SiteDetails, StudioPlaces } from '@prompt-spark/contract/studio';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { call } from '../api/call.ts';
import { loadOnce } from '../loading/loadOnce.ts';
import { compareNames } from '../wording/alphabet.ts';

/** The sites, groups and coaches of the studio. */
export const usePlacesStore = defineStore('places', () => {
  const places = shallowRef<StudioPlaces>({ sites: [], groups: [], coaches: [] });
  const load = loadOnce(async () => {
    places.value = await call('places');
  });

  const siteOf = (id: string | null): Site | undefined => places.value.sites.find((site) => site.id === id);
  const groupOf = (id: string | null): Group | undefined => places.value.groups.find((group) => group.id === id);

  /** Keeps a site: a new one under an id of its own, or a change of one that is there. */
  async function keepSite(id: string, details: SiteDetails): Promise<void> {
    const version = siteOf(id)?.version ?? null;
    const kept = await call('saveSite', { id, body: { version, site: details } });
    const others = places.value.sites.filter((site) => site.id !== id);
    const sites = [...others, kept].toSorted((one, other) => compareNames(one.name, other.name));
    places.value = { ...places.value, sites };
  }

  /** Adds a group, which this coach coaches. */
  async function addGroup(name: string): Promise<Group> {
    const added = await call('addGroup', { body: { id: crypto.randomUUID(), name } });
    places.value = { ...places.value, groups: [...places.value.groups, added] };
    return added;
  }

  return { places, load, siteOf, groupOf, keepSite, addGroup };
});
