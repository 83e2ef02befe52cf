/** The browser's storage as a map: all a draft needs of it. */
import type { SetupSpec } from '@core';
import { emptyDraft, loadDraft, MOST_BESIDE, readCase, storeDraft } from './bench-draft';

const spec: SetupSpec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 8 }],
};

const kept = new Map<string, string>();
Object.defineProperty(globalThis, 'localStorage', {
  value: {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, text: string) => kept.set(key, text),
    clear: () => kept.clear(),
  },
});

beforeEach(() => localStorage.clear());

test('what is being tried and what is set aside survive a reload', () => {
  storeDraft({ ...emptyDraft(4), whatIf: { mossShare: 0.3 }, beside: [spec] });
  const draft = loadDraft()!;
  expect(draft.whatIf).toEqual({ mossShare: 0.3 });
  expect(draft.beside).toEqual([spec]);
});

test('a draft from before there was what-if is read as one without', () => {
  const { whatIf: _whatIf, beside: _beside, ...old } = emptyDraft(4);
  localStorage.setItem('tender-cairn.bench', JSON.stringify(old));
  expect(loadDraft()).toMatchObject({ whatIf: null, beside: [] });
});

test('a damaged part costs that part only', () => {
  localStorage.setItem(
    'tender-cairn.bench',
    JSON.stringify({ ...emptyDraft(4), whatIf: { mossShare: 99 }, beside: Array(MOST_BESIDE + 1).fill(spec) }),
  );
  expect(loadDraft()).toMatchObject({ answers: emptyDraft(4).answers, whatIf: null, beside: [] });
});

test('further answers are read with the case; wrong ones are named', () => {
  const { answers } = emptyDraft(4);
  expect(readCase({ ...answers, liveRootsPct: 40, schools: { mounts: 'refused' } }).status).toBe('ok');
  expect(readCase({ ...answers, liveRootsPct: 140 })).toMatchObject({
    status: 'faulty',
    faults: [{ path: 'liveRootsPct', message: 'share of live roots must be between 0 and 100 %' }],
  });
});
