import type { Standards } from '@prompt-spark/contract/standard';
import type { Approach } from '@prompt-spark/core/approach/approach';
import type { MainSession } from '@prompt-spark/core/approach/mainSession';
import { MEASURES, type Measure } from '@prompt-spark/core/measures/measure';
import { USUAL_TIMES, type TradeTimes } from '@prompt-spark/core/occasion/trade';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { call } from '../api/call.ts';
import { loadOnce } from '../loading/loadOnce.ts';
import { approachesIn, mainSessionsIn } from './ownFirst.ts';

const NOTHING: Standards = {
  defaultApproach: '',
  times: null,
  approaches: [],
  sessions: [],
  measures: [],
  unreadable: { approaches: [], sessions: [], measures: [] },
};

/** What the studio holds to: the approaches, main sessions and measures that ship, and its own. */
export const useStandardsStore = defineStore('standards', () => {
  const own = shallowRef<Standards>(NOTHING);

  async function fetchAll(): Promise<void> {
    const answer = await call('standards');
    // What was kept on the device for times without a network may be older than this page: it names fewer kinds.
    own.value = { ...NOTHING, ...answer, unreadable: { ...NOTHING.unreadable, ...answer.unreadable } };
  }

  const load = loadOnce(fetchAll);

  const approaches = computed(() => approachesIn(own.value));
  const sessions = computed(() => mainSessionsIn(own.value));
  /** Those that ship, then the studio's own. */
  const measures = computed(() => [...MEASURES, ...own.value.measures.map(({ document }) => document)]);
  const versionOf = (id: string): number | null => {
    const kept = [...own.value.approaches, ...own.value.sessions, ...own.value.measures];
    return kept.find(({ document }) => document.id === id)?.version ?? null;
  };

  async function keepApproach(document: Approach): Promise<void> {
    const body = { version: versionOf(document.id), document };
    const kept = await call('saveApproach', { id: document.id, body });
    own.value = { ...own.value, approaches: [...without(own.value.approaches, document.id), kept] };
  }

  async function keepSession(document: MainSession): Promise<void> {
    const body = { version: versionOf(document.id), document };
    const kept = await call('saveMainSession', { id: document.id, body });
    own.value = { ...own.value, sessions: [...without(own.value.sessions, document.id), kept] };
  }

  async function keepMeasure(document: Measure): Promise<void> {
    const body = { version: versionOf(document.id), document };
    const kept = await call('saveMeasure', { id: document.id, body });
    own.value = { ...own.value, measures: [...without(own.value.measures, document.id), kept] };
  }

  async function takeOutApproach(id: string): Promise<void> {
    await call('takeOutApproach', { id });
    await fetchAll();
  }

  async function takeOutSession(id: string): Promise<void> {
    await call('takeOutMainSession', { id });
    await fetchAll();
  }

  async function takeOutMeasure(id: string): Promise<void> {
    await call('takeOutMeasure', { id });
    await fetchAll();
  }

  async function setDefault(id: string): Promise<void> {
    await call('setDefaultApproach', { body: { id } });
    own.value = { ...own.value, defaultApproach: id };
  }

  /** The seconds that the studio counts with: its own, or those of the trade. */
  const times = computed(() => own.value.times ?? USUAL_TIMES);

  /** Keeps the studio's own seconds; null for those of the trade. */
  async function keepTimes(next: TradeTimes | null): Promise<void> {
    await call('setTimes', { body: { times: next } });
    own.value = { ...own.value, times: next };
  }

  return {
    times,
    keepTimes,
    approaches,
    sessions,
    measures,
    versionOf,
    load,
    unreadable: computed(() => own.value.unreadable),
    keepApproach,
    keepSession,
    keepMeasure,
    takeOutApproach,
    takeOutSession,
    takeOutMeasure,
    setDefault,
  };
});

function without<Kept extends { readonly document: { readonly id: string } }>(
  all: readonly Kept[],
  id: string,
): readonly Kept[] {
  return all.filter(({ document }) => document.id !== id);
}
