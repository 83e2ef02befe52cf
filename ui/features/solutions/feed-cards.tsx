'use client';

/** Feed from its label, calcium and magnesium, and several bottles together. */
import { calMagDose, feedDose, ofBottles, ppmOf } from '@core';
import { number, hardnessDose, feedInWords } from '@core/words';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { forgetTodaysFeed, keepTodaysFeed, useTodaysFeed } from '../../data/todays-feed';
import { Card } from './card';
import styles from './solutions.module.css';
import { useFigures } from './use-figures';

const pct = { min: 0, max: 60 };
const litres = { min: 0.1, max: 1000 };
const strength = { min: 5, max: 500 };
const salts = { min: 0, max: 3 };

const forms = [
  { value: 'powder', label: 'Powder' },
  { value: 'liquid', label: 'Liquid' },
] as const;

const usualFeed = { nitrogenPct: 20, wantedPpm: 75, litres: 5, isLiquid: 0, densityGPerMl: 1.2, waterDsM: 0.2 };

/** What was worked out goes into the note of whatever is fed with it today. */
function KeepAsFeed({ text }: { readonly text: string }) {
  const kept = useTodaysFeed();
  return kept === text ? (
    <Button onClick={forgetTodaysFeed}>Kept as today’s feed. Take it back</Button>
  ) : (
    <Button onClick={() => keepTodaysFeed(text)}>This is today’s feed: note it with “Fed”</Button>
  );
}

export function FeedCard() {
  const [f, set] = useFigures('feed', usualFeed);
  const form =
    f.isLiquid === 1 ? ({ kind: 'liquid', densityGPerMl: f.densityGPerMl } as const) : ({ kind: 'powder' } as const);
  const dose = f.nitrogenPct > 0 ? feedDose({ ...f, form }) : null;
  const text = dose
    ? feedInWords(number(f.wantedPpm, 0), number(dose.perLitre, 2), dose.unit, number(f.nitrogenPct, 1))
    : '';
  return (
    <Card
      title="Feed from its label"
      answer={
        dose ? (
          <>
            <strong>
              {number(dose.inAll, 1)} {dose.unit}
            </strong>{' '}
            in {number(f.litres, 1)} L ({number(dose.perLitre, 2)} {dose.unit} a litre). A pen should read about{' '}
            {number(dose.expectedDsM, 2)} mS/cm: {number(ppmOf(dose.expectedDsM, 500), 0)} ppm on the 500 scale,{' '}
            {number(ppmOf(dose.expectedDsM, 700), 0)} on the 700.
          </>
        ) : (
          'A feed without nitrogen cannot be dosed by it.'
        )
      }
      caution="The label wins. For most plants in growth 50–100 ppm, in winter 30–50; half of that for those that bear little salt. Gloves, and no feed within reach of children and pets."
      foot={dose ? <KeepAsFeed text={text} /> : null}
    >
      <Choice
        label="Form"
        options={forms}
        value={f.isLiquid === 1 ? 'liquid' : 'powder'}
        onChange={(value) => set({ isLiquid: value === 'liquid' ? 1 : 0 })}
      />
      <NumberField
        label="Nitrogen on the label, %"
        value={f.nitrogenPct}
        step={1}
        range={pct}
        onChange={(v) => set({ nitrogenPct: v })}
      />
      <NumberField
        label="Wanted, ppm nitrogen"
        value={f.wantedPpm}
        step={5}
        range={strength}
        onChange={(v) => set({ wantedPpm: v })}
      />
      <NumberField label="Water, L" value={f.litres} step={1} range={litres} onChange={(v) => set({ litres: v })} />
      {f.isLiquid === 1 ? (
        <NumberField
          label="Weight of 1 mL, g (1 where the label says w/v)"
          value={f.densityGPerMl}
          step={0.05}
          range={{ min: 0.8, max: 1.8 }}
          onChange={(v) => set({ densityGPerMl: v })}
        />
      ) : null}
      <NumberField
        label="The water’s own, mS/cm"
        value={f.waterDsM}
        step={0.05}
        range={salts}
        onChange={(v) => set({ waterDsM: v })}
      />
    </Card>
  );
}

const usualCalMag = { calciumPct: 15, magnesiumPct: 3, wantedPpm: 100, litres: 5 };

