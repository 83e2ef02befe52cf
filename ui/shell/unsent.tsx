'use client';

/** Changes that the server does not have yet: how many, which, and what becomes of them. */
import { CloudUploadOutlined, WarningOutlined } from '@ant-design/icons';
import { useEffect, useRef, useState } from 'react';
import { Picker } from '../controls/picker';
import type { Letter } from '../data/outbox/letter';
import { type Unsent as UnsentLetters, useOutbox } from '../data/outbox/use-outbox';
import { usePhotoPost } from '../data/photos/use-photo-post';
import styles from './unsent.module.css';
import { Button } from '../controls/button';

/** Sending takes a moment: only what stays longer is shown. */
const SHOWN_AFTER_MS = 1_500;

function useLasting(isThere: boolean): boolean {
  const [isShown, setShown] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setShown(isThere), isThere ? SHOWN_AFTER_MS : 0);
    return () => clearTimeout(timer);
  }, [isThere]);
  return isShown && isThere;
}

const PANEL_WIDTH_PX = 420;

/** The header stands on every page: the browser's own dates, without the library's weight. */
const dayAndTimeFormat = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});
const dayAndTime = (letter: Letter): string => dayAndTimeFormat.format(new Date(letter.writtenAt));

function LetterLine({ letter, unsent }: { readonly letter: Letter; readonly unsent: UnsentLetters }) {
  const [isAsked, setAsked] = useState(false);
  return (
    <li className={styles.letter}>
      <strong>{letter.title}</strong>
      <span>
        {dayAndTime(letter)}, {letter.refusal ? `refused: ${letter.refusal}` : 'waits for the server'}
      </span>
      <span className={styles.actions}>
        {letter.refusal ? (
          <Button onClick={() => unsent.sendAgain(letter)}>
            {letter.currentVersion === null ? 'Send again' : 'Put mine in its place'}
          </Button>
        ) : null}
        {isAsked ? (
          <>
            <Button isGrave onClick={() => unsent.throwAway(letter)}>
              Throw away for good
            </Button>
            <Button onClick={() => setAsked(false)}>Keep it</Button>
          </>
        ) : (
          <Button onClick={() => setAsked(true)}>Throw away…</Button>
        )}
      </span>
    </li>
  );
}

export function Unsent() {
  const unsent = useOutbox();
  usePhotoPost();
  const { letters } = unsent;
  const isShown = useLasting(letters.length > 0);
  const [isOpen, setOpen] = useState(false);
  const pill = useRef<HTMLButtonElement>(null);
  if (!isShown) return null;
  const hasRefused = letters.some(({ refusal }) => refusal !== null);
  return (
    <>
      <Button
        ref={pill}
        className={styles.pill}
        aria-haspopup="dialog"
        aria-expanded={isOpen}
        icon={hasRefused ? <WarningOutlined /> : <CloudUploadOutlined />}
        onClick={() => setOpen(!isOpen)}
      >
        <span role="status">{letters.length} not yet kept</span>
      </Button>
      {isOpen ? (
        <Picker
          title="Not yet kept by the server, safe in this browser"
          anchor={pill}
          widthPx={PANEL_WIDTH_PX}
          onClose={() => setOpen(false)}
        >
          <div className={styles.unsent}>
            <ul>
              {letters.map((letter) => (
                <LetterLine key={letter.key} letter={letter} unsent={unsent} />
              ))}
            </ul>
            <Button kind="main" onClick={unsent.sendNow}>
              Try now
            </Button>
          </div>
        </Picker>
      ) : null}
    </>
  );
}
