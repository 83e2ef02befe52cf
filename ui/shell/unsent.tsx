'use client';

/** Changes that the server does not have yet: how many, which, and what becomes of them. */
import { CloudUploadOutlined, WarningOutlined } from '@ant-design/icons';
import { Button, Popconfirm, Popover } from 'antd';
import dayjs from 'dayjs';
import { useEffect, useState } from 'react';
import type { Letter } from '../data/outbox/letter';
import { type Unsent as UnsentLetters, useOutbox } from '../data/outbox/use-outbox';
import styles from './unsent.module.css';

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

const dayAndTime = (letter: Letter): string => dayjs(letter.writtenAt).format('D MMM HH:mm');

function LetterLine({ letter, unsent }: { readonly letter: Letter; readonly unsent: UnsentLetters }) {
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
        <Popconfirm
          title="Throw this change away?"
          okText="Throw away"
          cancelText="Keep it"
          onConfirm={() => unsent.throwAway(letter)}
        >
          <Button>Throw away</Button>
        </Popconfirm>
      </span>
    </li>
  );
}

export function Unsent() {
  const unsent = useOutbox();
  const { letters } = unsent;
  const isShown = useLasting(letters.length > 0);
  if (!isShown) return null;
  const hasRefused = letters.some(({ refusal }) => refusal !== null);
  return (
    <Popover
      trigger="click"
      placement="bottomRight"
      // Beside its button, so that the next key reaches it.
      getPopupContainer={(button) => button.parentElement ?? document.body}
      title="Not yet kept by the server, safe in this browser"
      content={
        <div className={styles.unsent}>
          <ul>
            {letters.map((letter) => (
              <LetterLine key={letter.key} letter={letter} unsent={unsent} />
            ))}
          </ul>
          <Button type="primary" onClick={unsent.sendNow}>
            Try now
          </Button>
        </div>
      }
    >
      <Button className={styles.pill} icon={hasRefused ? <WarningOutlined /> : <CloudUploadOutlined />}>
        <span role="status">{letters.length} not yet kept</span>
      </Button>
    </Popover>
  );
}
