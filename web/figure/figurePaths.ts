import type { Drawing } from '@prompt-spark/core/figure/drawing';
import { LAYERS, traceLayer, type Layer, type Pen } from './figureLayers.ts';

export type FigurePaths = Readonly<Record<Layer, string>>;

/** Whole ten-thousandths of stature: shorter to write than decimals. */
export const UNIT = 10_000;

/** A drawing as SVG path data, one string a layer. */
export function figurePaths(drawing: Drawing): FigurePaths {
  return Object.fromEntries(
    LAYERS.map((layer) => {
      const pen = new PathPen();
      traceLayer(layer, drawing, pen);
      return [layer, pen.path];
    }),
  ) as Record<Layer, string>;
}

/** Writes SVG path data. */
class PathPen implements Pen {
  path = '';
  moveTo(x: number, y: number): void {
    this.path += `M${at(x, y)}`;
  }
  lineTo(x: number, y: number): void {
    this.path += `L${at(x, y)}`;
  }
  closePath(): void {
    this.path += 'Z';
  }
  disc(x: number, y: number, radius: number): void {
    const r = whole(radius);
    this.path += `M${at(x - radius, y)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;
  }
}

const whole = (value: number): number => Math.round(value * UNIT);
const at = (x: number, y: number): string => `${whole(x)} ${whole(y)}`;
