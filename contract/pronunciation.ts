import { MOST_PRONOUNCED, type Pronunciation } from '@prompt-spark/core/prompts/pronounced';
import { id, listOf, name, shape } from './fields.ts';

/** How the voice says a word in a studio, as it is kept. One that is sent again under its id takes the place of the old. */
export interface KeptPronunciation extends Pronunciation {
  readonly id: string;
}

export const pronunciationSchema = shape<Pronunciation>({
  written: name(MOST_PRONOUNCED),
  spoken: name(MOST_PRONOUNCED),
});

/** Every word that a studio's voice says in a way of its own. */
export interface PronunciationList {
  readonly pronunciations: readonly KeptPronunciation[];
}

export const pronunciationListSchema = shape<PronunciationList>({
  pronunciations: listOf(
    shape<KeptPronunciation>({ id, written: name(MOST_PRONOUNCED), spoken: name(MOST_PRONOUNCED) }),
  ),
});
