import { defineStore } from 'pinia';
import { ref } from 'vue';
import { ServerAway } from '../api/call.ts';

/** The one message that the application shows at the foot of the page. */
export const useNoticesStore = defineStore('notices', () => {
  const words = ref('');

  function say(what: string): void {
    words.value = what;
  }

  /** Says why something did not work. */
  function sayTrouble(error: unknown): void {
    say(troubleWords(error));
  }

  return { words, say, sayTrouble, hush: () => say('') };
});

/** Why something did not work, in words for the person at the screen. */
export function troubleWords(error: unknown): string {
  if (error instanceof ServerAway) return 'The server cannot be reached, so nothing was changed. Try again.';
  return error instanceof Error && error.message !== '' ? error.message : 'Something went wrong. Try again.';
}
