/** @jest-environment jsdom */
import { fakeBrowserParts } from '../../../testing/screen';
import { useCase } from './case-store';
import {
  beginAnew,
  endInspection,
  goTo,
  INSPECTION_KEY,
  inspectionIn,
  keepInspection,
  leaveInspection,
  see,
  startInspection,
  useInspect,
} from './inspect-store';

beforeAll(fakeBrowserParts);
let end: () => void;
beforeEach(() => {
  localStorage.clear();
  endInspection();
  useCase.setState({ answers: { genus: 'oncidium' }, plantId: null });
  end = keepInspection();
});
afterEach(() => end());

const seen = () => useInspect.getState().seen;

test('what is seen, and where one is, survives a reload', () => {
  startInspection();
  see({ liveRootsPct: 50 });
  see({ pests: [] });
  goTo(4);
  const { key } = useInspect.getState();
  end();
  endInspection();
  end = keepInspection();
  expect(useInspect.getState()).toMatchObject({ isOpen: true, step: 4, seen: { liveRootsPct: 50, pests: [] }, key });
});

test('what is taken back is unknown again', () => {
  startInspection();
  see({ tips: 'none' });
  see({ tips: undefined });
  expect(seen()).toEqual({});
});

test('left for now it goes on where it was; of another plant or kind it begins anew, and so when it is done', () => {
  startInspection();
  see({ tips: 'none' });
  const { key } = useInspect.getState();
  leaveInspection();
  startInspection();
  expect(useInspect.getState()).toMatchObject({ isOpen: true, seen: { tips: 'none' }, key });
  useCase.setState({ answers: { genus: 'vanda' } });
  startInspection();
  expect(seen()).toEqual({});
  expect(useInspect.getState().key).not.toBe(key);
  see({ tips: 'long' });
  endInspection();
  expect(localStorage.getItem(INSPECTION_KEY)).toBeNull();
  startInspection();
  expect(seen()).toEqual({});
});

test('begun anew it has another key: it is another inspection', () => {
  startInspection();
  see({ rot: true });
  const { key } = useInspect.getState();
  beginAnew();
  expect(seen()).toEqual({});
  expect(useInspect.getState().key).not.toBe(key);
});

test('what stands in the storage and is no inspection is passed over', () => {
  for (const text of [null, '{', '{"isOpen":true}', '{"isOpen":true,"of":"","step":0,"seen":{"tail":1},"key":"k"}']) {
    expect(inspectionIn(text)).toMatchObject({ isOpen: false, seen: {} });
  }
});
