import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, request as httpRequest, type IncomingHttpHeaders } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { handingOut } from './hand-out';
import { packAssets } from './pack';
import { takeUpWhole } from './whole-at-once';

const script = `console.log(${JSON.stringify('a line of a script '.repeat(100))});\n`;
const folder = mkdtempSync(join(tmpdir(), 'cairn-built-'));
const unpack = { br: brotliDecompressSync, gzip: gunzipSync } as const;

let server: ReturnType<typeof createServer>;

beforeAll(async () => {
  mkdirSync(join(folder, 'chunks'));
  writeFileSync(join(folder, 'chunks/page.js'), script);
  writeFileSync(join(folder, 'chunks/tiny.js'), '1');
  writeFileSync(join(folder, 'chunks/letters.woff2'), Buffer.alloc(4000, 7));
  await packAssets(folder);
  const handOut = handingOut(folder);
  server = createServer((request, response) => {
    if (!handOut(request, response)) response.writeHead(404, { 'x-from': 'the application' }).end();
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
});

afterAll(async () => {
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  rmSync(folder, { recursive: true });
});

interface Answer {
  readonly status: number;
  readonly headers: IncomingHttpHeaders;
  readonly body: Buffer;
}

const ask = (path: string, headers: Readonly<Record<string, string>> = {}, method = 'GET'): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const { port } = server.address() as AddressInfo;
    httpRequest({ host: '127.0.0.1', port, path, headers, method }, (response) => {
      const chunks: Buffer[] = [];
      response.on('data', (chunk: Buffer) => chunks.push(chunk));
      response.on('end', () =>
        resolve({ status: response.statusCode!, headers: response.headers, body: Buffer.concat(chunks) }),
      );
    })
      .on('error', reject)
      .end();
  });

const page = '/_next/static/chunks/page.js';

describe('what the build made', () => {
  test.each([
    ['gzip, deflate, br, zstd', 'br'],
    ['gzip', 'gzip'],
    ['br;q=0, gzip', 'gzip'],
    ['*', 'br'],
  ] as const)('to a browser that takes %s: packed as %s, and unpacked the same letters', async (taken, encoding) => {
    const { status, headers, body } = await ask(page, { 'accept-encoding': taken });
    expect([status, headers['content-encoding'], headers.vary]).toEqual([200, encoding, 'Accept-Encoding']);
    expect(headers['content-type']).toBe('text/javascript; charset=utf-8');
    expect(headers['cache-control']).toBe('public, max-age=31536000, immutable');
    expect(body.length).toBeLessThan(script.length / 4);
    expect(unpack[encoding](body).toString()).toBe(script);
  });

  test.each([[undefined], ['identity'], ['deflate']])('as it is to one that takes %s', async (taken) => {
    const { headers, body } = await ask(page, taken === undefined ? {} : { 'accept-encoding': taken });
    expect(headers['content-encoding']).toBeUndefined();
    expect(headers.vary).toBe('Accept-Encoding');
    expect(body.toString()).toBe(script);
  });

  test('one that has it already gets no second copy; a head has no body; a query changes nothing', async () => {
    const first = await ask(page, { 'accept-encoding': 'br' });
    const again = await ask(page, { 'accept-encoding': 'br', 'if-none-match': first.headers.etag! });
    expect([again.status, again.body.length]).toEqual([304, 0]);
    const head = await ask(page, { 'accept-encoding': 'br' }, 'HEAD');
    expect([head.status, head.body.length, head.headers['content-length']]).toEqual([200, 0, `${first.body.length}`]);
    expect((await ask(`${page}?dpl=1`, { 'accept-encoding': 'br' })).body).toEqual(first.body);
  });

  test.each([['bytes=5-2'], ['bytes=x-'], ['bytes=999999-'], ['bytes=0-9']])(
    'a range of %s is survived',
    async (range) => {
      const { status } = await ask(page, { 'accept-encoding': 'br', range });
      expect([200, 206, 416]).toContain(status);
      expect((await ask(page)).body.toString()).toBe(script);
    },
  );

  test.each([
    ['/_next/static/chunks/nope.js'],
    ['/_next/static/chunks/tiny.js'],
    ['/_next/static/chunks/letters.woff2'],
    ['/_next/static/chunks/'],
    ['/_next/static/../../package.json'],
    ['/_next/static/%2e%2e/%2e%2e/package.json'],
    ['/plants'],
  ])('%s is left to the application', async (path) => {
    expect((await ask(path, { 'accept-encoding': 'br' })).headers['x-from']).toBe('the application');
  });

  test('packing again writes the same', async () => {
    const before = readFileSync(join(folder, 'chunks/page.js.br'));
    await packAssets(folder);
    expect(readFileSync(join(folder, 'chunks/page.js.br'))).toEqual(before);
  });
});

describe('scripts that are taken up whole', () => {
  const hint = '//# allFunctionsCalledOnLoad';
  const long = `${'f();'.repeat(30_000)}\n`;
  const build = mkdtempSync(join(tmpdir(), 'cairn-build-'));
  const textOf = (name: string) => readFileSync(join(build, name), 'utf8');
  afterAll(() => rmSync(build, { recursive: true }));

  test('the long ones of those every page begins with, once; the rest as they are', () => {
    writeFileSync(join(build, 'begun.js'), long);
    writeFileSync(join(build, 'short.js'), 'f();');
    writeFileSync(join(build, 'later.js'), long);
    const rootMainFiles = ['begun.js', 'short.js', 'gone.js'];
    writeFileSync(join(build, 'build-manifest.json'), JSON.stringify({ rootMainFiles }));
    takeUpWhole(build);
    takeUpWhole(build);
    expect(textOf('begun.js')).toBe(`${hint}\n${long}`);
    expect(textOf('short.js')).toBe('f();');
    expect(textOf('later.js')).toBe(long);
  });

  test('a build without its manifest is no build', () => {
    expect(() => takeUpWhole(join(build, 'nowhere'))).toThrow(/ENOENT/);
  });
});
