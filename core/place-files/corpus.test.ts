/**
 * Files as loggers and growers write them, half of them treacherous. Each is read as it is meant, or
 * refused with what would settle it; none is guessed wrong. All made for this test, of four days in July:
 * 24 °C and 50 % by day, 18 °C and 70 % by night.
 */
import { wordReading } from '../words';
import { placeFromLogger } from './import-logger';

interface Hour {
  readonly day: number;
  readonly hour: number;
  readonly c: number;
  readonly rh: number;
}
const hours: readonly Hour[] = Array.from({ length: 96 }, (_, i) => {
  const hour = i % 24;
  const isDay = hour >= 8 && hour < 20;
  return { day: 1 + Math.floor(i / 24), hour, c: isDay ? 24 : 18, rh: isDay ? 50 : 70 };
});
const two = (value: number) => String(value).padStart(2, '0');
const f = (c: number) => Math.round((c * 9) / 5 + 32);
const iso = ({ day, hour }: Hour) => `2026-07-${two(day)} ${two(hour)}:00`;
const date = ({ day }: Hour) => `2026-07-${two(day)}`;
const clock = ({ hour }: Hour) => `${two(hour)}:00`;
const comma = (value: number) => `${value},0`;

type Row = (hour: Hour) => string;
const file = (heading: string, row: Row, of: readonly Hour[] = hours) => [heading, ...of.map(row)].join('\n');
const plain: Row = (h) => `${iso(h)},${h.c},${h.rh}`;
const inF: Row = (h) => `${iso(h)},${f(h.c)},${h.rh}`;
const about = { name: 'Corpus', latitudeDeg: 50, longitudeDeg: 8 };

/** Headings and rows that mean what the four days were. */
const meant: readonly (readonly [string, Row])[] = [
  ['Time,Temp,RH', plain],
  ['Time,Temp shelf °C,RH', plain],
  ['Time,Temperature of room °C,Humidity %', plain],
  ['Time,Temp leaf (°C),RH %', plain],
  ['Time,Temp of shelf,RH', plain],
  ['Time,Temp of shelf (F),RH', inF],
  ['Time,Temperature °F,Humidity', inF],
  ['Time,Temp (f),RH', inF],
  ['Time,Temp_F,RH', inF],
  ['Time,Temp Fahrenheit,RH', inF],
  ['Time,Temp deg F,RH', inF],
  ['Time,Temp,RH', inF],
  ['Time,t (°C),rel. Hum.', plain],
  ['Time,℃,%RH', plain],
  ['Time,T,RH', plain],
  ['timestamp,temperature_c,humidity', plain],
  ['Date/Time,Temp,RH', plain],
  ['Datum Zeit;Temperatur °C;Feuchte %', (h) => `${iso(h)};${comma(h.c)};${comma(h.rh)}`],
  ['Zeit\tTemp\tFeuchte', (h) => `${iso(h)}\t${comma(h.c)}\t${comma(h.rh)}`],
  ['Humidity,Temperature,Time', (h) => `${h.rh},${h.c},${iso(h)}`],
  ['No.,Time,Temp,RH', (h) => `1,${plain(h)}`],
  ['Date,Time,Temp,RH', (h) => `${date(h)},${clock(h)},${h.c},${h.rh}`],
  ['Time,Date,Temp,RH', (h) => `${clock(h)},${date(h)},${h.c},${h.rh}`],
  ['Date,Temp,Time,RH', (h) => `${date(h)},${h.c},${clock(h)},${h.rh}`],
  ['Datum;Uhrzeit;Temp;RH', (h) => `${date(h)};${clock(h)};${h.c};${h.rh}`],
  ['Date,Time zone,Temp,RH', (h) => `${iso(h)},UTC,${h.c},${h.rh}`],
  ['Time,Temp,Absolute humidity g/m³,RH', (h) => `${iso(h)},${h.c},12,${h.rh}`],
  ['Time,Absolute humidity,Temp °C,Relative humidity', (h) => `${iso(h)},12,${h.c},${h.rh}`],
  ['Time,Battery %,Temp,Humidity %', (h) => `${iso(h)},93,${h.c},${h.rh}`],
  ['Time,Battery %,Temp,%', (h) => `${iso(h)},93,${h.c},${h.rh}`],
  ['Time,Charge (%),Signal %,Temp,RH', (h) => `${iso(h)},93,40,${h.c},${h.rh}`],
  ['Time,Soil moisture %,Temp,Humidity', (h) => `${iso(h)},33,${h.c},${h.rh}`],
  ['Time,Soil temp,Temp,RH', (h) => `${iso(h)},15,${h.c},${h.rh}`],
  ['Time,Dew point °C,Temp °C,RH', (h) => `${iso(h)},9,${h.c},${h.rh}`],
  ['Time,Temp,Dewpoint,RH', (h) => `${iso(h)},${h.c},9,${h.rh}`],
  ['Time,VPD kPa,Temp,Humidity', (h) => `${iso(h)},1.1,${h.c},${h.rh}`],
  ['Time,Temp °C,Feels like °C,RH', (h) => `${iso(h)},${h.c},26,${h.rh}`],
  ['Time,Temp,RH', (h) => `2026-07-${two(h.day)}T${two(h.hour)}:00:00Z,${h.c},${h.rh}`],
  ['Time,Temp,RH', (h) => `${two(h.day + 12)}/07/2026 ${clock(h)},${h.c},${h.rh}`],
  ['Time,Temp,RH', (h) => `07/${two(h.day + 12)}/2026 ${clock(h)},${h.c},${h.rh}`],
  ['Time,Temp,RH', (h) => `${two(h.day)}/07/2026 ${clock(h)},${h.c},${h.rh}`],
  ['Time,Temp,RH', (h) => `07/${two(h.day)}/2026 ${clock(h)},${h.c},${h.rh}`],
  ['Time,Temp,RH', (h) => `07/${two(h.day)}/2026 ${h.hour % 12 || 12}:00 ${h.hour < 12 ? 'am' : 'pm'},${h.c},${h.rh}`],
  ['\uFEFFTime,Temp,RH', plain],
  ['Made by a logger\nSerial,123\nTime,Temp,RH', plain],
  ['"Time","Temp","RH"', (h) => `"${iso(h)}","${h.c}","${h.rh}"`],
];

