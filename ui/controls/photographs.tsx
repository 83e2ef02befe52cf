'use client';

/** Photographs of a plant: from the camera or a file, safe in this browser at once, sent when the server is there. */
import { mostPhotographs, noPhotograph } from '@core/words';
import { CameraOutlined, CloseOutlined } from '@ant-design/icons';
import { useRef, useState } from 'react';
import { photoTypes } from '@server/records/photos/schemas';
import { photoPost } from '../data/photos/post';
import { isPhoto, usePhotos } from '../data/photos/use-photos';
import { Button } from './button';
import styles from './photographs.module.css';

const MOST = 12;

interface PhotographsProps {
  readonly ids: readonly string[];
  /** Given what was there, what is there now: several may come one after the other. */
  readonly onChange: (change: (ids: readonly string[]) => readonly string[]) => void;
}

export function PhotoButton({ ids, onChange }: PhotographsProps) {
  const input = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = async (files: readonly File[]) => {
    setFault(null);
    let count = ids.length;
    for (const file of files) {
      if (!isPhoto(file)) {
        setFault(noPhotograph(file.name));
        continue;
      }
      if (count >= MOST) return setFault(mostPhotographs(MOST));
      const id = await photoPost.add(file);
      count += 1;
      onChange((before) => [...before, id]);
    }
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        className="visually-hidden"
        tabIndex={-1}
        aria-label="Photographs"
        accept={photoTypes.join(',')}
        multiple
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          void take(files);
        }}
      />
      <Button isLarge icon={<CameraOutlined />} aria-label="Photograph it" onClick={() => input.current?.click()}>
        {ids.length > 0 ? String(ids.length) : null}
      </Button>
      {fault ? (
        <p role="alert" className={styles.fault}>
          {fault}
        </p>
      ) : null}
    </>
  );
}

export function PhotoRow({ ids, onChange }: PhotographsProps) {
  const photos = usePhotos(ids);
  if (photos.length === 0) return null;
  const drop = (id: string) => {
    onChange((before) => before.filter((one) => one !== id));
    void photoPost.takeDown(id);
  };
  return (
    <ul className={styles.photos} aria-label="Photographs taken">
      {photos.map(({ id, url, isWaiting, refusal }, n) => (
        <li key={id}>
          {/* eslint-disable-next-line @next/next/no-img-element -- small already, and from this browser or its own server */}
          <img src={url} alt={`Photograph ${n + 1}`} width={84} height={84} />
          <Button aria-label={`Leave out photograph ${n + 1}`} icon={<CloseOutlined />} onClick={() => drop(id)} />
          {refusal ? (
            <span role="alert" className={styles.fault}>
              {refusal}
            </span>
          ) : isWaiting ? (
            <span className={styles.waits}>waits</span>
          ) : null}
        </li>
      ))}
    </ul>
  );
}
