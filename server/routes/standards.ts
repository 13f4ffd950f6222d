import { changedElsewhere, mustBeThere, wrongField } from '../http/problem.ts';
import type { Handlers } from '../http/serve.ts';
import type { Database } from '../store/database.ts';
import {
  saveApproach,
  saveMainSession,
  saveMeasure,
  setDefaultApproach,
  setTimes,
  standardsOf,
  takeOutStandard,
  type StandardResult,
} from '../store/standards.ts';
import { told } from './unreadable.ts';

/** What a studio holds to: its approaches, main sessions and measures beside those that ship. */
export function standardRoutes(database: Database) {
  return {
    standards: async ({ account: { studioId }, log }) => {
      const { unreadable, ...standards } = await standardsOf(database, studioId);
      const approaches = told('approach', unreadable.approaches, log);
      const sessions = told('main session', unreadable.sessions, log);
      const measures = told('measure', unreadable.measures, log);
      return { ...standards, unreadable: { approaches, sessions, measures } };
    },

    setDefaultApproach: async ({ account: { studioId }, body: { id } }) =>
      mustBeThere(await setDefaultApproach(database, studioId, id), 'approach'),

    setTimes: async ({ account: { studioId }, body: { times } }) => {
      await setTimes(database, studioId, times);
      return undefined;
    },

    saveApproach: async ({ account: { studioId }, params: { id }, body }) => {
      mustBeThere(body.document.id === id, 'approach');
      return keptOf('approach', await saveApproach(database, studioId, body));
    },

    saveMainSession: async ({ account: { studioId }, params: { id }, body }) => {
      mustBeThere(body.document.id === id, 'main session');
      return keptOf('main session', await saveMainSession(database, studioId, body));
    },

    saveMeasure: async ({ account: { studioId }, params: { id }, body }) => {
      mustBeThere(body.document.id === id, 'measure');
      return keptOf('measure', await saveMeasure(database, studioId, body));
    },

    takeOutApproach: async ({ account: { studioId }, params: { id } }) =>
      mustBeThere(await takeOutStandard(database, studioId, 'approach', id), 'approach of your own'),

    takeOutMainSession: async ({ account: { studioId }, params: { id } }) =>
      mustBeThere(await takeOutStandard(database, studioId, 'main session', id), 'main session of your own'),

    takeOutMeasure: async ({ account: { studioId }, params: { id } }) =>
      mustBeThere(await takeOutStandard(database, studioId, 'measure', id), 'measure of your own'),
  } satisfies Partial<Handlers>;
}

function keptOf<Document>(what: string, result: StandardResult<Document>) {
  switch (result.kind) {
    case 'kept':
      return result.kept;
    case 'taken':
      throw wrongField('/document/name', 'Another one has that name already. Give it a name of its own');
    case 'outdated':
      throw changedElsewhere(what, 'Open it again.', result.current);
  }
}
