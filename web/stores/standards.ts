import { ROUTES } from '@prompt-spark/contract/routes';
import {
  keptApproachSchema,
  keptSessionSchema,
  standardsSchema,
  type Standards,
} from '@prompt-spark/contract/standard';
import type { Approach } from '@prompt-spark/core/approach/approach';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { MAIN_SESSIONS, type MainSession } from '@prompt-spark/core/coverage/mainSession';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { request, tell } from '../api/request.ts';

const NOTHING: Standards = { defaultApproach: '', approaches: [], sessions: [] };

/** What the studio holds to: the approaches and main sessions that ship, and its own. */
export const useStandardsStore = defineStore('standards', () => {
  const own = shallowRef<Standards>(NOTHING);
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
    own.value = await request(ROUTES.standards, standardsSchema);
  }

  function forget(): void {
    loading = undefined;
    own.value = NOTHING;
  }

  /** Every approach, the studio's default first. */
  const approaches = computed<readonly Approach[]>(() => {
    const all = [...APPROACHES, ...own.value.approaches.map(({ document }) => document)];
    const first = all.find(({ id }) => id === own.value.defaultApproach);
    return first ? [first, ...all.filter((approach) => approach !== first)] : all;
  });
  /** Every main session, the studio's own first: its words win over those that ship. */
  const sessions = computed<readonly MainSession[]>(() => [
    ...own.value.sessions.map(({ document }) => document),
    ...MAIN_SESSIONS,
  ]);
  const versionOf = (id: string): number | null =>
    [...own.value.approaches, ...own.value.sessions].find(({ document }) => document.id === id)?.version ?? null;

  async function keepApproach(document: Approach): Promise<void> {
    const body = { version: versionOf(document.id), document };
    const kept = await request(ROUTES.saveApproach, keptApproachSchema, { id: document.id, body });
    own.value = { ...own.value, approaches: [...without(own.value.approaches, document.id), kept] };
  }

  async function keepSession(document: MainSession): Promise<void> {
    const body = { version: versionOf(document.id), document };
    const kept = await request(ROUTES.saveMainSession, keptSessionSchema, { id: document.id, body });
    own.value = { ...own.value, sessions: [...without(own.value.sessions, document.id), kept] };
  }

  async function takeOutApproach(id: string): Promise<void> {
    await tell(ROUTES.takeOutApproach, { id });
    await fetchAll();
  }

  async function takeOutSession(id: string): Promise<void> {
    await tell(ROUTES.takeOutMainSession, { id });
    await fetchAll();
  }

  async function setDefault(id: string): Promise<void> {
    await tell(ROUTES.setDefaultApproach, { body: { id } });
    own.value = { ...own.value, defaultApproach: id };
  }

  return {
    approaches,
    sessions,
    versionOf,
    load,
    forget,
    keepApproach,
    keepSession,
    takeOutApproach,
    takeOutSession,
    setDefault,
  };
});

function without<Kept extends { readonly document: { readonly id: string } }>(
  all: readonly Kept[],
  id: string,
): readonly Kept[] {
  return all.filter(({ document }) => document.id !== id);
}
