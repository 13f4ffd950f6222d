import type { Prompt } from '@prompt-spark/core/prompts/prompt';
import type { Seconds } from '@prompt-spark/core/units';
import { onScopeDispose, watch } from 'vue';

/** A prompt that was due longer ago is not said any more. */
const LATE: Seconds = 1.5;

/** Has the browser itself speak, where the server cannot: less exact, and better than silence. */
export function useBrowserSpeech(
  prompts: () => readonly Prompt[],
  position: () => Seconds,
  wanted: () => boolean,
  rate: () => number,
): void {
  if (!('speechSynthesis' in globalThis)) return;
  watch(position, (now, before) => {
    if (!wanted()) return;
    const due = prompts().find(({ at }) => at > before && at <= now && now - at < LATE);
    if (!due) return;
    const words = new SpeechSynthesisUtterance(due.text);
    words.rate = rate();
    speechSynthesis.speak(words);
  });
  onScopeDispose(() => speechSynthesis.cancel());
}
