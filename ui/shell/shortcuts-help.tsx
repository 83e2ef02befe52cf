'use client';

import { Modal } from 'antd';
import { keyTable } from '../controls/keys';
import { ThemeProvider } from '../theme/provider';
import styles from './shortcuts-help.module.css';

export function ShortcutsHelp({ isOpen, onClose }: { readonly isOpen: boolean; readonly onClose: () => void }) {
  return (
    <ThemeProvider>
      <Modal title="Keys" open={isOpen} onCancel={onClose} footer={null}>
        <dl className={styles.keys}>
          {Object.entries(keyTable).map(([name, shortcut]) => (
            <div key={name}>
              <dt>
                <kbd>{shortcut.shown}</kbd>
              </dt>
              <dd>{shortcut.does}</dd>
            </div>
          ))}
        </dl>
      </Modal>
    </ThemeProvider>
  );
}
