import { MOST_PROBLEMS, type ImportProblem } from '@prompt-spark/contract/import';

/** Letters of a problem that are told. */
const MOST_TOLD = 300;

/** What is wrong with a file, as far as it is told. */
export class Problems {
  readonly all: ImportProblem[] = [];

  add(line: number, message: string): void {
    if (this.all.length < MOST_PROBLEMS) this.all.push({ line, message: message.slice(0, MOST_TOLD) });
  }
}
