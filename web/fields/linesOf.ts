/** What is written in some text, a line each; empty lines are none. */
export const linesOf = (text: string): readonly string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
