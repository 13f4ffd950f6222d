import type { Effort } from '@prompt-spark/core/units';
import type { FuseStretch } from './fuseShape.ts';

/** Stretches of the fuse that look alike, as one path: a long circuit has some five hundred stretches. */
export interface FuseStroke {
  readonly key: string;
  /** SVG path, in pixels from the fuse's left end and from its middle, downwards. */
  readonly path: string;
  /** The effort of the work, 0–10; null for thread. */
  readonly effort: Effort | null;
  readonly rest: boolean;
  readonly burnt: boolean;
  readonly chosen: boolean;
  readonly cut: boolean;
}

/** What sets stretches apart from others of their effort. */
export interface FuseMarks {
  /** How many stretches from the left have burnt away. */
  readonly burnt: number;
  /** The slot to stress. */
  readonly selected: string | undefined;
  /** Slots that drop out. */
  readonly cut: ReadonlySet<string> | undefined;
}

/** Groups stretches by how they look. A cut slot keeps a path of its own, so that each drops when it is cut. */
export function fuseStrokes(stretches: readonly FuseStretch[], marks: FuseMarks): readonly FuseStroke[] {
  const groups = new Map<string, { stroke: Omit<FuseStroke, 'key' | 'path'>; paths: string[] }>();
  stretches.forEach((stretch, index) => {
    const { effort, rest, segment } = stretch;
    const work = effort !== null;
    const stroke = {
      effort,
      rest,
      burnt: index < marks.burnt,
      chosen: work && segment.slotId === marks.selected,
      cut: work && marks.cut?.has(segment.slotId) === true,
    };
    const { burnt, chosen, cut } = stroke;
    const key = [work ? effort : rest ? 'rest' : 'thread', burnt && 'burnt', chosen && 'chosen', cut && segment.slotId]
      .filter((part) => part !== false)
      .join(' ');
    const path = work ? pill(stretch, thickness(effort)) : `M${at(stretch.x)} 0h${at(stretch.width)}`;
    const group = groups.get(key);
    if (group) group.paths.push(path);
    else groups.set(key, { stroke, paths: [path] });
  });
  return [...groups].map(([key, { stroke, paths }]) => ({ key, path: paths.join(''), ...stroke }));
}

/** How thick work of an effort is drawn, in pixels. */
export function thickness(effort: Effort): number {
  return 7 + effort * 1.35;
}

/** A bar with round ends about the middle; one narrower than it is thick is as round as its width allows. */
function pill({ x, width }: FuseStretch, thick: number): string {
  const r = Math.min(thick, width) / 2;
  const [across, down] = [at(width - 2 * r), at(thick - 2 * r)];
  const corner = (dx: number, dy: number) => `a${at(r)} ${at(r)} 0 0 1 ${at(dx)} ${at(dy)}`;
  return [
    `M${at(x + r)} ${at(-thick / 2)}h${across}${corner(r, r)}v${down}${corner(-r, r)}`,
    `h-${across}${corner(-r, -r)}v-${down}${corner(r, -r)}z`,
  ].join('');
}

/** A hundredth of a pixel is as near as anybody sees. */
function at(pixels: number): string {
  return String(Math.round(pixels * 100) / 100);
}
