/** The question worth asking next. */
import { askNext } from './ask-next';

const swing = (input: 'root thickness' | 'root ball' | 'humidity', off: number, changesOrder = false) => ({
  input,
  moved: { by: 'share' as const, share: 0.2 },
  lowFine: 0.8 - off,
  highFine: 0.8,
  changesOrder,
});

test('what could change the choice is asked first, though another moves more days', () => {
  const next = askNext([swing('root ball', 0.3), swing('root thickness', 0.1, true)], {});
  expect(next).toEqual({ phrase: 'roots', fieldId: 'root', text: 'Measure a root: it could change the choice.' });
});

test('what is known is not asked, nor what only the model knows, nor what hardly tells', () => {
  const swings = [swing('humidity', 0.5, true), swing('root thickness', 0.1, true), swing('root ball', 0.05)];
  expect(askNext(swings, { rootDiameterMm: 4 })).toMatchObject({
    phrase: 'size',
    text: 'Measure the root ball: it moves the answer most.',
  });
  expect(askNext(swings, { rootDiameterMm: 4, rootBallDiameterCm: 9 })).toBeNull();
  expect(askNext([swing('root ball', 0.01)], {})).toBeNull();
});
