import type { Unreadable } from '@prompt-spark/contract/page';
import type {
  NewSession,
  PlannedSession,
  SeriesSpan,
  SessionMove,
  SessionSummary,
} from '@prompt-spark/contract/session';
import type { BlockPick } from '@prompt-spark/core/circuit/pick';
import type { AgreedFit } from '@prompt-spark/core/fit/plan/plan';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { call } from '../api/call.ts';

/** The book of sessions for the span that was last asked for. */
export const useSessionsStore = defineStore('sessions', () => {
  const sessions = shallowRef<readonly SessionSummary[]>([]);
  const unreadable = shallowRef<readonly Unreadable[]>([]);
  let span: { readonly from: string; readonly to: string } | undefined;

  /** Loads the sessions that start between two instants. */
  async function load(from: Date, to: Date): Promise<void> {
    span = { from: from.toISOString(), to: to.toISOString() };
    await again();
  }

  async function again(): Promise<void> {
    if (!span) return;
    const list = await call('sessions', { query: span });
    sessions.value = list.sessions;
    unreadable.value = list.unreadable;
  }

  async function add(session: NewSession): Promise<void> {
    await call('addSession', { body: session });
    await again();
  }

  /** Holds a session at another time or place, by another coach or for another group; with those that follow, if wished. */
  async function move(id: string, to: SessionMove): Promise<void> {
    await call('moveSession', { id, body: to });
    await again();
  }

  /** What starts between two instants, which the book itself need not show. */
  async function between(from: Date, to: Date): Promise<readonly SessionSummary[]> {
    const list = await call('sessions', { query: { from: from.toISOString(), to: to.toISOString() } });
    return list.sessions;
  }

  /** A session by its id, with its circuit, as the server has it. */
  const one = (id: string): Promise<PlannedSession> => call('session', { id });

  /** Shortens a session for itself alone; null for as planned. */
  async function fit(id: string, agreed: AgreedFit | null): Promise<void> {
    await call('fitSession', { id, body: { fit: agreed } });
    await again();
  }

  /** Sets whose turn it is in the blocks that pick, for one session. */
  async function pick(id: string, picks: readonly BlockPick[]): Promise<void> {
    await call('pickForSession', { id, body: { picks } });
    await again();
  }

  /** Takes one out of the book; with those of its series that follow, if wished. */
  async function takeOut(id: string, span: SeriesSpan = 'one'): Promise<void> {
    await call('takeOutSession', { id, query: { span } });
    if (span === 'one') sessions.value = sessions.value.filter((session) => session.id !== id);
    else await again();
  }

  /** Puts one that was taken out in the book again, as it was; with those that were taken out with it. */
  async function bringBack(id: string, span: SeriesSpan = 'one'): Promise<void> {
    await call('bringBackSession', { id, query: { span } });
    await again();
  }

  return { sessions, unreadable, load, add, move, between, one, pick, fit, takeOut, bringBack };
});