test.each(meant.map(([heading, row]) => [`${heading} / ${row(hours[12]!)}`, heading, row] as const))(
  'read as meant: %s',
  (_name, heading, row) => {
    const read = wordReading(placeFromLogger(file(heading, row), about));
    expect(read).toMatchObject({ status: 'ok' });
    const july = read.status === 'ok' ? read.place.months[6]! : null;
    expect(july!.day.temperatureC).toBeCloseTo(24, 0);
    expect(july!.night.temperatureC).toBeCloseTo(18, 0);
    expect(july!.day.relativeHumidityPct).toBe(50);
    expect(july!.night.relativeHumidityPct).toBe(70);
  },
);

/** Files in which two readings hold, or none does: what is said of them. */
const refusedFiles: readonly (readonly [string, string, RegExp])[] = [
  [
    'two temperatures',
    file('Time,Temp °C,Temp outside °C,RH', (h) => `${iso(h)},${h.c},5,${h.rh}`),
    /more than one column may be the temperature: Temp °C, Temp outside °C/,
  ],
  [
    'two humidities',
    file('Time,Temp,RH 1,RH 2', (h) => `${iso(h)},${h.c},${h.rh},40`),
    /more than one column may be the humidity/,
  ],
  ['one heading with two units', file('Time,Temp °C/°F,RH', plain), /names two units/],
  [
    'no unit, and 45 is either',
    file('Time,Temp,RH', (h) => `${iso(h)},${45 + (h.hour % 2)},${h.rh}`),
    /names no unit, and 4[56] may be °C or °F/,
  ],
  [
    'no unit, and 36 is a cold shed or a furnace',
    file('Time,Temp,RH', (h) => `${iso(h)},36,${h.rh}`),
    /names no unit, and 36 may be °C or °F/,
  ],
  ['only absolute humidity', file('Time,Temp,Absolute humidity', plain), /no column for a humidity/],
  ['only a battery in per cent', file('Time,Temp,Battery %', plain), /no column for a humidity/],
  ['only a dew point', file('Time,Dew point °C,RH', plain), /no (column for a|line of headings)/],
  [
    'days that may be months',
    file('Time,Temp,RH', (h) => `${h.day > 2 ? '04/05' : '05/04'}/2026 ${clock(h)},${h.c},${h.rh}`),
    /day\/month or month\/day/,
  ],
  ['a clock without a day', file('Time,Temp,RH', (h) => `${clock(h)},${h.c},${h.rh}`), /is not a time/],
  ['a column of words', file('Time,Temp,RH', (h) => `${iso(h)},warm,${h.rh}`), /missing or not a number/],
  ['a humidity of 140', file('Time,Temp,RH', (h) => `${iso(h)},${h.c},140`), /outside 0 to 100|outside/],
  ['60 °C', file('Time,Temp °C,RH', (h) => `${iso(h)},60,${h.rh}`), /outside -20 to 50/],
  ['−40 °C', file('Time,Temp °C,RH', (h) => `${iso(h)},-40,${h.rh}`), /outside -20 to 50/],
  ['the 31st of February', file('Time,Temp,RH', (h) => `2026-02-31 ${clock(h)},${h.c},${h.rh}`), /is not a time/],
  [
    'two files in one, headings and all',
    `${file('Time,Temp,RH', plain)}\n${file('Time,Temp,RH', plain)}`,
    /second line of headings/,
  ],
  ['too few', file('Time,Temp,RH', plain, hours.slice(0, 5)), /only 5 readings/],
];

