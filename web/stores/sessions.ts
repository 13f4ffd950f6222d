import { ROUTES } from '@prompt-spark/contract/routes';
import {
  plannedSessionSchema,
  plannedSessionsSchema,
  type NewSession,
  type PlannedSession,
} from '@prompt-spark/contract/session';
import type { AgreedFit } from '@prompt-spark/core/fit/plan';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { request, tell } from '../api/request.ts';

/** The book of sessions for the span that was last asked for. */
export const useSessionsStore = defineStore('sessions', () => {
  const sessions = shallowRef<readonly PlannedSession[]>([]);
  const loaded = shallowRef(false);

  /** Loads the sessions that start between two instants. */
  async function load(from: Date, to: Date): Promise<void> {
    const query = { from: from.toISOString(), to: to.toISOString() };
    sessions.value = await request(ROUTES.sessions, plannedSessionsSchema, { query });
    loaded.value = true;
  }

  async function add(session: Omit<NewSession, 'id'>): Promise<PlannedSession> {
    const body = { ...session, id: crypto.randomUUID() };
    const added = await request(ROUTES.addSession, plannedSessionSchema, { body });
    sessions.value = [...sessions.value, added].toSorted((one, other) => one.startsAt.localeCompare(other.startsAt));
    return added;
  }

  /** A session by its id, as the server has it. */
  const one = (id: string): Promise<PlannedSession> => request(ROUTES.session, plannedSessionSchema, { id });

  /** Shortens a session for itself alone; null for as planned. */
  async function fit(id: string, agreed: AgreedFit | null): Promise<void> {
    const fitted = await request(ROUTES.fitSession, plannedSessionSchema, { id, body: { fit: agreed } });
    sessions.value = sessions.value.map((session) => (session.id === id ? fitted : session));
  }

  async function takeOut(id: string): Promise<void> {
    await tell(ROUTES.takeOutSession, { id });
    sessions.value = sessions.value.filter((session) => session.id !== id);
  }

  /** Puts one that was taken out in the book again, as it was. */
  async function putBack({
    circuitId,
    groupId,
    siteId,
    startsAt,
    minutes,
    fit: agreed,
  }: PlannedSession): Promise<void> {
    const { id } = await add({ circuitId, groupId, siteId, startsAt, minutes });
    if (agreed) await fit(id, agreed);
  }

  return { sessions, loaded, load, add, one, fit, takeOut, putBack };
});
