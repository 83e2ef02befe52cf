'use client';

/** The ranked setups as pots on a shelf, best first, to one scale. */
import { CheckOutlined, PlusOutlined } from '@ant-design/icons';
import { PageLink } from '../../../controls/page-link';
import { memo } from 'react';
import { daysOf, specId } from '@core';
import { monthMark, number, type SetupAnswer } from '@core/words';
import { nb } from '../../../controls/nb';
import { Together } from '../../../controls/together';
import { ShelfPot, shelfSizeCm, FOOT_PX } from '../../../drawing/shelf-pot';
import { choose, toggleBeside } from '../state/actions';
import { useStage } from '../state/stage-store';
import styles from './shelf.module.css';
import { Button } from '../../../controls/button';

const POT_WIDTH_PX = 140;
const POT_HEIGHT_PX = 74;

function daysRange(setup: SetupAnswer): string {
  const all = setup.daysByMonth.map(daysOf);
  const least = Math.min(...all);
  const most = Math.max(...all);
  const digits = most < 3 ? 1 : 0;
  const a = number(least, digits);
  const b = number(most, digits);
  return a === b ? `${a} days` : `${a}–${b} days`;
}

export const Shelf = memo(function Shelf({ setups }: { readonly setups: readonly SetupAnswer[] }) {
  const beside = useStage((state) => state.beside);
  const pickedId = useStage((state) => state.chosenId);
  const isEdited = useStage((state) => state.edited !== null);
  const picked = setups.find((setup) => setup.id === pickedId) ?? setups[0];
  // A setup changed by hand is no longer any of those on the shelf.
  const chosenId = isEdited ? null : picked?.id;
  const besideIds = new Set(beside.map(specId));
  const sizes = setups.map((setup) => shelfSizeCm(setup.spec));
  const scale = Math.min(
    (POT_HEIGHT_PX - FOOT_PX) / Math.max(1, ...sizes.map(({ tallCm }) => tallCm)),
    POT_WIDTH_PX / Math.max(1, ...sizes.map(({ wideCm }) => wideCm)),
  );
  return (
    <section className={styles.shelf} aria-label="Setups, best first">
      <ol className={styles.list}>
        {setups.map((setup, i) => (
          <li key={setup.id}>
            <button
              type="button"
              className={styles.pot}
              aria-pressed={setup.id === chosenId}
              onClick={() => choose(setup.id)}
              data-testid="setup"
            >
              <ShelfPot spec={setup.spec} scale={scale} widthPx={POT_WIDTH_PX} heightPx={POT_HEIGHT_PX} />
              <span className={styles.board} />
              <span className={styles.rank}>{i + 1}</span>
              <span className={styles.merit}>{setup.merit}</span>
              <span className={styles.approach}>{setup.approachName}</span>
              <span className={styles.title}>
                <Together text={setup.title} />
              </span>
              <span className={styles.facts}>{nb(`${daysRange(setup)} · ${monthMark(setup.year).text}`)}</span>
            </button>
            <button
              type="button"
              className={styles.beside}
              aria-pressed={besideIds.has(setup.id)}
              aria-label={`Set ${setup.title} beside others`}
              title="Set beside others, to compare"
              onClick={() => toggleBeside(setup.spec)}
            >
              {besideIds.has(setup.id) ? <CheckOutlined /> : <PlusOutlined />}
            </button>
          </li>
        ))}
      </ol>
      {beside.length > 0 ? (
        <div className={styles.compareBar}>
          <PageLink href="/compare">
            <Button kind="main">Compare {beside.length}</Button>
          </PageLink>
        </div>
      ) : null}
    </section>
  );
});
