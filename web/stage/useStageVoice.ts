import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { guidesOf } from '@prompt-spark/core/prompts/guides';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import { computed, watch } from 'vue';
import { useBrowserSpeech } from '../voice/useBrowserSpeech.ts';
import type { SpokenScript } from '../voice/useScript.ts';
import { useStageRun } from './useStageRun.ts';

/** Speed of speech, in words a minute, at which the browser's own voice is neither slowed nor hurried. */
const PLAIN_SPEED = 165;

/**
 * A run that speaks: its clips on its clock, else the browser's own voice, and what is said as captions.
 *
 * @param slotFor the slot of a segment, as it is run
 */
export function useSpokenRun(
  segments: readonly Segment[],
  voice: SpokenScript,
  slotFor: (segment: Segment) => Slot | undefined,
) {
  const promptsAlong = (along: readonly Segment[]) => (voice.settings.value.on ? voice.scriptAlong(along).prompts : []);
  const run = useStageRun(segments, {
    heard: (along) => [
      ...guidesOf(along, slotFor, voice.settings.value.metronome),
      ...promptsAlong(along).map((prompt) => ({
        at: prompt.at,
        kind: 'speech' as const,
        ...voice.utteranceFor(prompt),
      })),
    ],
    ready: (context) => voice.clips.value.decodeFor(context),
    bufferOf: (context, utterance) => voice.clips.value.bufferOf(context, utterance),
  });
  const prompts = computed(() => promptsAlong(run.segments.value));
  useBrowserSpeech(
    () => prompts.value.map((prompt) => ({ ...prompt, text: voice.utteranceFor(prompt).text })),
    () => run.position.value,
    () => voice.speaks.value === false && run.state.value === 'running' && !run.muted.value,
    () => voice.settings.value.speed / PLAIN_SPEED,
  );
  watch(
    [() => voice.clips.value, () => voice.settings.value, voice.speaks],
    async () => {
      await voice.prepare();
      await run.takeClips();
    },
    { flush: 'post' },
  );
  return { run, prompts };
}
