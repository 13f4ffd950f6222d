import type { Measure } from '../dose/distance.ts';
import type { Dose, Extra, Growing, Sides } from '../dose/dose.ts';
import type { BandStrength, Load } from '../drills/inHand.ts';
import type { Phase } from '../drills/phase.ts';
import type { Range, Seconds } from '../units.ts';
import type { Aim } from './aim.ts';
import type { ShortVersion } from './shortVersion.ts';
import type { WallClock } from './wallClock.ts';

/** The lanes of ability beside the main one; `everybody` where one instruction takes the place of the main one. */
export const TRACK_NAMES = ['gentler', 'other', 'stronger', 'everybody'] as const;
export type TrackName = (typeof TRACK_NAMES)[number];

/** What one track does in a slot. */
export interface TrackDrill {
  readonly track: TrackName;
  readonly drillId: string;
  readonly variantId: string;
}

/** A line of the script, in its fullest form, and what is said in its place; empty where nothing is. */
export interface SaidInstead {
  readonly line: string;
  readonly instead: string;
}

/** A tick at every repetition, or a breath to follow: in and out. */
export const GUIDES = ['tick', 'breath'] as const;
export type Guide = (typeof GUIDES)[number];

/** A place in the circuit holding a drill with a dose. */
export interface Slot {
  readonly kind: 'slot';
  readonly id: string;
  readonly drillId: string;
  /** The id of the rung of the drill's ladder that it stands on; empty for the drill as named. */
  readonly rung: string;
  readonly dose: Dose;
  readonly sides: Sides;
  /** More for one side; null for as much on both. */
  readonly extra: Extra | null;
  /** How many people aim at inside its seconds; null where nothing is counted, or where it is not done for a time. */
  readonly aim: Aim | null;
  /** How it grows while it is done; null where it stays the same. */
  readonly growing: Growing | null;
  /** What is in people's hands or on their legs, and what they are on. */
  readonly load: Load | null;
  readonly band: BandStrength | null;
  readonly height: Measure | null;
  /** The dose is repeated this often, with `setRest` between. */
  readonly sets: Range;
  readonly setRest: Seconds;
  /** Rest after the slot's work, before the next slot. */
  readonly rest: Seconds;
  /** The slot before it in its block goes straight into it, with no talk between: "3 inchworms, straight into a jog". */
  readonly runsOn: boolean;
  /** New to somebody there: the coach shows it before it is done. */
  readonly shownFirst: boolean;
  /** Never left out when the circuit is shortened. */
  readonly pinned: boolean;
  /** Pinned with its dose and its sides, which stay as they are, too. */
  readonly doseKept: boolean;
  /** The first to be left out, and only added when there is time. */
  readonly optional: boolean;
  /** The coach's own cue; empty for the drill's. */
  readonly cue: string;
  /** Lines of the script that the coach changed or silenced here. */
  readonly said: readonly SaidInstead[];
  /** What leads people through it beside the voice; null for nothing. */
  readonly guide: Guide | null;
  /** The line it was read from, where its drill was guessed at; empty where it is sure. */
  readonly guess: string;
  /** What people on other tracks do instead, for the same seconds; it says nothing of who they are or why. */
  readonly tracks: readonly TrackDrill[];
}

/** A whiteboard line that could not be read, kept as it was written. */
export interface UnreadLine {
  readonly kind: 'unread';
  readonly id: string;
  readonly text: string;
}

export type Line = Slot | UnreadLine;

/** A run of slots in one phase, gone through for a number of rounds. */
export interface Block {
  readonly id: string;
  readonly phase: Phase;
  readonly rounds: Range;
  readonly roundRest: Seconds;
  /** Its slots are stations that run side by side: all change together. */
  readonly stations: boolean;
  /** Nothing stops in it: one slot runs into the next, so that only its first is got ready for and sides change in passing. */
  readonly noGaps: boolean;
  /** How many of its slots are done at a time: the first ones, while the others wait for their turn. Null for all of them. */
  readonly pick: number | null;
  /** How long what is done of it may take, with all its rounds: `pick` is how many fit. Null where a number was said. */
  readonly pickWithin: Seconds | null;
  readonly lines: readonly Line[];
}

/** A whole warm-up as planned. */
export interface Circuit {
  readonly title: string;
  /** What the main session is, in the coach's words; empty where not said. */
  readonly purpose: string;
  /** Main sessions that it must not come shortly before, in the coach's words; empty for none. */
  readonly notBefore: string;
  /** Main sessions that it must not come shortly after, likewise. */
  readonly notAfter: string;
  /** The studio's own words to find it by, in small letters. */
  readonly tags: readonly string[];
  /** The id of its approach; empty for the studio's default. */
  readonly approach: string;
  /** Seconds there are; 0 where not said. */
  readonly available: Seconds;
  /** When it starts or ends on the wall; null where not said. */
  readonly clock: WallClock | null;
  /** People expected; 0 where not said. */
  readonly people: number;
  /** Floor lanes to use; 0 where not said. */
  readonly lanes: number;
  /** Somebody needs every drill shown. */
  readonly somebodyNew: boolean;
  /** Somebody needs longer to get down or up. */
  readonly slowToFloor: boolean;
  /** No more is said than a drill's name, where nobody is new. */
  readonly namesOnly: boolean;
  /** Nothing stops from its first slot to its last, whatever the blocks say. */
  readonly noGaps: boolean;
  /** Shorter versions that are kept with it and follow when it changes. */
  readonly versions: readonly ShortVersion[];
  /** Lines before the first block that could not be read. */
  readonly unread: readonly UnreadLine[];
  readonly blocks: readonly Block[];
}

/** A circuit with nothing in it. */
export function emptyCircuit(title: string): Circuit {
  return {
    title,
    purpose: '',
    notBefore: '',
    notAfter: '',
    tags: [],
    approach: '',
    available: 0,
    clock: null,
    people: 0,
    lanes: 0,
    somebodyNew: false,
    slowToFloor: false,
    namesOnly: false,
    noGaps: false,
    versions: [],
    unread: [],
    blocks: [],
  };
}

/** The slots of a block that are done: without those that wait for their turn, and the lines that could not be read. */
export function slotsOf({ lines, pick }: Pick<Block, 'lines' | 'pick'>): readonly Slot[] {
  const slots = lines.filter((line): line is Slot => line.kind === 'slot');
  return pick === null ? slots : slots.slice(0, pick);
}

/** The slots of a block that wait for their turn. */
export function waitingIn({ lines, pick }: Pick<Block, 'lines' | 'pick'>): readonly Slot[] {
  return pick === null ? [] : lines.filter((line): line is Slot => line.kind === 'slot').slice(pick);
}

/** How many lines of a circuit were not read, so that its time leaves them out. */
export function unreadCount({ unread, blocks }: Circuit): number {
  return blocks.reduce((sum, { lines }) => sum + lines.filter(({ kind }) => kind === 'unread').length, unread.length);
}

/** Every slot of a circuit in order, each once whatever the rounds. */
export function allSlots(circuit: Circuit): readonly Slot[] {
  return circuit.blocks.flatMap(slotsOf);
}
