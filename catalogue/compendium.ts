import type { EnergyCost } from '@prompt-spark/core/drills/drill';

/**
 * Activities of the Compendium of Physical Activities (Ainsworth et al., Med Sci Sports Exerc 2011;43:1575–1581) that
 * the catalogue leans on, by code. Codes, wording and values are from memory.
 */
export const COMPENDIUM = {
  '01200': { met: 6.8, activity: 'bicycling, stationary, 90–100 watts, moderate to vigorous effort' },
  '02011': { met: 3.5, activity: 'bicycling, stationary, 30–50 watts, very light to light effort' },
  '02020': { met: 8, activity: 'calisthenics (push-ups, sit-ups, jumping jacks), vigorous effort' },
  '02022': { met: 3.8, activity: 'calisthenics (push-ups, sit-ups, lunges), moderate effort' },
  '02024': { met: 2.8, activity: 'calisthenics (sit-ups, abdominal crunches), light effort' },
  '02030': { met: 3.5, activity: 'calisthenics, light or moderate effort, general' },
  '02048': { met: 5, activity: 'elliptical trainer, moderate effort' },
  '02052': { met: 5, activity: 'resistance training, squats, slow or explosive effort' },
  '02054': { met: 3.5, activity: 'resistance training, multiple exercises, 8–15 repetitions' },
  '02071': { met: 4.8, activity: 'rowing, stationary, general, moderate effort' },
  '02101': { met: 2.3, activity: 'stretching, mild' },
  '02105': { met: 3, activity: 'Pilates, general' },
  '02150': { met: 2.5, activity: 'yoga, Hatha' },
  '12020': { met: 7, activity: 'jogging, general' },
  '12025': { met: 8, activity: 'jogging, in place' },
  '12150': { met: 8, activity: 'running, general' },
  '15110': { met: 5.5, activity: 'boxing, punching bag' },
  '15552': { met: 8.8, activity: 'rope jumping, slow pace, under 100 skips a minute' },
  '17190': { met: 3.5, activity: 'walking, 2.8 to 3.2 mph, level, moderate pace, firm surface' },
} as const satisfies Readonly<Record<string, { readonly met: number; readonly activity: string }>>;

export type CompendiumCode = keyof typeof COMPENDIUM;

/** The energy cost the Compendium gives an activity. */
export function compendium(code: CompendiumCode): EnergyCost {
  return { kind: 'compendium', code, met: COMPENDIUM[code].met };
}
