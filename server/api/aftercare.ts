/** The addresses of nursing: what is done after potting, as a list and as a calendar. */
import { MS_PER_MINUTE } from '@core';
import { aftercareNames, aftercareSentence } from '@core/words';
import { wakeOutlooks } from '../projections/due/background';
import { dayOfRequest } from '../runtime/http/day';
import { inScope } from './in-scope';
import { calendarOf, type WordStep } from '../exchange/calendars/aftercare-calendar';
import { listAftercare } from '../projections/aftercare/repository';

const says: WordStep = ({ plantName, kind, ppm }) => ({
  title: `${plantName}: ${aftercareNames[kind].toLowerCase()}`,
  description: aftercareSentence({ kind, ppm }),
});

export async function getAftercare(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) => {
    const list = await listAftercare(em, scope, dayOfRequest(request));
    if (list.reckoning > 0) wakeOutlooks();
    return Response.json(list);
  });
}

/** To be taken in by a calendar, or asked for by it again and again. */
export async function getAftercareCalendar(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) => {
    const { tasks } = await listAftercare(em, scope, dayOfRequest(request));
    // As whoever asks calls this machine: the gateway lets in its own names only.
    const { protocol, host } = new URL(request.url);
    const origin = `${protocol}//${request.headers.get('host') ?? host}`;
    const text = calendarOf(tasks, origin, Math.floor(Date.now() / MS_PER_MINUTE), says);
    return new Response(text, {
      headers: {
        'content-type': 'text/calendar; charset=utf-8',
        'content-disposition': 'attachment; filename="after-potting.ics"',
      },
    });
  });
}
