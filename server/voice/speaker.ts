import type { Speech, SpeechWish, Voice } from '@prompt-spark/contract/voice';
import { createHash } from 'node:crypto';
import pLimit from 'p-limit';
import { clipFolder } from './clipFolder.ts';
import { NotSpoken, speakWith, type Manner } from './espeak.ts';
import { lengthOf, levelled, NotSound, readWav, writeWav } from './wav.ts';

/** Speaks texts. */
export interface Speaker {
  /** The voices there are; none where the program is missing. */
  voices(): Promise<readonly Voice[]>;
  /** Texts as clips; what cannot be spoken is left out. */
  speak(wish: SpeechWish): Promise<Speech>;
}

/** Where it finds its program and keeps its clips. */
export interface SpeakerParts {
  /** "espeak-ng", or a path. */
  readonly program: string;
  /** Where clips are kept; nowhere where empty. */
  readonly folder: string;
}

const VOICES: readonly Voice[] = [
  { id: 'en', name: 'British, low' },
  { id: 'en+f3', name: 'British, high' },
  { id: 'en-gb-scotland', name: 'Scottish, low' },
  { id: 'en-us', name: 'American, low' },
  { id: 'en-us+f2', name: 'American, high' },
];

/** Texts that are spoken side by side: as many as there are cores on a small server. */
const BESIDE = 2;
/** Some thousand lines. */
const MOST_BYTES = 300_000_000;
/** Texts that wait for their turn; what comes on top stays silent, so that nobody keeps all others waiting. */
const MOST_WAITING = 400;
/** Once it could not speak at all, it is not tried again for so long. */
const PAUSE_MS = 30_000;

/** A speaker by espeak-ng, beside the process: a slow or broken one costs nobody else a moment. */
export function espeakSpeaker({ program, folder }: SpeakerParts): Speaker {
  const limit = pLimit(BESIDE);
  const kept = folder === '' ? undefined : clipFolder(folder, MOST_BYTES);
  let brokenUntil = 0;

  async function clip(text: string, manner: Manner): Promise<Buffer | undefined> {
    const key = keyOf(text, manner);
    const before = await kept?.get(key);
    if (before) return before;
    if (Date.now() < brokenUntil) return undefined;
    try {
      const made = writeWav(levelled(readWav(await speakWith(program, text, manner))));
      await kept?.put(key, made);
      return made;
    } catch (error) {
      if (!(error instanceof NotSpoken || error instanceof NotSound)) throw error;
      brokenUntil = Date.now() + PAUSE_MS;
      return undefined;
    }
  }

  async function speak({ texts, ...manner }: SpeechWish): Promise<Speech> {
    const clips = await Promise.all(
      [...new Set(texts)].map(async (text) => {
        if (limit.pendingCount >= MOST_WAITING) return undefined;
        const made = await limit(() => clip(text, manner));
        return made ? { text, seconds: lengthOf(readWav(made)), wav: made.toString('base64') } : undefined;
      }),
    );
    return { clips: clips.filter((one) => one !== undefined) };
  }

  async function voices(): Promise<readonly Voice[]> {
    const [first] = VOICES;
    if (!first) return [];
    const test = await limit(() => clip('Ready', { voice: first.id, speed: 165, pitch: 50 }));
    return test ? VOICES : [];
  }

  return { voices, speak };
}

function keyOf(text: string, { voice, speed, pitch }: Manner): string {
  return createHash('sha256')
    .update(JSON.stringify([voice, speed, pitch, text]))
    .digest('hex');
}
