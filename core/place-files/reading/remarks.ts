import type { RemarkFact } from './result';

export function filledRemark(filled: readonly number[]): readonly RemarkFact[] {
  return filled.length === 0 ? [] : [{ code: 'filled months', months: filled }];
}
