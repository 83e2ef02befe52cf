/**
 * @jest-environment jsdom
 *
 * Two tablets, one plant or place: whoever comes late is told what is kept now and loses nothing typed;
 * keeping once more is then meant. What cannot be read is shown as kept.
 */
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { demoPlaces, type PlanCase } from '@core';
import { makePlan } from '@core/testing';
import { metricWords } from '@core/words';
import type { PlantLog } from '@server/projections/plants/schemas';
import { UnreadableNote } from '../controls/unreadable-note';
import { client, ConflictError, NotYetKeptError } from '../data/client';
import { show, fakeBrowserParts } from '../testing/screen';
import { KeepItDialog } from '../potting/keep-it-dialog';
import { PlaceEditor } from './places/place-editor';
import { PlantLogView } from './plants/plant-log';

jest.mock('../data/client', () => {
  const actual = jest.requireActual<typeof import('../data/client')>('../data/client');
  return {
    ...actual,
    client: {
      savePotting: jest.fn(),
      changePlace: jest.fn(),
      savePlace: jest.fn(),
      plant: jest.fn(),
      places: jest.fn(),
    },
  };
});
jest.mock('../data/stock-calls', () => ({
  stockCalls: { stock: () => Promise.resolve({ items: [], unreadable: [] }) },
}));
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn() }) }));
const server = client as jest.Mocked<typeof client>;

const planCase: PlanCase = { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 7 } };
const { spec } = makePlan(planCase).setups[0]!;
const plantId = '6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f';
const log: PlantLog = {
  id: plantId,
  name: 'Shelf end',
  genusId: 'phalaenopsis',
  tagNumber: null,
  parentage: null,
  placeName: 'Kiln Lane flat',
  spot: null,
  flag: null,
  lastPotting: null,
  planned: null,
  mediumName: null,
  inMediumSince: null,
  wateredOn: null,
  lookedOverOn: null,
  photoId: null,
  left: null,
  source: null,
  acquiredOn: null,
  needs: [],
  nursing: [],
  waterDays: null,
  nextWatering: null,
  isReckoned: true,
  version: 5,
  lastCase: planCase,
  plans: [],
  pottings: [],
  inspections: [],
  looks: [],
  care: [],
  unreadable: [],
  partOf: null,
};

beforeAll(fakeBrowserParts);
beforeEach(() => {
  jest.clearAllMocks();
  server.places.mockResolvedValue({ places: [], versions: {}, unreadable: [], next: null });
});
const touch = (name: string) => fireEvent.click(screen.getByText(name));
const write = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('"Potted it"', () => {
  const closed = jest.fn();
  function dialog() {
    const saved = jest.fn();
    show(
      <KeepItDialog
        way="potted"
        entry={null}
        planCase={planCase}
        spec={spec}
        plantId={plantId}
        plantName="Shelf end"
        plantVersion={3}
        onClose={closed}
        onSaved={saved}
      />,
    );
    return saved;
  }
  const sentForms = () => server.savePotting.mock.calls.map(([form]) => form);

  test('sends the version seen; a conflict says what the plant is called now and keeps what was typed', async () => {
    const saved = dialog();
    server.savePotting.mockRejectedValueOnce(new ConflictError('Changed meanwhile.', { name: 'Attic', version: 4 }));
    write('Note', 'two dead roots cut');
    touch('Add to its log');
    expect((await screen.findByRole('alert')).textContent).toMatch(/now called “Attic”/);
    expect(saved).not.toHaveBeenCalled();
    server.savePotting.mockResolvedValueOnce(log);
    touch('Add to its log');
    await waitFor(() => expect(saved).toHaveBeenCalledWith(log, 'potted'));
    expect(sentForms().map(({ plantVersion }) => plantVersion)).toEqual([3, 4]);
    expect(sentForms()[1]).toMatchObject({ plantName: 'Shelf end', note: 'two dead roots cut' });
  });

  test('a second try carries the same key, so that it is kept once', async () => {
    dialog();
    server.savePotting.mockRejectedValueOnce(new Error('The server answered 500.')).mockResolvedValueOnce(log);
    touch('Add to its log');
    await screen.findByRole('alert');
    touch('Add to its log');
    await waitFor(() => expect(server.savePotting).toHaveBeenCalledTimes(2));
    const [first, second] = sentForms().map(({ idempotencyKey }) => idempotencyKey);
    expect(first).toMatch(/^.{8,80}$/);
    expect(second).toBe(first);
  });

  test('what must wait for the server is said, and the bench is free for the next plant', async () => {
    const saved = dialog();
    server.savePotting.mockRejectedValueOnce(new NotYetKeptError());
    touch('Add to its log');
    expect(await screen.findByText(/waits in this browser/)).toBeTruthy();
    await waitFor(() => expect(closed).toHaveBeenCalled());
    expect(saved).not.toHaveBeenCalled();
  });

  test('a refusal is said once and not tried again', async () => {
    const saved = dialog();
    server.savePotting.mockRejectedValue(new Error('plantName must not be empty'));
    touch('Add to its log');
    expect((await screen.findByRole('alert')).textContent).toMatch(/plantName must not be empty/);
    expect(server.savePotting).toHaveBeenCalledTimes(1);
    expect(saved).not.toHaveBeenCalled();
  });
});

