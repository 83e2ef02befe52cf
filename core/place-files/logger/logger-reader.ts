/**
 * A logger's CSV as an indoor place: any column order and names, comma, semicolon or tab, decimal
 * point or comma, °C or °F. Gaps are reported; months without readings are filled from their
 * neighbours, and that is said.
 */
import { type QuantityName, ranges, round1 } from '../../base';
import { daylightHours, type Place } from '../../physics/places';
import { k } from '../reading/constants';
import { keepable } from '../reading/keepable';
import { binMonths, fillMonths, roundMonth, scaled } from '../reading/month-bins';
import { readNumber } from '../reading/read-number';
import { filledRemark } from '../reading/remarks';
import {
  type FileFaultAt,
  type ReadAs,
  type ReadingChoices,
  type ReadingFacts,
  refused,
  type RemarkFact,
} from '../reading/result';
import type { FileAbout, TableFile } from '../reading/table-file';
import { chooseReading, type Meant } from './choose';
import { type FaultLines, valueAs } from './column-tally';
import { readMoment } from '../reading/moments';
import { type LoggerTable, readTable } from './table';

export function loggerTable(): TableFile {
  const reader = readTable();
  return {
    row: reader.row,
    isSettled: reader.isSettled,
    finish: (about, choices) => {
      const end = reader.end();
      switch (end.status) {
        case 'no table':
          return refused([{ line: 1, fact: { code: 'no headings' } }]);
        case 'second headings':
          return refused([{ line: end.line, fact: { code: 'second headings', firstLine: end.firstLine } }]);
        case 'too many days':
          return refused([{ line: 0, fact: { code: 'too many days', most: k.MOST_DAYS } }]);
        case 'table':
          return placeFromTable(end.table, about, choices);
      }
    },
  };
}

const shapeOf = ({ columns }: LoggerTable): string => columns.labels.join(' | ');

function placeFromTable(table: LoggerTable, about: FileAbout, choices: ReadingChoices): ReadingFacts {
  const line = table.headingLine;
  const { labels } = table.columns;
  const choice = chooseReading(table, choices);
  switch (choice.status) {
    case 'missing':
      return refused([{ line, fact: { code: 'missing columns', lacking: choice.lacking, headings: labels } }]);
    case 'no such column':
      return refused([{ line, fact: { code: 'no such column', label: choice.label, labels } }]);
    case 'unclear':
      return { status: 'unclear', line, shape: shapeOf(table), questions: choice.questions };
    case 'meant':
      return placeAsMeant(table, choice.meant, about);
  }
}

function outsideFaults(lines: FaultLines, quantity: QuantityName & ('temperatureC' | 'relativeHumidityPct')) {
  const { min, max } = ranges[quantity];
  return lines.first.map(({ line, value }): FileFaultAt => ({
    line,
    fact: { code: 'outside', quantity, value, min, max },
  }));
}

/** What is wrong in the lines of the table, read as meant: the first of them, one for a line, and how many. */
function faultsOf(table: LoggerTable, { temperature, humidity, unit, isShare, order }: Meant) {
  const [warm, damp] = [table.tallies.get(temperature)!, table.tallies.get(humidity)!];
  const { bad } = table.orders[order];
  const tooWarm = warm.outside[unit];
  const tooDamp = damp.outside[isShare ? 'share' : 'percent'];
  const all: readonly FileFaultAt[] = [
    ...bad.first.map(({ line }): FileFaultAt => ({
      line,
      fact: { code: 'not a time', text: table.badTimes.get(line) ?? '' },
    })),
    ...[...warm.missing.first, ...damp.missing.first].map(({ line }): FileFaultAt => ({
      line,
      fact: { code: 'no number', column: null },
    })),
    ...outsideFaults(tooWarm, 'temperatureC'),
    ...outsideFaults(tooDamp, 'relativeHumidityPct'),
  ];
  const first = [...new Map([...all].reverse().map((fault) => [fault.line, fault])).values()].sort(
    (a, b) => a.line - b.line,
  );
  const sum = [bad, warm.missing, damp.missing, tooWarm, tooDamp].reduce((count, lines) => count + lines.count, 0);
  // A line counted twice among the first is one.
  return { first, count: sum - (all.length - first.length) };
}

function placeAsMeant(table: LoggerTable, meant: Meant, about: FileAbout): ReadingFacts {
  const { first, count } = faultsOf(table, meant);
  if (first.length > 0) return refused(first, count);
  const { times } = table.orders[meant.order];
  const readings = times.readingCount();
  if (readings < k.LEAST_READINGS) {
    return refused([{ line: 0, fact: { code: 'too few readings', count: readings, least: k.LEAST_READINGS } }]);
  }
  const sumsOf = (column: number) => table.tallies.get(column)!.sums[meant.order];
  const { months, filled } = fillMonths(
    binMonths(
      scaled(sumsOf(meant.temperature), valueAs[meant.unit]),
      scaled(sumsOf(meant.humidity), valueAs[meant.isShare ? 'share' : 'percent']),
    ),
  );
  const place: Place = {
    id: 'own-place',
    name: about.name,
    note: '',
    setting: 'indoor',
    latitudeDeg: about.latitudeDeg,
    longitudeDeg: about.longitudeDeg,
    altitudeM: 0,
    airflow: 'still room',
    months: months.map((month, i) =>
      roundMonth({
        ...month,
        lightHours: daylightHours(about.latitudeDeg, about.longitudeDeg, i),
        lightWattsPerM2: k.ROOM_LIGHT_W_M2,
        rainMm: 0,
        rainDays: 0,
      }),
    ),
  };
  const remarks: readonly RemarkFact[] = [
    ...(table.hasClock ? [] : [{ code: 'no clock' as const }]),
    ...(meant.isShare ? [{ code: 'shares' as const }] : []),
    ...times.gapRemarks(),
    ...filledRemark(filled),
  ];
  return keepable(place, { code: 'logger', readings, readAs: readAsOf(table, meant) }, remarks);
}

function readAsOf(table: LoggerTable, meant: Meant): ReadAs {
  const { labels, time } = table.columns;
  const [warm, damp] = [table.tallies.get(meant.temperature)!, table.tallies.get(meant.humidity)!];
  return {
    shape: shapeOf(table),
    time: time ? [time.day, ...(time.clock === null ? [] : [time.clock])].map((at) => labels[at]!).join(' + ') : '',
    temperature: labels[meant.temperature]!,
    humidity: labels[meant.humidity]!,
    unit: meant.unit,
    dates: table.orderMatters ? meant.order : null,
    firstRows: table.sampleTimes.map((text, i) => ({
      minutes: readMoment(text)[meant.order]!.minutes,
      temperatureC: round1(valueAs[meant.unit](readNumber(warm.samples[i]!)!)),
      relativeHumidityPct: round1(valueAs[meant.isShare ? 'share' : 'percent'](readNumber(damp.samples[i]!)!)),
    })),
  };
}
