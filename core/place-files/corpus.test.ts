/**
 * Files as loggers and growers write them, half of them treacherous. Each is read as it is meant, or
 * refused with what would settle it; none is guessed wrong. All made for this test, of four days in July:
 * 24 °C and 50 % by day, 18 °C and 70 % by night.
 */
import { fileFaultLine, wordReading } from '../words';
import { encodingOf } from './encoding';
import { openPlaceFile, readPlaceFile } from './reader';
import type { ReadingChoices, ReadingQuestion } from './reading/result';

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
  ['"Time\n(local)","Temp","RH"', plain],
  // What the heading leaves open, the values settle.
  ['Time,Temp °C/°F,RH', plain],
  ['Time,Temp °C/°F,RH', inF],
  ['Time,Temp 1 °C,Temp 2 °C,RH', (h) => `${iso(h)},${h.c},,${h.rh}`],
  ['Time,RH 1,Temp,RH 2', (h) => `${iso(h)},1013,${h.c},${h.rh}`],
  ['Time,Temp,Humidity', (h) => `${iso(h)},${h.c},0.${h.rh}`],
  // The units stand in a row of their own.
  ['Time,Temp,RH\n,°C,%', plain],
  ['Time,Temp,RH\nlocal,F,%', inF],
  ['Time,Temp,RH', (h) => `${two(h.day + 12)}.07.2026 ${clock(h)}:30,${h.c},${h.rh}`],
];

test.each(meant.map(([heading, row]) => [`${heading} / ${row(hours[12]!)}`, heading, row] as const))(
  'read as meant: %s',
  (_name, heading, row) => {
    const read = wordReading(readPlaceFile(file(heading, row), about));
    expect(read).toMatchObject({ status: 'ok' });
    const july = read.status === 'ok' ? read.place.months[6]! : null;
    expect(july!.day.temperatureC).toBeCloseTo(24, 0);
    expect(july!.night.temperatureC).toBeCloseTo(18, 0);
    expect(july!.day.relativeHumidityPct).toBe(50);
    expect(july!.night.relativeHumidityPct).toBe(70);
  },
);

/** Files in which two readings hold: what is asked, and what comes of an answer. */
const askedFiles: readonly (readonly [string, string, readonly ReadingQuestion['code'][], ReadingChoices])[] = [
  [
    'two temperatures',
    file('Time,Temp °C,Temp outside °C,RH', (h) => `${iso(h)},${h.c},5,${h.rh}`),
    ['temperature'],
    { temperature: 'Temp °C' },
  ],
  [
    'two humidities',
    file('Time,Temp,RH 1,RH 2', (h) => `${iso(h)},${h.c},${h.rh},40`),
    ['humidity'],
    { humidity: 'RH 1' },
  ],
  [
    'two humidities of the same name',
    file('Time,Temp,RH,RH', (h) => `${iso(h)},${h.c},${h.rh},40`),
    ['humidity'],
    { humidity: 'RH (column 3)' },
  ],
  [
    'no unit, and 36 is a warm tent in °C or a cold shed in °F',
    file('Time,Temp,RH', (h) => `${iso(h)},${h.c + 18},${h.rh}`),
    ['unit'],
    { unit: 'C' },
  ],
  ['°F by its heading, and the values say otherwise', file('Time,Temp °F,RH', plain), ['unit'], { unit: 'C' }],
  ['°C by its heading, and the values say otherwise', file('Time,Temp °C,RH', inF), ['unit'], { unit: 'F' }],
  [
    'days that may be months',
    file('Time,Temp,RH', (h) => `0${h.day}/07/2026 ${clock(h)},${h.c},${h.rh}`, hours.slice(0, 24)),
    ['dates'],
    { dates: 'day first' },
  ],
  ['no headings', hours.map(plain).join('\n'), ['temperature'], { temperature: '(column 2)' }],
  ['headings that say nothing', file('Time,A,B', plain), ['temperature'], { temperature: 'A' }],
  [
    'no headings, and the clock in a column of its own',
    hours.map((h) => `${date(h)};${clock(h)};${comma(h.c)};${comma(h.rh)};3,1`).join('\n'),
    ['temperature'],
    { temperature: '(column 3)', humidity: '(column 4)' },
  ],
];

