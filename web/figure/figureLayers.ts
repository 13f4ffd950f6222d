import type { Drawing, Piece, Stroke } from '@prompt-spark/core/figure/drawing';
import { circle, pointOn, type Arc, type Disc, type Patch } from '@prompt-spark/core/figure/outline';
import type { Point } from '@prompt-spark/core/figure/camera';

/** How a layer is drawn: names of the theme's colours, and the width of its line in ten-thousandths of stature. */
export interface LayerLook {
  readonly stroke?: string;
  readonly width?: number;
  readonly fill?: string;
}
export const LOOK = {
  ground: { stroke: '--soft', width: 90 },
  heading: { stroke: '--soft', width: 110 },
  behind: { stroke: '--line', width: 200 },
  props: { stroke: '--figure-prop', width: 130 },
  solids: { stroke: '--figure-prop', width: 130, fill: '--figure-prop' },
  halo: { fill: '--figure-ground' },
  near: { fill: '--ink' },
  far: { fill: '--figure-far' },
  partner: { fill: '--figure-partner' },
  hair: { fill: '--figure-hair' },
  prepared: { stroke: '--figure-ground', width: 80, fill: '--spark' },
} as const satisfies Readonly<Record<string, LayerLook>>;
export type LookName = keyof typeof LOOK;

/** Dashes of the floor and the gaps between them, in ten-thousandths of stature. */
export const GROUND_DASH = 300;

/** Radius of a dot on a joint that is prepared, in statures. */
const DOT = 0.019;

/** What a layer is traced with: points and radii in statures. */
export interface Pen {
  moveTo(x: number, y: number): void;
  lineTo(x: number, y: number): void;
  closePath(): void;
  /** Goes straight to where an arc begins, and round it. */
  arc(arc: Arc): void;
}

/** A part of the picture that is painted at once. */
export interface Layer {
  readonly look: LookName;
  readonly trace: (pen: Pen) => void;
}

/** The parts a figure is drawn in, from back to front; neighbours of one look are one. */
export function layersOf(drawing: Drawing): readonly Layer[] {
  const { behind, props, discs, pieces, prepared } = drawing;
  const layers: Layer[] = [
    { look: 'behind', trace: (pen) => lines(behind, pen) },
    {
      look: 'props',
      trace: (pen) => {
        lines(props, pen);
        round(discs, false, pen);
      },
    },
    { look: 'solids', trace: (pen) => round(discs, true, pen) },
  ];
  for (const [look, own] of runsOf(pieces))
    layers.push({ look, trace: (pen) => own.forEach((one) => piece(one, pen)) });
  layers.push({ look: 'prepared', trace: (pen) => dots(prepared, pen) });
  return layers;
}

/** Pieces that follow one another in one look. */
function runsOf(pieces: readonly Piece[]): readonly (readonly [LookName, readonly Piece[]])[] {
  const runs: [LookName, Piece[]][] = [];
  for (const one of pieces) {
    const look = lookOf(one);
    const last = runs.at(-1);
    if (last?.[0] === look) last[1].push(one);
    else runs.push([look, [one]]);
  }
  return runs;
}

const lookOf = ({ kind, tone }: Piece): LookName => (tone === 'prop' ? (kind === 'line' ? 'props' : 'solids') : tone);

function piece(one: Piece, pen: Pen): void {
  if (one.kind === 'line') lines(one.strokes, pen);
  else patch(one, pen);
}

function patch({ outlines }: Patch, pen: Pen): void {
  for (const arcs of outlines) outline(arcs, pen);
}

function outline(arcs: readonly Arc[], pen: Pen): void {
  const [first] = arcs;
  if (!first) return;
  pen.moveTo(...pointOn(first, first.from));
  for (const arc of arcs) pen.arc(arc);
  pen.closePath();
}

function lines(strokes: readonly Stroke[], pen: Pen): void {
  for (const stroke of strokes) line(stroke, pen);
}

function line({ points, closed }: Stroke, pen: Pen): void {
  points.forEach(([x, y], index) => (index === 0 ? pen.moveTo(x, y) : pen.lineTo(x, y)));
  if (closed) pen.closePath();
}

function round(discs: readonly Disc[], filled: boolean, pen: Pen): void {
  for (const one of discs) if (one.filled === filled) outline([circle(one)], pen);
}

function dots(points: readonly Point[], pen: Pen): void {
  for (const centre of points) outline([circle({ centre, radius: DOT })], pen);
}
