/** How built files lie packed beside themselves, the smallest first. */
export const packings = [
  { encoding: 'br', suffix: '.br' },
  { encoding: 'gzip', suffix: '.gz' },
] as const;

export type Encoding = (typeof packings)[number]['encoding'];
