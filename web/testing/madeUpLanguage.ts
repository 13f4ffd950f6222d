import type { English } from '../wording/english.ts';
import { choose, type Language } from '../wording/language.ts';

/** The English with every sentence in brackets of its own. */
function bracketed(said: unknown): unknown {
  if (typeof said === 'string') return `⟦${said}⟧`;
  if (Array.isArray(said)) return said.map(bracketed);
  if (typeof said === 'function') return (...given: unknown[]) => bracketed(Reflect.apply(said, undefined, given));
  if (typeof said !== 'object' || said === null) return said;
  return Object.fromEntries(Object.entries(said).map(([key, value]) => [key, bracketed(value)]));
}

const ROOMS = Object.assign(
  {},
  ...Object.values(import.meta.glob<object>('../wording/english/*.ts', { eager: true })),
) as English;

// A room keeps the language that it was first read in, so a test takes this file in before any page.
choose(bracketed(ROOMS) as Language);

/** A text without what stands in brackets, one within another too. */
function withoutBrackets(text: string): string {
  const rest = text.replace(/⟦[^⟦⟧]*⟧/g, '');
  return rest === text ? text : withoutBrackets(rest);
}

const READ_OUT = ['aria-label', 'title', 'placeholder', 'alt'];

/** What the page shows or has read out that is not in the made-up language. */
export function notMadeUp(): readonly string[] {
  const named = [...document.body.querySelectorAll('*')].flatMap((element) =>
    READ_OUT.map((name) => element.getAttribute(name) ?? ''),
  );
  const texts: string[] = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  while (walker.nextNode()) {
    if (walker.currentNode.parentElement?.tagName !== 'STYLE') texts.push(walker.currentNode.textContent ?? '');
  }
  // How a day is typed, dd/mm/yyyy, is a format and no sentence.
  return [...named, ...texts].map(withoutBrackets).filter((text) => /\p{L}{2}/u.test(text) && !/^[dmy/]+$/.test(text));
}
