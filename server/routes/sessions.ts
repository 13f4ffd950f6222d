import { found, idTaken, mustBeThere, notFound } from '../http/problem.ts';
import type { Handlers } from '../http/serve.ts';
import type { Database } from '../store/database.ts';
import {
  addSession,
  bringBackSession,
  fitSession,
  moveSession,
  pickForSession,
  takeOutSession,
} from '../store/booking.ts';
import { sessionOf, sessionsBetween } from '../store/sessions.ts';
import { told } from './unreadable.ts';

/** The book of sessions. */
export function sessionRoutes(database: Database) {
  return {
    sessions: async ({ account: { studioId }, query: { from, to }, log }) => {
      const { sessions, unreadable } = await sessionsBetween(database, studioId, new Date(from), new Date(to));
      return { sessions, unreadable: told('session', unreadable, log) };
    },

    session: async ({ account: { studioId }, params: { id } }) =>
      found(await sessionOf(database, studioId, id), 'session'),

    addSession: async ({ account: { studioId, coachId }, body }) => {
      switch (await addSession(database, studioId, coachId, body)) {
        case 'kept':
          return { id: body.id };
        case 'id taken':
          throw idTaken('session');
        case 'no such circuit, group, site or coach':
          throw notFound('circuit, group, site or coach');
      }
    },

    moveSession: async ({ account: { studioId }, params: { id }, body }) => {
      switch (await moveSession(database, studioId, id, body)) {
        case 'moved':
          return undefined;
        case 'no such session':
          throw notFound('session');
        case 'no such group, site or coach':
          throw notFound('group, site or coach');
      }
    },

    pickForSession: async ({ account: { studioId }, params: { id }, body: { picks } }) =>
      mustBeThere(await pickForSession(database, studioId, id, picks), 'session'),
    fitSession: async ({ account: { studioId }, params: { id }, body: { fit } }) =>
      mustBeThere(await fitSession(database, studioId, id, fit), 'session'),

    bringBackSession: async ({ account: { studioId }, params: { id }, query: { span } }) =>
      mustBeThere(await bringBackSession(database, studioId, id, span), 'session'),

    takeOutSession: async ({ account: { studioId }, params: { id }, query: { span } }) =>
      mustBeThere(await takeOutSession(database, studioId, id, span), 'session'),
  } satisfies Partial<Handlers>;
}
