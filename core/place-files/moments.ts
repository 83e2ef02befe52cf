/** Times as loggers write them. Day-first and month-first are told apart by the whole file. */

export interface Moment {
  readonly year: number;
  /** 0 = January. */
  readonly monthIndex: number;
  readonly day: number;
  readonly hour: number;
  readonly minute: number;
}

const isoLike =
  /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?:[T ](\d{1,2}):(\d{2})(?::\d{2}(?:\.\d+)?)?\s*(?:Z|[+-]\d{2}:?\d{2})?)?$/;
const dayOrMonthFirst = /^(\d{1,2})[-/.](\d{1,2})[-/.](\d{4})(?:[T ](\d{1,2}):(\d{2})(?::\d{2})?\s*(am|pm)?)?$/i;

export type DateOrder = 'day first' | 'month first';

/**
 * Which order the file uses: a first number above 12 must be a day, a second one above 12 too. Where
 * neither is, the days must follow one another: read the wrong way, each is a month from the next. null
 * where both readings hold.
 */
export function dateOrderOf(texts: readonly string[]): DateOrder | null {
  const dates = new Map<string, RegExpExecArray>();
  for (const text of texts) {
    const match = dayOrMonthFirst.exec(text.trim());
    if (!match) continue;
    if (Number(match[1]) > 12) return 'day first';
    if (Number(match[2]) > 12) return 'month first';
    dates.set(`${match[3]}-${match[1]}-${match[2]}`, match);
  }
  const spanOf = (monthAt: 1 | 2, dayAt: 1 | 2): number => {
    const days = [...dates.values()].map((match) =>
      Date.UTC(Number(match[3]), Number(match[monthAt]) - 1, Number(match[dayAt])),
    );
    return days.length === 0 ? 0 : Math.max(...days) - Math.min(...days);
  };
  const isSame = [...dates.values()].every((match) => Number(match[1]) === Number(match[2]));
  if (isSame) return 'day first';
  const [dayFirst, monthFirst] = [spanOf(2, 1), spanOf(1, 2)];
  // So many days in a row fill their span; read the other way they lie months apart.
  const fills = (span: number) => span <= 2 * dates.size * MS_PER_DAY;
  if (dates.size > 1 && fills(dayFirst) !== fills(monthFirst)) return fills(dayFirst) ? 'day first' : 'month first';
  return null;
}

const MS_PER_DAY = 86_400_000;

/** Whether a text names a time of day, not the day alone. */
export const hasClock = (text: string): boolean => /\d:\d\d/.test(text);

function checked(moment: Moment): Moment | null {
  const date = new Date(Date.UTC(moment.year, moment.monthIndex, moment.day));
  const isReal = date.getUTCMonth() === moment.monthIndex && date.getUTCDate() === moment.day;
  return isReal && moment.hour < 24 && moment.minute < 60 ? moment : null;
}

/** The moment a text names; null when it names none. The clock is the logger's own. */
export function readMoment(text: string, order: DateOrder): Moment | null {
  const trimmed = text.trim();
  const iso = isoLike.exec(trimmed);
  if (iso) {
    return checked({
      year: Number(iso[1]),
      monthIndex: Number(iso[2]) - 1,
      day: Number(iso[3]),
      hour: Number(iso[4] ?? 0),
      minute: Number(iso[5] ?? 0),
    });
  }
  const other = dayOrMonthFirst.exec(trimmed);
  if (!other) return null;
  const [first, second] = [Number(other[1]), Number(other[2])];
  const half = other[6]?.toLowerCase();
  const clock = Number(other[4] ?? 0);
  const hour = half ? (clock % 12) + (half === 'pm' ? 12 : 0) : clock;
  return checked({
    year: Number(other[3]),
    monthIndex: (order === 'day first' ? second : first) - 1,
    day: order === 'day first' ? first : second,
    hour,
    minute: Number(other[5] ?? 0),
  });
}

/** Minutes since 1970 on the logger's own clock. */
export function minutesOf(moment: Moment): number {
  return Date.UTC(moment.year, moment.monthIndex, moment.day, moment.hour, moment.minute) / 60000;
}
