/** What the drawings show, in words for those who hear them. */
import type { Placement } from '../../advise';
import type { PlantInHand, SetupSpec } from '../../case';
import type { SetupCurve } from '../../explore';
import type { MountedSetup, PottedSetup } from '../../physics/drydown';
import { cm, percent, type WordUnits } from '../phrasing/format';
import { layerText, vesselText } from '../phrasing/titles';

interface Shown {
  readonly spec: SetupSpec;
  readonly plant: PlantInHand;
  readonly curve: SetupCurve | null;
  readonly hour: number;
  readonly units: WordUnits;
}

function plantText({ plant, units }: Shown): string {
  return `${plant.genus.name}, ${cm(plant.heightCm, units)} tall`;
}

function waterText({ curve, hour }: Shown): string {
  const row = curve?.hours[Math.min(hour, curve.hours.length - 1)];
  return row ? ` Now ${percent(Math.max(0, row.availableShare))} of its water is left.` : '';
}

/** Plant, pot, layers from the bottom, and the water at that hour. */
export function potText(shown: Shown & { readonly setup: PottedSetup; readonly placement: Placement }): string {
  const { spec, setup, placement, units } = shown;
  const layers = setup.layers.map(
    (layer, i) => `${layer.role} ${cm(layer.heightCm, units)} ${layerText(spec.layers[i]!, units)}`,
  );
  return (
    `Section of the pot, to scale. ${plantText(shown)}, ${placement.position}, ${placement.depth}. ` +
    `${vesselText(spec, units)}, from the bottom: ${layers.join('; ')}.${waterText(shown)}`
  );
}

/** Plant, mount and pad, how it is held, and the water at that hour. */
export function mountText(shown: Shown & { readonly setup: MountedSetup }): string {
  const { mount } = shown.setup;
  const { units } = shown;
  const length = `${cm(mount.heightCm, units)} ${mount.isLying ? 'long, laid flat' : 'high, hung from a hook'}`;
  const pad = mount.padThicknessCm > 0 ? `moss pad ${cm(mount.padThicknessCm, units)}` : 'bare roots';
  return `Mount from the side, to scale. ${plantText(shown)}, tied on with soft ties. ${length}, ${pad}.${waterText(shown)}`;
}

const DAY_HOURS = 24;
/** Days are told one by one up to so many, then in steps. */
const TOLD_DAYS = 8;

/** Water left by day, when it is due, and the air between its least and most. */
export function curveText(curve: SetupCurve): string {
  const last = Math.floor((curve.hours.length - 1) / DAY_HOURS);
  const step = Math.max(1, Math.ceil(last / TOLD_DAYS));
  const told: string[] = [];
  for (let day = 0; day <= last; day += step) {
    told.push(`day ${day} ${percent(Math.max(0, curve.hours[day * DAY_HOURS]!.availableShare))}`);
  }
  const air = curve.hours.map((row) => row.airShare);
  return (
    `Water left: ${told.join(', ')}. Water again at ${percent(curve.thresholdShare)}. ` +
    `Air in the root zone ${percent(Math.min(...air))} to ${percent(Math.max(...air))}.`
  );
}
