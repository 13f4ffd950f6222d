/**
 * A cell that a spreadsheet would take for a formula and carry out, or one that is marked already. Such cells are written
 * with a ' in front (common practice against CSV injection, named by OWASP).
 */
export const FORMULA = /^'*[=+\-@\t\r]/;

/** A cell as it was before it was marked. */
export function unmarked(cell: string): string {
  return /^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell;
}
