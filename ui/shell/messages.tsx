'use client';

/** Short words at the top of the page, for what was kept, refused or deleted. They wait while they are looked at. */
import { CheckCircleFilled, CloseCircleFilled, InfoCircleFilled } from '@ant-design/icons';
import { useEffect, useState } from 'react';
import { Button } from '../controls/button';
import { type Message, messages, useMessages } from '../data/messages';
import styles from './messages.module.css';

const signs = {
  info: <InfoCircleFilled />,
  success: <CheckCircleFilled />,
  error: <CloseCircleFilled />,
} as const;

export function Messages() {
  const shown = useMessages();
  return (
    <div className={styles.messages}>
      {shown.map((message) => (
        <MessageLine key={message.key} message={message} />
      ))}
    </div>
  );
}

function MessageLine({ message }: { readonly message: Message }) {
  const { key, tone, content, seconds, action } = message;
  const [isHeld, setHeld] = useState(false);
  useEffect(() => {
    if (isHeld) return undefined;
    const timer = setTimeout(() => messages.takeBack(key), seconds * 1000);
    return () => clearTimeout(timer);
  }, [isHeld, key, seconds]);
  return (
    <div
      className={styles.message}
      data-tone={tone}
      role={tone === 'error' ? 'alert' : 'status'}
      onMouseEnter={() => setHeld(true)}
      onMouseLeave={() => setHeld(false)}
      onFocus={() => setHeld(true)}
      onBlur={() => setHeld(false)}
    >
      {signs[tone]}
      <div>{content}</div>
      {action ? (
        <Button kind="link" onClick={action.take}>
          {action.name}
        </Button>
      ) : null}
    </div>
  );
}
