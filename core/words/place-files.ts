/** What came of reading a place's file, in words (place-files). */
import { ranges, MS_PER_MINUTE } from '../base';
import type { Heating, Place } from '../physics/places';
import type {
  FileFaultAt,
  FileFaultFact,
  FileOrigin,
  ReadingChoices,
  ReadingFacts,
  ReadingQuestion,
  RemarkFact,
} from '../place-files';
import { faultMessage } from './faults';
import { monthNames } from './phrasing/format';

export interface FileFault {
  /** Line of the file, from 1; 0 = the file as a whole. */
  readonly line: number;
  readonly code: FileFaultFact['code'];
  readonly message: string;
}

/** A choice that the file leaves to the grower, with what its first rows would be. */
export interface FileQuestion {
  readonly about: keyof ReadingChoices;
  readonly question: string;
  readonly options: readonly { readonly value: string; readonly label: string; readonly sample: string }[];
}

export type PlaceReading =
  | {
      readonly status: 'ok';
      readonly place: Place;
      readonly remarks: readonly string[];
      /** How a logger's table was read; empty for other files. */
      readonly readAs: readonly string[];
    }
  | {
      readonly status: 'unclear';
      readonly line: number;
      readonly shape: string;
      readonly questions: readonly FileQuestion[];
    }
  | { readonly status: 'refused'; readonly faults: readonly FileFault[] };

function faultText(fact: FileFaultFact): string {
  switch (fact.code) {
    case 'no headings':
      return 'no line of headings that names a time and a temperature';
    case 'EPW location':
      return `LOCATION must give a latitude between ${ranges.latitudeDeg.min} and ${ranges.latitudeDeg.max}, a longitude and an altitude`;
    case 'empty':
      return 'the file is empty';
    case 'second headings':
      return `a second line of headings; the first is line ${fact.firstLine}. Two files in one?`;
    case 'missing columns':
      return `no column for ${fact.lacking.map((name) => `a ${name}`).join(', ')}; the headings are: ${fact.headings.join(', ')}`;
    case 'no such column':
      return `there is no column "${fact.label}"; the columns are: ${fact.labels.join(', ')}`;
    case 'too many days':
      return `readings of more than ${fact.most} days: are the dates right?`;
    case 'too long':
      return 'the file is too long for a place as JSON';
    case 'headings lack':
      return `the headings lack ${fact.columns.join(', ')}`;
    case 'not a time':
      return `"${fact.text}" is not a time such as 2026-04-18 14:30`;
    case 'no number':
      return `${fact.column ?? 'temperature or humidity'} is missing or not a number`;
    case 'outside': {
      const { label, unit } = ranges[fact.quantity];
      return `${label} ${fact.value} is outside ${fact.min} to ${fact.max} ${unit}`;
    }
    case 'too cold':
      return `temperature ${fact.temperatureC} is below ${fact.leastC} °C`;
    case 'too few readings':
      return `only ${fact.count} readings; at least ${fact.least} are needed`;
    case 'too few hours':
      return `only ${fact.count} hours can be read; a year has 8760`;
    case 'twelve months':
      return `there must be 12 months, there are ${fact.count}`;
    case 'month order':
      return `month must be ${fact.month}: January to December in order`;
    case 'too few fields':
      return `has ${fact.count} fields, an hour of an EPW file has 35`;
    case 'not a month':
      return `month must be 1 to 12, is "${fact.text}"`;
    case 'not a day':
      return `day must be 1 to 31, is "${fact.text}"`;
    case 'not JSON':
      return `is not JSON: ${fact.error}`;
    case 'field':
      return fact.path === null ? faultMessage(fact.fact) : `${fact.path}: ${faultMessage(fact.fact)}`;
    case 'and more':
      return `and ${fact.count} more lines like these`;
  }
}

function remarkText(fact: RemarkFact): string {
  switch (fact.code) {
    case 'gap': {
      const from = new Date(fact.afterMinutes * 60000).toISOString().slice(0, 16).replace('T', ' ');
      return `no readings for ${fact.hours} h after ${from}`;
    }
    case 'more gaps':
      return `${fact.count} more gaps, ${fact.hours} h together`;
    case 'repeated':
      return `${fact.count} readings stand there twice: the same file appended?`;
    case 'no clock':
      return 'no time of day with the readings: day and night are taken as the same';
    case 'shares':
      return 'the humidities are shares of 1: taken times 100, as per cent';
    case 'filled months':
      return `no readings in ${fact.months.map((month) => monthNames[month]).join(', ')}: filled from the months beside`;
    case 'left out':
      return `${fact.hours} hours without temperature or humidity were left out`;
  }
}

