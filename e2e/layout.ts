import type { Page } from 'playwright-core';

/** Least side of what is pressed, in pixels: Web Content Accessibility Guidelines 2.2, success criterion 2.5.8. */
const LEAST_TARGET = 24;

/** What is wrong with the layout of the page as it stands, in words. */
export const troubles = (page: Page) =>
  page.evaluate((least) => {
    const found: string[] = [];
    const wide = document.documentElement.scrollWidth - document.documentElement.clientWidth;
    if (wide > 0) found.push(`runs ${String(wide)} px past the edge`);

    const shown = (element: Element): boolean => {
      const { width, height } = element.getBoundingClientRect();
      const { visibility, opacity } = getComputedStyle(element);
      return width > 1 && height > 1 && visibility !== 'hidden' && opacity !== '0';
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

    // What is pressed is large enough, and nothing else that is pressed lies over it. Links in running text are as large as it.
    const pressed = [...document.querySelectorAll<HTMLElement>('button, a[href], input, [role="button"]')].filter(
      (element) => shown(element) && !element.closest('.visually-hidden, p, td, .v-overlay'),
    );
    for (const element of pressed) {
      const { width, height } = element.getBoundingClientRect();
      const inText = element.tagName === 'A' && getComputedStyle(element).display === 'inline';
      const field = element.closest('.v-field, .v-selection-control');
      if (!inText && !field && Math.min(width, height) < least) {
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
  }, LEAST_TARGET);
