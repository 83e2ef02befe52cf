'use client';

/** The airs plants stand in: the year of each, how hard it dries a pot beside the others, and files in and out. */
import { DeleteOutlined, DownloadOutlined, EditOutlined, HomeOutlined } from '@ant-design/icons';
import { Dropdown } from 'antd';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { epwFile, heatedRoom, loggerCsv, monthlyCsv, ORDINARY_HEATING, type Place, summarizePlace } from '@core';
import { heatedRoomWords, number, putAwayTitle } from '@core/words';
import { type GrowersPlace, useGrowersPlaces, useUnreadablePlaces } from '../../data/places';
import { usePlaceChoices } from '../../data/place-choices';
import { saveFile } from '../../data/save-file';
import { useUndoable } from '../../data/use-undoable';
import { UnreadableNote } from '../../controls/unreadable-note';
import { DeleteSeveral } from '../../controls/delete-several';
import { PageLink } from '../../controls/page-link';
import { PlaceView } from '../../controls/place-view';
import { useUnits } from '../../data/units-context';
import { awayDraftOf, storeAwayDraft } from './away-draft';
import { draftAnew, storePlaceDraft } from './place-draft';
import { ImportPlace } from './import-place';
import { PlaceEditor } from './place-editor';
import { AirChart } from './air-chart';
import { YearChart } from './year-chart';
import styles from './places.module.css';
import { Button } from '../../controls/button';

const formats = {
  monthly: { label: 'Monthly means (CSV)', ending: 'csv', write: monthlyCsv },
  logger: { label: 'Hours of a typical year (CSV)', ending: 'csv', write: loggerCsv },
  epw: { label: 'Weather file (EPW)', ending: 'epw', write: epwFile },
} as const;
type Format = keyof typeof formats;

function download(place: Place, format: Format): void {
  const { write, ending } = formats[format];
  saveFile(`${place.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.${ending}`, 'text/plain', write(place));
}

export function PlacesPage() {
  const kept = useGrowersPlaces();
  const { mine, examples } = usePlaceChoices();
  const [showsExamples, setShowsExamples] = useState(false);
  const unreadable = useUnreadablePlaces();
  const putAway = useUndoable();
  const { units } = useUnits();
  const [picked, setPicked] = useState<string | null>(null);
  const [editing, setEditing] = useState<{ readonly start: Place; readonly seen: GrowersPlace | null } | null>(null);
  const ranked = useMemo(
    () =>
      [...mine, ...(showsExamples ? examples : [])]
        .map((place) => ({ place, summary: summarizePlace(place) }))
        .sort((a, b) => b.summary.yearMmPerDay - a.summary.yearMmPerDay),
    [mine, examples, showsExamples],
  );
  const hardest = ranked[0]?.summary.yearMmPerDay ?? 1;
  const chosen = ranked.find(({ place }) => place.id === picked) ?? ranked[0];
  const seen = kept.find(({ place }) => place.id === chosen?.place.id) ?? null;
  const isOwn = seen !== null;

  const drop = async (place: Place) => {
    if (await putAway('places', place.id, putAwayTitle(place.name))) setPicked(null);
  };

  return (
    <div className={styles.page}>
      <section className={styles.list} aria-label="Places, hardest drying first">
        <h1>Places</h1>
        <p className={styles.lead}>
          How hard each air dries a pot: millimetres off an open wet surface a day, over the year.
        </p>
        <PageLink className={styles.add} href="/places/new">
          Add my place
        </PageLink>
        <PageLink className={styles.other} href="/places/summer">
          Outside for the summer
        </PageLink>
        {ranked.map(({ place, summary }) => (
          <button
            key={place.id}
            type="button"
            className={styles.bar}
            aria-pressed={place.id === chosen?.place.id}
            onClick={() => {
              setPicked(place.id);
              setEditing(null);
            }}
          >
            <span className={styles.barName}>{place.name}</span>
            <span className={styles.barValue}>{number(summary.yearMmPerDay, 1)} mm</span>
            <span className={styles.barTrack}>
              <span style={{ width: `${(100 * summary.yearMmPerDay) / hardest}%` }} />
            </span>
          </button>
        ))}
        {examples.length > 0 ? (
          <Button kind="link" aria-expanded={showsExamples} onClick={() => setShowsExamples(!showsExamples)}>
            {showsExamples ? 'Hide the examples' : 'Show invented examples'}
          </Button>
        ) : null}
        <DeleteSeveral kind="place" things={kept.map(({ place }) => place)} />
        <UnreadableNote kept={unreadable} />
        <ImportPlace onKept={(place) => setPicked(place.id)} />
      </section>
      {editing ? (
        <PlaceEditor
          key={editing.start.id + editing.start.name}
          start={editing.start}
          seen={editing.seen}
          units={units}
          onKept={(place) => setPicked(place.id)}
          onClose={() => setEditing(null)}
        />
      ) : chosen ? (
        <section className={styles.chosen} aria-label={chosen.place.name}>
          <PlaceCharts {...chosen} />
          <PlaceView place={chosen.place} isInvented={!isOwn} />
          <PlaceActions
            place={chosen.place}
            seen={seen}
            onEdit={(start, isCopy) => setEditing({ start, seen: isCopy ? null : seen })}
            onPutAway={() => void drop(chosen.place)}
          />
        </section>
      ) : null}
    </div>
  );
}

