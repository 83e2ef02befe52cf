'use client';

/** One's own plants and the example: which is open, and leaving the example behind. */
import { collectionLine, exampleRemoved } from '@core/words';
import { Button } from '../../controls/button';
import { openCollection, useOpenCollection } from '../../data/browser/collection';
import { useCollections, useRemoveExample } from '../../data/collections';
import { messages } from '../../data/messages';
import { messageOf } from '../../data/worker/long-work';
import styles from './collections.module.css';

const UNDO_SECONDS = 20;

export function CollectionsPage() {
  const { data, isError } = useCollections();
  const open = useOpenCollection();
  const removing = useRemoveExample();
  const setRemoved = async (isRemoved: boolean): Promise<boolean> => {
    try {
      await removing.mutateAsync(isRemoved);
      return true;
    } catch (error) {
      messages.error(messageOf(error));
      return false;
    }
  };
  const remove = async () => {
    if (!(await setRemoved(true))) return;
    if (open === 'example') return openCollection('home', '/collections');
    const key = 'example-removed';
    const take = () => {
      messages.takeBack(key);
      void setRemoved(false);
    };
    messages.info(exampleRemoved, { key, seconds: UNDO_SECONDS, action: { name: 'Undo', take } });
  };
  if (isError) return <p className={styles.welcome}>The server cannot be reached.</p>;
  if (!data) return <p className={styles.welcome}>Loading…</p>;
  const { home, example } = data;
  return (
    <div className={styles.welcome}>
      <h1>Collections</h1>
      <div className={styles.ways}>
        <section aria-labelledby="own-collection" data-open={open === 'home' ? '' : undefined}>
          <h2 id="own-collection">My own plants</h2>
          <p>{collectionLine(home.plants, home.places)}</p>
          {open === 'home' ? (
            <p className={styles.open}>Open now</p>
          ) : (
            <Button kind="main" isLarge isWide onClick={() => openCollection('home')}>
              Start with my own plants
            </Button>
          )}
        </section>
        <section aria-labelledby="example-collection" data-open={open === 'example' ? '' : undefined}>
          <h2 id="example-collection">Example collection</h2>
          {example.status === 'there' ? (
            <>
              <p>{collectionLine(example.plants, null)} All invented. Nothing you do there touches your own.</p>
              {open === 'example' ? (
                <p className={styles.open}>Open now</p>
              ) : (
                <Button isLarge isWide onClick={() => openCollection('example', '/today')}>
                  Look around
                </Button>
              )}
              <Button isBusy={removing.isPending} onClick={() => void remove()}>
                Remove it
              </Button>
            </>
          ) : null}
          {example.status === 'removed' ? (
            <>
              <p>Removed, with all that was written in it.</p>
              <Button isBusy={removing.isPending} onClick={() => void setRemoved(false)}>
                Bring it back
              </Button>
            </>
          ) : null}
          {example.status === 'not made' ? <p>Not made yet. ./start --example makes it.</p> : null}
        </section>
      </div>
    </div>
  );
}
