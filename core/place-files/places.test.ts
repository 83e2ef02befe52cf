import { readFileSync } from 'node:fs';
import { demoPlaces } from '../catalogue/places';
import { sunGeometry } from '../physics/air';
import { daylightHours, summarizePlace, withHeatWave } from '../physics/places';
import { fileFaultLine, wordReading } from '../words';
import { epwFile, loggerCsv } from './export';
import { monthlyCsv } from './monthly';
import { readPlaceFile } from './reader';
import type { ReadingFacts } from './reading/result';

const about = { name: 'Test', latitudeDeg: 50, longitudeDeg: 8 };
const said = (reading: ReadingFacts) => wordReading(reading);
const faults = (reading: ReadingFacts) => {
  const worded = said(reading);
  return worded.status === 'refused' ? worded.faults.map(fileFaultLine) : [];
};
const place = (reading: ReadingFacts) => {
  const worded = said(reading);
  if (worded.status !== 'ok') throw new Error(faults(reading).join('\n'));
  return worded.place;
};

/** An EPW file of 12 days, one in the middle of each month; all figures invented. */
function epw(change: (fields: string[], line: number) => void = () => undefined): string {
  const heading = [
    'LOCATION,Invented Harbour,-,XX,TEST,000000,12.5,101.0,7.0,4.0',
    'DESIGN CONDITIONS',
    'TYPICAL',
    'GROUND',
    'HOLIDAYS',
    'COMMENTS 1',
    'COMMENTS 2',
    'DATA PERIODS',
  ];
  const lines: string[] = [];
  for (let month = 1; month <= 12; month += 1) {
    for (let hour = 1; hour <= 24; hour += 1) {
      const fields = Array.from({ length: 35 }, () => '0');
      const sun = Math.max(0, Math.sin(((hour - 6.5) / 12) * Math.PI));
      Object.assign(fields, {
        0: '2020',
        1: String(month),
        2: '15',
        3: String(hour),
        6: String(25 + 5 * sun),
        8: String(90 - 20 * sun),
        13: String(Math.round(800 * sun)),
        21: '4',
        33: month === 10 && hour === 15 ? '12' : '0',
      });
      change(fields, 9 + lines.length);
      lines.push(fields.join(','));
    }
  }
  return [...heading, ...lines].join('\n');
}

describe('EPW weather files', () => {
  test('become outdoor places with day, night, light, wind and rain', () => {
    const harbour = place(readPlaceFile(epw(), about));
    expect(harbour).toMatchObject({
      name: 'Invented Harbour',
      setting: 'outdoor',
      latitudeDeg: 12.5,
      altitudeM: 4,
      airflow: 'sheltered outdoors',
    });
    expect(harbour.months[0]!.day.temperatureC).toBeGreaterThan(27);
    expect(harbour.months[0]!.night.temperatureC).toBe(25);
    expect(harbour.months[0]!.lightHours).toBe(12);
    expect(harbour.months[9]).toMatchObject({ rainMm: 12, rainDays: 1 });
  });

  test('a month of 1.5, an unstated latitude and a longitude of 999 are refused, not read as something', () => {
    const half = epw((fields, line) => {
      if (line === 12) fields[1] = '1.5';
    });
    expect(faults(readPlaceFile(half, about))).toEqual(['line 12: month must be 1 to 12, is "1.5"']);
    for (const [from, to] of [
      [',12.5,', ',,'],
      [',101.0,', ',,'],
      [',101.0,', ',999,'],
      [',7.0,4.0', ',7.0,'],
    ] as const) {
      expect(faults(readPlaceFile(epw().replace(from, to), about))[0]).toMatch(/LOCATION must give/);
    }
  });

  test('missing values are left out and said', () => {
    const reading = readPlaceFile(
      epw((fields, line) => {
        if (line === 9) fields[6] = '99.9';
      }),
      about,
    );
    expect(said(reading)).toMatchObject({
      status: 'ok',
      remarks: ['1 hours without temperature or humidity were left out'],
    });
  });

  test('a humidity of 140 % and a short line are refused with their lines', () => {
    expect(
      faults(
        readPlaceFile(
          epw((fields, line) => {
            if (line === 20) fields[8] = '140';
          }),
          about,
        ),
      ),
    ).toEqual(['line 20: relative humidity 140 is outside 0 to 110 %']);
    expect(
      faults(
        readPlaceFile(
          epw((fields, line) => {
            if (line === 30) fields.length = 10;
          }),
          about,
        ),
      )[0],
    ).toMatch(/^line 30: has 10 fields/);
  });
});

