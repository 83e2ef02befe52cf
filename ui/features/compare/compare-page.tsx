'use client';

/** Up to four setups side by side to one scale, with what they do and cost. One printed page. */
import { PrinterOutlined } from '@ant-design/icons';
import { PageLink } from '../../controls/page-link';
import { useState } from 'react';
import { daysOf, genusOf, type PlanCase, specId, resolveCase } from '@core';
import {
  cm,
  daysWithCause,
  litres,
  layerText,
  monthNames,
  number,
  percent,
  priceText,
  type SetupReview,
  temperature,
  wordReview,
  type WordUnits,
  workOfTheYear,
} from '@core/words';
import { loadDraft, readCase, storeDraft, type BenchDraft } from '../../data/bench-draft';
import { nb } from '../../controls/nb';
import { commonScale, SetupSection } from '../../drawing/setup-section';
import { useIsBrowser } from '../../data/browser/stored';
import { useUnits } from '../../data/units-context';
import styles from './compare.module.css';
import { useCompared } from './use-compared';
import { Button } from '../../controls/button';

export function ComparePage() {
  const isBrowser = useIsBrowser();
  return isBrowser ? <CompareInBrowser /> : <p className={styles.empty}>Setting them side by side…</p>;
}

function CompareInBrowser() {
  const { units } = useUnits();
  const [draft, setDraft] = useState<BenchDraft | null>(() => loadDraft());
  const reading = draft ? readCase(draft.answers) : null;
  const planCase = reading?.status === 'ok' ? reading.planCase : null;
  const compared = useCompared(planCase, draft?.beside ?? []);
  if (!draft || !planCase || draft.beside.length === 0) {
    return (
      <p className={styles.empty}>
        <h1 className="visually-hidden">Side by side</h1>
        Nothing is set beside anything yet. On the <PageLink href="/">bench</PageLink>, touch the plus on up to four
        setups.
      </p>
    );
  }
  if (compared.status === 'failed') return <p className={styles.empty}>{compared.message}</p>;
  if (compared.status === 'working') return <p className={styles.empty}>Setting them side by side…</p>;
  const takeAway = (index: number) => {
    const next = { ...draft, beside: draft.beside.filter((_, i) => i !== index) };
    storeDraft(next);
    setDraft(next);
  };
  const shown = compared.reviews
    .map((review) => wordReview(review, units))
    .filter((review) => draft.beside.some((spec) => specId(spec) === specId(review.spec)));
  return <Sheet planCase={planCase} reviews={shown} units={units} onTakeAway={takeAway} />;
}

interface SheetProps {
  readonly planCase: PlanCase;
  readonly reviews: readonly SetupReview[];
  readonly units: WordUnits;
  readonly onTakeAway: (index: number) => void;
}

const DRAWING_PX = 240;
const DRAWING_HEIGHT_PX = 230;

