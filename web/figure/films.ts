import type { Seconds } from '@prompt-spark/core/units';
import { paintFigure, type FigureCanvas, type FigureInk } from './figureCanvas.ts';
import { momentOf, sceneOf, type Scene, type Shot } from './figureShot.ts';
import { keyMoment } from './figureTime.ts';

/** What to show, and how many times as fast as it is done. */
export interface FilmCut {
  readonly shot: Shot;
  readonly speed: number;
}

/** What a page asks of its films, each by its number. */
export type FilmOrder =
  | { readonly kind: 'begin'; readonly film: number; readonly canvas: FigureCanvas; readonly ink: FigureInk }
  | { readonly kind: 'show'; readonly film: number; readonly cut: FilmCut }
  /** In pixels of the screen. */
  | { readonly kind: 'size'; readonly film: number; readonly width: number; readonly height: number }
  | { readonly kind: 'seen'; readonly film: number; readonly seen: boolean }
  | { readonly kind: 'end'; readonly film: number };

interface Film {
  readonly canvas: FigureCanvas;
  readonly ink: FigureInk;
  cut?: FilmCut;
  scene?: Scene;
  seen: boolean;
  /** Seconds of the motion, and the frame in which they were last counted. */
  elapsed: Seconds;
  counted?: Seconds;
}

/** Figures that move by themselves: those in sight are painted in every frame, all in one. */
export class Films {
  private readonly films = new Map<number, Film>();
  private running = false;

  /** @param nextFrame calls back once, at the next frame, with the time in milliseconds */
  constructor(private readonly nextFrame: (paint: (milliseconds: number) => void) => void) {}

  follow(order: FilmOrder): void {
    if (order.kind === 'begin') {
      this.films.set(order.film, { canvas: order.canvas, ink: order.ink, seen: false, elapsed: 0 });
      return;
    }
    const film = this.films.get(order.film);
    if (!film) return;
    switch (order.kind) {
      case 'show':
        // A film begins with its telling moment, and goes on from where it is when something about it changes.
        if (!film.cut) film.elapsed = keyMoment(order.cut.shot.motion, order.cut.shot.beat);
        film.cut = order.cut;
        film.scene = sceneOf(order.cut.shot);
        return paint(film);
      case 'size':
        film.canvas.width = order.width;
        film.canvas.height = order.height;
        return paint(film);
      case 'seen':
        film.seen = order.seen;
        delete film.counted;
        return this.run();
      case 'end':
        this.films.delete(order.film);
    }
  }

  private run(): void {
    if (this.running) return;
    this.running = true;
    this.nextFrame((milliseconds) => this.frame(milliseconds / 1000));
  }

  private frame(now: Seconds): void {
    this.running = false;
    const seen = [...this.films.values()].filter((film) => film.seen);
    for (const film of seen) {
      film.elapsed += (now - (film.counted ?? now)) * (film.cut?.speed ?? 1);
      film.counted = now;
      paint(film);
    }
    if (seen.length > 0) this.run();
  }
}

function paint({ canvas, ink, cut, scene, elapsed }: Film): void {
  const context = canvas.getContext('2d');
  if (!context || !cut || !scene || canvas.width === 0 || canvas.height === 0) return;
  paintFigure(context, scene, momentOf(cut.shot, scene, elapsed), ink);
}
