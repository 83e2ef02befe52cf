'use client';

/** All plants: found as one types, filtered, ordered, and written down about many at once. */
import { bestShown } from '@core/words';
import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { PageLink } from '../../controls/page-link';
import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { Facets, PlantPage } from '@server/projections/plants/schemas';
import { today } from '../../data/dates';
import { useDeleteMany } from '../../data/deletions';
import { messages } from '../../data/messages';
import { everyPlant, useFacets, usePlants } from '../../data/plants';
import { saveFile } from '../../data/save-file';
import { useStored, writeStored } from '../../data/browser/stored';
import type { QuickEntryOf } from '../../data/use-journal';
import { messageOf } from '../../data/worker/long-work';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { JournalBar } from '../../journal/journal-bar';
import { NewPlantDialog } from './new/new-plant-dialog';
import { PlantFilters } from './plant-filters';
import { PlantRows } from './plant-rows';
import { PlantWall } from './plant-wall';
import { SavedViews } from './saved-views';
import { plantsCsv } from './plants-csv';
import styles from './plants.module.css';

/** As long as a hand needs from one letter to the next. */
const SETTLE_MS = 120;

type Asked = Readonly<Record<string, string>>;

interface PlantListProps {
  /** What the page was asked for when it was made. */
  readonly asked: Asked;
  readonly firstPage: PlantPage;
  readonly firstFacets: Facets;
}

const isSame = (one: Asked, other: Asked): boolean =>
  new URLSearchParams(one).toString() === new URLSearchParams(other).toString();

/** Filters stand in the address: a reload, a bookmark and the way back keep them. */
function useAsked(): { readonly asked: Asked; readonly ask: (change: Asked) => void } {
  const params = useSearchParams();
  const asked = Object.fromEntries(params);
  const ask = (change: Asked) => {
    const next = new URLSearchParams(Object.entries({ ...asked, ...change }).filter(([, value]) => value !== ''));
    window.history.replaceState(null, '', next.size > 0 ? `?${next}` : window.location.pathname);
  };
  return { asked, ask };
}

/** How many there are; of those that were searched for the best are shown. */
function countText(total: number, shown: number, isSearched: boolean): string {
  if (!isSearched) return `${total} ${total === 1 ? 'plant' : 'plants'}`;
  return `${total} found${total > shown ? bestShown(shown) : ''}`;
}

export function PlantList({ asked: askedFirst, firstPage, firstFacets }: PlantListProps) {
  const { asked, ask } = useAsked();
  const [typed, setTyped] = useState(asked.search ?? '');
  useSettled(typed.trim(), SETTLE_MS, (search) => {
    if (search !== (asked.search ?? '')) ask({ search });
  });
  // On a phone the list comes first; where there is room the filters are always there.
  const [isNarrowing, setNarrowing] = useState(false);
  const [look, setLook] = useLook();
  const facets = useFacets(firstFacets);
  const listed = usePlants(asked, isSame(asked, askedFirst) ? firstPage : undefined);
  const [chosen, setChosen] = useState<ReadonlyMap<string, QuickEntryOf>>(new Map());
  const pages = listed.data?.pages ?? [];
  const plants = pages.flatMap((page) => page.plants);
  const total = pages[0]?.total ?? 0;
  // Until they have come the plants of before stand there: nothing is told, and nothing chosen, of those.
  const isLooking = listed.isPlaceholderData;
  const isAny = Object.keys(asked).length === 0;
  const Shown = look === 'wall' ? PlantWall : PlantRows;
  if (total === 0 && isAny && facets.left === 0) {
    return <NoPlants />;
  }
  const toggle = (plant: QuickEntryOf) => {
    const next = new Map(chosen);
    if (!next.delete(plant.id)) next.set(plant.id, { id: plant.id, name: plant.name });
    setChosen(next);
  };
  const chooseAll = () => setChosen(new Map(plants.map(({ id, name }) => [id, { id, name }])));
  return (
    <>
      <div className={styles.finding}>
        <div className={styles.findRow}>
          <label className={styles.find}>
            <span>Find a plant</span>
            <input
              type="search"
              value={typed}
              maxLength={120}
              placeholder="name, tag, kind, place, medium"
              onChange={(event) => setTyped(event.target.value)}
            />
          </label>
          <AddPlant />
        </div>
        <Button className={styles.narrow} aria-expanded={isNarrowing} onClick={() => setNarrowing(!isNarrowing)}>
          Narrow and order
        </Button>
        <PlantFilters facets={facets} asked={asked} isShut={!isNarrowing} onAsk={ask} />
        <SavedViews
          asked={asked}
          onShow={(view) => {
            setTyped(view.search ?? '');
            window.history.replaceState(null, '', `?${new URLSearchParams(view)}`);
          }}
        />
      </div>
      <div className={styles.told}>
        <output aria-live="polite">
          {isLooking ? 'Looking…' : countText(total, plants.length, Boolean(asked.search))}
        </output>
        {plants.length > 0 && !isLooking ? (
          <Button kind="link" onClick={chooseAll}>
            Choose these {plants.length}
          </Button>
        ) : null}
        <Choice label="Shown as" options={looks} value={look} onChange={setLook} />
        <SaveTable asked={asked} />
        <Elsewhere asked={asked} isAny={plants.length > 0} />
        {isAny ? null : (
          <Button
            kind="link"
            onClick={() => {
              setTyped('');
              window.history.replaceState(null, '', window.location.pathname);
            }}
          >
            Show all plants
          </Button>
        )}
      </div>
      {plants.length === 0 && !listed.isFetching ? (
        <p className={styles.none}>Nothing like that. Try fewer letters, another word, or fewer filters.</p>
      ) : null}
      <Shown
        plants={plants}
        chosen={chosen}
        onToggle={toggle}
        onEnd={() => {
          if (listed.hasNextPage && !listed.isFetchingNextPage) void listed.fetchNextPage();
        }}
      />
      {chosen.size > 0 ? <ChosenPlants chosen={chosen} onNone={() => setChosen(new Map())} /> : null}
    </>
  );
}