function logger(heading: string, row: (stamp: string, hour: number) => string): string {
  const lines = [heading];
  for (let day = 1; day <= 4; day += 1)
    for (let hour = 0; hour < 24; hour += 1)
      lines.push(row(`2026-07-${String(day).padStart(2, '0')} ${String(hour).padStart(2, '0')}:00`, hour));
  return lines.join('\n');
}

describe('logger CSV', () => {
  test('any column order and names; day and night told apart', () => {
    const reading = readPlaceFile(
      logger(
        'RH (%),Timestamp,Temp (°C)',
        (stamp, hour) => `${hour < 12 ? 60 : 50},${stamp},${hour >= 8 && hour < 20 ? 24 : 18}`,
      ),
      about,
    );
    const room = place(reading);
    expect(room.months[6]!.day.temperatureC).toBe(24);
    expect(room.months[6]!.night.temperatureC).toBe(18);
    expect(said(reading)).toMatchObject({ remarks: [expect.stringMatching(/filled from the months beside/)] });
  });

  test('Fahrenheit by the heading, decimal commas with semicolons', () => {
    expect(
      place(
        readPlaceFile(
          logger('date;temperature °F;humidity', (stamp) => `${stamp};77,0;45,5`),
          about,
        ),
      ).months[6]!.day.temperatureC,
    ).toBe(25);
  });

  test('day-first and month-first dates by the whole file', () => {
    const lines = (stamp: (n: number) => string) =>
      ['time,temp,hum', ...Array.from({ length: 30 }, (_, i) => `${stamp(i + 1)} 10:00,20,50`)].join('\n');
    const withReadings = (text: string) => place(readPlaceFile(text, about)).note;
    expect(withReadings(lines((n) => `${n}/06/2026`))).toMatch(/30 readings/);
    expect(withReadings(lines((n) => `06/${n}/2026`))).toMatch(/30 readings/);
  });

  test('gaps are reported', () => {
    const reading = readPlaceFile(readFileSync('examples/places/logger-stairwell.csv', 'utf8'), about);
    expect(reading.status).toBe('ok');
    expect(said(reading)).toMatchObject({
      remarks: [expect.stringMatching(/no readings for 32 h after 2026-01-09 04:00/), expect.any(String)],
    });
  });

  test.each([
    [
      'two headings',
      logger('time,temp,hum', (stamp, hour) => (hour === 5 ? 'time,temp,hum' : `${stamp},20,50`)),
      /^line 7: a second line of headings; the first is line 1/,
    ],
    [
      'humidity of 140 %',
      logger('time,temp,hum', (stamp, hour) => `${stamp},20,${hour === 3 ? 140 : 50}`),
      /^line 5: relative humidity 140 is outside 1 to 100 %/,
    ],
    ['no humidity', logger('time,temp', (stamp) => `${stamp},20`), /^line 1: no column for a humidity/],
    [
      'a date that is none',
      logger('time,temp,hum', (stamp) => `${stamp.replace('07', '19')},20,50`),
      /^line 2: "2026-19-01 00:00" is not a time/,
    ],
    [
      'a word for a number',
      logger('time,temp,hum', (stamp) => `${stamp},warm,50`),
      /^line 2: temperature or humidity is missing/,
    ],
    ['nothing', 'hello', /^line 1: no line of headings/],
  ])('%s is refused with the line and the reason', (_name, text, message) => {
    expect(faults(readPlaceFile(text, about))[0]).toMatch(message);
  });

  test('thousands of wrong lines are answered with the first few', () => {
    expect(
      faults(
        readPlaceFile(
          logger('time,temp,hum', (stamp) => `${stamp},20,400`),
          about,
        ),
      ),
    ).toHaveLength(13);
  });
});

describe('monthly means', () => {
  const bare = (entry: (typeof demoPlaces)[number]) => {
    const { months: _months, ...rest } = entry;
    return rest;
  };

  test.each(demoPlaces.map((entry) => [entry.id, entry] as const))(
    '%s goes out and comes back the same',
    (_id, entry) => {
      expect(place(readPlaceFile(monthlyCsv(entry), bare(entry)))).toEqual(entry);
    },
  );

  test('faults name their lines', () => {
    const rows = monthlyCsv(demoPlaces[0]!).split('\n');
    const changed = (line: number, text: string) => rows.map((row, i) => (i === line - 1 ? text : row)).join('\n');
    const read = (text: string) => faults(readPlaceFile(text, bare(demoPlaces[0]!)));
    expect(read(changed(4, '3,21,140,18,40,12,35,0,0'))).toEqual([
      'line 4: relative humidity must be between 1 and 100 %',
    ]);
    expect(read(changed(4, '9,21,40,18,40,12,35,0,0'))[0]).toMatch(/^line 4: month must be 3/);
    expect(read(rows.slice(0, 8).join('\n'))).toEqual(['there must be 12 months, there are 7']);
    expect(read([...rows, rows[0]!].join('\n'))[0]).toMatch(/^line 14: a second line of headings/);
  });
});

