/** A file of a place's air, read in pieces; where it can be read in two ways, a flag must say which. */
import * as z from 'zod';
import { encodingOf, openPlaceFile, type ReadingChoices, type ReadingFacts, summarizePlace } from '@core';
import { fileFaultLine, type FileQuestion, type PlaceReading, wordReading } from '@core/words';
import { flagsIn } from './flags';
import { reading, UsageError } from './input';

const flagSchema = z.object({
  temperature: z.string().optional(),
  humidity: z.string().optional(),
  unit: z.enum(['C', 'F'], { error: '--unit must be C or F' }).optional(),
  dates: z.enum(['day-first', 'month-first'], { error: '--dates must be day-first or month-first' }).optional(),
  latitude: z.coerce.number({ error: '--latitude must be a number of degrees' }).default(45),
  longitude: z.coerce.number({ error: '--longitude must be a number of degrees' }).default(0),
});
type Flags = z.infer<typeof flagSchema>;

const orders = { 'day-first': 'day first', 'month-first': 'month first' } as const;

const choicesOf = ({ temperature, humidity, unit, dates }: Flags): ReadingChoices => ({
  temperature,
  humidity,
  unit,
  dates: dates && orders[dates],
});

function flagLines({ about, question, options }: FileQuestion): readonly string[] {
  return [
    question,
    ...options.map(({ value, sample }) => {
      const shown = about === 'temperature' || about === 'humidity' ? JSON.stringify(value) : value.replace(' ', '-');
      return `  --${about} ${shown}   ${sample}`;
    }),
  ];
}

async function readIn(argument: string | undefined, flags: Flags): Promise<ReadingFacts> {
  const reader = openPlaceFile();
  await reading(argument, async (input) => {
    let decoder: TextDecoder | null = null;
    for await (const bytes of input as AsyncIterable<Buffer>) {
      decoder ??= new TextDecoder(encodingOf(bytes));
      reader.push(decoder.decode(bytes, { stream: true }));
      if (reader.isSettled()) break;
    }
    if (decoder) reader.push(decoder.decode());
  });
  const about = { name: argument ?? 'place', latitudeDeg: flags.latitude, longitudeDeg: flags.longitude };
  return reader.finish(about, choicesOf(flags));
}

function refusalOf(reading: Exclude<PlaceReading, { status: 'ok' }>): UsageError {
  if (reading.status === 'refused') return new UsageError(reading.faults.map(fileFaultLine).join('\n'));
  return new UsageError(
    ['This file can be read in more than one way:', ...reading.questions.flatMap(flagLines)].join('\n'),
  );
}

export async function placeOfFile(argument: string | undefined, rest: readonly string[]): Promise<object> {
  const worded = wordReading(await readIn(argument, flagsIn(flagSchema, rest)));
  if (worded.status !== 'ok') throw refusalOf(worded);
  const { place, remarks, readAs } = worded;
  return { place, remarks, readAs, summary: summarizePlace(place) };
}
