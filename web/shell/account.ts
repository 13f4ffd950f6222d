import type { Account, Credentials, NewStudio, Welcome } from '@prompt-spark/contract/account';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { forgetKept } from '../saving/onDevice.ts';
import { call, ServerAway, whenPasswordNeeded, whenSignedOut } from '../api/call.ts';

/** Who is signed in. */
export const useAccountStore = defineStore('account', () => {
  const account = ref<Account | null>(null);
  const demoOpen = ref(false);
  const unreachable = ref(false);
  /** The server no longer knows who is here: what is on the screen stays, until they sign in again. */
  const signedOut = ref(false);
  let asked = false;

  whenSignedOut(() => {
    signedOut.value = true;
  });

  /** Whether the coach is asked for their password once more, and who waits for what comes of that. */
  const passwordAsked = ref(false);
  let settle: (given: boolean) => void = () => undefined;
  whenPasswordNeeded(() => {
    passwordAsked.value = true;
    return new Promise((resolve) => (settle = resolve));
  });

  /** Ends the asking: the password was given, or was not. */
  function passwordGiven(given: boolean): void {
    passwordAsked.value = false;
    settle(given);
  }

  /** Asks the server who is signed in, once; again only after it could not be reached. */
  async function ask(): Promise<void> {
    if (asked) return;
    try {
      const welcome = welcomeInPage() ?? (await call('welcome'));
      account.value = welcome.account;
      // An answer that was on its way when somebody signed out may have been kept after all.
      if (welcome.account === null) void forgetKept();
      demoOpen.value = welcome.demoOpen;
      unreachable.value = false;
      asked = true;
    } catch (error) {
      if (!(error instanceof ServerAway)) throw error;
      unreachable.value = true;
    }
  }

  function enter(now: Account): void {
    // Another coach must not find what the one before had on the screen: the page is fetched anew.
    if (signedOut.value && account.value?.coachId !== now.coachId) return location.assign('/today');
    // What this device kept is another's, or may be.
    void forgetKept();
    account.value = now;
    signedOut.value = false;
  }

  return {
    account,
    demoOpen,
    unreachable,
    signedOut,
    passwordAsked,
    passwordGiven,
    confirmPassword: async (password: string) => {
      await call('confirmPassword', { body: { password } });
      passwordGiven(true);
    },
    ask,
    signIn: async (credentials: Credentials) => enter(await call('signIn', { body: credentials })),
    enterDemo: async () => enter(await call('enterDemo')),
    openStudio: async (studio: NewStudio) => enter(await call('openStudio', { body: studio })),
    signOut: async () => {
      await call('signOut');
      await forgetKept();
    },
  };
});

/** The welcome that the server put into the page; read once, for it is as old as the page. */
function welcomeInPage(): Welcome | undefined {
  const place = typeof document === 'undefined' ? null : document.getElementById('welcome');
  if (!place) return undefined;
  place.remove();
  // Written into the page by the server that would answer the call.
  return JSON.parse(place.textContent) as Welcome;
}
