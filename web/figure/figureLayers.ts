import type { Disc, Drawing, Point, Stroke } from '@prompt-spark/core/figure/drawing';

/** The parts a figure is drawn in, from back to front. */
export const LAYERS = ['behind', 'props', 'solids', 'partner', 'far', 'near', 'head', 'prepared'] as const;
export type Layer = (typeof LAYERS)[number];

/** How a layer is drawn: names of the theme's colours, and the width of its line in ten-thousandths of stature. */
export interface LayerLook {
  readonly stroke: string;
  readonly width: number;
  readonly fill?: string;
}
export const LOOK: Readonly<Record<Layer | 'ground' | 'heading', LayerLook>> = {
  ground: { stroke: '--soft', width: 90 },
  heading: { stroke: '--soft', width: 110 },
  behind: { stroke: '--line', width: 200 },
  props: { stroke: '--figure-prop', width: 130 },
  solids: { stroke: '--figure-prop', width: 130, fill: '--figure-prop' },
  partner: { stroke: '--figure-partner', width: 340 },
  far: { stroke: '--figure-far', width: 340 },
  near: { stroke: '--ink', width: 440 },
  head: { stroke: '--ink', width: 220, fill: '--ink' },
  prepared: { stroke: '--card', width: 80, fill: '--spark' },
};
/** Dashes of the floor and the gaps between them, in ten-thousandths of stature. */
export const GROUND_DASH = 300;

/** Radius of a dot on a joint that is prepared, in statures. */
const DOT = 0.021;

/** What a layer is traced with: points and radii in statures. */
export interface Pen {
  moveTo(x: number, y: number): void;
  lineTo(x: number, y: number): void;
  closePath(): void;
  disc(x: number, y: number, radius: number): void;
}

/** Traces one layer of a drawing. */
export function traceLayer(layer: Layer, drawing: Drawing, pen: Pen): void {
  const { discs, head, partnerHead } = drawing;
  switch (layer) {
    case 'behind':
      return lines(drawing.behind, pen);
    case 'props':
      lines(drawing.props, pen);
      return round(discs, false, pen);
    case 'solids':
      return round(discs, true, pen);
    case 'partner':
      lines(drawing.partner, pen);
      if (partnerHead) disc(partnerHead, pen);
      return;
    case 'far':
      return lines(drawing.far, pen);
    case 'near':
      lines(drawing.trunk, pen);
      return lines(drawing.near, pen);
    case 'head':
      disc(head, pen);
      return line(drawing.nose, pen);
    case 'prepared':
      return dots(drawing.prepared, pen);
  }
}

function lines(strokes: readonly Stroke[], pen: Pen): void {
  for (const stroke of strokes) line(stroke, pen);
}

function line({ points, closed }: Stroke, pen: Pen): void {
  points.forEach(([x, y], index) => (index === 0 ? pen.moveTo(x, y) : pen.lineTo(x, y)));
  if (closed) pen.closePath();
}

function round(discs: readonly Disc[], filled: boolean, pen: Pen): void {
  for (const one of discs) if (one.filled === filled) disc(one, pen);
}

function disc({ centre: [x, y], radius }: Disc, pen: Pen): void {
  pen.disc(x, y, radius);
}

function dots(points: readonly Point[], pen: Pen): void {
  for (const [x, y] of points) pen.disc(x, y, DOT);
}
