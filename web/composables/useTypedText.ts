import type { FieldReading } from '@prompt-spark/core/whiteboard/field';
import { ref, watch, type Ref } from 'vue';
import { reportUnread } from './unreadFields.ts';

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
 * value becomes another, as by an undo, is the text written anew.
 */
export function useTypedText<T>({ value, read, write, take }: Typing<T>): TypedText {
  const text = ref(write(value()));
  const problem = ref('');
  reportUnread(problem);

  watch(
    () => write(value()),
    (written) => {
      const typed = read(text.value);
      if (typed.ok && write(typed.value) === written) return;
      text.value = written;
      problem.value = '';
    },
  );

  function type(typed: string): void {
    text.value = typed;
    const reading = read(typed);
    problem.value = reading.ok ? '' : reading.expected;
    if (reading.ok) take(reading.value);
  }

  function settle(): void {
    if (problem.value === '') text.value = write(value());
  }

  return { text, problem, type, settle };
}
