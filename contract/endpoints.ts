import { accountSchema, confirmationSchema, credentialsSchema, newStudioSchema, welcomeSchema } from './account.ts';
import { ADDRESSES, type EndpointName } from './addresses.ts';
import {
  circuitPageSchema,
  circuitRecordSchema,
  circuitSaveSchema,
  circuitKeptSchema,
  circuitStampSchema,
  circuitWishSchema,
  newCircuitSchema,
} from './circuit.ts';
import { drillSaveSchema, drillSchema, libraryDrillSchema, ownDrillsSchema } from './drill.ts';
import { endpoint, type Endpoint } from './endpoint.ts';
import { sessionFitSchema } from './fit.ts';
import { fileImportSchema, importProgressSchema, importReportSchema } from './import.ts';
import { keptMeasureSchema, measureSaveSchema } from './measure.ts';
import { pronunciationListSchema, pronunciationSchema } from './pronunciation.ts';
import { taughtWordsSchema, wordListSchema } from './word.ts';
import { idInAddress, nameIdInAddress } from './page.ts';
import {
  accessesSchema,
  peopleWishSchema,
  coachedPeopleSchema,
  personFileSchema,
  personRecordSchema,
  personSaveSchema,
} from './person.ts';
import { binSchema, binWishSchema } from './bin.ts';
import {
  newRunSchema,
  ownPaceSchema,
  runCorrectionSchema,
  runKeptSchema,
  runPageSchema,
  runTurnsSchema,
  runWishSchema,
} from './run.ts';
import {
  newSessionSchema,
  plannedSessionSchema,
  seriesWishSchema,
  sessionListSchema,
  sessionMoveSchema,
  sessionPicksSchema,
  sessionSpanSchema,
} from './session.ts';
import {
  approachSaveSchema,
  defaultApproachSchema,
  keptApproachSchema,
  keptSessionSchema,
  sessionSaveSchema,
  standardsSchema,
  studioTimesSchema,
} from './standard.ts';
import { speechSchema, speechWishSchema, voiceListSchema } from './voice.ts';
import { groupWorkSchema, groupWorkWishSchema } from './groupWork.ts';
import { groupSchema, newGroupSchema, siteSaveSchema, siteSchema, studioPlacesSchema } from './studio.ts';

/** How much a body may hold: what names somebody, a circuit of three hundred lines, a file as one long text. */
const SIGN_IN = { mostKb: 4, mostParts: 20 };
const CIRCUIT = { mostKb: 512, mostParts: 30_000 };
const FILE = { mostKb: 2048, mostParts: 20 };

