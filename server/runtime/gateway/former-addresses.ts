/** Addresses as they were called before: kept links, calendars and changes that still wait in a browser find their way. */

const apiNames: readonly (readonly [string, string])[] = [
  ['/api/care', '/api/journal'],
  ['/api/looks', '/api/sign-checks'],
  ['/api/waiting', '/api/sign-watch'],
  ['/api/nursing', '/api/aftercare'],
  ['/api/learned', '/api/insights'],
  ['/api/own', '/api/library'],
];
const pageNames: readonly (readonly [string, string])[] = [
  ['/nursing', '/aftercare'],
  ['/genera/own', '/genera/mine'],
];

/** url: path and query. null where the address begins with none of the former names. */
function renamed(url: string, names: typeof apiNames): string | null {
  const path = url.split('?', 1)[0]!;
  const found = names.find(([former]) => path === former || path.startsWith(`${former}/`));
  return found ? found[1] + url.slice(found[0].length) : null;
}

/** What is asked for, by the name it has today. */
export const currentAddress = (url: string): string => renamed(url, apiNames) ?? url;

/** Where a page stands today, for a browser that asks by its former name; null for all others. */
export const movedPage = (url: string): string | null => renamed(url, pageNames);
