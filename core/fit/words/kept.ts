import { slotsOf, type Circuit } from '../../circuit/circuit.ts';
import type { FitRecipe } from '../../circuit/shortVersion.ts';
import { clockWords } from '../../clockWords.ts';
import type { Segment, Timeline } from '../../timeline/timeline.ts';
import type { Occasion } from '../../occasion/occasion.ts';
import { isRaising } from '../../drills/kinds.ts';
import { drillIn } from '../../drills/onRung.ts';

/** What a fitted circuit still has: each essential part with its drills and seconds, pins, and raising before fast work. */
export function keptWords(
  circuit: Circuit,
  { segments }: Pick<Timeline, 'segments'>,
  occasion: Occasion,
  { refused }: FitRecipe,
): readonly string[] {
  const { library } = occasion;
  const placed = circuit.blocks.flatMap((block) =>
    slotsOf(block).flatMap((slot) => {
      const drill = drillIn(slot, library);
      return drill ? [{ slot, drill, phase: block.phase }] : [];
    }),
  );
  const parts = occasion.approach.essential.flatMap((phase) => {
    const own = placed.filter((one) => one.phase === phase);
    if (own.length === 0) return [];
    const work = workIn(segments.filter((segment) => segment.phase === phase));
    const names = own.map(({ drill }) => drill.name.toLowerCase());
    return [
      `${phase.charAt(0).toUpperCase()}${phase.slice(1)} still has ${names.join(', ')}: ${clockWords(work)} of work.`,
    ];
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
    ...(pins.length > 0
      ? [`Kept because you said so: ${pins.map(({ drill }) => drill.name.toLowerCase()).join(', ')}.`]
      : []),
    ...(fast ? [`${clockWords(raised)} of raising before the fast work.`] : []),
    ...(occasion.ceilings && occasion.ceilings.length > 0 ? ['Nobody is given anything they may not do.'] : []),
  ];
}

function workIn(segments: readonly Segment[]): number {
  return segments.reduce((sum, { kind, length }) => (kind === 'work' ? sum + length : sum), 0);
}
