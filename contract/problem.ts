import type { FieldError } from './check.ts';

/** An error on the wire, as application/problem+json (RFC 9457). */
export interface ProblemDetails {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  /** What was wrong, where, and what to do, in words for the person at the screen. */
  readonly detail: string;
  readonly errors?: readonly FieldError[];
  /** On a 409, what is stored now. */
  readonly current?: unknown;
}

export const PROBLEM_MEDIA_TYPE = 'application/problem+json';
