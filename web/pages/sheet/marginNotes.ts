import type { Circuit, DrillLibrary, Timeline } from '@prompt-spark/core';
import type { UnreadLine } from '@prompt-spark/core/circuit/circuit';
import { nameAsTyped, readLine } from '@prompt-spark/core/whiteboard/lineReader';
import { clock } from '../../pieces/clock.ts';

/** A note in the margin: what is so, what to do about it, and the line it speaks of. */
export interface MarginNote {
  readonly id: string;
  readonly severity: 'warn' | 'note';
  readonly title: string;
  readonly words: string;
  readonly lineId?: string;
  /** Ways to write the line that can be read. */
  readonly fixes: readonly { readonly label: string; readonly text: string }[];
}

/** The notes on lines that cannot be read and on the time. The rules of the trade join them with the circuit desk. */
export function marginNotes(circuit: Circuit, timeline: Timeline, library: DrillLibrary): readonly MarginNote[] {
  const unread = [...circuit.unread, ...circuit.blocks.flatMap((block) => block.lines)].filter(
    (line): line is UnreadLine => line.kind === 'unread',
  );
  return [...unread.flatMap((line) => unreadNote(line, library)), ...timeNotes(circuit, timeline)];
}

function unreadNote(line: UnreadLine, library: DrillLibrary): readonly MarginNote[] {
  const read = readLine(line.text, library, line.id);
  const problem = read.kind === 'problem' ? read.problem : undefined;
  const typed = nameAsTyped(line.text);
  return [
    {
      id: line.id,
      severity: 'warn',
      title: `“${line.text}” cannot be read`,
      words: problem
        ? `Column ${problem.column}: expected ${problem.expected}.`
        : 'It can be read now: enter it again.',
      lineId: line.id,
      fixes: (problem?.nearest ?? []).map((name) => ({ label: name, text: name + line.text.slice(typed.length) })),
    },
  ];
}

function timeNotes({ available }: Circuit, { total }: Timeline): readonly MarginNote[] {
  if (available === 0 || total.plan <= available) return [];
  const over = clock(total.plan - available);
  const low = total.low <= available ? `At the low end of every range it fits: ${clock(total.low)}.` : '';
  return [
    {
      id: 'over',
      severity: 'warn',
      title: `${over} over the ${clock(available)} there is`,
      words: `${low} Shorten a dose, let sides alternate, or take something out.`.trim(),
      fixes: [],
    },
  ];
}
