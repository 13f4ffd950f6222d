import type { Circuit, Slot } from '../circuit/circuit.ts';
import type { Coverage } from '../coverage/coverageOf.ts';
import type { Floor } from '../dose/distance.ts';
import type { Dose, Sides } from '../dose/dose.ts';
import type { Drill } from '../drills/drill.ts';
import type { Instruction } from '../swaps/swap.ts';
import type { SlotTracks } from '../swaps/tracksFor.ts';
import type { Occasion } from '../occasion/occasion.ts';
import type { Timeline } from '../timeline/timeline.ts';
import type { Level, Seconds } from '../units.ts';

/** `stop` should not be run like this; `warn` is worth changing; `note` is worth knowing. */
export type Severity = 'stop' | 'warn' | 'note';
export const SEVERITIES = ['stop', 'warn', 'note'] as const satisfies readonly Severity[];

/** 0 for the gravest. */
export const severityRank = (severity: Severity): number => SEVERITIES.indexOf(severity);

/** What a click would change. Applied by `fixed`, and undone like any other change. */
export type Fix =
  | { readonly kind: 'dose'; readonly slotId: string; readonly dose: Dose }
  | { readonly kind: 'sides'; readonly slotIds: readonly string[]; readonly sides: Sides | 'usual' }
  | { readonly kind: 'swap'; readonly swaps: readonly (Instruction & { readonly slotId: string })[] }
  | { readonly kind: 'before'; readonly slotId: string; readonly otherId: string }
  | { readonly kind: 'order'; readonly orders: readonly BlockOrder[] }
  | { readonly kind: 'block order'; readonly blockIds: readonly string[] };

/** A block's lines in an order. */
export interface BlockOrder {
  readonly blockId: string;
  readonly lineIds: readonly string[];
}

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

/** Who does what, where people are known. */
export interface WhoDoesWhat {
  readonly tracks: readonly SlotTracks[];
  /** How many people are known of. */
  readonly people: number;
}

/** Where nobody is known of. */
export const NOBODY_KNOWN: WhoDoesWhat = { tracks: [], people: 0 };

/** A slot in the circuit with what rules ask about it. */
export interface Placed {
  readonly slot: Slot;
  readonly drill: Drill;
  readonly blockId: string;
  readonly phase: Circuit['blocks'][number]['phase'];
  readonly rounds: number;
}

/** What a rule is given whose findings may be graver than a note. Coverage never is, and takes long to work out. */
export interface Laid extends WhoDoesWhat {
  readonly occasion: Occasion;
  readonly circuit: Circuit;
  readonly floor: Floor;
  /** How many people do it; 0 where nobody knows. */
  readonly headcount: number;
  /** Every slot whose drill is known, in order; and the same for each block. */
  readonly placed: readonly Placed[];
  readonly placedByBlock: readonly (readonly Placed[])[];
  /** What it takes with every range at a level, worked out when it is asked for. */
  readonly lasts: (level: Level) => Seconds;
}

/** What every rule is given. */
export interface Reviewed extends Laid {
  readonly timeline: Timeline;
  readonly coverage: Coverage;
}

/** A rule that may find more than a note. A fix is tried against it before it is offered. */
export type GraveRule = (laid: Laid) => readonly Finding[];
/** A rule that finds notes alone. No fix is tried against it: the compiler keeps warnings and stops out of it. */
export type NoteRule = (reviewed: Reviewed) => readonly Note[];
export type Note = Finding & { readonly severity: 'note' };

export const TRADE = 'common practice';
/** Acute effects of stretching: Behm, Blazevich, Kay & McHugh, Appl Physiol Nutr Metab 2016;41:1–11. From memory. */
export const BEHM = 'Behm et al. 2016';
/** Foot contacts by a plyometric session: NSCA, Essentials of Strength Training and Conditioning. From memory. */
export const NSCA = 'NSCA, foot contacts';
