/** Which phrase of the sentence is open, and on which of its fields. */
import { create } from 'zustand';
import type { PhraseId } from './phrases';

interface OpenPhrase {
  readonly openId: PhraseId | 'and' | null;
  /** The field to begin with; null = the first. */
  readonly fieldId: string | null;
}

export const useOpenPhrase = create<OpenPhrase>()(() => ({ openId: null, fieldId: null }));

export function openPhrase(openId: OpenPhrase['openId'], fieldId: string | null = null): void {
  useOpenPhrase.setState({ openId, fieldId });
}
