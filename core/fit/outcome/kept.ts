import { slotsOf, type Circuit } from '../../circuit/circuit.ts';
import type { FitRecipe } from '../../circuit/shortVersion.ts';
import type { Segment, Timeline } from '../../timeline/timeline.ts';
import type { Occasion } from '../../occasion/occasion.ts';
import { isRaising } from '../../drills/kinds.ts';
import { drillIn } from '../../drills/onRung.ts';
import type { Phase } from '../../drills/phase.ts';
import type { Seconds } from '../../units.ts';

/** What a fitted circuit still has, or holds to. */
export type Kept =
  /** An essential part, with its drills and seconds of work. */
  | { readonly kind: 'part'; readonly phase: Phase; readonly drills: readonly string[]; readonly work: Seconds }
  | { readonly kind: 'pinned'; readonly drills: readonly string[] }
  /** Raising before the fast work. */
  | { readonly kind: 'raised'; readonly seconds: Seconds }
  /** Nobody is given anything over their ceilings. */
  | { readonly kind: 'ceilings' };

/** What a fitted circuit still has: each essential part, pins, and raising before fast work. */
export function keptIn(
  circuit: Circuit,
  { segments }: Pick<Timeline, 'segments'>,
  occasion: Occasion,
  { refused }: FitRecipe,
): readonly Kept[] {
  const { library } = occasion;
  const placed = circuit.blocks.flatMap((block) =>
    slotsOf(block).flatMap((slot) => {
      const drill = drillIn(slot, library);
      return drill ? [{ slot, drill, phase: block.phase }] : [];
    }),
  );
  const parts = occasion.approach.essential.flatMap((phase): readonly Kept[] => {
    const drills = placed.filter((one) => one.phase === phase).map(({ drill }) => drill.name);
    const work = workIn(segments.filter((segment) => segment.phase === phase));
    return drills.length > 0 ? [{ kind: 'part', phase, drills, work }] : [];
  });
  const pins = placed.filter(
    ({ slot }) => slot.pinned || refused.some(({ kind, id }) => kind === 'out' && id === slot.id),
  );
  const fast = segments.find(({ phase }) => phase === 'potentiate');
  const raising = (segment: Segment): boolean => {
    const drill = drillIn(segment, library);
    return segment.phase !== 'potentiate' && drill !== undefined && isRaising(drill);
  };
  const raised = workIn(segments.filter((segment) => segment.start < (fast?.start ?? 0) && raising(segment)));
  return [
    ...parts,
    ...(pins.length > 0 ? [{ kind: 'pinned', drills: pins.map(({ drill }) => drill.name) } as const] : []),
    ...(fast ? [{ kind: 'raised', seconds: raised } as const] : []),
    ...(occasion.ceilings && occasion.ceilings.length > 0 ? [{ kind: 'ceilings' } as const] : []),
  ];
}

function workIn(segments: readonly Segment[]): Seconds {
  return segments.reduce((sum, { kind, length }) => (kind === 'work' ? sum + length : sum), 0);
}
