'use client';

/** How much mix a row of pots takes, filled to a finger under the rim; and on to the tub with it. */
import { useRouter } from 'next/navigation';
import { fillPot, layerVolumesL, makePot, realise, vesselCatalogue } from '@core';
import { litres, number } from '@core/words';
import { Button } from '../../controls/button';
import { NumberField } from '../../controls/number-field';
import { wantInTub } from '../../data/tub';
import { Card } from './card';
import { useFigures } from './use-figures';

const potKinds = vesselCatalogue.filter(({ vessel }) => vessel === 'pot');

const usual = { kind: 0, rimDiameterCm: 12, count: 6, sharePct: 100 };

export function RowOfPots() {
  const [f, set] = useFigures('pots', usual);
  const router = useRouter();
  const { id: potKindId } = potKinds[f.kind] ?? potKinds[0]!;
  const vessel = { kind: 'pot', potKindId, rimDiameterCm: f.rimDiameterCm } as const;
  const mix = [{ mediumId: 'bark-6-12', parts: 1 }];
  const layers = fillPot(vessel, mix, 0, null);
  const eachL = layerVolumesL(realise({ approach: 'organic pot', vessel, layers }))[0]! * (f.sharePct / 100);
  const allL = eachL * f.count;
  return (
    <Card
      title="Mix for a row of pots"
      answer={
        <>
          <strong>{litres(allL)}</strong> settled, {litres(eachL)} each ({makePot(potKindId, f.rimDiameterCm).heightCm}{' '}
          cm high). The tub says what to take out of each bag.
        </>
      }
      caution="Damp it before you pour: dust of dry media belongs in no lung. Gloves."
      foot={
        <Button
          onClick={() => {
            wantInTub(Math.round(10 * allL) / 10);
            router.push('/media');
          }}
        >
          To the tub with {number(allL, 1)} L
        </Button>
      }
    >
      <label>
        Pot
        <select value={f.kind} onChange={(event) => set({ kind: Number(event.target.value) })}>
          {potKinds.map(({ id, name }, n) => (
            <option key={id} value={n}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <NumberField
        label="Across, cm"
        value={f.rimDiameterCm}
        step={1}
        range={{ min: 5, max: 40 }}
        onChange={(v) => set({ rimDiameterCm: v })}
      />
      <NumberField
        label="How many"
        value={f.count}
        step={1}
        range={{ min: 1, max: 200 }}
        onChange={(v) => set({ count: Math.round(v) })}
      />
      <NumberField
        label="Filled, % (roots take the rest)"
        value={f.sharePct}
        step={5}
        range={{ min: 20, max: 100 }}
        onChange={(v) => set({ sharePct: v })}
      />
    </Card>
  );
}
