import type { SwapReason } from '@prompt-spark/core/swaps/swapReason';
import { reasons } from './english/reasons.ts';
import { inLanguage } from './language.ts';
import { ofKind } from './ofKind.ts';

const say = inLanguage('reasons', reasons);

/** Why a swap would do: “same hip flexion, on one knee instead of standing, keeps the 0:40”. */
export const reasonWords = (all: readonly SwapReason[]): string =>
  all.map((reason) => ofKind<SwapReason>(say, reason)).join(', ');
