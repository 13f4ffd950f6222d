import type { Prompt } from '../prompts/prompt.ts';
import type { Seconds } from '../units.ts';

/** A caption that is on for less cannot be read. */
const LEAST: Seconds = 1.5;

/**
 * Prompts as captions: WebVTT (W3C), one cue a prompt, from the second it is said on until it is said, and a moment more
 * where the next leaves room.
 */
export function writeWebVtt(title: string, prompts: readonly Prompt[]): string {
  const cues = prompts.map(({ at, length, text }, index) => {
    const next = prompts[index + 1]?.at ?? Infinity;
    const end = Math.min(next, at + Math.max(LEAST, length));
    return `${String(index + 1)}\n${stamp(at)} --> ${stamp(end)}\n${escaped(text)}\n`;
  });
  return [`WEBVTT\n\nNOTE\n${escaped(title)}\n`, ...cues].join('\n');
}

/** Hours, minutes, seconds and thousandths: 00:01:02.345. */
function stamp(seconds: Seconds): string {
  const thousandths = Math.round(seconds * 1000);
  const pad = (value: number, places: number): string => String(value).padStart(places, '0');
  const [hours, minutes] = [Math.floor(thousandths / 3_600_000), Math.floor(thousandths / 60_000) % 60];
  return `${pad(hours, 2)}:${pad(minutes, 2)}:${pad(Math.floor(thousandths / 1000) % 60, 2)}.${pad(thousandths % 1000, 3)}`;
}

/** In a caption &, < and > have meanings of their own, and a line break would end it. */
const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replace(/\s+/g, ' ').trim();
