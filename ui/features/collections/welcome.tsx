'use client';

/** The first page of all: what this is for, and where to begin. */
import { Button } from '../../controls/button';
import { openCollection } from '../../data/browser/collection';
import styles from './collections.module.css';

export function Welcome() {
  return (
    <div className={styles.welcome}>
      <h1>How should this orchid be potted, here, with your time?</h1>
      <p>
        Tell it the plant, the place and how often you water. It works out medium, pot and position, says why, and keeps
        the record of what you did.
      </p>
      <div className={styles.ways}>
        <section aria-labelledby="way-own">
          <h2 id="way-own">My own plants</h2>
          <p>Empty. You add your place first: four touches and a name.</p>
          <Button kind="main" isLarge isWide onClick={() => openCollection('home', '/places/new')}>
            Start with my own plants
          </Button>
          <Button kind="link" onClick={() => openCollection('home')}>
            Straight to the bench
          </Button>
        </section>
        <section aria-labelledby="way-example">
          <h2 id="way-example">An example</h2>
          <p>Sixty invented plants of an invented grower. Nothing you do there touches your own.</p>
          <Button isLarge isWide onClick={() => openCollection('example', '/today')}>
            Look around with an example collection
          </Button>
        </section>
      </div>
    </div>
  );
}
