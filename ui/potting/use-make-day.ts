/** Makes a day of plants on file, and keeps it. */
import { useState } from 'react';
import { client, NotYetKeptError } from '../data/client';
import { dayCalls } from '../data/day-calls';
import { today } from '../data/dates';
import { messages } from '../data/messages';
import { messageOf } from '../data/worker/long-work';
import { type DayPlantKept, dayPlantOf, newDay } from './make-day';
import { newId } from '../data/browser/new-id';

export function useMakeDay() {
  const [isBusy, setBusy] = useState(false);
  const [done, setDone] = useState(0);
  /** The day's id; null where it was not kept, which is said. */
  const make = async (on: string, plantIds: readonly string[]): Promise<string | null> => {
    setBusy(true);
    try {
      const plants: DayPlantKept[] = [];
      for (const id of plantIds) {
        const plant = dayPlantOf(await client.plant(id, today()), today());
        if (plant) plants.push(plant);
        else messages.error('One of the plants cannot be read by this program and is left out.');
        setDone(plants.length);
      }
      const id = newId();
      await dayCalls.saveDay(id, newDay(on, plants), null);
      return id;
    } catch (error) {
      if (error instanceof NotYetKeptError) messages.info(error.message);
      else messages.error(messageOf(error));
      return null;
    } finally {
      setBusy(false);
    }
  };
  return { make, isBusy, done };
}
