import type { RunSummary } from '@prompt-spark/contract/run';
import type { RunLine } from '@prompt-spark/core/formats/runCsv';
import { timeOfDay } from '@prompt-spark/core/circuit/wallClock';
import { calendarDay, secondsOfDay } from '../wording/clock.ts';

/** A run as a line of the file that the log is saved as; day and time are those of its site. */
export function runLine(run: RunSummary): RunLine {
  const zone = run.timeZone ?? undefined;
  return {
    day: calendarDay(run.startedAt, zone),
    time: timeOfDay(secondsOfDay(new Date(run.startedAt), zone)),
    title: run.circuitTitle,
    group: run.groupName ?? '',
    site: run.siteName ?? '',
    coach: run.coachName,
    planned: run.planned,
    actual: run.actual,
    paused: run.paused,
    endedEarly: run.endedEarly,
    effort: run.effort,
    warm: run.warm,
    note: run.note,
  };
}
