/** The day it is: for a grower by their own clock, which the request may tell; else by the server's. */
import dayjs from 'dayjs';
import { dayIn } from '@core';

export const serverDay = (): string => dayjs().format('YYYY-MM-DD');

const daySchema = dayIn('today');

/** "?today=2026-11-27"; what is no date is not told. */
export function dayOfRequest(request: Request): string {
  const told = daySchema.safeParse(new URL(request.url).searchParams.get('today'));
  return told.success ? told.data : serverDay();
}