function noteText(origin: FileOrigin): string {
  switch (origin.code) {
    case 'logger':
      return `From a logger, ${origin.readings} readings.`;
    case 'epw':
      return 'From an EPW weather file, in the shade.';
    case 'monthly':
      return 'From monthly means.';
    case 'json':
      return '';
  }
}

const wordFileFault = ({ line, fact }: FileFaultAt): FileFault => ({
  line,
  code: fact.code,
  message: faultText(fact),
});

function dayText(minutes: number): string {
  const date = new Date(minutes * MS_PER_MINUTE);
  return `${date.getUTCDate()} ${monthNames[date.getUTCMonth()]} ${date.getUTCFullYear()}`;
}

const momentText = (minutes: number): string =>
  `${dayText(minutes)} ${new Date(minutes * MS_PER_MINUTE).toISOString().slice(11, 16)}`;

function wordQuestion(asked: ReadingQuestion): FileQuestion {
  switch (asked.code) {
    case 'temperature':
    case 'humidity':
      return {
        about: asked.code,
        question: `Which column is the ${asked.code === 'temperature' ? 'temperature of the air' : 'relative humidity'}?`,
        options: asked.options.map(({ label, samples }) => ({ value: label, label, sample: samples.join(', ') })),
      };
    case 'unit':
      return {
        about: 'unit',
        question: `In which unit is ${asked.label}?`,
        options: asked.options.map(({ unit, samples }) => ({
          value: unit,
          label: `°${unit}`,
          sample: samples
            .map(({ shown, temperatureC }) => (unit === 'C' ? `${shown} °C` : `${shown} °F = ${temperatureC} °C`))
            .join(', '),
        })),
      };
    case 'dates':
      return {
        about: 'dates',
        question: 'Which comes first in its dates?',
        options: asked.options.map(({ order, samples }) => ({
          value: order,
          label: order,
          sample: samples.map(({ text, minutes }) => `${text} = ${dayText(minutes)}`).join(', '),
        })),
      };
  }
}

function readAsLines(origin: FileOrigin): readonly string[] {
  if (origin.code !== 'logger') return [];
  const { time, temperature, humidity, unit, dates, firstRows } = origin.readAs;
  return [
    `Time from ${time}${dates === null ? '' : `, ${dates}`}; temperature from ${temperature}, in °${unit}; humidity from ${humidity}.`,
    `First rows: ${firstRows
      .map((row) => `${momentText(row.minutes)}, ${row.temperatureC} °C, ${row.relativeHumidityPct} %`)
      .join('; ')}.`,
  ];
}

/** The place with its note, and what a grower should know about the file. */
export function wordReading(reading: ReadingFacts): PlaceReading {
  switch (reading.status) {
    case 'refused':
      return { status: 'refused', faults: reading.faults.map(wordFileFault) };
    case 'unclear': {
      const { line, shape, questions } = reading;
      return { status: 'unclear', line, shape, questions: questions.map(wordQuestion) };
    }
    case 'ok': {
      const { place, origin, remarks } = reading;
      return {
        status: 'ok',
        place: place.note === '' ? { ...place, note: noteText(origin) } : place,
        remarks: remarks.map(remarkText),
        readAs: readAsLines(origin),
      };
    }
  }
}

/** A fault with its line, as one line of text. */
export function fileFaultLine(fault: Pick<FileFault, 'line' | 'message'>): string {
  return fault.line > 0 ? `line ${fault.line}: ${fault.message}` : fault.message;
}

/** What a room heated in the climate of a place outdoors is called, and what is noted of it. */
export function heatedRoomWords(heating: Heating, outdoorName: string): Pick<Place, 'name' | 'note'> {
  return {
    name: `Room in ${outdoorName}`,
    note: `A heated room, ${heating.dayC} °C by day, in the climate of ${outdoorName}.`,
  };
}