function Sheet({ planCase, reviews, units, onTakeAway }: SheetProps) {
  const { plant, place } = resolveCase(planCase);
  const scale = commonScale(
    reviews.map((review) => review.spec),
    DRAWING_PX,
    DRAWING_HEIGHT_PX,
  );
  const most = Math.max(...reviews.flatMap((review) => review.daysByMonth.map(daysOf)));
  const rows = rowsOf(units);
  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <h1>
          <span className="latin">{genusOf(planCase).name}</span> · {place.name}
        </h1>
        <Button icon={<PrinterOutlined />} onClick={() => window.print()}>
          Print
        </Button>
        <PageLink href="/" className="on-screen-only">
          <Button>Back to the bench</Button>
        </PageLink>
      </header>
      <table className={styles.sheet}>
        <thead>
          <tr>
            <th />
            {reviews.map((review) => (
              <th key={review.id} scope="col">
                {review.title}
                <span className={styles.vessel}>{review.vesselText}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">to one scale</th>
            {reviews.map((review) => (
              <td key={review.id} className={styles.drawing}>
                <SetupSection
                  spec={review.spec}
                  plant={plant}
                  placement={review.placement}
                  curve={null}
                  hour={0}
                  units={units}
                  widthPx={DRAWING_PX}
                  heightPx={DRAWING_HEIGHT_PX}
                  scale={scale}
                />
              </td>
            ))}
          </tr>
          <tr>
            <th scope="row">days between waterings, January to December</th>
            {reviews.map((review) => (
              <td key={review.id}>
                <MonthBars review={review} most={most} />
              </td>
            ))}
          </tr>
          {rows.map((row) => (
            <tr key={row.label}>
              <th scope="row">{row.label}</th>
              {reviews.map((review) => (
                <td key={review.id}>{nb(row.text(review))}</td>
              ))}
            </tr>
          ))}
          <tr>
            <th scope="row">care</th>
            {reviews.map((review) => (
              <td key={review.id}>
                <ul className={styles.risks}>
                  {risksOf(review).map((risk) => (
                    <li key={risk}>{nb(risk)}</li>
                  ))}
                </ul>
              </td>
            ))}
          </tr>
          <tr className="on-screen-only">
            <th scope="row" />
            {reviews.map((review, i) => (
              <td key={review.id}>
                <Button onClick={() => onTakeAway(i)}>Leave out</Button>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
      <p className={styles.foot}>
        Computed for your air and routine; check the pot, not the calendar. Labels and local law come first.
      </p>
    </div>
  );
}

interface Row {
  readonly label: string;
  readonly text: (review: SetupReview) => string;
}

function coolingC(review: SetupReview): number {
  const months = review.year.months;
  return months.reduce((sum, month) => sum + month.airC - month.rootZoneC, 0) / months.length;
}

function rowsOf(units: WordUnits): readonly Row[] {
  const degrees = units.temperature === 'F' ? 1.8 : 1;
  return [
    {
      label: 'mix',
      text: (r) =>
        layerText(
          r.spec.layers.find((layer) => layer.role === 'main')!,
          units,
        ),
    },
    {
      label: 'layers from the bottom',
      text: (r) =>
        r.spec.layers
          .map((layer) => `${cm(layer.heightCm, units)} ${r.spec.vessel.kind === 'mount' ? 'pad' : layer.role}`)
          .join(', '),
    },
    {
      label: 'days of the year',
      text: (r) => daysWithCause(r.year),
    },
    { label: 'air after watering', text: (r) => percent(r.airAfterWatering) },
    {
      label: 'roots cooler than the air by',
      text: (r) => `${number(coolingC(r) * degrees, 1)} ${units.temperature === 'F' ? '°F' : '°C'}`,
    },
    {
      label: 'hottest month in the roots',
      text: (r) => temperature(Math.max(...r.year.months.map((month) => month.rootZoneC)), units),
    },
    {
      label: 'weight half dry, tips at',
      text: (r) =>
        r.stability
          ? `${number(r.stability.weightG / 1000, 1)} kg, ${number(r.stability.tippingAngleDeg, 0)}°`
          : 'hangs',
    },
    { label: 'medium lasts', text: (r) => `${number(r.lifeYears, 1)} years` },
    { label: 'next repotting in', text: (r) => `${number(r.costs.yearsToNextRepot, 1)} years` },
    { label: 'media', text: (r) => `${litres(r.costs.litres)}, price ${priceText(r.costs.mediaPrice)}` },
    {
      label: 'work',
      text: (r) => workOfTheYear(number(r.costs.minutesPerWeek, 1), number(r.costs.wateringsPerYear, 0)),
    },
    { label: 'points', text: (r) => number(r.score, 0) },
  ];
}

function risksOf(review: SetupReview): readonly string[] {
  const forbidden = review.ruledOutBy ? [review.ruledOutBy.sentence] : [];
  const against = review.findings.filter((finding) => finding.effect === 'penalise').map((finding) => finding.sentence);
  const cautions = review.findings.filter((finding) => finding.effect === 'caution').map((finding) => finding.sentence);
  return [...forbidden, ...against, ...cautions].slice(0, 4);
}

const BAR_HEIGHT_PX = 46;

function MonthBars({ review, most }: { readonly review: SetupReview; readonly most: number }) {
  return (
    <div className={styles.bars} role="img" aria-label={barsLabel(review)}>
      {review.daysByMonth.map((time, i) => {
        const days = daysOf(time);
        return (
          <span key={monthNames[i]}>
            <em>{number(days, days < 3 ? 1 : 0)}</em>
            <i style={{ height: Math.max(2, (BAR_HEIGHT_PX * days) / most) }} />
          </span>
        );
      })}
    </div>
  );
}

function barsLabel(review: SetupReview): string {
  return review.daysByMonth.map((time, i) => `${monthNames[i]} ${number(daysOf(time), 1)} days`).join(', ');
}
