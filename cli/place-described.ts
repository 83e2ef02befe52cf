/** A place from what is said of it: the town, and what kind of room it is. */
import * as z from 'zod';
import {
  climateStations,
  describedRoom,
  type HomeTown,
  homeTownSchema,
  readQuestion,
  roomAnswersSchema,
  roomPlace,
  summarizePlace,
  FaultError,
} from '@core';
import { findTowns } from '../server/runtime/towns/find-towns';
import { flagsIn } from './flags';
import { UsageError } from './input';

const degrees = (name: string, most: number) =>
  z.coerce
    .number({ error: `--${name} must be a number of degrees` })
    .min(-most)
    .max(most)
    .optional();

const flagSchema = z.object({
  town: z.string().optional(),
  room: z.string({ error: '--room is needed: JSON with a "kind", or a kind alone, such as windowsill' }),
  name: z.string().optional(),
  latitude: degrees('latitude', 90),
  longitude: degrees('longitude', 180),
  altitude: z.coerce.number({ error: '--altitude must be a number of metres' }).optional(),
});
type Flags = z.infer<typeof flagSchema>;

function checked<T>(schema: z.ZodType<T>, value: unknown): T {
  const read = readQuestion(schema, value);
  if (read.status === 'faulty') throw new FaultError(read.faults);
  return read.value;
}

function townOf({ town, latitude, longitude, altitude }: Flags): HomeTown {
  const altitudeM = altitude ?? null;
  if (latitude !== undefined) {
    const said = { name: town ?? '', latitudeDeg: latitude, longitudeDeg: longitude ?? null, altitudeM };
    return checked(homeTownSchema, said);
  }
  if (town === undefined) throw new UsageError('say where it is: --town "NAME", or --latitude DEGREES');
  const [first] = findTowns(town);
  if (!first) throw new UsageError(`--town: no town is found for "${town}"; --latitude DEGREES will do`);
  const { name, latitudeDeg, longitudeDeg } = first;
  return checked(homeTownSchema, { name, latitudeDeg, longitudeDeg, altitudeM });
}

function roomSaid(text: string): unknown {
  if (!text.trimStart().startsWith('{')) return { kind: text };
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new UsageError(`--room: is not JSON: ${error instanceof Error ? error.message : String(error)}`);
  }
}

export function placeDescribed(args: readonly string[]): object {
  const flags = flagsIn(flagSchema, args);
  const town = townOf(flags);
  const room = describedRoom(town, checked(roomAnswersSchema, roomSaid(flags.room)));
  const { place, ...rest } = roomPlace(room, flags.name ?? room.kind, climateStations);
  return { place, summary: summarizePlace(place), ...rest };
}
