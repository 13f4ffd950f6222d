import type { CircuitDraft, CircuitRecord } from '@prompt-spark/contract/circuit';
import type { PersonRecord } from '@prompt-spark/contract/person';
import type { SessionSummary } from '@prompt-spark/contract/session';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { mainSessionOf } from '@prompt-spark/core/approach/meantSession';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { floorOf } from '@prompt-spark/core/occasion/floor';
import { occasionOf, type Occasion } from '@prompt-spark/core/occasion/occasion';
import { siteFrom } from '@prompt-spark/core/occasion/site';
import { isHere, readinessOn, type Person } from '@prompt-spark/core/people/person';
import { nextStep, type StepReason } from '@prompt-spark/core/progress/nextStep';
import { progressRules } from '@prompt-spark/core/progress/rules';
import { steppedCircuit } from '@prompt-spark/core/progress/steppedCircuit';
import { stepFacts, type StepFacts } from '@prompt-spark/core/progress/stepFacts';
import { tracksFor } from '@prompt-spark/core/swaps/tracksFor';
import { expose } from 'comlink';
import { call } from '../api/call.ts';
import { everybody } from '../api/people.ts';
import { shippedDrills } from '../api/shipped.ts';
import { approachesIn, mainSessionsIn } from '../library/ownFirst.ts';
import { daysBefore, pastRuns } from './pastRuns.ts';
import { toDecideWords } from './toDecideWords.ts';

/** A session that is not run yet, with the day it is on at its site. */
export type DatedSession = Pick<SessionSummary, 'id' | 'groupId' | 'siteId' | 'startsAt'> & { readonly day: string };

/** What the last times say of the next one. */
export interface ProposedStep {
  readonly reason: StepReason;
  /** What is changed, each in a breath; nothing where it is only to be known. */
  readonly changes: readonly StepFacts[];
  readonly from: Pick<CircuitRecord, 'id' | 'version'> & CircuitDraft;
  /** The circuit with it changed. */
  readonly to: CircuitDraft;
}

/** What is found of a session beside the page. */
export interface FoundOfSession {
  /** What is still to be decided, in words; empty for nothing. */
  readonly question: string;
  readonly step?: ProposedStep;
}

/**
 * What is still to be decided for sessions, and what their last times say, by their ids. Everything it takes is fetched
 * here, beside the page: the whole library, every circuit, everybody's limits, and the log of each.
 */
async function findFor(sessions: readonly DatedSession[]): Promise<ReadonlyMap<string, FoundOfSession>> {
  const [shipped, own, people, places, standards] = await Promise.all([
    shippedDrills(),
    call('drills'),
    // Every look at people is on record: none is taken where no group comes.
    sessions.some(({ groupId }) => groupId !== null) ? everybody() : [],
    call('places'),
    call('standards'),
  ]);
  const library = libraryOf([...shipped, ...own.drills.map(({ drill }) => drill)]);
  const found = new Map<string, FoundOfSession>();
  for (const session of sessions) {
    const { id, groupId, siteId, day } = session;
    const present = presentIn(people, groupId);
    const { circuit } = await call('session', { id });
    const occasion = occasionOf({
      library,
      site: siteFrom(places.sites.find((one) => one.id === siteId)),
      expected: Math.max(places.groups.find((group) => group.id === groupId)?.people ?? 0, present.length),
      day,
      approach: approachOf(circuit.circuit.approach, approachesIn(standards)),
      session: mainSessionOf(circuit.circuit.purpose, mainSessionsIn(standards)),
      ...(standards.times ? { times: standards.times } : {}),
    });
    const tracks = tracksFor(circuit.circuit, present, occasion, circuit.id);
    const step = await stepFor(session, circuit, present, occasion);
    found.set(id, { question: toDecideWords(circuit.circuit, tracks), ...(step ? { step } : {}) });
  }
  return found;
}

const presentIn = (people: readonly PersonRecord[], groupId: string | null): readonly Person[] =>
  people
    .filter(({ groupIds }) => groupId !== null && groupIds.includes(groupId))
    .map((record) => ({ id: record.id, ...record.document }));

/** What the last times of a circuit with a group say of a session. */
async function stepFor(
  { groupId, startsAt, day }: DatedSession,
  record: CircuitRecord,
  people: readonly Person[],
  occasion: Occasion,
): Promise<ProposedStep | undefined> {
  const rules = progressRules(occasion.approach.id);
  if (!rules) return undefined;
  const query = { circuit: record.id, to: startsAt, ...(groupId === null ? {} : { group: groupId }) };
  const { runs } = await call('runs', { query });
  const here = people.filter((person) => isHere(person, day));
  const sore = here.filter((person) => readinessOn(person, day).state === 'sore');
  const step = nextStep(pastRuns(runs, startsAt, record.circuit, people), rules, {
    changedDaysAgo: daysBefore(startsAt, record.savedAt),
    sore: sore.length > 0 && sore.length * 2 >= here.length,
  });
  if (!step) return undefined;
  const { id, version, circuit, siteId } = record;
  const from = { id, version, circuit, groupId: record.groupId, siteId };
  if (step.steps === 0) return { reason: step.reason, changes: [], from, to: from };
  const next = steppedCircuit(circuit, occasion, step.steps, step.slotIds);
  if (!next) return undefined;
  const floor = floorOf(circuit, occasion);
  return {
    reason: step.reason,
    changes: next.changes.flatMap((change) => stepFacts(change, occasion.library, floor) ?? []),
    from,
    to: { circuit: next.circuit, groupId: record.groupId, siteId },
  };
}

const day = { findFor };

/** What is found beside the page of today. */
export type Day = typeof day;

expose(day);
