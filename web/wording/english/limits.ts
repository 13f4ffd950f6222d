import { limitationOf } from '@prompt-spark/core/people/limitations';
import type { Because } from '@prompt-spark/core/people/ceilings';
import type { Limit } from '@prompt-spark/core/people/limitation';

type Of<Kind extends Because['kind']> = Extract<Because, { kind: Kind }>;

/** A limit as a coach says it: “Wrist, left”. */
function name(limit: Limit): string {
  const side = limit.side === 'both' ? '' : `, ${limit.side}`;
  if (limit.kind === 'own') return `${limit.capped} up to ${limit.most}${side}`;
  return `${limitationOf(limit.limitationId)?.name ?? limit.limitationId}${side}`;
}

/** What somebody may not do, and why. */
export const limits = {
  name,
  because: {
    limit: ({ limit }: Of<'limit'>) => name(limit),
    today: ({ state }: Of<'today'>) => `${state} today`,
    sore: ({ region }: Of<'sore'>) => `sore ${region} today`,
    hold: ({ why }: Of<'hold'>) => `${why}, not cleared yet`,
  },
};
