import type { Approach } from '../approach/approach.ts';
import type { Circuit, Slot } from '../circuit/circuit.ts';
import type { Coverage } from '../coverage/coverageOf.ts';
import type { MainSession } from '../coverage/mainSession.ts';
import type { Dose, Sides } from '../dose/dose.ts';
import type { Drill } from '../drills/drill.ts';
import type { Kit } from '../drills/kit.ts';
import type { SlotTracks } from '../limits/tracksFor.ts';
import type { Setting } from '../timeline/setting.ts';
import type { Timeline } from '../timeline/timeline.ts';

/** `stop` should not be run like this; `warn` is worth changing; `note` is worth knowing. */
export type Severity = 'stop' | 'warn' | 'note';
export const SEVERITIES = ['stop', 'warn', 'note'] as const satisfies readonly Severity[];

/** 0 for the gravest. */
export const severityRank = (severity: Severity): number => SEVERITIES.indexOf(severity);

/** What a click would change. Applied by `fixed`, and undone like any other change. */
export type Fix =
  | { readonly kind: 'dose'; readonly slotId: string; readonly dose: Dose }
  | { readonly kind: 'sides'; readonly slotIds: readonly string[]; readonly sides: Sides | 'usual' }
  | { readonly kind: 'before'; readonly slotId: string; readonly otherId: string }
  | { readonly kind: 'order'; readonly blockId: string; readonly lineIds: readonly string[] }
  | { readonly kind: 'usual slot'; readonly lineId: string; readonly drillId: string }
  | { readonly kind: 'block order'; readonly blockIds: readonly string[] };

/** Something to say about a circuit. */
export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  /** The slots it speaks of, in order; empty for the whole circuit. */
  readonly slotIds: readonly string[];
  readonly title: string;
  /** A plain sentence on what to do about it. */
  readonly words: string;
  readonly source: string;
  readonly fix?: { readonly label: string; readonly change: Fix };
}

/** What a review goes by, besides the circuit. */
export interface ReviewContext {
  readonly setting: Setting;
  readonly approach: Approach;
  /** What comes after the warm-up; undefined where nobody said. */
  readonly session?: MainSession;
  /** Who does what, where people are known. */
  readonly tracks?: readonly SlotTracks[];
  /** How many people are known of; 0 where nobody is. */
  readonly people?: number;
  /** How many there are of kit that is counted at the site. */
  readonly kitCounts: Readonly<Partial<Record<Kit, number>>>;
}

/** A slot in the circuit with what rules ask about it. */
export interface Placed {
  readonly slot: Slot;
  readonly drill: Drill;
  readonly blockId: string;
  readonly phase: Circuit['blocks'][number]['phase'];
  readonly rounds: number;
}

/** What a rule is given whose findings may be graver than a note. Coverage never is, and takes long to work out. */
export interface Laid extends ReviewContext {
  readonly circuit: Circuit;
  readonly timeline: Timeline;
  /** Every slot whose drill is known, in order. */
  readonly placed: readonly Placed[];
}

/** What every rule is given. */
export interface Reviewed extends Laid {
  readonly coverage: Coverage;
}

export type GraveRule = (laid: Laid) => readonly Finding[];
export type Rule = (reviewed: Reviewed) => readonly Finding[];

export const TRADE = 'common practice';
/** Acute effects of stretching: Behm, Blazevich, Kay & McHugh, Appl Physiol Nutr Metab 2016;41:1–11. From memory. */
export const BEHM = 'Behm et al. 2016';
