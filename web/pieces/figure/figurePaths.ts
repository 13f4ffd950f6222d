import type { Disc, Drawing, Point, Stroke } from '@prompt-spark/core/figure/drawing';

/** The parts a figure is drawn in, from back to front. */
export const LAYERS = ['behind', 'props', 'solids', 'partner', 'far', 'near', 'head', 'prepared'] as const;
export type Layer = (typeof LAYERS)[number];
export type FigurePaths = Readonly<Record<Layer, string>>;

/** Radius of a dot on a joint that is prepared, in statures. */
const DOT = 0.021;

/** A drawing as SVG path data, one string a layer: a frame of the animation sets what changed of eight attributes
 * and nothing else. */
export function figurePaths(drawing: Drawing): FigurePaths {
  const { discs, head, partnerHead } = drawing;
  return {
    behind: lines(drawing.behind),
    props:
      lines(drawing.props) +
      discs
        .filter(({ filled }) => !filled)
        .map(round)
        .join(''),
    solids: discs
      .filter(({ filled }) => filled)
      .map(round)
      .join(''),
    partner: lines(drawing.partner) + (partnerHead ? round(partnerHead) : ''),
    far: lines(drawing.far),
    near: lines(drawing.trunk) + lines(drawing.near),
    head: round(head) + lines([drawing.nose]),
    prepared: drawing.prepared.map((centre) => round({ centre, radius: DOT, filled: true })).join(''),
  };
}

/** Whole ten-thousandths of stature: shorter to write than decimals, and much quicker. */
export const UNIT = 10_000;
const whole = (value: number): number => Math.round(value * UNIT);
const at = ([x, y]: Point): string => `${whole(x)} ${whole(y)}`;

function lines(strokes: readonly Stroke[]): string {
  return strokes.map(({ points, closed }) => `M${points.map(at).join('L')}${closed ? 'Z' : ''}`).join('');
}

function round({ centre: [x, y], radius }: Disc): string {
  const r = whole(radius);
  return `M${at([x - radius, y])}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;
}
