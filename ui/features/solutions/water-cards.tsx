'use client';

/** Two waters blended, what pens of either scale show, and peroxide thinned to what roots bear. */
import { blendWaters, caCo3Of, degreesOf, dsMOf, ppmOf, thinPeroxide } from '@core';
import { number, blendRange } from '@core/words';
import { NumberField } from '../../controls/number-field';
import { Card } from './card';
import { useFigures } from './use-figures';

const salts = { min: 0, max: 3 };
const usualBlend = { hardDsM: 0.6, softDsM: 0.05, wantedDsM: 0.2, litres: 10 };

export function BlendCard() {
  const [f, set] = useFigures('blend', usualBlend);
  const blend = blendWaters(f);
  return (
    <Card
      title="Two waters in one can"
      answer={
        blend.status === 'blended' ? (
          <>
            <strong>{number(blend.hardL, 1)} L tap</strong> and <strong>{number(blend.softL, 1)} L soft</strong> water.
          </>
        ) : (
          blendRange(number(blend.leastDsM, 2), number(blend.mostDsM, 2))
        )
      }
      caution="No acid is needed for this, and none is reckoned."
    >
      <NumberField
        label="Tap water, mS/cm"
        value={f.hardDsM}
        step={0.05}
        range={salts}
        onChange={(v) => set({ hardDsM: v })}
      />
      <NumberField
        label="Rain or soft water, mS/cm"
        value={f.softDsM}
        step={0.01}
        range={salts}
        onChange={(v) => set({ softDsM: v })}
      />
      <NumberField
        label="Wanted, mS/cm"
        value={f.wantedDsM}
        step={0.05}
        range={salts}
        onChange={(v) => set({ wantedDsM: v })}
      />
      <NumberField
        label="In all, L"
        value={f.litres}
        step={1}
        range={{ min: 0.1, max: 1000 }}
        onChange={(v) => set({ litres: v })}
      />
    </Card>
  );
}

const usualPen = { ppm500: 350, degreesDh: 8 };

export function PenCard() {
  const [f, set] = useFigures('pen', usualPen);
  const dsM = dsMOf(f.ppm500, 500);
  return (
    <Card
      title="What a pen or a letter of the waterworks says"
      caution="Rinse and test a pen in a known solution before you trust it; two pens differ by a tenth."
      answer={
        <>
          <strong>{number(dsM, 2)} mS/cm</strong>, {number(ppmOf(dsM, 700), 0)} ppm on the 700 scale.{' '}
          {number(f.degreesDh, 1)} °dH is {number(caCo3Of(f.degreesDh), 0)} ppm of carbonate; 100 ppm is{' '}
          {number(degreesOf(100), 1)} °dH.
        </>
      }
    >
      <NumberField
        label="ppm on the 500 scale"
        value={f.ppm500}
        step={10}
        range={{ min: 0, max: 2000 }}
        onChange={(v) => set({ ppm500: v })}
      />
      <NumberField
        label="Hardness, °dH"
        value={f.degreesDh}
        step={1}
        range={{ min: 0, max: 40 }}
        onChange={(v) => set({ degreesDh: v })}
      />
    </Card>
  );
}

const usualPeroxide = { bottlePct: 12, wantedMl: 250 };

export function PeroxideCard() {
  const [f, set] = useFigures('peroxide', usualPeroxide);
  const thinned = thinPeroxide(f.bottlePct, f.wantedMl);
  return (
    <Card
      title="Peroxide down to 3 %"
      answer={
        thinned ? (
          thinned.waterMl < 1 ? (
            <>It goes as it is: 3 % needs no water.</>
          ) : (
            <>
              <strong>{number(thinned.bottleMl, 0)} mL</strong> of the bottle into{' '}
              <strong>{number(thinned.waterMl, 0)} mL</strong> of water.
            </>
          )
        ) : (
          'It is weaker than 3 % already.'
        )
      }
      caution="Goggles and gloves; into the water, not the water into it; never with another chemical, never in a shut bottle. The label and local law win. A healthy plant needs none."
    >
      <NumberField
        label="On the bottle, %"
        value={f.bottlePct}
        step={1}
        range={{ min: 1, max: 35 }}
        onChange={(v) => set({ bottlePct: v })}
      />
      <NumberField
        label="Wanted, mL"
        value={f.wantedMl}
        step={50}
        range={{ min: 10, max: 10_000 }}
        onChange={(v) => set({ wantedMl: v })}
      />
    </Card>
  );
}
