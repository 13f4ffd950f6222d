import type { Block, Slot } from '../circuit/circuit.ts';
import type { Stance } from '../occasion/stance.ts';
import type { Phase } from '../drills/phase.ts';
import type { Posture } from '../drills/posture.ts';
import type { SideWord } from '../dose/dose.ts';
import type { Effort, Seconds, Spread } from '../units.ts';

export type SegmentKind = 'ready' | 'work' | 'switch' | 'rest';

/** Which side a stretch of work is for; `alternate` changes with every repetition. */
export type WorkSide = 'both' | 'left' | 'right' | 'alternate';

/** An uninterrupted stretch of a circuit. Starts and ends are seconds from the start of the circuit, at plan. */
export interface Segment {
  readonly kind: SegmentKind;
  readonly start: Seconds;
  readonly end: Seconds;
  readonly length: Seconds;
  readonly blockId: string;
  readonly phase: Phase;
  readonly slotId: string;
  readonly drillId: string;
  /** The id of the rung it is done on; empty for the drill as named. */
  readonly rung: string;
  /** From 1. */
  readonly round: number;
  readonly rounds: number;
  /** From 1. */
  readonly set: number;
  readonly sets: number;
  readonly side: WorkSide;
  readonly sideWord: SideWord;
  readonly posture: Posture;
  /** How hard its work is, and what it costs as a multiple of rest; of the drill also where it is not work. */
  readonly effort: Effort;
  readonly met: number;
  /** Why people rest: between sets, after the slot, between rounds, or until the other stations are done. Null where it is no rest. */
  readonly restAfter: 'set' | 'slot' | 'round' | 'station' | null;
  /** What is changed in a switch: the side, or the partner whose turn it is. Null in all else. */
  readonly swap: 'side' | 'partner' | null;
  /** What getting ready lasts for: people on their way, or the words that are said; or a rest that the coach gives by feel. Null in all else. */
  readonly waitsFor: 'move' | 'talk' | 'rest' | null;
  /** Work until the coach says so: its length is what is usual, and a run waits there. */
  readonly openEnd: boolean;
}

/** What a slot takes in one round, first one first, at plan. */
export interface SlotTime {
  readonly slotId: string;
  /** Clock at which its `ready` begins in the first round. */
  readonly start: Seconds;
  readonly work: Seconds;
  /** Ready, switches and rests of the first round. */
  readonly hidden: Seconds;
}

/** A stretch of a turn that takes time. */
export type Piece = Pick<Segment, 'kind' | 'length' | 'set' | 'side' | 'restAfter' | 'swap' | 'waitsFor'>;

/** What a turn consists of once people are ready, however they came to it. */
export interface Body {
  readonly slot: Slot;
  /** In order; the last is the slot's own rest, which may take no time. */
  readonly pieces: readonly Piece[];
  readonly seconds: Seconds;
  /** The same without the slot's own rest. */
  readonly busy: Seconds;
  /** The rest that it ends with, between sets or after the slot. */
  readonly lastRest: Seconds;
  readonly nonstop: boolean;
}

/** How people come to a block. */
export interface Arrival {
  readonly stance: Stance;
  /** Something was done before it. */
  readonly begun: boolean;
}

/** What a block takes where it stands, at one level of its ranges. */
export interface BlockTime {
  readonly block: Block;
  /** What its turns consist of, in order. */
  readonly bodies: readonly Body[];
  /** How people come to it, and to the block after it. */
  readonly from: Arrival;
  readonly to: Arrival;
  readonly seconds: Seconds;
  /** The rest that it ends with: nobody takes it at the very end. */
  readonly lastRest: Seconds;
}

/** A circuit laid out in time. */
export interface Timeline {
  readonly segments: readonly Segment[];
  readonly slots: readonly SlotTime[];
  /** Each block of the circuit at plan, in order. */
  readonly blocks: readonly BlockTime[];
  readonly total: Spread;
  readonly byPhase: Readonly<Record<Phase, Seconds>>;
  readonly byKind: Readonly<Record<SegmentKind, Seconds>>;
  /** Ready, switch and rest at plan: the time nobody counts by hand. */
  readonly hidden: Seconds;
}
