import { catalogue } from '@prompt-spark/catalogue';
import { ADDRESSES, type Address, type EndpointName } from '@prompt-spark/contract/addresses';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { USUAL_TIMES } from '@prompt-spark/core/occasion/trade';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import { MEASURES } from '@prompt-spark/core/measures/measure';
import { writeDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import { limit, testPerson } from '@prompt-spark/core/testing/people';
import { randomUUID } from 'node:crypto';
import { newCircuit, newMove, newRun, newSession, PASSWORD, type Visitor } from './studio.ts';

/** A request with a body that its endpoint takes. */
export interface Try {
  readonly route: Address;
  readonly id?: string;
  readonly body: object;
}

/** The name of the endpoint at an address. */
export function endpointAt(route: Address): EndpointName {
  const [found] = Object.entries(ADDRESSES).find(([, address]) => address === route) ?? [];
  if (found === undefined) throw new Error(`There is no endpoint at ${route.path}.`);
  return found as EndpointName;
}

/** A good request to every endpoint that takes a body, from a coach, with this e-mail to sign in by. */
export async function everyBody(coach: Visitor, email: string): Promise<readonly Try[]> {
  const circuit = newCircuit(
    '# All of it\nraise\n  jog 4 lengths @2m/s rest 5s\nmobilise\n  cat-cow 6-8\n  band pull 12 @2-1-2',
  );
  await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
  const session = newSession(circuit.id);
  await coach.ask(ADDRESSES.addSession).send(session).expect(201);
  const run = newRun(circuit);
  await coach.ask(ADDRESSES.addRun).send(run).expect(201);
  const places = (await coach.ask(ADDRESSES.places).expect(200)).body as {
    readonly sites: readonly { readonly id: string; readonly version: number }[];
    readonly coaches: readonly { readonly id: string }[];
  };
  const coachId = places.coaches[0]?.id ?? '';
  const { id: siteId = '', version, ...site } = places.sites[0] ?? {};
  const drill = { ...catalogue[0], id: 'own-harbour-reset', name: 'Harbour reset', aliases: ['quay reset'] };
  const { id: _, ...person } = testPerson();
  const approach = { ...APPROACHES[0], id: randomUUID(), name: 'Harbour order' };
  const mainSession = { ...MAIN_SESSIONS[0], id: randomUUID(), name: 'Gig rowing', words: ['oars'] };
  const measure = { ...MEASURES[0], id: randomUUID(), name: 'Heel drop' };
  return [
    { route: ADDRESSES.signIn, body: { email, password: PASSWORD } },
    {
      route: ADDRESSES.openStudio,
      body: {
        studioName: 'Slip',
        coachName: 'Ebba',
        email: 'ebba@saltmere.example',
        password: PASSWORD,
        timeZone: 'UTC',
      },
    },
    { route: ADDRESSES.saveSite, id: siteId, body: { version, site } },
    { route: ADDRESSES.addDrill, body: drill },
    { route: ADDRESSES.saveDrill, id: drill.id, body: { drill, version: 1 } },
    {
      route: ADDRESSES.teachWords,
      body: { words: [{ id: randomUUID(), said: 'harbour hugs', drillId: 'arm-hugs', rung: '' }] },
    },
    {
      route: ADDRESSES.keepPronunciation,
      id: randomUUID(),
      body: { written: 'psoas', spoken: 'so-as' },
    },
    { route: ADDRESSES.speak, body: { voice: 'en', speed: 165, pitch: 50, texts: ['Cat-cow.'] } },
    { route: ADDRESSES.importDrills, body: { csv: writeDrillCsv(catalogue.slice(0, 2)) } },
    {
      route: ADDRESSES.savePerson,
      id: randomUUID(),
      body: {
        version: null,
        groupIds: [],
        document: { ...person, name: 'Ebba Quay', limits: [limit('osteoporosis')] },
      },
    },
    { route: ADDRESSES.importRuns, body: { csv: 'day,time,circuit,planned seconds,actual seconds\n' } },
    { route: ADDRESSES.importPeople, body: { csv: 'name\nEbba Quay\n' } },
    { route: ADDRESSES.addGroup, body: { id: randomUUID(), name: 'Dusk' } },
    { route: ADDRESSES.saveApproach, id: approach.id, body: { version: null, document: approach } },
    { route: ADDRESSES.saveMainSession, id: mainSession.id, body: { version: null, document: mainSession } },
    { route: ADDRESSES.saveMeasure, id: measure.id, body: { version: null, document: measure } },
    { route: ADDRESSES.setTimes, body: { times: USUAL_TIMES } },
    { route: ADDRESSES.setDefaultApproach, body: { id: APPROACHES[1]?.id } },
    { route: ADDRESSES.addCircuit, body: newCircuit() },
    {
      route: ADDRESSES.saveCircuit,
      id: circuit.id,
      body: { circuit: circuit.circuit, groupId: null, siteId: null, version: 1, saveId: randomUUID() },
    },
    {
      route: ADDRESSES.addSession,
      body: newSession(circuit.id, { repeats: [{ id: randomUUID(), startsAt: '2026-12-03T18:30:00.000Z' }] }),
    },
    { route: ADDRESSES.moveSession, id: session.id, body: newMove({ coachId }) },
    {
      route: ADDRESSES.pickForSession,
      id: session.id,
      body: { picks: [{ blockId: 'block', slotIds: ['one', 'two'] }] },
    },
    {
      route: ADDRESSES.fitSession,
      id: session.id,
      body: { fit: { seconds: 300, plan: { slots: { one: { kind: 'out' } }, blocks: {}, namesOnly: true } } },
    },
    { route: ADDRESSES.correctRun, id: run.id, body: { effort: 4, warm: 'yes', note: 'Cold hall.' } },
    { route: ADDRESSES.addRun, body: newRun(circuit, { sessionId: session.id }) },
  ];
}
