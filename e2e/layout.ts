import type { Page } from 'playwright-core';

/**
 * Least side of what is pressed, in pixels: with a mouse by the Web Content Accessibility Guidelines 2.2, success criterion
 * 2.5.8; with a thumb by criterion 2.5.5, their enhanced one.
 */
const LEAST_TARGET = { mouse: 24, thumb: 44 } as const;
/** The smallest letters there are, in pixels. */
const LEAST_LETTERS = 13;

/** What is wrong with the layout of the page as it stands, in words. */
export const troubles = (page: Page) =>
  page.evaluate(
    ([targets, letters]) => {
      const found: string[] = [];
      const least = matchMedia('(pointer: coarse)').matches ? targets.thumb : targets.mouse;
      const wide = document.documentElement.scrollWidth - document.documentElement.clientWidth;
      if (wide > 0) found.push(`runs ${String(wide)} px past the edge`);

      const shown = (element: Element): boolean => {
        const { width, height } = element.getBoundingClientRect();
        const { visibility, opacity } = getComputedStyle(element);
        return element.checkVisibility() && width > 1 && height > 1 && visibility !== 'hidden' && opacity !== '0';
      };
      const nameOf = (element: Element) =>
        `${element.tagName.toLowerCase()} “${(element.getAttribute('aria-label') ?? element.textContent).trim().slice(0, 40)}”`;

      // Text that is cut off, and does not say so by an ellipsis.
      for (const element of document.querySelectorAll<HTMLElement>(
        'h1, h2, h3, p, a, button, span, td, th, li, label, dt, dd',
      )) {
        if (!shown(element) || element.closest('.visually-hidden, .v-field, [aria-hidden="true"]')) continue;
        const style = getComputedStyle(element);
        const cut =
          style.overflowX === 'hidden' &&
          style.textOverflow !== 'ellipsis' &&
          element.scrollWidth > element.clientWidth + 1;
        if (cut && element.textContent.trim() !== '' && element.children.length === 0)
          found.push(`${nameOf(element)} is cut off`);
      }

      // Text is large enough to be read, and not crushed to a word a line.
      for (const element of document.querySelectorAll<HTMLElement>(
        'h1, h2, h3, p, a, button, span, td, th, li, label',
      )) {
        if (!shown(element) || element.closest('.visually-hidden, [aria-hidden="true"], svg')) continue;
        const own = [...element.childNodes].filter(({ nodeType }) => nodeType === Node.TEXT_NODE);
        const words = own
          .map(({ textContent }) => (textContent ?? '').trim())
          .join(' ')
          .split(/\s+/)
          .filter(Boolean);
        const { fontSize, display } = getComputedStyle(element);
        if (words.length > 0 && parseFloat(fontSize) < letters)
          found.push(`${nameOf(element)} has letters of ${fontSize}`);
        const lines =
          element.getClientRects().length > 1 || display === 'inline'
            ? 0
            : element.clientHeight / parseFloat(fontSize) / 1.2;
        if (words.length >= 4 && element.children.length === 0 && lines >= words.length)
          found.push(`${nameOf(element)} has a word a line`);
      }

      // What is pressed is large enough, and nothing else that is pressed lies over it. Links in running text are as large as it.
      const pressed = [...document.querySelectorAll<HTMLElement>('button, a[href], input, [role="button"]')].filter(
        (element) => shown(element) && !element.closest('.visually-hidden, p, td, .v-overlay'),
      );
      for (const element of pressed) {
        const { width, height } = element.getBoundingClientRect();
        const inText = element.tagName === 'A' && getComputedStyle(element).display === 'inline';
        const field = element.closest('.v-field, .v-selection-control');
        if (!inText && !field && Math.min(width, height) < least - 0.5) {
          found.push(`${nameOf(element)} is ${String(Math.round(width))} × ${String(Math.round(height))} px`);
        }
      }
      // Nor does it lie past the edge of something that cuts it off and cannot be scrolled. A row of tabs has arrows for it.
      const cuts = (element: Element): boolean => {
        const { overflowX, contain, contentVisibility } = getComputedStyle(element);
        if (overflowX === 'auto' || overflowX === 'scroll') return false;
        return overflowX !== 'visible' || contentVisibility === 'auto' || /strict|content|paint/.test(contain);
      };
      for (const element of pressed) {
        const { left, right } = element.getBoundingClientRect();
        for (let around = element.parentElement; around; around = around.parentElement) {
          const edge = around.getBoundingClientRect();
          if (around.matches('.v-slide-group')) break;
          if (!cuts(around) || (left > edge.left - 2 && right < edge.right + 2)) continue;
          found.push(`${nameOf(element)} is cut off by its surroundings`);
          break;
        }
      }
      for (const element of pressed) {
        const { left, top, width, height } = element.getBoundingClientRect();
        const [x, y] = [left + width / 2, top + height / 2];
        if (x < 0 || y < 0 || x >= innerWidth || y >= innerHeight) continue;
        const over = document.elementFromPoint(x, y);
        // The rail at the foot of a phone lies over whatever scrolls under it.
        const other = over?.closest('nav') ? null : over?.closest('button, a[href], [role="button"]');
        if (
          other &&
          other !== element &&
          !element.contains(other) &&
          !other.contains(element) &&
          !other.querySelector(':scope *:focus')
        ) {
          const label = element.closest('label');
          if (!label?.contains(other)) found.push(`${nameOf(other)} lies over ${nameOf(element)}`);
        }
      }
      return found;
    },
    [LEAST_TARGET, LEAST_LETTERS] as const,
  );
