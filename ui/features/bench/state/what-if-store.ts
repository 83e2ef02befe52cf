/** What is tried on the setup; null while nothing is. */
import { create } from 'zustand';
import type { WhatIf } from '@core';

export interface WhatIfState {
  readonly change: WhatIf | null;
}

export const useWhatIf = create<WhatIfState>()(() => ({ change: null }));

export const tryChange = (change: WhatIf | null): void => useWhatIf.setState({ change });
