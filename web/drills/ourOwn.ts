import type { Sides } from '@prompt-spark/core/dose/dose';
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Kit } from '@prompt-spark/core/drills/kit';
import { idFromName } from '@prompt-spark/core/drills/rung';
import { capital } from '../wording/capital.ts';

/** What a coach says of a drill of their own, where the rest is as in another. */
export interface OurOwn {
  readonly name: string;
  readonly sides: Sides;
  readonly kit: readonly Kit[];
}

/** A drill of the studio's own after one that it is like: it has everything of it but what was said, and is still to be completed. */
export function ourOwn(like: Drill, { name, sides, kit }: OurOwn): Drill {
  const sidesAllowed = like.sidesAllowed.includes(sides) ? like.sidesAllowed : ([sides, ...like.sidesAllowed] as const);
  return {
    ...like,
    id: `own-${idFromName(name)}`.slice(0, 64),
    name: capital(name),
    aliases: [],
    kit,
    sidesAllowed,
    usual: { ...like.usual, sides },
    ladder: like.ladder.map(({ aliases: _, ...rung }) => (rung.rung === 0 ? { ...rung, kit } : rung)),
    unfinished: true,
  };
}
