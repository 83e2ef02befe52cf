'use client';

/** The mixing tub: what a mix holds, what to take out of the bags; and the grower's own media. */
import { useState } from 'react';
import { mediumById, type GrowersMedium, realiseMix, reportMix } from '@core';
import { cm, litres, percent, measuredMedium } from '@core/words';
import { KeyedSlider } from '../../controls/keyed-slider';
import { DeleteSeveral } from '../../controls/delete-several';
import { SavedRow } from '../../controls/saved-row';
import { UnreadableNote } from '../../controls/unreadable-note';
import { useLibrary, usePutAway, useUnreadableItems } from '../../data/library';
import { useIsBrowser } from '../../data/browser/stored';
import { useUnits } from '../../data/units-context';
import type { LibraryEntry } from '@server/records/library/schemas';
import styles from './media.module.css';
import { MixParts } from '../../potting/mix-parts';
import { MixResults } from './mix-results';
import { PorosityGuide } from './porosity-guide';
import { Tub } from './tub';
import { useMixDraft } from '../../data/tub';
import { Button } from '../../controls/button';

export function MediaPage() {
  const isBrowser = useIsBrowser();
  return isBrowser ? <MediaInBrowser /> : <p className={styles.hint}>Setting out the tub…</p>;
}

function tellMedium(medium: GrowersMedium) {
  const { airShare, capacityShare, spreadShare } = medium;
  const spread = spreadShare === undefined ? '' : ` ± ${percent(spreadShare)}`;
  const measured =
    airShare === undefined || capacityShare === undefined
      ? ''
      : measuredMedium(percent(airShare), percent(capacityShare), spread);
  return (
    <>
      <strong>{medium.name}</strong>, like {mediumById(medium.likeId).name.toLowerCase()}
      {measured}
    </>
  );
}

function MediaInBrowser() {
  const { units } = useUnits();
  const [draft, setDraft] = useMixDraft();
  const own = useLibrary('medium');
  const unreadable = useUnreadableItems('medium');
  const { putAway, undo } = usePutAway('medium');
  const [changing, setChanging] = useState<LibraryEntry<'medium'> | null>(null);
  const report = reportMix(realiseMix(draft.parts), draft.depthCm, draft.wantedL, draft.monthsOld);
  return (
    <div className={styles.page}>
      <section className={styles.mixing} aria-label="Mixing tub">
        <div>
          <h1>Mixing tub</h1>
          <MixParts
            parts={draft.parts}
            own={own.map((item) => item.data)}
            onChange={(parts) => setDraft({ ...draft, parts })}
          />
          <div className={styles.dials}>
            <span>
              How deep it will lie <strong>{cm(draft.depthCm, units)}</strong>
            </span>
            <KeyedSlider
              label="Depth of the mix"
              min={3}
              max={30}
              step={0.5}
              bigStep={3}
              value={draft.depthCm}
              onChange={(depthCm) => setDraft({ ...draft, depthCm })}
            />
            <span>
              How much you want <strong>{litres(draft.wantedL)}</strong>
            </span>
            <KeyedSlider
              label="Litres wanted"
              min={0.25}
              max={20}
              step={0.25}
              bigStep={2}
              value={draft.wantedL}
              onChange={(wantedL) => setDraft({ ...draft, wantedL })}
            />
            <span>
              How old it is <strong>{draft.monthsOld === 0 ? 'new' : `${draft.monthsOld} months`}</strong>
            </span>
            <KeyedSlider
              label="Age of the mix, months"
              min={0}
              max={60}
              step={3}
              bigStep={12}
              value={draft.monthsOld}
              onChange={(monthsOld) => setDraft({ ...draft, monthsOld })}
            />
          </div>
        </div>
        <div className={styles.middle}>
          <figure className={styles.picture}>
            <Tub parts={draft.parts} depthCm={draft.depthCm} monthsOld={draft.monthsOld} units={units} />
            <figcaption>
              To scale. Drained: the foot stays wettest, however coarse what lies below it.
              {draft.monthsOld > 0 ? ' Aged at 20 °C, middling wet: it has crumbled, settled and closed.' : ''}
            </figcaption>
          </figure>
          <section className={styles.ownMedia} aria-label="My media">
            <h2>My media</h2>
            {own.length === 0 ? (
              <p className={styles.hint}>None yet. Those you keep join every plan on the bench.</p>
            ) : null}
            <ul>
              {own.map((entry) => (
                <SavedRow
                  key={entry.id}
                  kind="medium"
                  entry={entry}
                  name={entry.data.name}
                  tell={tellMedium}
                  onChange={() => setChanging(entry)}
                  onPutAway={() => putAway(entry.id)}
                />
              ))}
            </ul>
            {undo ? <Button onClick={undo}>Undo</Button> : null}
            <DeleteSeveral kind="medium" things={own.map(({ id, data }) => ({ id, name: data.name }))} />
            <UnreadableNote kept={unreadable} />
          </section>
        </div>
        <MixResults report={report} units={units} />
      </section>
      <PorosityGuide key={changing?.id ?? 'new'} changing={changing} onDone={() => setChanging(null)} />
    </div>
  );
}
