'use client';

/** What the advice rests on: genera, media and pots, each value with its origin. */
import { Input } from 'antd';
import { PageLink } from '../../controls/page-link';
import { useState } from 'react';
import { generaCatalogue, genusById, mediaCatalogue, vesselCatalogue } from '@core';
import { trapSentences, alsoHere } from '@core/words';
import { Choice } from '../../controls/choice';
import { EntryView } from '../../controls/entry-view';
import { genusFields, mediumFields, potFields } from '../../controls/fields';
import { MediumPicture } from '../../drawing/medium-picture';
import styles from './library.module.css';
import { Button } from '../../controls/button';

const sections = ['Genera', 'Media', 'Pots and mounts'] as const;
type Section = (typeof sections)[number];

interface Listed {
  readonly id: string;
  readonly name: string;
  readonly search: string;
}

function listed(section: Section): readonly Listed[] {
  switch (section) {
    case 'Genera':
      return [...generaCatalogue]
        .sort((a, b) => a.name.localeCompare(b.name))
        .map((genus) => ({ id: genus.id, name: genus.name, search: `${genus.name} ${genus.alsoCalled.join(' ')}` }));
    case 'Media':
      return mediaCatalogue.map((medium) => ({
        id: medium.id,
        name: medium.name,
        search: `${medium.name} ${medium.family}`,
      }));
    case 'Pots and mounts':
      return vesselCatalogue.map((kind) => ({ id: kind.id, name: kind.name, search: kind.name }));
  }
}

export function Library() {
  const [section, setSection] = useState<Section>('Genera');
  const [text, setText] = useState('');
  const [picked, setPicked] = useState<string | null>(null);
  const entries = listed(section).filter((entry) => entry.search.toLowerCase().includes(text.toLowerCase()));
  const chosen = entries.find((entry) => entry.id === picked) ?? entries[0] ?? null;
  return (
    <div className={styles.library}>
      <h1 className="visually-hidden">What we know</h1>
      <div className={`on-screen-only ${styles.bar}`}>
        <Choice
          label="Which catalogue"
          options={sections.map((name) => ({ value: name, label: name }))}
          value={section}
          onChange={(name) => {
            setSection(name);
            setPicked(null);
            setText('');
          }}
        />
        <Input.Search
          aria-label="Find"
          allowClear
          placeholder="Find"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      <nav className={`on-screen-only ${styles.names}`} aria-label={section}>
        {entries.map((entry) => (
          <button
            key={entry.id}
            type="button"
            aria-pressed={entry.id === chosen?.id}
            onClick={() => setPicked(entry.id)}
          >
            {entry.name}
          </button>
        ))}
        {entries.length === 0 ? <p>Nothing of that name.</p> : null}
      </nav>
      {chosen ? <Chosen section={section} id={chosen.id} /> : null}
    </div>
  );
}

function Chosen({ section, id }: { readonly section: Section; readonly id: string }) {
  switch (section) {
    case 'Genera': {
      const genus = generaCatalogue.find((entry) => entry.id === id);
      if (!genus) return null;
      const also = genus.alsoCalled.length > 0 ? alsoHere(genus.alsoCalled.join(', ')) : '';
      return (
        <div>
          <div className={styles.links}>
            <PageLink href={`/genera/${genus.id}`}>
              <Button kind="main">Read its page</Button>
            </PageLink>
            <PageLink href="/genera/mine">
              <Button>Add a genus of your own</Button>
            </PageLink>
          </div>
          <EntryView
            key={id}
            name={genus.name}
            isLatin
            note={[...trapSentences(genusById(id)), also].join(' ')}
            entry={genus}
            fields={genusFields}
          />
        </div>
      );
    }
    case 'Media': {
      const medium = mediaCatalogue.find((entry) => entry.id === id);
      if (!medium) return null;
      return (
        <div className={styles.withPicture}>
          <EntryView
            key={id}
            name={medium.name}
            isLatin={false}
            note={medium.note}
            entry={medium}
            fields={mediumFields}
          />
          <MediumPicture mediumId={id} />
        </div>
      );
    }
    case 'Pots and mounts': {
      const kind = vesselCatalogue.find((entry) => entry.id === id);
      if (!kind) return null;
      return <EntryView key={id} name={kind.name} isLatin={false} note={kind.note} entry={kind} fields={potFields} />;
    }
  }
}
