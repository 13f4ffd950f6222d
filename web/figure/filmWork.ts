import type { FilmCut, FilmOrder } from './films.ts';
import type { FigureInk } from './figureCanvas.ts';

/** Whether this browser can paint beside the page. */
export const canFilm = typeof OffscreenCanvas !== 'undefined';

let worker: Worker | undefined;
let films = 0;

/** One figure painted beside the page: the page keeps its rate however many move, and whatever it does itself. */
export class FilmWork {
  private readonly film = (films += 1);

  /** Takes a canvas over for good. */
  constructor(canvas: HTMLCanvasElement, ink: FigureInk) {
    const taken = canvas.transferControlToOffscreen();
    order({ kind: 'begin', film: this.film, canvas: taken, ink }, [taken]);
  }

  show(cut: FilmCut): void {
    order({ kind: 'show', film: this.film, cut });
  }

  /** In pixels of the screen. */
  size(width: number, height: number): void {
    order({ kind: 'size', film: this.film, width, height });
  }

  /** Only what is seen moves. */
  seen(seen: boolean): void {
    order({ kind: 'seen', film: this.film, seen });
  }

  end(): void {
    order({ kind: 'end', film: this.film });
  }
}

function order(what: FilmOrder, given: Transferable[] = []): void {
  worker ??= new Worker(new URL('./filmWorker.ts', import.meta.url), { type: 'module' });
  worker.postMessage(what, given);
}