interface RankedPlace {
  readonly place: Place;
  readonly summary: ReturnType<typeof summarizePlace>;
}

/** Its year, twice: what it is like, and how hard it dries. */
function PlaceCharts({ place, summary }: RankedPlace) {
  return (
    <div className={styles.charts}>
      <AirChart place={place} />
      <YearChart
        title="Vapour pressure deficit and drying power"
        lines={[
          {
            label: 'deficit',
            values: summary.months.map((month) => month.vapourPressureDeficitKPa),
            axis: 'deficit',
          },
          {
            label: 'drying',
            values: summary.months.map((month) => month.dryingPowerMmPerDay),
            axis: 'drying',
            isDashed: true,
          },
        ]}
      />
    </div>
  );
}

interface PlaceActionsProps {
  readonly place: Place;
  /** null: none of the grower's own. */
  readonly seen: GrowersPlace | null;
  /** isCopy: what comes of it is another place. */
  readonly onEdit: (start: Place, isCopy: boolean) => void;
  readonly onPutAway: () => void;
}

function PlaceActions({ place, seen, onEdit, onPutAway }: PlaceActionsProps) {
  const router = useRouter();
  const isOwn = seen !== null;
  const bothAnew = seen && awayDraftOf(seen.place, seen.version);
  const anew = bothAnew ? null : seen && draftAnew(seen.place, seen.version);
  return (
    <div className={styles.actions}>
      <Dropdown
        trigger={['click']}
        menu={{
          items: (Object.keys(formats) as Format[]).map((key) => ({ key, label: formats[key].label })),
          onClick: ({ key }) => download(place, key as Format),
        }}
      >
        <Button icon={<DownloadOutlined />}>Save as a file…</Button>
      </Dropdown>
      {anew ? (
        <Button
          icon={<HomeOutlined />}
          onClick={() => {
            storePlaceDraft(anew);
            router.push('/places/new');
          }}
        >
          Answer again
        </Button>
      ) : null}
      <Button
        icon={<EditOutlined />}
        onClick={() => {
          if (!bothAnew) return onEdit(place, !isOwn);
          storeAwayDraft(bothAnew);
          router.push('/places/summer');
        }}
      >
        {isOwn ? 'Change it' : 'Copy and change'}
      </Button>
      {place.setting === 'outdoor' ? (
        <Button
          icon={<HomeOutlined />}
          onClick={() => onEdit({ ...heatedRoom(place), ...heatedRoomWords(ORDINARY_HEATING, place.name) }, true)}
        >
          A heated room in it
        </Button>
      ) : null}
      {isOwn ? (
        <Button icon={<DeleteOutlined />} onClick={onPutAway}>
          Delete
        </Button>
      ) : null}
    </div>
  );
}
