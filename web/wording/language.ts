import type { English } from './english.ts';

/** What another language says of each room, in the shape of the English; a room that it lacks speaks English. */
export type Language = { readonly [Room in keyof English]?: English[Room] };

let chosen: Language = {};

/** Chooses the language. A room keeps the one that it was first read in, so this comes before the pages are loaded. */
export function choose(language: Language): void {
  chosen = language;
}

/** What a room says, in the language that was chosen. */
export const inLanguage = <Room extends keyof English>(room: Room, english: English[Room]): English[Room] =>
  chosen[room] ?? english;
