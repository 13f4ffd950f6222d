import type { Standards } from '@prompt-spark/contract/standard';
import type { Approach } from '@prompt-spark/core/approach/approach';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import type { MainSession } from '@prompt-spark/core/approach/mainSession';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';

/** Every approach, the studio's default first. */
export function approachesIn({ approaches, defaultApproach }: Standards): readonly Approach[] {
  const all = [...APPROACHES, ...approaches.map(({ document }) => document)];
  const first = all.find(({ id }) => id === defaultApproach);
  return first ? [first, ...all.filter((approach) => approach !== first)] : all;
}

/** Every main session, the studio's own first: its words win over those that ship. */
export const mainSessionsIn = ({ sessions }: Standards): readonly MainSession[] => [
  ...sessions.map(({ document }) => document),
  ...MAIN_SESSIONS,
];
