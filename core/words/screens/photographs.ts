/** Sentences beside photographs. */

export const mostPhotographs = (most: number): string => `${most} photographs at most.`;
export const noPhotograph = (fileName: string): string =>
  `${fileName} is no JPEG, PNG or WebP picture. Save it as one of these first.`;
