import Joi from 'joi';
import { listOf, oneOf, shape, whole } from './fields.ts';

/** People, or drills, that one file may bring in. */
export const MOST_IMPORTED = 5_000;

/** Faults of a file that are told; there may be more. */
export const MOST_PROBLEMS = 100;

/** A CSV file to be taken in whole or not at all. Under an id it can be watched, and called off. */
export interface FileImport {
  readonly csv: string;
  readonly id?: string;
}

export const fileImportSchema = shape<FileImport>({
  csv: Joi.string().max(1_900_000).required(),
  id: Joi.string().lowercase().guid({ separator: '-', wrapper: false }).optional(),
});

/** How far an import is: how many are taken in, of how many; 0 of 0 while the file is being read. */
export interface ImportProgress {
  readonly done: number;
  readonly total: number;
  readonly state: 'running' | 'ended' | 'called off';
}

export const importProgressSchema = shape<ImportProgress>({
  done: whole(0, MOST_IMPORTED),
  total: whole(0, MOST_IMPORTED),
  state: oneOf('running', 'ended', 'called off'),
});

/** What is wrong with a line of an import. */
export interface ImportProblem {
  readonly line: number;
  readonly message: string;
}

/** What came of an import: how many were taken in, or what was wrong, line by line, and nothing was. */
export interface ImportReport {
  readonly added: number;
  readonly same: number;
  readonly problems: readonly ImportProblem[];
}

export const importReportSchema = shape<ImportReport>({
  added: whole(0, MOST_IMPORTED),
  same: whole(0, 100_000),
  problems: listOf(shape<ImportProblem>({ line: whole(1, 10_000_000), message: Joi.string().required() })).max(
    MOST_PROBLEMS,
  ),
});
