import type { Drawing } from '@prompt-spark/core/figure/drawing';
import { layersOf, type LookName, type Pen } from './figureLayers.ts';

/** Whole ten-thousandths of stature: shorter to write than decimals. */
export const UNIT = 10_000;

/** One layer of a drawing as SVG path data. */
export interface FigurePath {
  readonly look: LookName;
  readonly path: string;
}

/** A drawing as SVG path data, from back to front, without layers that hold nothing. */
export function figurePaths(drawing: Drawing): readonly FigurePath[] {
  return layersOf(drawing).flatMap(({ look, trace }) => {
    const pen = new PathPen();
    trace(pen);
    return pen.path === '' ? [] : [{ look, path: pen.path }];
  });
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
    this.path += `M${at(x - radius, y)}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0Z`;
  }
}

const whole = (value: number): number => Math.round(value * UNIT);
const at = (x: number, y: number): string => `${whole(x)} ${whole(y)}`;
