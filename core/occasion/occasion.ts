import type { Approach } from '../approach/approach.ts';
import { APPROACHES } from '../approach/approaches.ts';
import type { MainSession } from '../approach/mainSession.ts';
import type { Circuit } from '../circuit/circuit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { Phase } from '../drills/phase.ts';
import type { Target } from '../drills/target.ts';
import type { Ceilings } from '../people/ceilings.ts';
import type { Seconds } from '../units.ts';
import { ANYWHERE, type Site } from './site.ts';
import { withLiftOf } from './liftOf.ts';
import { withStandIns } from './standIns.ts';
import { AT_THE_START, type Stance } from './stance.ts';
import { USUAL_TIMES, type TradeTimes } from './trade.ts';

/** Everything about a warm-up that is not in its circuit: with what, where, when, who, for what, and how this coach runs it. */
export interface Occasion {
  /** The drills as they are done at the site: with what stands in there for kit that it lacks. */
  readonly library: DrillLibrary;
  readonly site: Site;
  /** The day at the site, YYYY-MM-DD. */
  readonly day: string;
  /** How many people are expected where the circuit does not say; 0 where nobody knows. */
  readonly expected: number;
  /**
   * What the people present may be asked, one each, without their names: nobody is given a drill that is too much for them.
   * Null where it is not known who is there.
   */
  readonly ceilings: readonly Ceilings[] | null;
  /** Ids of drills that are new to somebody present. */
  readonly newDrills: ReadonlySet<string>;
  /** Ids of drills that everybody present knows, beside those of their circuit. */
  readonly familiar: ReadonlySet<string>;
  /** Somebody present needs longer to get down or up. */
  readonly slowToFloor: boolean;
  readonly approach: Approach;
  /** What comes after the warm-up; undefined where nobody said. */
  readonly session?: MainSession | undefined;
  readonly times: TradeTimes;
  readonly habits: Habits;
  /** How people stand when it begins, and what is in their hands. */
  readonly stance: Stance;
  /** What has been done already, where only the rest of a circuit is looked at. */
  readonly done?: Done | undefined;
}

/**
 * How the coach's own pace compares with the plan, learnt from past sessions (`habitsFrom`): 1 is as planned, 1.2 takes a
 * fifth longer.
 */
export interface Habits {
  readonly move: number;
  readonly talk: number;
  /** The change from one side to the other. */
  readonly switch: number;
  /** Rests that the coach gives by feel: all but those after timed work. */
  readonly rest: number;
  /** What is said before a drill at its first time, by the drill's id, where it is known of the drill itself. */
  readonly drills: Readonly<Record<string, number>>;
}

export const USUAL_PACE: Habits = { move: 1, talk: 1, switch: 1, rest: 1, drills: {} };

/** What the part of a circuit that has been run has given. */
export interface Done {
  readonly raise: Seconds;
  readonly phases: ReadonlySet<Phase>;
  readonly targets: ReadonlySet<Target>;
}

/** What is known of an occasion. What is not said is as usual. */
export type KnownOfOccasion = Pick<Occasion, 'library'> & Partial<Occasion>;

/** An occasion from what is known of it: anywhere with everything, anybody who knows every drill, at the usual pace. */
export function occasionOf(known: KnownOfOccasion): Occasion {
  const occasion = { ...USUAL, ...known };
  const there = withStandIns(occasion.library, occasion.site);
  return { ...occasion, library: withLiftOf(there, occasion.session) };
}

const USUAL: Omit<Occasion, 'library'> = {
  site: ANYWHERE,
  day: '',
  expected: 0,
  ceilings: [],
  newDrills: new Set(),
  familiar: new Set(),
  slowToFloor: false,
  approach: APPROACHES[0],
  times: USUAL_TIMES,
  habits: USUAL_PACE,
  stance: AT_THE_START,
};

/** The occasion with what a circuit says of its people: somebody new needs every drill shown, regulars perhaps only its name. */
export function withItsPeople({ somebodyNew, slowToFloor, namesOnly }: Circuit, occasion: Occasion): Occasion {
  if (!somebodyNew && !slowToFloor && !namesOnly) return occasion;
  const { times } = occasion;
  return {
    ...occasion,
    times: namesOnly ? { ...times, talkKnown: times.talkNames } : times,
    newDrills: somebodyNew ? new Set(occasion.library.byId.keys()) : occasion.newDrills,
    slowToFloor: slowToFloor || occasion.slowToFloor,
  };
}