describe('a place by hand', () => {
  const place = { ...demoPlaces[0]!, id: plantId, name: 'North sill' };
  function editor() {
    const kept = jest.fn();
    const closed = jest.fn();
    const seen = { place, version: 2 };
    show(<PlaceEditor start={place} seen={seen} units={metricWords} onKept={kept} onClose={closed} />);
    return { kept, closed };
  }

  test('a conflict names what the other tablet keeps; keeping once more is sent over that version', async () => {
    const { kept, closed } = editor();
    const theirs = { place: { ...place, name: 'South sill' }, version: 7 };
    server.changePlace.mockRejectedValueOnce(new ConflictError('Changed meanwhile.', theirs));
    write('Name', 'My sill');
    touch('Keep the changes');
    expect((await screen.findByRole('alert')).textContent).toMatch(/South sill/);
    expect(kept).not.toHaveBeenCalled();
    server.changePlace.mockResolvedValueOnce({ ...place, name: 'My sill' });
    touch('Keep the changes');
    await waitFor(() => expect(closed).toHaveBeenCalled());
    expect(server.changePlace.mock.calls.map(([sent, version]) => [sent.name, version])).toEqual([
      ['My sill', 2],
      ['My sill', 7],
    ]);
  });

  test('an impossible month is named and nothing is sent', async () => {
    editor();
    write('April day °C', '99');
    touch('Keep the changes');
    expect((await screen.findByRole('alert')).textContent).toMatch(/April: .*temperature.*50/);
    expect(server.changePlace).not.toHaveBeenCalled();
  });
});

describe('a plant’s log', () => {
  const entry = {
    id: '00000000-0000-4000-8000-00000000000a',
    kind: 'potted',
    happenedOn: '2026-05-01',
    title: 'From a newer program',
    data: { pot: 'floating' },
  };

  test('an entry that cannot be read stands in the log as it is kept', async () => {
    server.plant.mockResolvedValue({ ...log, unreadable: [entry] });
    show(<PlantLogView firstLog={{ ...log, unreadable: [entry] }} />);
    expect(screen.getByText('From a newer program')).toBeTruthy();
    expect(screen.getByRole('alert').textContent).toMatch(/cannot read/);
    expect(screen.getByText(/"floating"/)).toBeTruthy();
    expect(screen.queryByText('Nothing in its log.')).toBeNull();
    await waitFor(() => expect(server.plant).toHaveBeenCalled());
  });

  test('an empty log says so', () => {
    server.plant.mockResolvedValue(log);
    show(<PlantLogView firstLog={log} />);
    expect(screen.getByText('Nothing in its log.')).toBeTruthy();
  });
});

test('kept things that cannot be read are named, and nothing is said where there are none', () => {
  const { container } = show(<UnreadableNote kept={[]} />);
  expect(container.querySelector('[role=note]')).toBeNull();
  show(<UnreadableNote kept={['Odd bark', 'Odd pot'].map((name) => ({ id: name, name }))} />);
  expect(screen.getByRole('note').textContent).toMatch(/Odd bark, Odd pot/);
});
