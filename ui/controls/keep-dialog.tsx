'use client';

/** A dialog with fields: what is said there is kept by one large button, or left by the other. */
import { Modal } from 'antd';
import type { ReactNode } from 'react';
import styles from './keep-dialog.module.css';

const TOP_PX = 16;
/** However long it is, its buttons stay in sight. */
const SCROLLED = { maxHeight: 'calc(100dvh - 180px)', overflowY: 'auto' } as const;
const DIALOG_PX = 520;
const WIDE_PX = 760;

interface KeepDialogProps {
  readonly title: string;
  /** What keeps it, where "Keep it" would not say enough. */
  readonly okText?: string;
  readonly isBusy: boolean;
  /** It can be kept as it stands. */
  readonly isComplete?: boolean;
  /** It holds two columns. */
  readonly isWide?: boolean;
  /** Why it was not kept. */
  readonly fault?: string | null;
  readonly onKeep: () => void;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

export function KeepDialog(props: KeepDialogProps) {
  const { title, okText = 'Keep it', isBusy, isComplete = true, isWide = false, fault = null } = props;
  const { onKeep, onClose, children } = props;
  return (
    <Modal
      open
      title={title}
      // Near the top: the longest of them has its buttons on a screen of 800 px.
      width={isWide ? WIDE_PX : DIALOG_PX}
      style={{ top: TOP_PX }}
      styles={{ body: SCROLLED }}
      okText={okText}
      cancelText="Not now"
      okButtonProps={{ size: 'large', disabled: !isComplete }}
      cancelButtonProps={{ size: 'large' }}
      confirmLoading={isBusy}
      onOk={onKeep}
      onCancel={onClose}
    >
      <div className={`entry ${styles.fields}`}>
        {children}
        {fault ? <p role="alert">{fault}</p> : null}
      </div>
    </Modal>
  );
}
