import type { Measured } from './measured.ts';
import type { Kit } from '../drills/kit.ts';
import type { Limit } from './limitation.ts';
import type { Region } from './region.ts';
import { isTrouble, type Seen } from './seen.ts';

/** Movement patterns that people differ in. */
export const PATTERNS = ['squat', 'hinge', 'push', 'floor', 'balance', 'impact'] as const;
export type Pattern = (typeof PATTERNS)[number];

/** Which rung suits somebody. */
export const ABILITIES = ['gentle', 'base', 'strong'] as const;
export type Ability = (typeof ABILITIES)[number];

/** How somebody comes to a session. */
export const READINESS = ['fine', 'tired', 'sore', 'new', 'returning', 'red flag', 'not here'] as const;
export type Readiness = (typeof READINESS)[number];

/** What somebody said before a session on a day. */
export interface ReadinessOnDay {
  /** YYYY-MM-DD at the site. */
  readonly day: string;
  readonly state: Readiness;
  /** Where, for sore. */
  readonly sore: readonly Region[];
}

/**
 * Kept to light effort since a day, until a coach records who cleared them. A hold that was lifted stays in the record.
 */
export interface Hold {
  readonly since: string;
  readonly why: 'red flag' | 'operation or illness';
  /** Who cleared them, and on which day; empty while nobody has. */
  readonly clearedBy: string;
  readonly clearedOn: string;
}

/** What somebody does in a slot of a circuit instead of what is planned. */
export interface Choice {
  readonly circuitId: string;
  readonly slotId: string;
  readonly drillId: string;
  readonly variantId: string;
  /** The day it is for; empty for good. */
  readonly day: string;
  /** The coach who answers for it, and since which day, where their limits speak against it; empty where they do not. */
  readonly answeredBy: string;
  readonly answeredOn: string;
}

/** What a coach knows of somebody. All of it is health data or close to it. */
export interface Person {
  readonly id: string;
  readonly name: string;
  /** 0 where not said. */
  readonly birthYear: number;
  readonly limits: readonly Limit[];
  readonly ability: Readonly<Partial<Record<Pattern, Ability>>>;
  /** The stiffer or weaker side, by region. */
  readonly stiffer: Readonly<Partial<Record<Region, 'left' | 'right'>>>;
  /** Ids of drills they know well. */
  readonly familiar: readonly string[];
  /** Kit they have at home. */
  readonly kit: readonly Kit[];
  readonly notes: string;
  /** The day on which they agreed to have health data kept, as YYYY-MM-DD; empty where they have not. */
  readonly consentOn: string;
  /** What their coach chose for them in slots of circuits. */
  readonly choices: readonly Choice[];
  readonly readiness: ReadinessOnDay | null;
  readonly holds: readonly Hold[];
  /** What their coaches saw of them in sessions, the last one first. */
  readonly seen: readonly Seen[];
  /** What was measured of them, the last day first. */
  readonly measured: readonly Measured[];
}

/** States that say nothing of somebody's health. */
const SAYS_NOTHING_OF_HEALTH: ReadonlySet<Readiness> = new Set(['fine', 'new', 'not here']);

/** Whether anything of somebody is health data, which may be kept only with their consent. */
export function hasHealthData({
  limits,
  stiffer,
  readiness,
  holds,
  notes,
  seen,
  measured,
}: Omit<Person, 'id'>): boolean {
  const said = readiness !== null && !SAYS_NOTHING_OF_HEALTH.has(readiness.state);
  return (
    limits.length > 0 ||
    Object.keys(stiffer).length > 0 ||
    said ||
    holds.length > 0 ||
    notes !== '' ||
    seen.some(isTrouble) ||
    measured.length > 0
  );
}

/** What was chosen for somebody in a slot on a day: for that day before for good. */
export function choiceFor(
  { choices }: Pick<Person, 'choices'>,
  circuitId: string,
  slotId: string,
  day: string,
): Choice | undefined {
  const here = choices.filter((choice) => choice.circuitId === circuitId && choice.slotId === slotId);
  return here.find((choice) => choice.day === day) ?? here.find((choice) => choice.day === '');
}

/** Whether somebody is held to light effort: something stands that nobody has cleared. */
export function heldToLight({ holds }: Pick<Person, 'holds'>): Hold | undefined {
  return holds.find(({ clearedOn }) => clearedOn === '');
}

/** Whether every hold of before is still in the record: as it was, or cleared since. A hold is lifted, never left out. */
export function keepsHolds(before: readonly Hold[], after: readonly Hold[]): boolean {
  return before.every((hold) =>
    after.some(
      (kept) =>
        kept.since === hold.since &&
        kept.why === hold.why &&
        (hold.clearedOn === '' || (kept.clearedOn === hold.clearedOn && kept.clearedBy === hold.clearedBy)),
    ),
  );
}

/** The caution that goes with a hold. From the brief; the software defers to professionals. */
export const HOLD_CAUTION =
  'Stop, and see a licensed professional before going on. Until a coach records who cleared them and when, nothing above light effort is planned. Local rules and the venue’s emergency procedure come first.';

/** Signs at which to stop. From the brief. */
export const RED_FLAGS =
  'chest pain, faintness, dizziness, breathlessness at rest, sharp or spreading pain, numbness, a recent operation or injury.';

/** A person's readiness on a day; fine where nothing was said that day. */
export function readinessOn(person: Pick<Person, 'readiness'>, day: string): ReadinessOnDay {
  const { readiness } = person;
  return readiness?.day === day ? readiness : { day, state: 'fine', sore: [] };
}

/** Whether somebody comes on a day: everybody does of whom nothing else was said. */
export function isHere(person: Pick<Person, 'readiness'>, day: string): boolean {
  return readinessOn(person, day).state !== 'not here';
}

/** Somebody of whom nothing is known yet. */
export const UNKNOWN_PERSON: Omit<Person, 'id'> = {
  name: '',
  birthYear: 0,
  limits: [],
  ability: {},
  stiffer: {},
  familiar: [],
  kit: [],
  notes: '',
  consentOn: '',
  choices: [],
  readiness: null,
  holds: [],
  seen: [],
  measured: [],
};

/**
 * The choices that still count, in order: not those for a day before `since`, nor those for a slot that is no more.
 *
 * @param since YYYY-MM-DD
 */
export function standingChoices(
  choices: readonly Choice[],
  since: string,
  isThere: (circuitId: string, slotId: string) => boolean,
): readonly Choice[] {
  return choices.filter(({ day, circuitId, slotId }) => (day === '' || day >= since) && isThere(circuitId, slotId));
}
