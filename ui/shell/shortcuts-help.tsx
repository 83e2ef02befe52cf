'use client';

import { Modal } from 'antd';
import styles from './shortcuts-help.module.css';

export const shortcuts = [
  { keys: '1 … 9', does: 'Put that setup from the shelf on the stage' },
  { keys: '← →', does: 'Six hours back or on after watering' },
  { keys: 'Page ↑ ↓', does: 'On the slider: a day on or back' },
  { keys: '↑ ↓', does: 'On a layer’s handle: move it by half a centimetre' },
  { keys: 'Ctrl Z', does: 'Undo the last change of layers' },
  { keys: 'w', does: 'What if: try a change beside the setup as it is' },
  { keys: 'b', does: 'Set it beside others, to compare' },
  { keys: 'p', does: 'Potted it: keep plant, plan and mix' },
  { keys: '/', does: 'To the genus' },
  { keys: '?', does: 'These keys' },
] as const;

export function ShortcutsHelp({ isOpen, onClose }: { readonly isOpen: boolean; readonly onClose: () => void }) {
  return (
    <Modal title="Keys" open={isOpen} onCancel={onClose} footer={null}>
      <dl className={styles.keys}>
        {shortcuts.map((shortcut) => (
          <div key={shortcut.keys}>
            <dt>
              <kbd>{shortcut.keys}</kbd>
            </dt>
            <dd>{shortcut.does}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
