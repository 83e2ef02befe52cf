'use client';

/** The bench's engine, for the controls that ask it something. */
import { createContext, useContext } from 'react';
import type { Engine } from './engine';

const closed: Engine = {
  cancel: () => undefined,
  askDoubts: () => undefined,
  askSides: () => Promise.resolve({ status: 'cancelled' }),
  askUnlooked: () => Promise.resolve({ status: 'cancelled' }),
  tune: () => Promise.resolve({ status: 'cancelled' }),
  stopThinking: () => undefined,
  close: () => undefined,
};

export const EngineContext = createContext<Engine>(closed);

export const useEngine = (): Engine => useContext(EngineContext);