function NoPlants() {
  return (
    <>
      <p className={styles.none}>
        No plants yet. <PageLink href="/">Plan one on the bench</PageLink>, pot it, and it stands here. Or put on record
        what you have.
      </p>
      <AddPlant />
    </>
  );
}

interface ChosenPlantsProps {
  readonly chosen: ReadonlyMap<string, QuickEntryOf>;
  readonly onNone: () => void;
}

/** What can be done with those that were chosen. */
function ChosenPlants({ chosen, onNone }: ChosenPlantsProps) {
  const deleteMany = useDeleteMany();
  const [isDeleting, setDeleting] = useState(false);
  const remove = async () => {
    setDeleting(true);
    const isDone = await deleteMany('plant', [...chosen.keys()]);
    setDeleting(false);
    if (isDone) onNone();
  };
  return (
    <section className={styles.chosen} aria-label="Chosen plants">
      <p>
        <strong>{chosen.size === 1 ? [...chosen.values()][0]!.name : `${chosen.size} plants`}</strong>
        <Button kind="link" onClick={onNone}>
          Choose none
        </Button>
        <PageLink className={styles.labels} href={`/days?ids=${[...chosen.keys()].join(',')}`}>
          A potting day with them
        </PageLink>
        <PageLink className={styles.labels} href={`/trials?ids=${[...chosen.keys()].join(',')}`}>
          A trial with them
        </PageLink>
        <PageLink className={styles.labels} href={`/plants/labels?which=all&ids=${[...chosen.keys()].join(',')}`}>
          Labels to print
        </PageLink>
        <Button kind="quiet" icon={<DeleteOutlined />} isBusy={isDeleting} onClick={() => void remove()}>
          Delete
        </Button>
      </p>
      <JournalBar plants={[...chosen.values()]} onKept={onNone} />
    </section>
  );
}

/** Pages that go on from the list. */
function Elsewhere({ asked, isAny }: { readonly asked: Asked; readonly isAny: boolean }) {
  return (
    <>
      <PageLink className={styles.labels} href="/trials">
        Trials…
      </PageLink>
      <PageLink className={styles.labels} href="/plants/files">
        Lists and files…
      </PageLink>
      {isAny ? (
        <PageLink className={styles.labels} href={`/plants/labels?${new URLSearchParams(asked)}`}>
          Labels to print
        </PageLink>
      ) : null}
    </>
  );
}

const looks = [
  { value: 'list', label: 'List' },
  { value: 'wall', label: 'Pictures' },
] as const;
type Look = (typeof looks)[number]['value'];

const LOOK_KEY = 'tender-cairn.plants-look';

/** As this device showed them last. */
function useLook(): [Look, (look: Look) => void] {
  const stored = useStored(LOOK_KEY);
  return [stored === 'wall' ? 'wall' : 'list', (look) => writeStored(LOOK_KEY, look)];
}

/** What the list shows, all pages of it, as a table for a spreadsheet. */
function SaveTable({ asked }: { readonly asked: Asked }) {
  const [isBusy, setBusy] = useState(false);
  const save = async () => {
    setBusy(true);
    try {
      saveFile(`plants-${today()}.csv`, 'text/csv', plantsCsv(await everyPlant(asked)));
    } catch (error) {
      messages.error(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Button kind="link" isBusy={isBusy} onClick={() => void save()}>
      Save as a table (CSV)
    </Button>
  );
}

function AddPlant() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button icon={<PlusOutlined />} aria-haspopup="dialog" onClick={() => setOpen(true)}>
        Add a plant…
      </Button>
      {isOpen ? <NewPlantDialog onClose={() => setOpen(false)} /> : null}
    </>
  );
}

/** Tells a value once it has stood still for a while. */
function useSettled(value: string, ms: number, tell: (value: string) => void): void {
  useEffect(() => {
    const timer = setTimeout(() => tell(value), ms);
    return () => clearTimeout(timer);
    // Whoever is told may change: only the value is waited for.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [value, ms]);
}
