import { say } from './say.ts';
/** A share, 0–1, in whole per cent. */
export const percent = (share: number): string => `${String(Math.round(100 * share))} %`;

/** How far a circuit prepares for a main session, in the words that Coverage and Fit share: "46 % of what squat strength needs". */
export const preparedWords = (whole: number, session: string): string =>
  say.prepared.ofNeeds(percent(whole), session.toLowerCase());
