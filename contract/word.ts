import { MOST_SAID, type TaughtWord } from '@prompt-spark/core/drills/taughtWord';
import Joi from 'joi';
import { id, listOf, name, shape } from './fields.ts';

/** A word of the studio's own, as it is kept. One that is sent again under its id is kept once. */
export interface Word extends TaughtWord {
  readonly id: string;
}

export const wordSchema = shape<Word>({
  id,
  said: name(MOST_SAID),
  drillId: Joi.string().min(1).max(64).required(),
  rung: Joi.string().allow('').max(64).required(),
});

/** Every word of the studio's own, by what is said. */
export interface WordList {
  readonly words: readonly Word[];
}

export const wordListSchema = shape<WordList>({ words: listOf(wordSchema) });

/** Words that can be taught at once. */
export const MOST_WORDS_AT_ONCE = 200;

export const taughtWordsSchema = shape<WordList>({ words: listOf(wordSchema).min(1).max(MOST_WORDS_AT_ONCE) });
