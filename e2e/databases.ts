/** The databases that ./check hands over: one for each worker, so that none sees what another keeps. */
export function databaseUrls(): readonly string[] {
  const urls = process.env.E2E_DATABASE_URLS ?? process.env.DATABASE_URL ?? '';
  if (urls === '') throw new Error('E2E_DATABASE_URLS is not set: run ./check');
  return urls.split(' ');
}
