import type { Seconds } from '../units.ts';

/** How much is said: names and changes only, what a class usually needs, or everything a beginner is told. */
export const TALKS = ['names only', 'usual', 'teaching'] as const;
export type Talk = (typeof TALKS)[number];

/** What a prompt is for. */
export type PromptKind =
  'name' | 'next' | 'side' | 'set' | 'step' | 'cue' | 'aim' | 'track' | 'fix' | 'halfway' | 'growth' | 'end';

/** Something that is said and shown, from a second of the circuit on. */
export interface Prompt {
  readonly at: Seconds;
  /** How long it takes to say. */
  readonly length: Seconds;
  readonly text: string;
  readonly kind: PromptKind;
  readonly slotId: string;
  /** The line in its fullest form, as it would be said unchanged. */
  readonly line: string;
}

/** Something that should have been said and for which there was no room. */
export interface LeftOut {
  readonly slotId: string;
  readonly kind: PromptKind;
  readonly text: string;
  /** Seconds of the stretch it would have been said in. */
  readonly room: Seconds;
}

/** Everything that is said in a circuit, in order of time, and what was left out. */
export interface Script {
  readonly prompts: readonly Prompt[];
  readonly leftOut: readonly LeftOut[];
  /** Lines that the coach silenced, each once a slot. */
  readonly silenced: readonly SilencedLine[];
}

/** A line that is not said, in its fullest form. */
export interface SilencedLine {
  readonly slotId: string;
  readonly line: string;
}

/** A stretch of time in which a line may be said whole. */
export interface Gap {
  readonly from: Seconds;
  readonly until: Seconds;
}

/** A line that is to be said: its forms from the fullest to the shortest, and where it may be said, the best place first. */
export interface WantedLine {
  readonly slotId: string;
  readonly kind: PromptKind;
  readonly forms: readonly [string, ...string[]];
  /** What it would be without the coach's change; the fullest form where there is none. */
  readonly line?: string;
  readonly gaps: readonly Gap[];
  /** Without it people do the wrong thing: it is placed before all others. */
  readonly must: boolean;
}

/** Words a second, until a clip is made and measured. From the brief. */
const WORDS_A_SECOND = 2.5;

/** How long a text takes to say, guessed from its words; a figure counts as one and a half. */
export function guessedLength(text: string): Seconds {
  const words = text.split(/\s+/).filter((word) => word !== '');
  const figures = words.filter((word) => /\d/.test(word)).length;
  return (words.length + figures / 2) / WORDS_A_SECOND + 0.2;
}
