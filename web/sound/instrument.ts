import type { SoundKind } from '@prompt-spark/core/prompts/sounds';
import type { Seconds } from '@prompt-spark/core/units';
import type { Utterance } from '../voice/spokenClips.ts';
import type { Heard } from './heard.ts';

/** What sounds are played on, by a clock of its own. */
export interface Instrument {
  /** Its clock, or undefined while it makes no sound at all, as in a page that nobody has touched yet. */
  readonly now: () => Seconds | undefined;
  /** Plays a sound at a moment of its clock; what comes back calls it off, sounding or not. */
  readonly play: (sound: Heard, when: Seconds) => () => void;
  readonly setMuted: (muted: boolean) => void;
}

/** How a sound is made: notes, each with its pitch (Hz), beginning and length (s). */
const NOTES: Readonly<Record<SoundKind, readonly (readonly [hertz: number, at: Seconds, lasts: Seconds])[]>> = {
  count: [[660, 0, 0.09]],
  go: [[990, 0, 0.32]],
  switch: [
    [740, 0, 0.12],
    [990, 0.16, 0.16],
  ],
  rest: [[495, 0, 0.3]],
  tick: [[1320, 0, 0.04]],
  in: [
    [262, 0, 0.5],
    [330, 0.25, 0.7],
  ],
  out: [
    [330, 0, 0.5],
    [262, 0.25, 0.9],
  ],
  end: [
    [660, 0, 0.16],
    [825, 0.2, 0.16],
    [990, 0.4, 0.5],
  ],
};

/** Words that were due so short a time ago are still said from their middle; later, they are left out. */
const WORDS_LATE: Seconds = 0.3;

/**
 * Makes tones and plays words with Web Audio, on the audio clock.
 *
 * @param wordsOf the clip of an utterance; undefined where there is none, and it stays silent
 */
export function synthesiser(
  context: BaseAudioContext,
  wordsOf: (utterance: Utterance) => AudioBuffer | undefined = () => undefined,
): Instrument {
  const out = context.createGain();
  out.connect(context.destination);

  const sound = (hertz: number, start: Seconds, lasts: Seconds): OscillatorNode => {
    const note = context.createOscillator();
    const swell = context.createGain();
    note.type = 'triangle';
    note.frequency.value = hertz;
    swell.gain.setValueAtTime(0, start);
    swell.gain.linearRampToValueAtTime(0.55, start + 0.012);
    swell.gain.exponentialRampToValueAtTime(0.001, start + lasts);
    note.connect(swell).connect(out);
    note.start(start);
    note.stop(start + lasts + 0.02);
    return note;
  };

  const say = (utterance: Utterance, when: Seconds): (() => void) => {
    const buffer = wordsOf(utterance);
    const late = context.currentTime - when;
    if (!buffer || late > WORDS_LATE) return () => undefined;
    const words = context.createBufferSource();
    words.buffer = buffer;
    words.connect(out);
    words.start(Math.max(context.currentTime, when), Math.max(0, late));
    return () => words.stop();
  };

  return {
    now: () => (context.state === 'running' ? context.currentTime : undefined),
    play: (sounded, when) => {
      if (sounded.kind === 'speech') return say(sounded, when);
      const notes = NOTES[sounded.kind].map(([hertz, at, lasts]) =>
        sound(hertz, Math.max(context.currentTime, when + at), lasts),
      );
      return () => notes.forEach((note) => note.stop());
    },
    setMuted: (muted) => {
      out.gain.value = muted ? 0 : 1;
    },
  };
}
