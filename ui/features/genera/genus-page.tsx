'use client';

/** A genus to be read: how it grows, its roots beside the media, what schools do, where values come from. */
import { PageLink } from '../../controls/page-link';
import { useRouter } from 'next/navigation';
import { generaCatalogue, genusById } from '@core';
import { genusStory, trapSentences } from '@core/words';
import { emptyDraft, loadDraft, storeDraft } from '../../data/bench-draft';
import { thisMonth } from '../../data/worker/first-case';
import { EntryView } from '../../controls/entry-view';
import { genusFields } from '../../controls/fields';
import { useUnits } from '../../data/units-context';
import styles from './genera.module.css';
import { HabitSketch } from './habit-sketch';
import { RootsAndPieces } from './roots-and-pieces';
import { SchoolsHere } from './schools-here';
import { useIsBrowser } from '../../data/browser/stored';
import { Button } from '../../controls/button';

export function GenusPage({ genusId }: { readonly genusId: string }) {
  const { units } = useUnits();
  const router = useRouter();
  const isBrowser = useIsBrowser();
  const genus = genusById(genusId);
  const entry = generaCatalogue.find((item) => item.id === genusId)!;
  const story = genusStory(genus, units);
  const traps = trapSentences(genus);
  const toBench = () => {
    const old = loadDraft() ?? emptyDraft(thisMonth());
    const { place, routine, month, schools } = old.answers;
    storeDraft({
      ...emptyDraft(thisMonth()),
      answers: { genus: genusId, place, routine, month, schools },
      beside: old.beside,
    });
    router.push('/');
  };
  return (
    <article className={styles.page}>
      <header className={styles.head}>
        <div>
          <h1 className="latin">{genus.name}</h1>
          {genus.alsoCalled.length > 0 ? <p className={styles.also}>also {genus.alsoCalled.join(', ')}</p> : null}
        </div>
        <Button kind="main" onClick={toBench}>
          Put one on the bench
        </Button>
        <PageLink href="/library">
          <Button>All we know</Button>
        </PageLink>
      </header>
      <div className={styles.story}>
        <HabitSketch genus={genus} />
        <div>
          <h2>How it grows</h2>
          <p>
            {story.grows} {story.sits}
          </p>
          <h2>How it drinks</h2>
          <p>{story.drinks}</p>
          <h2>Where it lives</h2>
          <p>{story.lives}</p>
          {traps.length > 0 ? <p className={styles.trap}>{traps.join(' ')}</p> : null}
        </div>
      </div>
      <section>
        <h2>Its roots, and pieces they live in</h2>
        <p>{story.roots}</p>
        <figure className={styles.picture}>
          <RootsAndPieces genus={genus} units={units} />
          <figcaption>
            Thinnest, middling and thickest root; then the best grade of five media with a middling root. All to one
            scale.
          </figcaption>
        </figure>
      </section>
      {isBrowser ? <SchoolsHere genusId={genusId} units={units} /> : null}
      <section>
        <h2>Where our values come from</h2>
        <EntryView name={genus.name} isLatin note="" entry={entry} fields={genusFields} isOriginShown />
      </section>
    </article>
  );
}
