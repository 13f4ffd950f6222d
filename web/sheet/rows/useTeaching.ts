import { MOST_SAID } from '@prompt-spark/core/drills/taughtWord';
import { nameSaid } from '@prompt-spark/core/reading/understand';
import type { Named } from '@prompt-spark/core/reading/nameIndex';
import { useWordsStore } from '../../library/words.ts';
import { useAction } from '../../shell/useAction.ts';
import { useEditingStore } from '../store/editing.ts';

/** What a coach says of a line whose drill was not known for sure: it is settled on the sheet, and the studio remembers the word. */
export function useTeaching() {
  const editing = useEditingStore();
  const words = useWordsStore();
  const { act, busy } = useAction();

  /** Remembers that what a line calls its drill means this one. */
  async function teach(typed: string, { drill, rungId }: Named): Promise<void> {
    const said = nameSaid(typed).slice(0, MOST_SAID);
    if (said !== '') await act(() => words.teach([{ said, drillId: drill.id, rung: rungId }]));
  }

  /** The guess was right. */
  async function yes(lineId: string, typed: string, named: Named): Promise<void> {
    editing.confirm(lineId);
    await teach(typed, named);
  }

  /** Another drill was meant. */
  async function means(lineId: string, typed: string, named: Named): Promise<void> {
    if (editing.readLineAs(lineId, typed, named)) await teach(typed, named);
  }

  return { yes, means, busy };
}
