import type { Arc } from '@prompt-spark/core/figure/outline';
import type { ColourOf } from '../painting/useInk.ts';
import { GROUND_DASH, layersOf, LOOK, type LayerLook, type LookName, type Pen } from './figureLayers.ts';
import { UNIT } from './figurePaths.ts';
import type { Moment, Scene } from './figureShot.ts';

/** As much of a canvas as a figure needs, in the page or beside it. */
export interface FigureCanvas {
  width: number;
  height: number;
  getContext(kind: '2d'): FigureContext | null;
}

/** As much of its pen as a figure needs. */
export interface FigureContext extends Pick<
  CanvasRenderingContext2D,
  | 'arc'
  | 'beginPath'
  | 'clearRect'
  | 'closePath'
  | 'fillStyle'
  | 'lineCap'
  | 'lineDashOffset'
  | 'lineJoin'
  | 'lineTo'
  | 'lineWidth'
  | 'moveTo'
  | 'setLineDash'
  | 'strokeStyle'
> {
  readonly canvas: Pick<FigureCanvas, 'width' | 'height'>;
  setTransform(a: number, b: number, c: number, d: number, e: number, f: number): void;
  fill(): void;
  stroke(path?: Path2D): void;
}

/** The looks of the layers with colours a canvas understands. */
export type FigureInk = Readonly<Record<LookName, LayerLook>>;

/** The theme's colours for the looks of the layers. */
export function figureInk(colour: ColourOf): FigureInk {
  return Object.fromEntries(
    Object.entries(LOOK).map(([layer, { stroke, width, fill }]: readonly [string, LayerLook]) => [
      layer,
      { ...(stroke ? { stroke: colour(stroke), width } : {}), ...(fill ? { fill: colour(fill) } : {}) },
    ]),
  ) as Record<LookName, LayerLook>;
}

/** Draws a moment over the whole of a canvas, with the strokes of the SVG. */
export function paintFigure(context: FigureContext, scene: Scene, moment: Moment, ink: FigureInk): void {
  const { frame, ground, heading } = scene;
  const { drawing, shift, brought } = moment;
  const { width, height } = context.canvas;
  const scale = width / (frame.width * UNIT);
  const [left, top] = [-frame.x * UNIT * scale, -frame.y * UNIT * scale];
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, width, height);
  context.setTransform(scale, 0, 0, scale, left, top);
  context.lineJoin = 'round';
  context.lineCap = 'butt';
  context.setLineDash([GROUND_DASH]);
  context.lineDashOffset = shift;
  if (ground) strokePath(context, ground, ink.ground);
  context.setLineDash([]);
  context.lineCap = 'round';
  if (heading) strokePath(context, heading, ink.heading);
  context.setTransform(scale, 0, 0, scale, left + brought * scale, top);
  const pen = new CanvasPen(context);
  for (const { look, trace } of layersOf(drawing)) {
    const { stroke, width: line, fill } = ink[look];
    pen.begin();
    trace(pen);
    if (pen.empty) continue;
    if (fill) {
      context.fillStyle = fill;
      context.fill();
    }
    if (!stroke || !line) continue;
    context.strokeStyle = stroke;
    context.lineWidth = line;
    context.stroke();
  }
}

function strokePath(context: FigureContext, path: string, { stroke, width }: LayerLook): void {
  context.strokeStyle = stroke ?? '';
  context.lineWidth = width ?? 0;
  context.stroke(new Path2D(path));
}

/** Traces on a canvas whose unit is a ten-thousandth of stature. */
class CanvasPen implements Pen {
  empty = true;
  constructor(private readonly context: FigureContext) {}

  begin(): void {
    this.empty = true;
    this.context.beginPath();
  }
  moveTo(x: number, y: number): void {
    this.empty = false;
    this.context.moveTo(x * UNIT, y * UNIT);
  }
  lineTo(x: number, y: number): void {
    this.context.lineTo(x * UNIT, y * UNIT);
  }
  closePath(): void {
    this.context.closePath();
  }
  arc({ centre: [x, y], radius, from, to }: Arc): void {
    this.context.arc(x * UNIT, y * UNIT, radius * UNIT, from, to);
  }
}
