import { clockWords as clock } from '@prompt-spark/core/clockWords';
import type { Posture } from '@prompt-spark/core/drills/posture';
import { targets } from './targets.ts';
import type { SwapReason } from '@prompt-spark/core/swaps/swapReason';

type Of<Kind extends SwapReason['kind']> = Extract<SwapReason, { kind: Kind }>;

const IN: Readonly<Record<Posture, string>> = {
  standing: 'standing',
  squat: 'standing',
  'half-kneeling': 'on one knee',
  kneeling: 'kneeling',
  quadruped: 'on hands and knees',
  plank: 'on hands and toes',
  seated: 'sitting',
  supine: 'on the back',
  prone: 'on the front',
  'side-lying': 'on the side',
};

/** Why a swap would do. */
export const reasons = {
  version: ({ harder, changes }: Of<'version'>) =>
    `${harder ? 'a harder version' : 'an easier version'}${changes.length > 0 ? ` (${changes.join(' and ')})` : ''}`,
  'other target': ({ now, planned }: Of<'other target'>) => `${targets[now]} instead of ${targets[planned]}`,
  'same target': ({ target }: Of<'same target'>) => `same ${targets[target]}`,
  'much the same': () => 'much the same',
  posture: ({ now, planned }: Of<'posture'>) => `${IN[now]} instead of ${IN[planned]}`,
  needs: ({ kit }: Of<'needs'>) => `needs ${kit.join(' and ')}`,
  'known well': () => 'knows it well',
  'keeps the time': ({ seconds }: Of<'keeps the time'>) => `keeps the ${clock(seconds)}`,
  'in the circuit': () => 'is in this circuit already',
  'nothing like it': () => 'nothing with the same purpose fits',
  breathing: () => 'calm breathing for the time',
  again: () => 'again, as it is tolerated',
};
