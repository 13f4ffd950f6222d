import { pointOn, type Arc } from '@prompt-spark/core/figure/outline';
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
  arc(arc: Arc): void {
    const r = whole(arc.radius);
    // No arc ends where it begins: a circle is two halves.
    const parts = arc.to - arc.from > Math.PI ? 2 : 1;
    this.path += `L${at(...pointOn(arc, arc.from))}`;
    for (let part = 1; part <= parts; part += 1)
      this.path += `A${r} ${r} 0 0 1 ${at(...pointOn(arc, arc.from + ((arc.to - arc.from) * part) / parts))}`;
  }
}

const whole = (value: number): number => Math.round(value * UNIT);
const at = (x: number, y: number): string => `${whole(x)} ${whole(y)}`;