describe('what a place does', () => {
  test('there are at least ten demo places, from a drying power below 1 to above 5 mm a day', () => {
    const powers = demoPlaces.map((entry) => summarizePlace(entry).yearMmPerDay);
    expect(demoPlaces.length).toBeGreaterThanOrEqual(10);
    expect(Math.min(...powers)).toBeLessThan(1.2);
    expect(Math.max(...powers)).toBeGreaterThan(5);
  });

  test('day length agrees with FAO-56 within a quarter of an hour (the library counts refraction)', () => {
    for (const latitude of [-35, 0, 20, 50]) {
      expect(Math.abs(daylightHours(latitude, 0, 5) - sunGeometry(latitude, 166).daylightHours)).toBeLessThan(0.3);
    }
  });

  test('the longest day is in June north and in December south of the equator', () => {
    expect(daylightHours(50, 8, 5)).toBeGreaterThan(daylightHours(50, 8, 11) + 7);
    expect(daylightHours(-34, 18, 11)).toBeGreaterThan(daylightHours(-34, 18, 5) + 3);
  });

  test('a heat wave is warmer and drier, in its months only', () => {
    const base = demoPlaces[0]!;
    const hot = withHeatWave(base, [6, 7], 8);
    expect(hot.months[6]!.day.temperatureC).toBe(base.months[6]!.day.temperatureC + 8);
    expect(hot.months[6]!.day.relativeHumidityPct).toBeLessThan(base.months[6]!.day.relativeHumidityPct - 15);
    expect(hot.months[1]).toEqual(base.months[1]);
    expect(summarizePlace(hot).months[6]!.dryingPowerMmPerDay).toBeGreaterThan(
      summarizePlace(base).months[6]!.dryingPowerMmPerDay,
    );
  });
});

describe('taking a place along', () => {
  const terrace = demoPlaces.find((entry) => entry.id === 'humid-terrace')!;

  test('an EPW file has eight heading lines and 8,760 hours of 35 fields', () => {
    const lines = epwFile(terrace).trimEnd().split('\n');
    expect(lines).toHaveLength(8 + 8760);
    for (const line of lines.slice(8, 60)) expect(line.split(',')).toHaveLength(35);
    expect(lines[0]).toContain('LOCATION,Mangrove Steps terrace');
  });

  test('read back, the EPW file is the place again', () => {
    const back = place(readPlaceFile(epwFile(terrace), about));
    expect(back).toMatchObject({ latitudeDeg: terrace.latitudeDeg, altitudeM: terrace.altitudeM });
    back.months.forEach((month, i) => {
      const was = terrace.months[i]!;
      expect(month.day.temperatureC).toBeCloseTo(was.day.temperatureC, 1);
      expect(month.night.relativeHumidityPct).toBeCloseTo(was.night.relativeHumidityPct, 0);
      expect(Math.abs(month.lightHours - was.lightHours)).toBeLessThanOrEqual(1);
      expect(month.lightWattsPerM2).toBeCloseTo(was.lightWattsPerM2, -0.5);
      expect(month.rainMm).toBeCloseTo(was.rainMm, -0.5);
      expect(month.rainDays).toBe(was.rainDays);
    });
  });

  test('read back, the hours of a typical year have its temperatures and humidities', () => {
    const flat = demoPlaces[0]!;
    const back = place(readPlaceFile(loggerCsv(flat), about));
    back.months.forEach((month, i) => {
      // A logger's day is 8 to 20 h on its clock, the place's is its light: they differ by the hours between.
      const was = flat.months[i]!;
      const least = Math.min(was.day.temperatureC, was.night.temperatureC);
      const most = Math.max(was.day.temperatureC, was.night.temperatureC);
      expect(month.day.temperatureC).toBeGreaterThanOrEqual(least - 0.1);
      expect(month.day.temperatureC).toBeLessThanOrEqual(most + 0.1);
    });
  });
});
