/** Short words for what was kept, refused or deleted, shown for a while by ui/shell/messages.tsx. */
import type { ReactNode } from 'react';
import { create } from 'zustand';

export type Tone = 'info' | 'success' | 'error';

export interface Message {
  readonly key: string;
  readonly tone: Tone;
  readonly content: ReactNode;
  readonly seconds: number;
  /** What can be done about it at once. */
  readonly action?: { readonly name: string; readonly take: () => void };
}

/** A sentence is read in this time; a refusal is read twice. */
const SECONDS: Readonly<Record<Tone, number>> = { info: 5, success: 5, error: 9 };

export const useMessages = create<readonly Message[]>(() => []);
let count = 0;

type Options = Partial<Pick<Message, 'key' | 'seconds' | 'action'>>;

function say(tone: Tone, content: ReactNode, options: Options = {}): void {
  count += 1;
  const { key = String(count), seconds = SECONDS[tone] } = options;
  useMessages.setState(
    (shown) => [...shown.filter((other) => other.key !== key), { ...options, key, tone, content, seconds }],
    true,
  );
}

export const messages = {
  info: (content: ReactNode, options?: Options) => say('info', content, options),
  success: (content: ReactNode, options?: Options) => say('success', content, options),
  error: (content: ReactNode, options?: Options) => say('error', content, options),
  takeBack: (key: string) => useMessages.setState((shown) => shown.filter((other) => other.key !== key), true),
};
