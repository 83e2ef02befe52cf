/** The figures typed into a calculator, kept in this browser: an interruption costs nothing. */
import { useMemo } from 'react';
import * as z from 'zod';
import { safeJson } from '../../data/browser/safe-json';
import { useStored, writeStored } from '../../data/browser/stored';

const schema = z.record(z.string(), z.number());

export function useFigures<const T extends Readonly<Record<string, number>>>(
  name: string,
  usual: T,
): readonly [{ readonly [K in keyof T]: number }, (patch: Partial<Record<keyof T, number>>) => void] {
  const key = `tender-cairn.solutions.${name}`;
  const stored = useStored(key);
  const figures = useMemo(() => {
    const read = schema.safeParse(safeJson(stored ?? ''));
    return { ...usual, ...(read.success ? read.data : {}) };
  }, [stored, usual]);
  return [figures, (patch) => writeStored(key, JSON.stringify({ ...figures, ...patch }))];
}
