/** What is wrong with a page to the eye and to the thumb, found by measuring it. */
import { expect, type Page } from '@playwright/test';

/** By how much the page is wider than its window, px. */
export const tooWide = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

/** Words of drawings that run into each other, or off their drawing. */
export const colliding = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found: string[] = [];
    for (const drawing of document.querySelectorAll('main svg')) {
      const words = [...drawing.querySelectorAll('text')].flatMap((text) => {
        const box = text.getBoundingClientRect();
        const says = text.textContent?.trim() ?? '';
        const isSeen = box.width > 0 && getComputedStyle(text).visibility !== 'hidden';
        return isSeen && says !== '' ? [{ box, says: says.slice(0, 30) }] : [];
      });
      const { left, right } = drawing.getBoundingClientRect();
      for (const [i, { box, says }] of words.entries()) {
        if (box.right > right + 2 || box.left < left - 2) found.push(`cut: ${says}`);
        for (const other of words.slice(i + 1)) {
          const across = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left);
          const down = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top);
          // The boxes of letters are taller than what is drawn of them.
          if (across > 2 && down > 4) found.push(`${says} × ${other.says}`);
        }
      }
    }
    return found;
  });

/** Words of a drawing whose colour nobody chose: they are black, by night too, and no tool looks at them. */
export const uncoloured = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll('svg text')].flatMap((text) =>
      getComputedStyle(text).fill === 'rgb(0, 0, 0)' ? [text.textContent ?? ''] : [],
    ),
  );

/** What a thumb would miss: pressed or typed in, and smaller than 44 px. Links in a text are as its lines are. */
export const tooSmall = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [
      ...document.querySelectorAll(
        'button, a[href], input, select, textarea, [role=button], summary',
      ),
    ].flatMap((target) => {
      const { display, visibility } = getComputedStyle(target);
      if (display === 'inline' || visibility === 'hidden') return [];
      // What is hidden behind something larger, and what is dragged.
      if (target.closest('[aria-hidden=true], .MuiSlider-root, .MuiAutocomplete-endAdornment'))
        return [];
      if (/hidden|SwitchBase-input|nativeInput/i.test(target.className)) return [];
      const { width, height } = (
        target.closest('.MuiOutlinedInput-root') ?? target
      ).getBoundingClientRect();
      if (width === 0 || (width >= 43.5 && height >= 43.5)) return [];
      const name = target.getAttribute('aria-label') ?? target.textContent ?? '';
      return [`${name.trim().slice(0, 40)} ${Math.round(width)} by ${Math.round(height)} px`];
    }),
  );

export const settled = async (page: Page): Promise<void> => {
  await expect(page.locator('main h1, main h2').first()).toBeVisible();
  await expect(page.locator('[aria-busy]')).toHaveCount(0);
};
