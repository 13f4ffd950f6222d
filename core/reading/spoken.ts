import type { Measure, Speed } from '../dose/distance.ts';
import type { Extra, Growing, Tempo } from '../dose/dose.ts';
import type { LiftDose } from '../dose/lift.ts';
import type { BandStrength, Load } from '../drills/inHand.ts';
import type { Aim } from '../circuit/aim.ts';
import type { Effort, Percent, Range, Seconds } from '../units.ts';

/** What the words around a drill's name say of how much, as a coach says it: not yet a dose, for which the drill must be known. */
export interface Spoken {
  count?: Range;
  /** The count is said to be of repetitions. */
  counted?: boolean;
  /** "Up to 30": the count is the most of it. */
  upTo?: boolean;
  /** The count is of both sides together: "20 total". */
  inAll?: boolean;
  seconds?: Range;
  /** Held for so long at every repetition. */
  hold?: Range;
  /** "5x10s": as many holds, or as many sets. */
  times?: Range;
  sets?: Range;
  positions?: number;
  /** Rest that is named beside the work, or between its sets. */
  rest?: Seconds;
  restBetween?: boolean;
  sides?: 'each' | 'alternate' | 'both';
  /** False where "each" does not say of what: of letters and positions too, where a drill has no sides. */
  ofWhat?: boolean;
  /** Half of it one way and half the other. */
  halves?: boolean;
  extra?: Extra;
  aim?: Aim;
  growing?: Growing;
  load?: Load;
  band?: BandStrength;
  height?: Measure;
  measure?: Measure;
  /** Lengths of the floor, or how often a measured length is gone. */
  lengths?: Range;
  laps?: Range;
  /** There and back, as often as it says. */
  back?: boolean;
  speeds?: { readonly from: number; readonly to: number; readonly unit: Speed['unit'] };
  /** The slope of a belt: rising where its ends differ. */
  grade?: Range;
  /** It climbs: "ramp". */
  ramp?: boolean;
  /** Sets that climb to a lift. */
  lift?: LiftDose;
  /** Seconds of every step of a climb: "90/60/60/45s". */
  steps?: readonly Seconds[];
  percents?: readonly Percent[];
  effort?: { readonly to: Effort; readonly rising: boolean };
  tempo?: Tempo;
  /** As many as feel right. */
  feel?: boolean;
  pinned?: boolean;
  doseKept?: boolean;
  optional?: boolean;
  /** It is new to them, or to be shown first. */
  shownFirst?: boolean;
  /** What is said beside it, such as a load. */
  beside?: string[];
  /** Words of the dose that may belong to the name: "hold", "altern". */
  perhapsName?: string[];
}
