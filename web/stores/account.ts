import { welcomeSchema, type Account, type Credentials, type NewStudio } from '@prompt-spark/contract/account';
import { ROUTES } from '@prompt-spark/contract/routes';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { request, ServerAway, tell } from '../api/request.ts';

/** Who is signed in. */
export const useAccountStore = defineStore('account', () => {
  const account = ref<Account | null>(null);
  const demoOpen = ref(false);
  const unreachable = ref(false);
  let asked = false;

  /** Asks the server who is signed in, once; again only after it could not be reached. */
  async function ask(): Promise<void> {
    if (asked) return;
    try {
      const welcome = await request(ROUTES.welcome, welcomeSchema);
      account.value = welcome.account;
      demoOpen.value = welcome.demoOpen;
      unreachable.value = false;
      asked = true;
    } catch (error) {
      if (!(error instanceof ServerAway)) throw error;
      unreachable.value = true;
    }
  }

  async function through(door: () => Promise<void>): Promise<void> {
    await door();
    asked = false;
    await ask();
  }

  return {
    account,
    demoOpen,
    unreachable,
    ask,
    signIn: (credentials: Credentials) => through(() => tell(ROUTES.signIn, { body: credentials })),
    enterDemo: () => through(() => tell(ROUTES.enterDemo)),
    openStudio: (studio: NewStudio) => through(() => tell(ROUTES.openStudio, { body: studio })),
    signOut: () => through(() => tell(ROUTES.signOut)),
  };
});
