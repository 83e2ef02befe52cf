import { askedCollection, collectionAsked, withCollection } from './asked-collection';

test.each([
  [{}, 'unchosen', 'unchosen'],
  [{}, 'home', 'home'],
  [{ cookie: 'tender-cairn-collection=example' }, 'home', 'example'],
  [{ cookie: 'a=b; tender-cairn-collection=home; c=d' }, 'unchosen', 'home'],
  [{ cookie: 'tender-cairn-collection=somebody' }, 'home', 'home'],
  [{ cookie: 'x-tender-cairn-collection=example' }, 'home', 'home'],
  [{ cookie: 'tender-cairn-collection=example', 'x-collection': 'home' }, 'unchosen', 'home'],
  [{ 'x-collection': '../example' }, 'home', 'home'],
] as const)('%p of a server that opens %s is about %s', (headers, otherwise, collection) => {
  expect(collectionAsked(headers, otherwise)).toBe(collection);
});

test('it is known to all that answers a request, and to nothing else', async () => {
  const seen = await Promise.all(
    (['home', 'example'] as const).map((name) =>
      withCollection(name, async () => {
        await new Promise((resolve) => setTimeout(resolve, 5));
        return askedCollection();
      }),
    ),
  );
  expect(seen).toEqual(['home', 'example']);
  expect(askedCollection()).toBe('home');
});