test.each(askedFiles)('asked, and read as answered: %s', (name, text, codes, choices) => {
  const asked = readPlaceFile(text, about);
  expect(asked.status === 'unclear' && asked.questions.map(({ code }) => code)).toEqual(codes);
  // Every choice shows what the first rows would be.
  for (const question of asked.status === 'unclear' ? asked.questions : []) {
    expect(question.options.length).toBeGreaterThanOrEqual(2);
    for (const option of question.options) expect(option.samples.length).toBeGreaterThan(0);
  }
  const read = readPlaceFile(text, about, choices);
  const july = read.status === 'ok' ? read.place.months[6]! : null;
  const warmer = name.includes('36') ? 18 : 0;
  expect(july!.day.temperatureC).toBeCloseTo(24 + warmer, 0);
  expect(july!.night.temperatureC).toBeCloseTo(18 + warmer, 0);
  expect([july!.day.relativeHumidityPct, july!.night.relativeHumidityPct]).toEqual([50, 70]);
});

test('a reading or two on twelve days may be days in a row or the same day of every month: asked', () => {
  const few = Array.from(
    { length: 24 },
    (_, i) => `04/${two(1 + Math.floor(i / 2))}/2026 ${two(12 * (i % 2))}:00,21,60`,
  );
  const asked = readPlaceFile(['Time,Temp,RH', ...few].join('\n'), about);
  expect(asked.status === 'unclear' && asked.questions.map(({ code }) => code)).toEqual(['dates']);
});

/** Files that no reading fits: what is said of them. */
const refusedFiles: readonly (readonly [string, string, RegExp])[] = [
  ['only absolute humidity', file('Time,Temp,Absolute humidity', plain), /no column for a humidity/],
  ['only a battery in per cent', file('Time,Temp,Battery %', plain), /no column for a humidity/],
  ['only a dew point', file('Time,Dew point °C,RH', plain), /no (column for a|line of headings)/],
  ['a clock without a day', file('Time,Temp,RH', (h) => `${clock(h)},${h.c},${h.rh}`), /is not a time/],
  ['a column of words', file('Time,Temp,RH', (h) => `${iso(h)},warm,${h.rh}`), /missing or not a number/],
  ['a humidity of 140', file('Time,Temp,RH', (h) => `${iso(h)},${h.c},140`), /outside 1 to 100/],
  ['120 °C', file('Time,Temp °C,RH', (h) => `${iso(h)},120,${h.rh}`), /outside -20 to 50/],
  ['−40 °C', file('Time,Temp °C,RH', (h) => `${iso(h)},-40,${h.rh}`), /outside -20 to 50/],
  [
    '60 °C among 20',
    file('Time,Temp °C,RH', (h) => `${iso(h)},${h.hour === 5 ? 60 : 20},${h.rh}`),
    /line 7: temperature 60 is outside -20 to 50/,
  ],
  ['the 31st of February', file('Time,Temp,RH', (h) => `2026-02-31 ${clock(h)},${h.c},${h.rh}`), /is not a time/],
  [
    'two files in one, headings and all',
    `${file('Time,Temp,RH', plain)}\n${file('Time,Temp,RH', plain)}`,
    /second line of headings/,
  ],
  ['too few', file('Time,Temp,RH', plain, hours.slice(0, 5)), /only 5 readings/],
  ['a quote that is never closed', file('Time,Temp,RH', (h) => `"${plain(h)}`), /is not a time|missing|only/],
];

test.each(refusedFiles)('refused with what would settle it: %s', (_name, text, message) => {
  const read = wordReading(readPlaceFile(text, about));
  expect(read.status === 'refused' && read.faults.map(fileFaultLine).join('\n')).toMatch(message);
});

test('what was settled and cannot be is refused: an unknown column, 60 that is said to be °C', () => {
  const faultOf = (text: string, choices: ReadingChoices) => {
    const read = wordReading(readPlaceFile(text, about, choices));
    return read.status === 'refused' ? read.faults[0]!.message : read.status;
  };
  expect(faultOf(file('Time,Temp,RH', plain), { temperature: 'Warmth' })).toBe(
    'there is no column "Warmth"; the columns are: Time, Temp, RH',
  );
  const sixty = file('Time,Temp °C,RH', (h) => `${iso(h)},60,${h.rh}`);
  expect(faultOf(sixty, { unit: 'C' })).toMatch(/temperature 60 is outside -20 to 50/);
  expect(faultOf(sixty, { unit: 'F' })).toBe('ok');
});

