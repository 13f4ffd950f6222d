/** A present with what came before it and what was undone. */
export interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
  /** What the last change was about; a further change of the same thing joins it. */
  readonly about: string;
}

const REMEMBERED = 500;

/** A history that begins now. */
export function beginHistory<T>(present: T): History<T> {
  return { past: [], present, future: [], about: '' };
}

/**
 * The history with a change. Changes with the same non-empty `about` that follow each other count as one, so that
 * typing a number is undone as a whole.
 */
export function changed<T>(history: History<T>, present: T, about = ''): History<T> {
  if (present === history.present) return history;
  const joins = about !== '' && about === history.about && history.past.length > 0;
  const past = joins ? history.past : [...history.past, history.present].slice(-REMEMBERED);
  return { past, present, future: [], about };
}

/** One change back; the same history where there is none. */
export function undone<T>({ past, present, future, ...rest }: History<T>): History<T> {
  const before = past.at(-1);
  if (before === undefined) return { past, present, future, ...rest };
  return { past: past.slice(0, -1), present: before, future: [present, ...future], about: '' };
}

/** One undone change forward again; the same history where there is none. */
export function redone<T>({ past, present, future, ...rest }: History<T>): History<T> {
  const [next, ...later] = future;
  if (next === undefined) return { past, present, future, ...rest };
  return { past: [...past, present], present: next, future: later, about: '' };
}
