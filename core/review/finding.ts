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
import type { Facts, RuleId } from './facts.ts';

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

/**
 * Where a rule comes from.
 * - `trade`: common practice, no source.
 * - `behm`: acute effects of stretching, Behm, Blazevich, Kay & McHugh, Appl Physiol Nutr Metab 2016;41:1–11. From memory.
 * - `nsca`: foot contacts by a plyometric session, NSCA, Essentials of Strength Training and Conditioning. From memory.
 */
export type Source = 'trade' | 'behm' | 'nsca';

/** What one rule found in a circuit: codes and numbers, which the screen puts into words. */
export interface FindingOf<Rule extends RuleId> {
  readonly rule: Rule;
  readonly facts: Facts[Rule];
  readonly severity: Severity;
  /** The slots it speaks of, in order; empty for the whole circuit. */
  readonly slotIds: readonly string[];
  readonly source: Source;
  readonly fix?: Fix;
  /** A fix that is not offered here. */
  readonly keptBack?: { readonly fix: Fix; readonly why: Harm };
}

/** Something to say about a circuit. */
export type Finding = { readonly [Rule in RuleId]: FindingOf<Rule> }[RuleId];

/** What a fix would do that it may not: take longer, where the time may be over already, or bring something worse. */
export type Harm =
  | { readonly kind: 'longer'; readonly by: Seconds; readonly late: boolean }
  | { readonly kind: 'worse'; readonly finding: Finding };

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
