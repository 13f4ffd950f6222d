import type { Habits } from '@prompt-spark/core/occasion/occasion';
import type { Kit } from '@prompt-spark/core/drills/kit';

/** Tern Street Hall in Saltmere, an invented harbour town. Nobody and nothing here is real. */
export const studio = { name: 'Tern Street Hall' };

export const coaches = [
  { name: 'Imke Sandvoort', email: 'imke@saltmere.example' },
  { name: 'Tobias Arrowsmith', email: 'tobias@saltmere.example' },
] as const;

const HALL_KIT: readonly Kit[] = [
  'chair',
  'bench',
  'step',
  'line',
  'rope',
  'stick',
  'long band',
  'foam roller',
  'partner',
];
const YARD_KIT: readonly Kit[] = ['bench', 'line', 'rope', 'partner', 'long band'];

export const sites = [
  {
    name: 'Hall floor',
    lanes: 4,
    laneMetres: 10,
    lapMetres: 40,
    mats: 12,
    loopBands: 8,
    walls: 1,
    kit: HALL_KIT,
    counts: { chair: 20, step: 16 },
  },
  {
    name: 'Slipway yard',
    lanes: 6,
    laneMetres: 15,
    lapMetres: 120,
    mats: 0,
    loopBands: 0,
    walls: 0,
    kit: YARD_KIT,
    counts: {},
  },
] as const;

export const groups = [
  { name: 'Dawn Mixed', people: 14 },
  { name: 'Allotment Movers', people: 9 },
  { name: 'Lifeboat Crew', people: 8 },
  { name: 'Back on Deck', people: 6 },
] as const;

export type CoachName = (typeof coaches)[number]['name'];
export type SiteName = (typeof sites)[number]['name'];
export type GroupName = (typeof groups)[number]['name'];

/** A demo circuit, written as its coach would write it on the board. */
export interface DemoCircuit {
  readonly group: GroupName | null;
  readonly site: SiteName;
  readonly text: string;
}

export const circuits = {
  squats: {
    group: 'Dawn Mixed',
    site: 'Hall floor',
    text: `
# Before squats
for: squat day
in: 8:00
people: 14
lanes: 4

raise
  step jack 40s alt
  skipping rope 60s rest 10s
mobilise 2 rounds rest 15s
  lateral lunge 4/side alt
  long lunge with rotation 3/side alt
  cat-cow 4 @4s
activate
  glute bridge 8 @2-1-2 !
integrate
  inchworm 3 @8s
  deep squat hold 20s
  hip hinge reach 6
  body-weight squat 8
potentiate
  squat jump 4 @3s ?
`,
  },
  beds: {
    group: 'Allotment Movers',
    site: 'Hall floor',
    text: `
# Beds and barrows
for: digging and lifting
in: 6:00
people: 9

raise
  march on the spot 60s alt
  cross crawl 30s alt
mobilise
  scarecrow turns 6
  wrist circles 5/way
  forward and back bend 5
  standing trunk twist 6/side alt
activate
  calf raise 10-12 @2s
  hip airplane, assisted 5/side ? "Fingertips only"
integrate
  chair squat 8 ! "Nose over toes"
  hip hinge reach 8
  reverse lunge with turn 4/side alt
`,
  },
  haul: {
    group: 'Lifeboat Crew',
    site: 'Slipway yard',
    text: `
# Haul and jump
for: hauling and jumping
in: 10:00
people: 8
lanes: 6

raise
  run on the spot 45s alt
  jumping jack 30
  shadow boxing 40s alt
mobilise
  arm circles 8/way
  deep squat hold 30s
  standing chest opener 5
  reverse lunge with turn 5/side alt
activate
  band pull-apart 10 rest 10s
  squat walk 8/side alt
  standing trunk brace 3x5s
integrate 2 rounds rest 20s
  good-morning bow 6
  inchworm 3
potentiate
  pogo hops 2x10 set rest 15s
  forward jump and stick 4 !
`,
  },
  deck: {
    group: 'Back on Deck',
    site: 'Hall floor',
    text: `
# Gently back
for: whole body, easy
in: 5:00
people: 6

raise
  march on the spot 60s alt
mobilise
  overhead arm raise 5
  heel-toe rock 8
  open book 4/side
activate
  dead bug 4/side alt
  bridge 8
integrate
  wall push 8
  side step and squeeze 4/side alt
  sit to stand 8 "Hands on the chair if you like"
`,
  },
  desk: {
    group: null,
    site: 'Hall floor',
    text: `
# Desk-day reset
for: desk reset
in: 5:00
people: 1

release
  breathing reset 40s
mobilise
  half-kneeling hip flexor stretch 2x10s/side
  thread the needle 5/side
  glute bridge 8
  standing chest opener 5
  neck turns 3/side alt
raise
  step jack 30s alt
`,
  },
} as const satisfies Record<string, DemoCircuit>;

export type CircuitKey = keyof typeof circuits;

/** A session of the weekly timetable. Days count from Sunday, 0. */
export interface TimetableEntry {
  readonly days: readonly number[];
  /** Wall clock at the site. */
  readonly at: string;
  readonly circuit: CircuitKey;
  readonly coach: CoachName;
  readonly minutes: number;
}

export const timetable: readonly TimetableEntry[] = [
  { days: [1, 2, 3, 4, 5], at: '06:15', circuit: 'squats', coach: 'Imke Sandvoort', minutes: 8 },
  { days: [0, 1, 3, 4, 6], at: '10:00', circuit: 'beds', coach: 'Tobias Arrowsmith', minutes: 6 },
  { days: [0, 2, 4, 5, 6], at: '12:30', circuit: 'desk', coach: 'Imke Sandvoort', minutes: 4 },
  { days: [1, 3, 5, 6, 0], at: '16:45', circuit: 'deck', coach: 'Tobias Arrowsmith', minutes: 5 },
  { days: [2, 3, 4, 6], at: '18:30', circuit: 'haul', coach: 'Imke Sandvoort', minutes: 10 },
];

/** What the coaches noted after some of the past sessions, used in turn. */
export const notes = [
  { warm: 'yes', note: '' },
  { warm: 'yes', note: 'Two came late; went through the first drill again for them.' },
  { warm: 'nearly', note: 'Cold hall. Half a minute more on the raise next time.' },
  { warm: 'nearly', note: 'Talked long before the floor drills.' },
  { warm: 'yes', note: '' },
  { warm: 'yes', note: 'Left hips stiffer than right for half of them.' },
] as const;

/** How the coaches run what they planned: one explains for longer, one moves people on. */
export const habits: Readonly<Record<CoachName, Partial<Habits>>> = {
  'Imke Sandvoort': { talk: 1.15 },
  'Tobias Arrowsmith': { talk: 0.9, switch: 0.85 },
};

/** How hard a circuit was for its group over the months: effort four months ago and now; null where nobody asked. */
export const efforts: Readonly<Record<CircuitKey, readonly [then: number, now: number] | null>> = {
  // It has become easy: the margin for a step.
  squats: [6, 3],
  beds: [5, 5],
  desk: null,
  deck: [6, 5],
  haul: [5, 5],
};

/** The drill that was tapped as too hard the last time that a circuit was run. */
export const tooHard: Readonly<Partial<Record<CircuitKey, string>>> = { haul: 'squat-walk' };