test('a place outside the world is refused at import, not first when it is saved', () => {
  const read = wordReading(readPlaceFile(file('Time,Temp,RH', plain), { ...about, longitudeDeg: 999 }));
  expect(read.status === 'refused' && read.faults[0]!.message).toMatch(/longitude/);
});

test('the first twelve days of April, written month first, are not the fourth of every month', () => {
  const rows = Array.from(
    { length: 48 },
    (_, i) => `04/${two(1 + Math.floor(i / 4))}/2026 ${two(6 * (i % 4))}:00,21,60`,
  );
  const read = wordReading(readPlaceFile(['Time,Temp,RH', ...rows].join('\n'), about));
  expect(read.status === 'ok' && read.remarks).toEqual([expect.stringMatching(/January, February, March, May/)]);
});

describe('remarks are grouped', () => {
  const remarksOf = (text: string) => {
    const read = wordReading(readPlaceFile(text, about));
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

describe('taken in piece by piece', () => {
  const texts = meant.map(([heading, row]) => file(heading, row));

  test('a file says the same however it is cut', () => {
    for (const text of texts) {
      const whole = readPlaceFile(text, about);
      for (const length of [1, 7, 1000]) {
        const reader = openPlaceFile();
        for (let at = 0; at < text.length; at += length) reader.push(text.slice(at, at + length));
        expect(reader.finish(about, {})).toEqual(whole);
      }
    }
  });

  test('line ends of any kind', () => {
    const text = file('Time,Temp,RH', plain);
    for (const lineEnd of ['\r\n', '\r']) {
      expect(readPlaceFile(text.replaceAll('\n', lineEnd), about)).toEqual(readPlaceFile(text, about));
    }
  });

  test('the same reader answers again with another choice', () => {
    const reader = openPlaceFile();
    reader.push(file('Time,Temp °C,Temp outside °C,RH', (h) => `${iso(h)},${h.c},5,${h.rh}`));
    expect(reader.finish(about, {}).status).toBe('unclear');
    const outside = reader.finish(about, { temperature: 'Temp outside °C' });
    expect(outside.status === 'ok' && outside.place.months[6]!.day.temperatureC).toBe(5);
  });

  test('how it was read is told, with its first rows', () => {
    const read = wordReading(readPlaceFile(file('Time,Temp,RH', inF), about));
    expect(read.status === 'ok' && read.readAs).toEqual([
      'Time from Time; temperature from Temp, in °F; humidity from RH.',
      'First rows: 1 July 2026 00:00, 17.8 °C, 70 %; 1 July 2026 01:00, 17.8 °C, 70 %; 1 July 2026 02:00, 17.8 °C, 70 %.',
    ]);
  });

  test('several readings in one minute are a quick logger, not a file said twice', () => {
    const quick = hours.flatMap((h) => [`${iso(h)}:00,${h.c},${h.rh}`, `${iso(h)}:30,${h.c},${h.rh}`]);
    const read = readPlaceFile(['Time,Temp,RH', ...quick].join('\n'), about);
    expect(read.status === 'ok' && read.remarks.map(({ code }) => code)).toEqual(['filled months']);
  });
});

test.each([
  ['UTF-8', [0x32, 0x32, 0xc2, 0xb0, 0x43], 'utf-8'],
  ['a degree sign of older programs', [0x32, 0x32, 0xb0, 0x43], 'windows-1252'],
  ['a mark for UTF-16', [0xff, 0xfe, 0x32, 0x00], 'utf-16le'],
  ['the same, the other way round', [0xfe, 0xff, 0x00, 0x32], 'utf-16be'],
  ['a character cut at the end of the piece', [0x32, 0xc2], 'utf-8'],
] as const)('encoding: %s', (_name, bytes, encoding) => {
  expect(encodingOf(Uint8Array.from(bytes))).toBe(encoding);
});
