import type { FieldReading } from '@prompt-spark/core/whiteboard/field';
import { ref, watch, type Ref } from 'vue';
import { reportUnread } from './unreadFields.ts';
import { afterPaintRef } from '../painting/useAfterPaint.ts';

/** How a value is typed into a field. */
export interface Typing<T> {
  /** The value as it stands. */
  readonly value: () => T;
  readonly read: (text: string) => FieldReading<T>;
  readonly write: (value: T) => string;
  /** Takes what was read. */
  readonly take: (value: T) => void;
}

/** A field's text, and what is wrong with it. */
export interface TypedText {
  readonly text: Ref<string>;
  /** What was expected, as a sentence; empty where the text can be read. */
  readonly problem: Ref<string>;
  type(text: string): void;
  /** Writes the value as it is usually written, once the typing is done; what cannot be read stays. */
  settle(): void;
}

/**
 * A value that is typed as text. What is typed stays as it is typed, also while it cannot be read; only where the
 * value becomes another, as by an undo, is the text written anew. The value may follow what was taken some frames later: it
 * is still the one that was typed, whatever has been typed since.
 */
export function useTypedText<T>({ value, read, write, take }: Typing<T>): TypedText {
  // A field shows a letter by itself: it is drawn anew when that has been painted.
  const text = afterPaintRef(write(value()));
  const problem = ref('');
  /** What was last taken, as it is written; undefined once the value has become another. */
  let taken: string | undefined;
  reportUnread(problem);

  watch(
    () => write(value()),
    (written) => {
      if (written === taken) return;
      taken = undefined;
      text.value = written;
      problem.value = '';
    },
  );

  function type(typed: string): void {
    text.value = typed;
    const reading = read(typed);
    problem.value = reading.ok ? '' : reading.expected;
    if (!reading.ok) return;
    taken = write(reading.value);
    take(reading.value);
  }

  function settle(): void {
    const reading = read(text.value);
    if (reading.ok) text.value = write(reading.value);
  }

  return { text, problem, type, settle };
}
