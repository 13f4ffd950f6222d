import type { Change } from './change.ts';
import type { Posture } from './posture.ts';

/** What a drill can ask of a body part. */
export const DEMANDS = [
  'knee bend',
  'knee kneeling',
  'knee impact',
  'knee twist',
  'hip range',
  'hip load',
  'ankle range',
  'ankle impact',
  'back bending',
  'back arching',
  'back twisting',
  'back load',
  'neck movement',
  'shoulder overhead',
  'shoulder bearing',
  'shoulder behind',
  'wrist bearing',
  'grip',
  'balance',
  'getting down',
  'lying supine',
  'lying prone',
  'head below heart',
  'holding hard',
  'impact',
  'pressure',
] as const;
export type Demand = (typeof DEMANDS)[number];

/** How much is asked: 1 a little, 2 clearly, 3 fully; what is not listed is not asked. */
export type Demands = Readonly<Partial<Record<Demand, 0 | 1 | 2 | 3>>>;

/** How much of one thing is asked, 0 where nothing is said of it. */
export function demandOf(demands: Demands, demand: Demand): number {
  return demands[demand] ?? 0;
}

/** What a posture asks by itself, whatever is done in it. */
export const POSTURE_DEMANDS: Readonly<Record<Posture, Demands>> = {
  standing: {},
  squat: {},
  'half-kneeling': { 'knee kneeling': 3, 'getting down': 2, balance: 1 },
  kneeling: { 'knee kneeling': 3, 'getting down': 2 },
  quadruped: { 'knee kneeling': 2, 'wrist bearing': 2, 'shoulder bearing': 1, 'getting down': 2 },
  plank: { 'wrist bearing': 3, 'shoulder bearing': 2, 'getting down': 2 },
  seated: {},
  supine: { 'lying supine': 3, 'getting down': 3 },
  prone: { 'lying prone': 3, 'getting down': 3 },
  'side-lying': { 'getting down': 3 },
};

/** The quantities that each kind of change moves: a gentler rung never asks more in these than a stronger one. */
export const CHANGED_DEMANDS: Readonly<Record<Change, readonly Demand[]>> = {
  support: ['balance', 'wrist bearing', 'shoulder bearing'],
  range: [
    'knee bend',
    'hip range',
    'ankle range',
    'back bending',
    'back arching',
    'back twisting',
    'shoulder overhead',
    'shoulder behind',
    'neck movement',
  ],
  load: ['hip load', 'back load', 'shoulder bearing', 'wrist bearing', 'grip', 'holding hard'],
  speed: ['impact', 'knee impact', 'ankle impact'],
  stance: ['balance', 'hip load'],
  surface: ['balance', 'ankle range'],
};

/** Changes whose gentler rung must not be the harder work either. */
export const CHANGES_EFFORT: ReadonlySet<Change> = new Set<Change>(['load', 'speed', 'stance']);
