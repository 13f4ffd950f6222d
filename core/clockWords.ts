import type { Seconds } from './units.ts';

/** Seconds as a coach reads them: 7:45, and 0:40 under a minute. Half seconds round to the nearest, up at the half. */
export function clockWords(seconds: Seconds): string {
  const whole = Math.max(0, Math.round(seconds));
  const minutes = Math.floor(whole / 60);
  const rest = String(whole % 60).padStart(2, '0');
  if (minutes < 60) return `${minutes}:${rest}`;
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}:${rest}`;
}
