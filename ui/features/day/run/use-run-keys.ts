/** Keys at the bench: the space bar is the one big control, as large as a knuckle needs. */
import { useHotkeys } from 'react-hotkeys-hook';
import { keyTable } from '../../../controls/keys';

interface RunKeys {
  readonly big: () => void;
  readonly undo: () => void;
  readonly next: () => void;
  readonly leave: () => void;
}

export function useRunKeys({ big, undo, next, leave }: RunKeys, isOn: boolean): void {
  const options = {
    preventDefault: true,
    ignoreEventWhen: (event: KeyboardEvent) =>
      !isOn ||
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      // A button that has the focus is pressed by its own key.
      (event.target instanceof Element && event.target.closest('button, a, input, textarea, select') !== null),
  };
  useHotkeys([...keyTable.dayDone.keys], big, options, [big, isOn]);
  useHotkeys([...keyTable.dayBack.keys], undo, options, [undo, isOn]);
  useHotkeys([...keyTable.dayNext.keys], next, options, [next, isOn]);
  useHotkeys([...keyTable.dayLeave.keys], leave, options, [leave, isOn]);
}
