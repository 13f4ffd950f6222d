/** The tags in a line with commas between: small letters, each once. */
export function readTags(line: string): readonly string[] {
  const tags = line
    .toLowerCase()
    .split(',')
    .map((tag) => tag.trim().replaceAll(/\s+/g, ' '))
    .filter((tag) => tag !== '');
  return [...new Set(tags)];
}
