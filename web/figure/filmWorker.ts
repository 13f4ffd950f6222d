import { Films, type FilmOrder } from './films.ts';

const films = new Films((paint) => requestAnimationFrame(paint));

self.onmessage = ({ data }: MessageEvent<FilmOrder>) => films.follow(data);
