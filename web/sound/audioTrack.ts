import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { guidesOf } from '@prompt-spark/core/prompts/guides';
import { soundsOf } from '@prompt-spark/core/prompts/sounds';
import type { Prompt } from '@prompt-spark/core/prompts/prompt';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import { synthesiser } from './instrument.ts';
import type { SpokenClips, Utterance } from '../voice/spokenClips.ts';

const RATE = 44_100;
/** After the end of a circuit its last words and tones sound out. */
const TAIL = 4;

/** What a track is made of. */
export interface TrackParts {
  readonly segments: readonly Segment[];
  readonly slotOf: (segment: Segment) => Slot | undefined;
  readonly prompts: readonly Prompt[];
  readonly clips: SpokenClips;
  readonly utteranceFor: (prompt: Prompt) => Utterance;
  /** A tick in every counted drill. */
  readonly ticksEverywhere: boolean;
}

/** The whole circuit as sound, as the Stage would play it: tones and words on one clock, 44.1 kHz, one channel. */
export async function renderTrack({
  segments,
  slotOf,
  prompts,
  clips,
  utteranceFor,
  ticksEverywhere,
}: TrackParts): Promise<Float32Array> {
  const end = segments.at(-1)?.end ?? 0;
  const context = new OfflineAudioContext(1, Math.ceil((end + TAIL) * RATE), RATE);
  await clips.decodeFor(context);
  const instrument = synthesiser(context, (utterance) => clips.bufferOf(context, utterance));
  const sounds = [...soundsOf(segments), ...guidesOf(segments, slotOf, ticksEverywhere)];
  for (const sound of sounds) instrument.play(sound, sound.at);
  for (const prompt of prompts) instrument.play({ kind: 'speech', at: prompt.at, ...utteranceFor(prompt) }, prompt.at);
  const rendered = await context.startRendering();
  return rendered.getChannelData(0);
}

/** The track as a WAV file with a chapter mark where each drill begins. */
export async function trackFile(samples: Float32Array, prompts: readonly Prompt[]): Promise<Blob> {
  const { WaveFile } = await import('wavefile');
  const file = new WaveFile();
  const whole = Int16Array.from(samples, (sample) => Math.round(Math.max(-1, Math.min(1, sample)) * 32_767));
  file.fromScratch(1, RATE, '16', whole);
  for (const { kind, at, text } of prompts) if (kind === 'name') file.setCuePoint({ position: at * 1000, label: text });
  return new Blob([file.toBuffer().slice().buffer], { type: 'audio/wav' });
}
