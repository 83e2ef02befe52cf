/** The day it is: for a grower by their own clock, which the request may tell; else by the server's. */
import dayjs from 'dayjs';
import * as z from 'zod';

export const serverDay = (): string => dayjs().format('YYYY-MM-DD');

/** What lies beyond is no grower's day, and beyond what a calendar can be reckoned in. */
const FIRST_DAY = '1900-01-01';
const LAST_DAY = '2199-12-31';

const daySchema = z.iso.date().refine((day) => day >= FIRST_DAY && day <= LAST_DAY);

/** "?today=2026-11-27"; what is no date is not told. */
export function dayOfRequest(request: Request): string {
  const told = daySchema.safeParse(new URL(request.url).searchParams.get('today'));
  return told.success ? told.data : serverDay();
}
