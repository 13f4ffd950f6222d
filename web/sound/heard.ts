import type { Sound } from '@prompt-spark/core/prompts/sounds';
import type { Seconds } from '@prompt-spark/core/units';
import type { Utterance } from '../voice/spokenClips.ts';

/** Something heard on the Stage: a tone that marks time, or a prompt that is said. */
export type Heard = Sound | ({ readonly at: Seconds; readonly kind: 'speech' } & Utterance);
