/** The databases that ./check hands over: one for each worker, so that none sees what another keeps. */
export const databaseUrls: readonly string[] = (process.env.E2E_DATABASE_URLS ?? process.env.DATABASE_URL ?? '')
  .split(' ')
  .filter((url) => url !== '');
