'use client';

/** Photographs of a day, small, each a way to the whole one. */
import { usePhotos } from '../../../data/photos/use-photos';
import styles from '../plants.module.css';

export function Photos({ ids, day }: { readonly ids: readonly string[]; readonly day: string }) {
  const photos = usePhotos(ids);
  if (photos.length === 0) return null;
  return (
    <ul className={styles.photos} aria-label={`Photographs of ${day}`}>
      {photos.map(({ id, url, isWaiting, refusal }, n) => (
        <li key={id}>
          <a href={isWaiting ? url : `/api/photos/${id}`} target="_blank" rel="noreferrer">
            {/* eslint-disable-next-line @next/next/no-img-element -- small already, and from this browser or its own server */}
            <img src={url} alt={`Photograph ${n + 1} of ${day}`} width={132} height={132} />
          </a>
          {refusal ? <span role="alert">{refusal}</span> : isWaiting ? <span>waits to be sent</span> : null}
        </li>
      ))}
    </ul>
  );
}