/** Every way of asking the server for something. Server, browser, OpenAPI document and tests are made from this table. */
export const ENDPOINTS = {
  welcome: endpoint(ADDRESSES.welcome, {
    says: 'Who is signed in, if anybody, and whether the demo studio can be entered.',
    answers: { 200: welcomeSchema },
  }),
  signIn: endpoint(ADDRESSES.signIn, {
    says: 'Signs a coach in.',
    body: credentialsSchema,
    ...SIGN_IN,
    answers: { 200: accountSchema },
    problems: [401, 429],
  }),
  enterDemo: endpoint(ADDRESSES.enterDemo, {
    says: 'Enters the demo studio, where there is one.',
    answers: { 200: accountSchema },
    problems: [404],
  }),
  confirmPassword: endpoint(ADDRESSES.confirmPassword, {
    says: 'The coach’s password once more, before health data is taken out or deleted.',
    body: confirmationSchema,
    ...SIGN_IN,
    answers: { 204: null },
    problems: [403, 429],
  }),
  signOut: endpoint(ADDRESSES.signOut, { says: 'Signs out.', answers: { 204: null } }),
  openStudio: endpoint(ADDRESSES.openStudio, {
    says: 'Opens a studio with its first coach, who is then signed in.',
    body: newStudioSchema,
    ...SIGN_IN,
    answers: { 201: accountSchema },
    problems: [409, 429],
  }),

  places: endpoint(ADDRESSES.places, {
    says: 'The sites, groups and coaches of the studio.',
    answers: { 200: studioPlacesSchema },
  }),
  saveSite: endpoint(ADDRESSES.saveSite, {
    says: 'Keeps a site: a new one, or a change made on a version.',
    params: idInAddress,
    body: siteSaveSchema,
    answers: { 200: siteSchema },
    problems: [404, 409],
  }),
  addGroup: endpoint(ADDRESSES.addGroup, {
    says: 'Adds a group, which the coach who adds it coaches.',
    body: newGroupSchema,
    answers: { 201: groupSchema },
    problems: [409],
  }),
  groupWork: endpoint(ADDRESSES.groupWork, {
    says: 'What a group ran since an instant, drill by drill, last run first.',
    params: idInAddress,
    query: groupWorkWishSchema,
    answers: { 200: groupWorkSchema },
    problems: [404],
  }),

  drills: endpoint(ADDRESSES.drills, {
    says: 'The drills that the studio added; those that ship are files of the application.',
    answers: { 200: ownDrillsSchema },
  }),
  addDrill: endpoint(ADDRESSES.addDrill, {
    says: 'Adds a drill of the studio’s own. Its names must be nobody else’s.',
    body: drillSchema,
    answers: { 201: libraryDrillSchema },
    problems: [404, 409],
  }),
  importDrills: endpoint(ADDRESSES.importDrills, {
    says: 'Takes in a library as CSV, whole or not at all.',
    body: fileImportSchema,
    ...FILE,
    answers: { 200: importReportSchema },
    problems: [409, 429],
  }),
  saveDrill: endpoint(ADDRESSES.saveDrill, {
    says: 'Keeps a change to a drill of the studio’s own.',
    params: nameIdInAddress,
    body: drillSaveSchema,
    answers: { 200: libraryDrillSchema },
    problems: [404, 409],
  }),
  bringBackDrill: endpoint(ADDRESSES.bringBackDrill, {
    says: 'Brings back a drill of the studio’s own that was taken out, unless another has one of its names by now.',
    params: nameIdInAddress,
    answers: { 200: libraryDrillSchema },
    problems: [404, 409],
  }),
  takeOutDrill: endpoint(ADDRESSES.takeOutDrill, {
    says: 'Takes a drill of the studio’s own out.',
    params: nameIdInAddress,
    answers: { 204: null },
    problems: [404],
  }),

  people: endpoint(ADDRESSES.people, {
    says: 'Everybody the coach coaches, a page at a time. That they were seen is noted.',
    query: peopleWishSchema,
    answers: { 200: coachedPeopleSchema },
  }),
  savePerson: endpoint(ADDRESSES.savePerson, {
    says: 'Keeps a person: a new one, or a change made on a version.',
    params: idInAddress,
    body: personSaveSchema,
    ...CIRCUIT,
    answers: { 200: personRecordSchema },
    problems: [404, 409],
  }),
  takeOutPerson: endpoint(ADDRESSES.takeOutPerson, {
    says: 'Takes a person out: they go to the bin of those who coach them, and are deleted after 30 days.',
    params: idInAddress,
    answers: { 204: null },
    problems: [404],
  }),
  bringBackPerson: endpoint(ADDRESSES.bringBackPerson, {
    says: 'Brings a person back who was taken out.',
    params: idInAddress,
    answers: { 204: null },
    problems: [404],
  }),
  deletePerson: endpoint(ADDRESSES.deletePerson, {
    says: 'Deletes a person for good. That they were deleted is noted.',
    params: idInAddress,
    answers: { 204: null },
    problems: [403, 404],
  }),
  personAccess: endpoint(ADDRESSES.personAccess, {
    says: 'Who saw or changed what is known of a person, last first.',
    params: idInAddress,
    answers: { 200: accessesSchema },
    problems: [404],
  }),
  importPeople: endpoint(ADDRESSES.importPeople, {
    says: 'Takes in people as CSV, everybody or nobody.',
    body: fileImportSchema,
    ...FILE,
    answers: { 200: importReportSchema },
    problems: [409, 429],
  }),
  exportPeople: endpoint(ADDRESSES.exportPeople, {
    says: 'Everybody the coach coaches, as CSV. That it was taken out is noted.',
    answers: { 200: personFileSchema },
    problems: [403],
  }),
  exportPerson: endpoint(ADDRESSES.exportPerson, {
    says: 'What was seen, counted and measured of one person, as CSV, for them to have. That it was taken out is noted.',
    params: idInAddress,
    answers: { 200: personFileSchema },
    problems: [403, 404],
  }),

  importProgress: endpoint(ADDRESSES.importProgress, {
    says: 'How far an import of the coach’s own is.',
    params: idInAddress,
    answers: { 200: importProgressSchema },
    problems: [404],
  }),
  callOffImport: endpoint(ADDRESSES.callOffImport, {
    says: 'Calls an import of the coach’s own off: nothing of it is taken in.',
    params: idInAddress,
    answers: { 204: null },
    problems: [404],
  }),

  words: endpoint(ADDRESSES.words, {
    says: 'The studio’s own words for drills.',
    answers: { 200: wordListSchema },
  }),
  teachWords: endpoint(ADDRESSES.teachWords, {
    says: 'Teaches the studio words for drills; gives all that it knows then.',
    body: taughtWordsSchema,
    answers: { 200: wordListSchema },
    problems: [409],
  }),
  forgetWord: endpoint(ADDRESSES.forgetWord, {
    says: 'Takes a word of the studio’s own out.',
    params: idInAddress,
    answers: { 204: null },
    problems: [404],
  }),

  pronunciations: endpoint(ADDRESSES.pronunciations, {
    says: 'How the voice says words in this studio.',
    answers: { 200: pronunciationListSchema },
  }),
  keepPronunciation: endpoint(ADDRESSES.keepPronunciation, {
    says: 'Keeps how the voice says a word; gives the whole list.',
    params: idInAddress,
    body: pronunciationSchema,
    answers: { 200: pronunciationListSchema },
    problems: [404, 409],
  }),
  forgetPronunciation: endpoint(ADDRESSES.forgetPronunciation, {
    says: 'Has the voice say a word as it is written again.',
    params: idInAddress,
    answers: { 204: null },
    problems: [404],
  }),

  voices: endpoint(ADDRESSES.voices, {
    says: 'The voices that can be heard on the Stage; none where nothing on the server can speak.',
    answers: { 200: voiceListSchema },
  }),
  speak: endpoint(ADDRESSES.speak, {
    says: 'Speaks texts, each as a WAV file; one that cannot be spoken is left out.',
    body: speechWishSchema,
    answers: { 200: speechSchema },
  }),

  standards: endpoint(ADDRESSES.standards, {
    says: 'The approaches and main sessions that the studio added, and its default approach.',
    answers: { 200: standardsSchema },
  }),
  saveApproach: endpoint(ADDRESSES.saveApproach, {
    says: 'Keeps an approach of the studio’s own.',
    params: nameIdInAddress,
    body: approachSaveSchema,
    answers: { 200: keptApproachSchema },
    problems: [404, 409],
  }),
  takeOutApproach: endpoint(ADDRESSES.takeOutApproach, {
    says: 'Takes an approach of the studio’s own out.',
    params: nameIdInAddress,
    answers: { 204: null },
    problems: [404],
  }),
  saveMainSession: endpoint(ADDRESSES.saveMainSession, {
    says: 'Keeps a main session of the studio’s own.',
    params: nameIdInAddress,
    body: sessionSaveSchema,
    answers: { 200: keptSessionSchema },
    problems: [404, 409],
  }),
  takeOutMainSession: endpoint(ADDRESSES.takeOutMainSession, {
    says: 'Takes a main session of the studio’s own out.',
    params: nameIdInAddress,
    answers: { 204: null },
    problems: [404],
  }),
  saveMeasure: endpoint(ADDRESSES.saveMeasure, {
    says: 'Keeps a measure of the studio’s own.',
    params: idInAddress,
    body: measureSaveSchema,
    answers: { 200: keptMeasureSchema },
    problems: [404, 409],
  }),
  takeOutMeasure: endpoint(ADDRESSES.takeOutMeasure, {
    says: 'Takes a measure of the studio’s own out. What was measured by it stays with the people.',
    params: idInAddress,
    answers: { 204: null },
    problems: [404],
  }),
  setTimes: endpoint(ADDRESSES.setTimes, {
    says: 'Sets the seconds that the studio counts for changes, talk and kit; null for those of the trade.',
    body: studioTimesSchema,
    answers: { 204: null },
  }),
  setDefaultApproach: endpoint(ADDRESSES.setDefaultApproach, {
    says: 'Sets the approach of circuits that name none.',
    body: defaultApproachSchema,
    answers: { 204: null },
    problems: [404],
  }),

  circuits: endpoint(ADDRESSES.circuits, {
    says: 'The studio’s circuits as summaries, last saved first, a page at a time.',
    query: circuitWishSchema,
    answers: { 200: circuitPageSchema },
  }),
  addCircuit: endpoint(ADDRESSES.addCircuit, {
    says: 'Adds a circuit. Adding the same one again changes nothing.',
    body: newCircuitSchema,
    ...CIRCUIT,
    answers: { 201: circuitStampSchema },
    problems: [404, 409],
  }),
  circuit: endpoint(ADDRESSES.circuit, {
    says: 'A circuit, taken out or not.',
    params: idInAddress,
    answers: { 200: circuitRecordSchema },
    problems: [404, 409],
  }),
  saveCircuit: endpoint(ADDRESSES.saveCircuit, {
    says: 'Keeps a change made on a version. The same save sent again is kept once.',
    params: idInAddress,
    body: circuitSaveSchema,
    ...CIRCUIT,
    answers: { 200: circuitKeptSchema },
    problems: [404, 409],
  }),
  takeOutCircuit: endpoint(ADDRESSES.takeOutCircuit, {
    says: 'Takes a circuit out of the list.',
    params: idInAddress,
    answers: { 204: null },
    problems: [404],
  }),
  bringBackCircuit: endpoint(ADDRESSES.bringBackCircuit, {
    says: 'Brings a circuit back that was taken out.',
    params: idInAddress,
    answers: { 204: null },
    problems: [404],
  }),

  sessions: endpoint(ADDRESSES.sessions, {
    says: 'The sessions that start in a span of time, in order of time.',
    query: sessionSpanSchema,
    answers: { 200: sessionListSchema },
  }),
  session: endpoint(ADDRESSES.session, {
    says: 'A session with its circuit.',
    params: idInAddress,
    answers: { 200: plannedSessionSchema },
    problems: [404, 409],
  }),
  addSession: endpoint(ADDRESSES.addSession, {
    says: 'Puts a session in the book, with those that repeat it: all or none. Adding the same one again changes nothing.',
    body: newSessionSchema,
    answers: { 201: runKeptSchema },
    problems: [404, 409],
  }),
  moveSession: endpoint(ADDRESSES.moveSession, {
    says: 'Holds a session at another time or place, by another coach, for another group or for longer; with those of its series that follow, if wished, each by as many hours on the clock of its site.',
    params: idInAddress,
    body: sessionMoveSchema,
    answers: { 204: null },
    problems: [404],
  }),
  pickForSession: endpoint(ADDRESSES.pickForSession, {
    says: 'Sets whose turn it is in the blocks that pick, for a session alone, and runs it as planned again; null for nothing picked yet.',
    params: idInAddress,
    body: sessionPicksSchema,
    ...CIRCUIT,
    answers: { 204: null },
    problems: [404],
  }),
  fitSession: endpoint(ADDRESSES.fitSession, {
    says: 'Shortens a session for itself alone, or runs it as planned again.',
    params: idInAddress,
    body: sessionFitSchema,
    ...CIRCUIT,
    answers: { 204: null },
    problems: [404],
  }),
  bringBackSession: endpoint(ADDRESSES.bringBackSession, {
    says: 'Puts a session in the book again that was taken out; with those that were taken out with it, if wished.',
    params: idInAddress,
    query: seriesWishSchema,
    answers: { 204: null },
    problems: [404],
  }),
  takeOutSession: endpoint(ADDRESSES.takeOutSession, {
    says: 'Takes a session out of the book; with those of its series that follow, if wished.',
    params: idInAddress,
    query: seriesWishSchema,
    answers: { 204: null },
    problems: [404],
  }),

  runs: endpoint(ADDRESSES.runs, {
    says: 'The log: sessions as they were run, last first, a page at a time.',
    query: runWishSchema,
    answers: { 200: runPageSchema },
  }),
  runTurns: endpoint(ADDRESSES.runTurns, {
    says: 'What every slot of a run took.',
    params: idInAddress,
    answers: { 200: runTurnsSchema },
    problems: [404],
  }),
  ownPace: endpoint(ADDRESSES.ownPace, {
    says: "How the coach's own pace compares with the plan, learnt from the last sessions.",
    answers: { 200: ownPaceSchema },
  }),
  correctRun: endpoint(ADDRESSES.correctRun, {
    says: 'Corrects what was said of a run when it ended: effort, whether people were warm, the note.',
    params: idInAddress,
    body: runCorrectionSchema,
    answers: { 204: null },
    problems: [404],
  }),
  takeOutRun: endpoint(ADDRESSES.takeOutRun, {
    says: 'Takes a run out of the log. The coach’s pace is no longer learnt from it.',
    params: idInAddress,
    answers: { 204: null },
    problems: [404],
  }),
  bringBackRun: endpoint(ADDRESSES.bringBackRun, {
    says: 'Brings a run back that was taken out.',
    params: idInAddress,
    answers: { 204: null },
    problems: [404],
  }),
  bin: endpoint(ADDRESSES.bin, {
    says: 'What the studio took out in the last 30 days: circuits, drills, sessions and runs, and people whom the coach coaches; last first.',
    query: binWishSchema,
    answers: { 200: binSchema },
  }),
  addRun: endpoint(ADDRESSES.addRun, {
    says: 'Records a run. The same run sent again is kept once, and answered with 200.',
    body: newRunSchema,
    ...CIRCUIT,
    answers: { 200: runKeptSchema, 201: runKeptSchema },
    problems: [404, 409],
  }),
  importRuns: endpoint(ADDRESSES.importRuns, {
    says: 'Takes in a log as CSV, all of it or nothing; runs that are there already are left.',
    body: fileImportSchema,
    ...FILE,
    answers: { 200: importReportSchema },
    problems: [409, 429],
  }),
} as const satisfies Readonly<Record<EndpointName, unknown>>;

export type Endpoints = typeof ENDPOINTS;

/** What is sent to an endpoint and what it answers, from its row. */
export type ParamsOf<Name extends EndpointName> =
  Endpoints[Name] extends Endpoint<infer Params, infer _, infer __, infer ___> ? Params : never;
export type QueryOf<Name extends EndpointName> =
  Endpoints[Name] extends Endpoint<infer _, infer Query, infer __, infer ___> ? Query : never;
export type BodyOf<Name extends EndpointName> =
  Endpoints[Name] extends Endpoint<infer _, infer __, infer Body, infer ___> ? Body : never;
export type AnswerOf<Name extends EndpointName> =
  Endpoints[Name] extends Endpoint<infer _, infer __, infer ___, infer Answer> ? Answer : never;
