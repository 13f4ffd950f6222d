import type { Kit } from './kit.ts';

/** The body positions a drill can be done in. */
export const POSTURES = [
  'standing',
  'squat',
  'half-kneeling',
  'kneeling',
  'quadruped',
  'plank',
  'seated',
  'supine',
  'prone',
  'side-lying',
] as const;
export type Posture = (typeof POSTURES)[number];

/** How far down a posture is: 0 up, 1 half, 2 hands, 3 down. */
export type PostureRank = 0 | 1 | 2 | 3;

const RANKS: Readonly<Record<Posture, PostureRank>> = {
  standing: 0,
  squat: 0,
  'half-kneeling': 1,
  kneeling: 1,
  quadruped: 2,
  plank: 2,
  seated: 3,
  supine: 3,
  prone: 3,
  'side-lying': 3,
};

/** What people sit on that is no floor. */
const SEATS: ReadonlySet<Kit> = new Set<Kit>(['chair', 'bench', 'rowing machine', 'bike']);

/** How far down people are, from 0 (up) to 3 (down on the floor): a chair, a bench or the seat of a machine is one step down. */
export function rankOf({ posture, kit }: { readonly posture: Posture; readonly kit: readonly Kit[] }): PostureRank {
  return posture === 'seated' && kit.some((item) => SEATS.has(item)) ? 1 : RANKS[posture];
}

/** How a coach announces a posture: "next, on your back". */
export const POSTURE_WORDS: Readonly<Record<Posture, string>> = {
  standing: 'standing',
  squat: 'standing, ready to squat',
  'half-kneeling': 'on one knee',
  kneeling: 'on both knees',
  quadruped: 'on hands and knees',
  plank: 'hands down, legs long',
  seated: 'sitting',
  supine: 'on your back',
  prone: 'on your front',
  'side-lying': 'on your side',
};
