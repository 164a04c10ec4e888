/** What the code on a label leads to, read by a phone's camera. */

/** Pages that labels lead to. */
const PAGES = /^\/(?:shows\/[^/]+\/(?:pack|order|crew)|store\/items\/[^/]+|crew)(?:\/|$)/;

/** Any address is as good as none: what counts is where in the application it leads. */
const NOWHERE = 'http://nowhere.invalid';

/**
 * The page of this application that a code leads to, whatever machine printed it; null for any other code, which is
 * never followed.
 */
export function pageOfCode(text: string): string | null {
  if (!URL.canParse(text, NOWHERE)) return null;
  const { protocol, pathname, search, searchParams } = new URL(text, NOWHERE);
  if (protocol !== 'http:' && protocol !== 'https:') return null;
  const onward = searchParams.get('to');
  // Printed while nothing was shared: it goes round by a page that says so.
  if (pathname === '/not-shared' && onward?.startsWith('/')) return pageOfCode(onward);
  return PAGES.test(pathname) ? pathname + search : null;
}

/** Of a label’s page: the box and the thing that it is about. */
export function labelledOf(page: string): { boxId: string | null; itemId: string | null } {
  const { searchParams } = new URL(page, NOWHERE);
  return { boxId: searchParams.get('box'), itemId: searchParams.get('item') };
}
