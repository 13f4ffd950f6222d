import type { DrillLibrary } from '../drills/library.ts';
import { USUAL_TIMES, type TradeTimes } from './trade.ts';

/** What, besides the circuit itself, decides how long it takes. */
export interface Setting {
  readonly library: DrillLibrary;
  readonly times: TradeTimes;
  /** Ids of drills that are new to somebody present. */
  readonly newDrills: ReadonlySet<string>;
  /** Somebody present needs longer to get down or up. */
  readonly slowToFloor: boolean;
  /** How the coach's own pace compares with the plan: 1 is as planned, 1.2 takes a fifth longer. */
  readonly habits: Habits;
}

/** Ratios of actual to planned seconds, learnt from past sessions. */
export interface Habits {
  readonly move: number;
  readonly talk: number;
}

/** A setting with the usual times, where everybody knows every drill. */
export function usualSetting(library: DrillLibrary): Setting {
  return {
    library,
    times: USUAL_TIMES,
    newDrills: new Set(),
    slowToFloor: false,
    habits: { move: 1, talk: 1 },
  };
}
