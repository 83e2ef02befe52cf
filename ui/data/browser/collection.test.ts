/** @jest-environment jsdom */
import { openCollection, openedCollection, watchCollection } from './collection';

beforeEach(() => {
  localStorage.clear();
  // The page itself is not left here.
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => jest.restoreAllMocks());

const shows = (collection: string) => document.documentElement.setAttribute('data-collection', collection);

test('a page is of the collection that the server says, and one’s own where it says nothing', () => {
  document.documentElement.removeAttribute('data-collection');
  expect(openedCollection()).toBe('home');
  shows('example');
  expect(openedCollection()).toBe('example');
  shows('unchosen');
  expect(openedCollection()).toBe('home');
});

test('a window that comes back after another opened the other collection shows that one too', () => {
  const reload = jest.fn();
  const stop = watchCollection(reload);
  shows('example');
  document.cookie = 'tender-cairn-collection=example; Path=/';
  window.dispatchEvent(new Event('focus'));
  expect(reload).not.toHaveBeenCalled();
  document.cookie = 'tender-cairn-collection=home; Path=/';
  window.dispatchEvent(new Event('focus'));
  expect(reload).toHaveBeenCalledTimes(1);
  stop();
  window.dispatchEvent(new Event('focus'));
  expect(reload).toHaveBeenCalledTimes(1);
});

test('what is half done stays with its collection, and is there again on the way back', () => {
  shows('example');
  localStorage.setItem('tender-cairn.bench', 'of the example');
  localStorage.setItem('tender-cairn.units', 'inch');
  openCollection('home');
  expect(document.cookie).toContain('tender-cairn-collection=home');
  expect(localStorage.getItem('tender-cairn.bench')).toBeNull();
  expect(localStorage.getItem('tender-cairn.units')).toBe('inch');
  shows('home');
  localStorage.setItem('tender-cairn.bench', 'mine');
  openCollection('example');
  expect(localStorage.getItem('tender-cairn.bench')).toBe('of the example');
  shows('example');
  openCollection('home');
  expect(localStorage.getItem('tender-cairn.bench')).toBe('mine');
});

test('opened once more it keeps what is on the bench', () => {
  shows('home');
  localStorage.setItem('tender-cairn.bench', 'mine');
  openCollection('home');
  expect(localStorage.getItem('tender-cairn.bench')).toBe('mine');
});
