import { MOST_TAGS } from './bounds.ts';

/** The tags in a line with commas between: small letters, each once. */
export function readTags(line: string): readonly string[] {
  const tags = line
    .toLowerCase()
    .split(',')
    .map((tag) => tag.trim().replaceAll(/\s+/g, ' '))
    .filter((tag) => tag !== '');
  return [...new Set(tags)].slice(0, MOST_TAGS);
}
