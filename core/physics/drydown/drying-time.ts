/** How long until the next watering: a reading, or the honest "not within the horizon". */
export type DryingTime =
  { readonly status: 'dries'; readonly days: number } | { readonly status: 'stays wet'; readonly overDays: number };

export function daysOf(time: DryingTime): number {
  return time.status === 'dries' ? time.days : time.overDays;
}
