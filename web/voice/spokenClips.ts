import type { SpokenClip } from '@prompt-spark/contract/voice';
import { MOST_TEXTS } from '@prompt-spark/core/prompts/bounds';
import { pronounced, type Pronunciation } from '@prompt-spark/core/prompts/pronounced';
import type { Prompt } from '@prompt-spark/core/prompts/prompt';
import type { Seconds } from '@prompt-spark/core/units';
import { call } from '../api/call.ts';
import { keepClip, keptClip } from '../saving/keptClips.ts';
import type { VoiceSettings } from './voiceSettings.ts';

/** A prompt with the voice that says it. */
export interface Utterance {
  readonly text: string;
  readonly voice: string;
}

/** The tracks have a voice of their own, so that who is on none need not listen. */
function utteranceOf({ text, kind }: Pick<Prompt, 'text' | 'kind'>, settings: VoiceSettings): Utterance {
  return { text, voice: kind === 'track' ? settings.second : settings.voice };
}

/** What the voice is given for a prompt: its words as they are spoken in the studio, in the voice that says them. */
export function spokenUtterance(
  prompt: Pick<Prompt, 'text' | 'kind'>,
  settings: VoiceSettings,
  pronunciations: readonly Pronunciation[],
): Utterance {
  const { text, voice } = utteranceOf(prompt, settings);
  return { text: pronounced(text, pronunciations), voice };
}

/** Measured lengths change a script, which may then take other forms: after this many rounds it is left as it is. */
const MOST_ROUNDS = 3;

/**
 * Fetches the lines of a script, which is written anew with their lengths as they come.
 *
 * @param wanted the lines as the script has them now
 * @param fetched told when lines have come
 */
export async function fetchScript(
  clips: SpokenClips,
  wanted: () => readonly Utterance[],
  fetched: () => void = () => undefined,
): Promise<void> {
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    if (!(await clips.fetch(wanted()))) return;
    fetched();
  }
}

const keyOf = ({ text, voice }: Utterance): string => `${voice} ${text}`;

/** Clips that were fetched, for one manner of speaking. */
export class SpokenClips {
  private readonly bytes = new Map<string, Uint8Array<ArrayBuffer>>();
  private readonly seconds = new Map<string, Seconds>();
  private readonly asked = new Set<string>();
  private readonly buffers = new WeakMap<BaseAudioContext, Map<string, AudioBuffer>>();

  private readonly manner: Pick<VoiceSettings, 'speed' | 'pitch'>;

  constructor({ speed, pitch }: Pick<VoiceSettings, 'speed' | 'pitch'>) {
    this.manner = { speed, pitch };
  }

  /** How long a text takes, as measured; undefined until it was fetched. */
  lengthOf(text: string): Seconds | undefined {
    return this.seconds.get(text);
  }

  /** Fetches what was never asked for before. What cannot be spoken stays silent. */
  async fetch(utterances: readonly Utterance[]): Promise<boolean> {
    const wanted = utterances.filter((one) => !this.asked.has(keyOf(one)));
    wanted.forEach((one) => this.asked.add(keyOf(one)));
    const fresh = await this.withoutKept(wanted);
    const voices = new Set(fresh.map(({ voice }) => voice));
    for (const voice of voices) {
      const texts = [...new Set(fresh.filter((one) => one.voice === voice).map(({ text }) => text))];
      for (let at = 0; at < texts.length; at += MOST_TEXTS) {
        const { clips } = await call('speak', {
          body: { ...this.manner, voice, texts: texts.slice(at, at + MOST_TEXTS) },
        });
        for (const clip of clips) {
          this.keep(voice, clip);
          void keepClip({ ...this.manner, voice, text: clip.text }, clip);
        }
      }
    }
    return wanted.length > 0;
  }

  /** Takes up what this device has kept, and gives what it has not. */
  private async withoutKept(wanted: readonly Utterance[]): Promise<readonly Utterance[]> {
    const found = await Promise.all(
      wanted.map(async (one) => ({ one, clip: await keptClip({ ...this.manner, ...one }) })),
    );
    for (const { one, clip } of found) if (clip) this.keep(one.voice, clip);
    return found.filter(({ clip }) => !clip).map(({ one }) => one);
  }

  private keep(voice: string, { text, seconds, wav }: SpokenClip): void {
    this.bytes.set(
      keyOf({ text, voice }),
      Uint8Array.from(atob(wav), (letter) => letter.charCodeAt(0)),
    );
    this.seconds.set(text, seconds);
  }

  /** Makes everything that was fetched playable. */
  async decodeFor(context: BaseAudioContext): Promise<void> {
    const known = this.buffers.get(context) ?? new Map<string, AudioBuffer>();
    this.buffers.set(context, known);
    const fresh = [...this.bytes].filter(([key]) => !known.has(key));
    await Promise.all(
      fresh.map(async ([key, bytes]) => {
        known.set(key, await context.decodeAudioData(bytes.slice().buffer));
      }),
    );
  }

  bufferOf(context: BaseAudioContext, utterance: Utterance): AudioBuffer | undefined {
    return this.buffers.get(context)?.get(keyOf(utterance));
  }

  /** Plays a clip now. */
  async play(context: AudioContext, utterance: Utterance): Promise<AudioBufferSourceNode> {
    await this.decodeFor(context);
    const source = context.createBufferSource();
    source.buffer = this.bufferOf(context, utterance) ?? null;
    source.connect(context.destination);
    source.start();
    return source;
  }

  get any(): boolean {
    return this.bytes.size > 0;
  }
}
