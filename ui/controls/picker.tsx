'use client';

/**
 * What opens under a phrase or a button: over the page, so that nothing below moves. Escape, a touch elsewhere or Done closes it, and
 * the focus goes back to where it came from.
 */
import {
  type KeyboardEvent,
  type ReactNode,
  type RefObject,
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
} from 'react';
import styles from './picker.module.css';
import { Button } from './button';

interface PickerProps {
  readonly title: string;
  readonly anchor: RefObject<HTMLElement | null>;
  /** Where to begin; without it at the first field. */
  readonly fieldId?: string | null;
  readonly widthPx: number;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

const GAP_PX = 6;
const MARGIN_PX = 10;
/** Less room than this below the phrase is used above it. */
const LEAST_ROOM_PX = 280;

/** Lists and windows that a picker opens lie outside it in the page. */
const LENT = '.ant-select-dropdown, .ant-modal-root, .ant-popover, .ant-message, .ant-notification';

function placed(anchor: HTMLElement, widthPx: number) {
  const at = anchor.getBoundingClientRect();
  const left = Math.max(MARGIN_PX, Math.min(at.left, window.innerWidth - widthPx - MARGIN_PX));
  const below = window.innerHeight - at.bottom - GAP_PX - MARGIN_PX;
  const top = below >= LEAST_ROOM_PX ? at.bottom + GAP_PX : MARGIN_PX;
  return { left, top, maxHeight: window.innerHeight - top - MARGIN_PX, width: widthPx };
}

function firstField(panel: HTMLElement, fieldId: string | null): HTMLElement | null {
  const asked = fieldId ? document.getElementById(fieldId) : null;
  // What is shut takes no focus: the key that opened this would fall back on the phrase, and open it anew.
  const open = asked?.matches(':disabled') ? null : asked;
  return (
    open ??
    panel.querySelector<HTMLElement>('[data-body] [data-first]') ??
    panel.querySelector<HTMLElement>('[data-body] :is(input, button, [tabindex="0"]):not(:disabled)')
  );
}

export function Picker({ title, anchor, fieldId = null, widthPx, onClose, children }: PickerProps) {
  const panel = useRef<HTMLDivElement>(null);
  const [place, setPlace] = useState<ReturnType<typeof placed> | null>(null);

  useLayoutEffect(() => {
    const follow = () => {
      if (anchor.current) setPlace(placed(anchor.current, widthPx));
    };
    follow();
    window.addEventListener('resize', follow);
    window.addEventListener('scroll', follow, true);
    return () => {
      window.removeEventListener('resize', follow);
      window.removeEventListener('scroll', follow, true);
    };
  }, [anchor, widthPx]);

  useEffect(() => {
    const body = panel.current;
    if (!body) return undefined;
    const begin = (): boolean => {
      const field = firstField(body, fieldId);
      field?.focus({ preventScroll: true });
      return field !== null;
    };
    if (begin()) return undefined;
    // Until then the keys are the picker's, not the bench's.
    body.focus({ preventScroll: true });
    // The fields may still be on their way.
    const watch = new MutationObserver(() => {
      if (begin()) watch.disconnect();
    });
    watch.observe(body, { childList: true, subtree: true });
    return () => watch.disconnect();
  }, [fieldId]);

  useEffect(() => {
    const phrase = anchor.current;
    return () => {
      // Only where the focus went down with the picker: a touch elsewhere keeps its own.
      if (document.activeElement === document.body || document.activeElement === null)
        phrase?.focus({ preventScroll: true });
    };
  }, [anchor]);

  useEffect(() => {
    const outside = (event: PointerEvent) => {
      const target = event.target instanceof Element ? event.target : null;
      if (!target || panel.current?.contains(target) || target.closest(LENT) || anchor.current?.contains(target))
        return;
      onClose();
    };
    document.addEventListener('pointerdown', outside);
    return () => document.removeEventListener('pointerdown', outside);
  }, [anchor, onClose]);

  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Escape') return;
    // The first Escape closes a list that is open in it.
    if (event.target instanceof Element && event.target.closest('.ant-select-open')) return;
    event.stopPropagation();
    onClose();
  };

  return (
    <div
      ref={panel}
      role="dialog"
      tabIndex={-1}
      aria-label={title}
      className={styles.picker}
      style={place ?? { opacity: 0, width: widthPx }}
      onKeyDown={onKeyDown}
    >
      <div className={styles.head}>
        <h2>{title}</h2>
        <Button onClick={onClose}>Done</Button>
      </div>
      <div data-body>{children}</div>
    </div>
  );
}
