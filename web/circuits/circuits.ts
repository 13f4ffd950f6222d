import type { CircuitDraft, CircuitSummary } from '@prompt-spark/contract/circuit';
import type { Unreadable } from '@prompt-spark/contract/page';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { call } from '../api/call.ts';

/** What circuits are listed: those with these words and this tag; all where both are empty. */
export interface CircuitSearch {
  readonly find: string;
  readonly tag: string;
}

const EVERYTHING: CircuitSearch = { find: '', tag: '' };

/** The studio's circuits as a list, a page at a time, searched where they are stored. */
export const useCircuitsStore = defineStore('circuits', () => {
  const circuits = shallowRef<readonly CircuitSummary[]>([]);
  const unreadable = shallowRef<readonly Unreadable[]>([]);
  const tags = shallowRef<readonly string[]>([]);
  const search = shallowRef<CircuitSearch>(EVERYTHING);
  const next = ref<string | null>(null);
  let asked = 0;

  /** Lists the first page of what is looked for. An answer that was overtaken by a later search is dropped. */
  async function load(wanted: CircuitSearch = search.value): Promise<void> {
    search.value = wanted;
    asked += 1;
    const now = asked;
    const page = await call('circuits', { query: queryOf(wanted) });
    if (now !== asked) return;
    circuits.value = page.circuits;
    unreadable.value = page.unreadable;
    tags.value = page.tags;
    next.value = page.next;
  }

  /** Lists the next page below what is there. */
  async function more(): Promise<void> {
    if (next.value === null) return;
    const now = asked;
    const page = await call('circuits', { query: { ...queryOf(search.value), after: next.value } });
    if (now !== asked) return;
    circuits.value = [...circuits.value, ...page.circuits];
    unreadable.value = [...unreadable.value, ...page.unreadable];
    next.value = page.next;
  }

  /** Adds a circuit and gives its id. Sent again under the same id, it is added once. */
  async function add(draft: CircuitDraft, id: string = crypto.randomUUID()): Promise<string> {
    await call('addCircuit', { body: { ...draft, id } });
    return id;
  }

  /** Takes a circuit out of the list; it can be brought back. */
  async function takeOut(id: string): Promise<void> {
    await call('takeOutCircuit', { id });
    circuits.value = circuits.value.filter((circuit) => circuit.id !== id);
    unreadable.value = unreadable.value.filter((circuit) => circuit.id !== id);
  }

  /** How many sessions of the next weeks use a circuit. */
  async function sessionsAhead(id: string): Promise<number> {
    const now = Date.now();
    const [from, to] = [new Date(now).toISOString(), new Date(now + DAYS_AHEAD * DAY_MS).toISOString()];
    const { sessions } = await call('sessions', { query: { from, to } });
    return sessions.filter(({ circuitId }) => circuitId === id).length;
  }

  async function bringBack(id: string): Promise<void> {
    await call('bringBackCircuit', { id });
    await load();
  }

  return { circuits, unreadable, tags, search, next, load, more, add, takeOut, sessionsAhead, bringBack };
});

/** Days of the schedule that are asked for; the server gives 62 at most. */
const DAYS_AHEAD = 60;
const DAY_MS = 86_400_000;

function queryOf({ find, tag }: CircuitSearch) {
  return { ...(find.trim() === '' ? {} : { find: find.trim() }), ...(tag === '' ? {} : { tag }) };
}
