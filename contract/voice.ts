import type { Seconds } from '@prompt-spark/core/units';
import { MOST_SPOKEN, MOST_TEXTS } from '@prompt-spark/core/prompts/bounds';
import Joi from 'joi';
import { line, listOf, name, shape, whole } from './fields.ts';

/** A voice that can be chosen. */
export interface Voice {
  readonly id: string;
  readonly name: string;
}

/** The voices there are; none where nothing on the server can speak. */
export interface VoiceList {
  readonly voices: readonly Voice[];
}

/** Texts to be spoken, and how. */
export interface SpeechWish {
  readonly voice: string;
  /** Words a minute. */
  readonly speed: number;
  /** 0 low – 99 high. */
  readonly pitch: number;
  readonly texts: readonly string[];
}

/** A text as it sounds. */
export interface SpokenClip {
  readonly text: string;
  readonly seconds: Seconds;
  /** A WAV file, base64. */
  readonly wav: string;
}

/** What was spoken; a text that could not be is left out. */
export interface Speech {
  readonly clips: readonly SpokenClip[];
}

const voiceId = Joi.string()
  .pattern(/^[a-z]{2}(?:-[a-z]{1,12}){0,3}(?:\+[fm]\d)?$/, { name: 'a voice' })
  .required();
const text = Joi.string().min(1).max(MOST_SPOKEN).required();

export const voiceListSchema = shape<VoiceList>({ voices: listOf(shape<Voice>({ id: voiceId, name: name(60) })) });

export const speechWishSchema = shape<SpeechWish>({
  voice: voiceId,
  speed: whole(80, 300),
  pitch: whole(0, 99),
  texts: listOf(text).min(1).max(MOST_TEXTS),
});

export const speechSchema = shape<Speech>({
  clips: listOf(
    shape<SpokenClip>({
      text: line(MOST_SPOKEN),
      seconds: Joi.number().min(0).max(120).required(),
      wav: Joi.string().base64().required(),
    }),
  ),
});