test.each(refusedFiles)('refused with what would settle it: %s', (_name, text, message) => {
  const read = wordReading(placeFromLogger(text, about));
  expect(read.status).toBe('refused');
  expect(read.status === 'refused' && read.faults.map((fault) => fault.message).join('\n')).toMatch(message);
});

test('a place outside the world is refused at import, not first when it is saved', () => {
  const read = wordReading(placeFromLogger(file('Time,Temp,RH', plain), { ...about, longitudeDeg: 999 }));
  expect(read.status === 'refused' && read.faults[0]!.message).toMatch(/longitude/);
});

test('the first twelve days of April, written month first, are not the fourth of every month', () => {
  const rows = Array.from(
    { length: 48 },
    (_, i) => `04/${two(1 + Math.floor(i / 4))}/2026 ${two(6 * (i % 4))}:00,21,60`,
  );
  const read = wordReading(placeFromLogger(['Time,Temp,RH', ...rows].join('\n'), about));
  expect(read.status === 'ok' && read.remarks).toEqual([expect.stringMatching(/January, February, March, May/)]);
});

describe('remarks are grouped', () => {
  const remarksOf = (text: string) => {
    const read = wordReading(placeFromLogger(text, about));
    return read.status === 'ok' ? read.remarks.filter((remark) => !/filled from/.test(remark)) : [];
  };

  test('a file appended to itself: one remark, and no gaps', () => {
    const rows = hours.map(plain);
    expect(remarksOf(['Time,Temp,RH', ...rows, ...rows].join('\n'))).toEqual([
      '96 readings stand there twice: the same file appended?',
    ]);
  });

  test('many gaps: the three longest, and the rest together', () => {
    const some = hours.filter((h) => h.hour < 4 || (h.hour >= 10 && h.hour < 14));
    const remarks = remarksOf(file('Time,Temp,RH', plain, some));
    expect(remarks).toHaveLength(4);
    expect(remarks[3]).toBe('4 more gaps, 28 h together');
  });

  test('days without a clock: day and night are the same, and it is said', () => {
    const daily = Array.from({ length: 30 }, (_, i) => `2026-07-${two(1 + i)},21,60`);
    expect(remarksOf(['Date,Temp,RH', ...daily].join('\n'))).toEqual([
      'no time of day with the readings: day and night are taken as the same',
    ]);
  });
});
