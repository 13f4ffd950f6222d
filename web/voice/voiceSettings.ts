import { TALKS, type Talk } from '@prompt-spark/core/prompts/prompt';
import { useLocalStorage } from '@vueuse/core';
import { computed } from 'vue';

/** How a run begins once the Stage is open: at once, after so many seconds, at the next full minute, or on a press. */
export const BEGINNINGS = ['at once', '5 s', '15 s', 'on the minute', 'on a press'] as const;
export type Beginning = (typeof BEGINNINGS)[number];

/** How the Stage begins and speaks, in this browser. */
export interface VoiceSettings {
  readonly begins: Beginning;
  /** A short check before each start: how they are, what is out, and the room. */
  readonly check: boolean;
  /** Whether the sound of this device has been tried, as it is at the first use. */
  readonly soundTried: boolean;
  readonly on: boolean;
  /** A tick at every repetition of what is counted. */
  readonly metronome: boolean;
  readonly talk: Talk;
  readonly voice: string;
  /** The voice that tells what the tracks do. */
  readonly second: string;
  /** Words a minute. */
  readonly speed: number;
  /** 0 low – 99 high. */
  readonly pitch: number;
}

const USUAL: VoiceSettings = {
  begins: 'on a press',
  check: false,
  soundTried: false,
  on: true,
  metronome: false,
  talk: 'usual',
  voice: 'en',
  second: 'en+f3',
  speed: 165,
  pitch: 50,
};

/** What was chosen on this device: a voice is the device's, not the coach's. What cannot be read is as usual. */
export function useVoiceSettings() {
  const kept = useLocalStorage<VoiceSettings>('prompt-spark-voice', USUAL, { mergeDefaults: true });
  const settings = computed<VoiceSettings>(() => ({
    ...USUAL,
    ...kept.value,
    begins: BEGINNINGS.includes(kept.value.begins) ? kept.value.begins : USUAL.begins,
    talk: TALKS.includes(kept.value.talk) ? kept.value.talk : USUAL.talk,
  }));
  const set = (change: Partial<VoiceSettings>): void => {
    kept.value = { ...settings.value, ...change };
  };
  return { settings, set };
}
