import type { Seconds } from './units.ts';

/** Seconds as read on a clock: 7:45. */
export function clockWords(seconds: Seconds): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
