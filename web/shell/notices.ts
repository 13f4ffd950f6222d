import { defineStore } from 'pinia';
import { ref } from 'vue';
import { ServerAway } from '../api/call.ts';
import { say } from './say.ts';

/** The one message that the application shows at the foot of the page. */
export const useNoticesStore = defineStore('notices', () => {
  const words = ref('');

  function show(what: string): void {
    words.value = what;
  }

  /** Says why something did not work. */
  function sayTrouble(error: unknown): void {
    show(troubleWords(error));
  }

  return { words, say: show, sayTrouble, hush: () => show('') };
});

/** Why something did not work, in words for the person at the screen. */
export function troubleWords(error: unknown): string {
  if (error instanceof ServerAway) return say.notices.serverCannotBeReached;
  return error instanceof Error && error.message !== '' ? error.message : say.notices.somethingWentWrongTry;
}
