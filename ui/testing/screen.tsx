/** For tests only: what a screen stands in, and what the browser has and the test's document has not. */
import { render } from '@testing-library/react';
import type { ReactElement, ReactNode } from 'react';
import { QueryProvider } from '../data/query-provider';
import { Messages } from '../shell/messages';

const noListener = () => undefined;

/** The component library looks at the screen's width and at the size of its boxes; both never change here. */
export function fakeBrowserParts(): void {
  window.matchMedia ??= ((query: string) => ({
    matches: false,
    media: query,
    addListener: noListener,
    removeListener: noListener,
    addEventListener: noListener,
    removeEventListener: noListener,
  })) as unknown as typeof window.matchMedia;
  globalThis.ResizeObserver ??= class {
    observe = noListener;
    unobserve = noListener;
    disconnect = noListener;
  };
  window.scrollTo = noListener;
  // The test's document has no pseudo-elements, and complains when asked for one.
  const styleOf = window.getComputedStyle.bind(window);
  window.getComputedStyle = (element) => styleOf(element);
  globalThis.crypto.randomUUID ??= () => '00000000-0000-4000-8000-000000000001';
}

export function Around({ children }: { readonly children: ReactNode }) {
  return (
    <QueryProvider>
      {children}
      <Messages />
    </QueryProvider>
  );
}

export const show = (screen: ReactElement) => render(<Around>{screen}</Around>);
