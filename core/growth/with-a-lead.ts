/** A drawn plant on which nobody saw a lead still grows: its newest bulb that lives leads on, away from the one before it. */
import { leadingHeadingDeg, type MappedPlant, RAD } from './map';

export function withALead(plant: MappedPlant): MappedPlant {
  if (plant.leads.length > 0) return plant;
  const living = plant.bulbs.filter(({ isSpent }) => isSpent !== true);
  const newest = living[living.length - 1] ?? plant.bulbs[plant.bulbs.length - 1];
  if (!newest) return plant;
  const before = living[living.length - 2];
  const headingDeg = before
    ? Math.atan2(newest.yCm - before.yCm, newest.xCm - before.xCm) / RAD
    : leadingHeadingDeg(plant);
  return {
    ...plant,
    bulbs: plant.bulbs.filter((bulb) => bulb !== newest),
    leads: [{ xCm: newest.xCm, yCm: newest.yCm, headingDeg }],
  };
}
