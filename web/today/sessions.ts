import type { Unreadable } from '@prompt-spark/contract/page';
import type { NewSession, PlannedSession, SessionSummary } from '@prompt-spark/contract/session';
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

  async function add(session: Omit<NewSession, 'id'>): Promise<void> {
    await call('addSession', { body: { ...session, id: crypto.randomUUID() } });
    await again();
  }

  /** A session by its id, with its circuit, as the server has it. */
  const one = (id: string): Promise<PlannedSession> => call('session', { id });

  /** Shortens a session for itself alone; null for as planned. */
  async function fit(id: string, agreed: AgreedFit | null): Promise<void> {
    await call('fitSession', { id, body: { fit: agreed } });
    await again();
  }

  async function takeOut(id: string): Promise<void> {
    await call('takeOutSession', { id });
    sessions.value = sessions.value.filter((session) => session.id !== id);
  }

  /** Puts one that was taken out in the book again, as it was. */
  async function bringBack(id: string): Promise<void> {
    await call('bringBackSession', { id });
    await again();
  }

  return { sessions, unreadable, load, add, one, fit, takeOut, bringBack };
});
