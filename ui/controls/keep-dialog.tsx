'use client';

/** A dialog with fields: what is said there is kept by one large button, or left by the other. */
import { Modal } from 'antd';
import type { ReactNode } from 'react';
import styles from './keep-dialog.module.css';

const TOP_PX = 16;
const DIALOG_PX = 520;
const WIDE_PX = 760;

/** Near the top, as wide as its fields; however long they are, its buttons stay in sight. isWide: it holds two columns. */
export const dialogFrame = (isWide: boolean) =>
  ({
    width: isWide ? WIDE_PX : DIALOG_PX,
    style: { top: TOP_PX },
    styles: { body: { maxHeight: 'calc(100dvh - 180px)', overflowY: 'auto' } },
  }) as const;

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
      {...dialogFrame(isWide)}
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
