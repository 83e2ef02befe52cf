import { addressOf, bundleWorker } from './bundle';

test('the worker is one script, named by what is in it, without the words and parts of the page', () => {
  const bundled = bundleWorker(process.cwd());
  expect(addressOf(bundled)).toMatch(/^\/_next\/static\/workers\/bench-[\da-f]{12}\.js$/);
  expect(bundleWorker(process.cwd()).path).toBe(bundled.path);
  expect(() => new Function(bundled.text)).not.toThrow();
  expect(bundled.text).not.toMatch(/\bimport\s*\(|importScripts|react|@ant-design/);
});
