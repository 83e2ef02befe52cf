/**
 * The nursing as iCalendar (RFC 5545): a day's event for each step, under an identity that stays, so that a second import puts the
 * first right. What is done or skipped is told as cancelled.
 */
import { createEvents, type DateArray, type EventAttributes } from 'ics';
import { dayNumber, dayOf } from '@core';
import type { PlantAftercare } from '../../projections/aftercare/schemas';

const PRODUCT = 'tender-cairn/nursing';

const dateOf = (day: string): DateArray => day.split('-').map(Number) as unknown as DateArray;

/** What a step is called, and what is done. */
export type WordStep = (task: PlantAftercare) => { readonly title: string; readonly description: string };

/** A line end of its own, which some calendars take for the end of what is said. */
const inOneLine = (text: string): string => text.replace(/[\r\n]+/g, ' ');

const eventOf =
  (origin: string, sequence: number, says: WordStep) =>
  (task: PlantAftercare): EventAttributes => {
    const { id, plantId, placeName, dueOn, state } = task;
    const said = says(task);
    return {
      uid: `${id}@tender-cairn`,
      sequence,
      start: dateOf(dueOn),
      end: dateOf(dayOf(dayNumber(dueOn) + 1)),
      title: inOneLine(said.title),
      description: inOneLine(said.description),
      url: `${origin}/plants/${plantId}`,
      status: state === 'open' ? 'CONFIRMED' : 'CANCELLED',
      busyStatus: 'FREE',
      productId: PRODUCT,
      ...(placeName === null ? {} : { location: inOneLine(placeName) }),
    };
  };

/** sequence: grows with every writing, so that a later file counts for more. Throws where a step cannot be written. */
export function calendarOf(tasks: readonly PlantAftercare[], origin: string, sequence: number, says: WordStep): string {
  const { error, value } = createEvents(tasks.map(eventOf(origin, sequence, says)), {
    calName: 'After potting',
    productId: PRODUCT,
  });
  if (error || typeof value !== 'string') throw error ?? new Error('the calendar came out empty');
  return value;
}