export function CalMagCard() {
  const [f, set] = useFigures('calmag', usualCalMag);
  const dose = calMagDose(f);
  return (
    <Card
      title="Calcium and magnesium"
      answer={
        dose ? (
          <>
            <strong>{number(dose.gramsInAll, 1)} g</strong> in {number(f.litres, 1)} L: {number(dose.calciumPpm, 0)} ppm
            calcium and {number(dose.magnesiumPpm, 0)} ppm magnesium.
          </>
        ) : (
          'The label must say some calcium or magnesium.'
        )
      }
      foot={
        dose ? (
          <KeepAsFeed
            text={hardnessDose(number(dose.gramsPerLitre, 2), number(dose.calciumPpm, 0), number(dose.magnesiumPpm, 0))}
          />
        ) : null
      }
      caution="Some soak with 500 ppm before potting on; as a feed a fifth of that is plenty. Never two concentrates in one glass: they fall out."
    >
      <NumberField
        label="Calcium, %"
        value={f.calciumPct}
        step={1}
        range={pct}
        onChange={(v) => set({ calciumPct: v })}
      />
      <NumberField
        label="Magnesium, %"
        value={f.magnesiumPct}
        step={1}
        range={pct}
        onChange={(v) => set({ magnesiumPct: v })}
      />
      <NumberField
        label="Wanted together, ppm"
        value={f.wantedPpm}
        step={10}
        range={{ min: 10, max: 1000 }}
        onChange={(v) => set({ wantedPpm: v })}
      />
      <NumberField label="Water, L" value={f.litres} step={1} range={litres} onChange={(v) => set({ litres: v })} />
    </Card>
  );
}

const usualBottle = { nitrogenPct: 0, phosphatePct: 0, potashPct: 0, calciumPct: 0, magnesiumPct: 0, gramsPerLitre: 0 };
const firstBottle = {
  nitrogenPct: 20,
  phosphatePct: 10,
  potashPct: 20,
  calciumPct: 0,
  magnesiumPct: 0,
  gramsPerLitre: 0.4,
};
const secondBottle = {
  nitrogenPct: 15,
  phosphatePct: 0,
  potashPct: 0,
  calciumPct: 18,
  magnesiumPct: 0,
  gramsPerLitre: 0.2,
};

const labelFields = [
  ['nitrogenPct', 'N, %'],
  ['phosphatePct', 'P₂O₅, %'],
  ['potashPct', 'K₂O, %'],
  ['calciumPct', 'Ca, %'],
  ['magnesiumPct', 'Mg, %'],
] as const;

function Bottle({ name, figures }: { readonly name: string; readonly figures: ReturnType<typeof useBottle> }) {
  const [f, set] = figures;
  return (
    <fieldset className={styles.bottle}>
      <legend>{name}</legend>
      {labelFields.map(([key, label]) => (
        <NumberField key={key} label={label} value={f[key]} step={1} range={pct} onChange={(v) => set({ [key]: v })} />
      ))}
      <NumberField
        label="g a litre"
        value={f.gramsPerLitre}
        step={0.05}
        range={{ min: 0, max: 20 }}
        onChange={(v) => set({ gramsPerLitre: v })}
      />
    </fieldset>
  );
}

const useBottle = (name: string, usual: typeof usualBottle) => useFigures(name, usual);

export function BottlesCard() {
  const first = useBottle('bottle-1', firstBottle);
  const second = useBottle('bottle-2', secondBottle);
  const third = useBottle('bottle-3', usualBottle);
  const sum = ofBottles([first[0], second[0], third[0]]);
  const parts = [
    ['nitrogen', sum.nitrogenPpm],
    ['phosphorus', sum.phosphorusPpm],
    ['potassium', sum.potassiumPpm],
    ['calcium', sum.calciumPpm],
    ['magnesium', sum.magnesiumPpm],
  ] as const;
  const said = parts.map(([name, ppm]) => `${number(ppm, 0)} ppm ${name}`).join(', ');
  return (
    <div className={styles.wide}>
      <Card
        title="Several bottles together"
        answer={<>{said}.</>}
        foot={<KeepAsFeed text={said} />}
        caution="One after another into the full can, each stirred: concentrates never meet."
      >
        <Bottle name="First" figures={first} />
        <Bottle name="Second" figures={second} />
        <Bottle name="Third" figures={third} />
      </Card>
    </div>
  );
}
