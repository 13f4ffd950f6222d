/** What an unserved person and an instruction weigh in the program. */
export const UNSERVED = 10_000;
export const CALLED = 100;
/**
 * The question of tracks as an integer program, written out independently: y(c) says an instruction is called, x(c, p) that
 * somebody is on it, u(p) that nobody serves them. A person unserved weighs more than any instruction, and an instruction
 * more than any score.
 */
export function tracksProgram(scores: readonly (readonly number[])[], people: number): string {
  const useful = scores.map((row, c) => ({ row, c })).filter(({ row }) => row.some((score) => score >= 0));
  const on = (p: number) => useful.filter(({ row }) => (row[p] ?? -1) >= 0);
  const persons = Array.from({ length: people }, (_, p) => p);
  const goal = [
    ...persons.map((p) => `${String(UNSERVED)} u${String(p)}`),
    ...useful.map(({ c }) => `${String(CALLED)} y${String(c)}`),
  ].join(' + ');
  const gains = persons.flatMap((p) =>
    on(p).map(({ row, c }) => ` - ${(row[p] ?? 0).toFixed(9)} x${String(c)}_${String(p)}`),
  );
  const rows = [
    ...persons.map(
      (p) => [...on(p).map(({ c }) => `x${String(c)}_${String(p)}`), `u${String(p)}`].join(' + ') + ' = 1',
    ),
    ...persons.flatMap((p) => on(p).map(({ c }) => `x${String(c)}_${String(p)} - y${String(c)} <= 0`)),
    ...(useful.length > 0 ? [`${useful.map(({ c }) => `y${String(c)}`).join(' + ')} <= 2`] : []),
  ];
  const binary = [
    ...persons.map((p) => `u${String(p)}`),
    ...useful.map(({ c }) => `y${String(c)}`),
    ...persons.flatMap((p) => on(p).map(({ c }) => `x${String(c)}_${String(p)}`)),
  ];
  return `Minimize\n obj: ${goal}${gains.join('')}\nSubject To\n${rows.map((row, at) => ` c${String(at)}: ${row}`).join('\n')}\nBinary\n ${binary.join(' ')}\nEnd\n`;
}
