/** The plant that was just written down as potted, until the next lies on the bench. */
import { create } from 'zustand';

interface Potted {
  readonly id: string;
  readonly name: string;
}

export const usePotted = create<{ readonly potted: Potted | null }>()(() => ({ potted: null }));

export const setPotted = (potted: Potted | null): void => usePotted.setState({ potted });
