import type { CircuitDraft, CircuitSummary } from '@prompt-spark/contract/circuit';
import type { Unreadable } from '@prompt-spark/contract/page';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { call } from '../api/call.ts';
import { usePages } from '../loading/usePages.ts';

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
  const {
    wish: search,
    next,
    load,
    more,
  } = usePages(
    EVERYTHING,
    (wanted, after) => call('circuits', { query: { ...queryOf(wanted), ...(after === null ? {} : { after }) } }),
    (page, below) => {
      circuits.value = below ? [...circuits.value, ...page.circuits] : page.circuits;
      unreadable.value = below ? [...unreadable.value, ...page.unreadable] : page.unreadable;
      if (!below) tags.value = page.tags;
    },
  );

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
