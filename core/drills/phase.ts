/** The six phases of a warm-up in their usual order. */
export const PHASES = ['release', 'raise', 'mobilise', 'activate', 'integrate', 'potentiate'] as const;
export type Phase = (typeof PHASES)[number];

/** What each phase is for, in the trade's words. */
export const PHASE_PURPOSE: Readonly<Record<Phase, string>> = {
  release: 'calm tissue down, free up range',
  raise: 'pulse, breathing, temperature up',
  mobilise: 'take joints through their range, moving',
  activate: 'switch on what the session needs, without tiring it',
  integrate: 'whole-body patterns the session uses',
  potentiate: 'fast and elastic, last',
};
