import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import type { UnreadLine } from '@prompt-spark/core/circuit/circuit';
import type { Finding, Fix, Severity } from '@prompt-spark/core/review/finding';
import { nameAsTyped, readLine } from '@prompt-spark/core/whiteboard/lineReader';
import { findingAdvice, findingTitle, fixLabel, sourceWords } from '../../wording/findingWords.ts';
import { say } from '../say.ts';

/** A note in the margin: what is so, what to do about it, where that comes from, and the lines it speaks of. */
export interface MarginNote {
  readonly id: string;
  readonly severity: Severity;
  readonly title: string;
  readonly words: string;
  readonly source: string;
  readonly lineIds: readonly string[];
  /** Ways to write the line that can be read. */
  readonly rewrites: readonly { readonly label: string; readonly text: string }[];
  readonly fix?: { readonly label: string; readonly change: Fix };
}

/** The notes on a circuit: lines that cannot be read, and what its review found, the gravest first. */
export function marginNotes(
  circuit: Circuit,
  findings: readonly Finding[],
  library: DrillLibrary,
): readonly MarginNote[] {
  const unread = [...circuit.unread, ...circuit.blocks.flatMap((block) => block.lines)].filter(
    (line): line is UnreadLine => line.kind === 'unread',
  );
  return [...unread.map((line) => unreadNote(line, library)), ...findings.map(findingNote)];
}

function findingNote(finding: Finding): MarginNote {
  const { rule, severity, slotIds, fix } = finding;
  return {
    id: `${rule} ${slotIds.join(' ')}`,
    severity,
    title: findingTitle(finding),
    words: findingAdvice(finding),
    source: sourceWords(finding),
    lineIds: slotIds,
    rewrites: [],
    ...(fix ? { fix: { label: fixLabel(finding, fix), change: fix } } : {}),
  };
}

function unreadNote(line: UnreadLine, library: DrillLibrary): MarginNote {
  const read = readLine(line.text, library, line.id);
  const problem = read.kind === 'problem' ? read.problem : undefined;
  const typed = nameAsTyped(line.text);
  return {
    id: line.id,
    severity: 'warn',
    title: say.marginNotes.wasNotRead(line.text),
    words: problem ? say.marginNotes.itIsNot : say.marginNotes.itCanBeRead,
    source: '',
    lineIds: [line.id],
    rewrites: (problem?.nearest ?? []).map((name) => ({ label: name, text: name + line.text.slice(typed.length) })),
  };
}
