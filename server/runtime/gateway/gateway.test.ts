import { readFileSync, readdirSync } from 'node:fs';
import { type IncomingMessage, request as httpRequest, type RequestOptions } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { relative } from 'node:path';
import { MOST_PHOTO_BYTES } from '../../records/photos/schemas';
import { hostName, refusalOf } from './admit';
import { currentAddress, movedPage } from './former-addresses';
import { MOST_BODY_BYTES } from '../http/limits';
import { makeGateway } from './gateway';
import { methodsAt, routes } from './routes';
import { settingsFrom } from './settings';

const hosts = ['localhost', '127.0.0.1', '[::1]'];
const own = { host: '127.0.0.1:3210' };
const json = { ...own, 'content-type': 'application/json' };
const statusOf = (method: string, url: string, headers: Readonly<Record<string, string>> = own) =>
  refusalOf({ method, url, headers }, hosts)?.status ?? 'in';

describe('who may ask', () => {
  test.each([
    ['127.0.0.1:3210', 'in'],
    ['localhost', 'in'],
    ['LOCALHOST:80', 'in'],
    ['[::1]:3210', 'in'],
    ['rebound.example:3210', 421],
    ['127.0.0.1.example', 421],
    ['localhost.example:3210', 421],
    ['', 421],
  ])('by the name "%s": %s', (host, expected) => {
    expect(statusOf('GET', '/api/plants', { host })).toBe(expected);
    expect(statusOf('GET', '/', { host })).toBe(expected);
    expect(statusOf('POST', '/api/plan', { ...json, host })).toBe(expected);
  });

  test('a name of the grower’s own network, when it is set', () => {
    const { hosts: named } = settingsFrom({ PORT: '3210', CAIRN_HOSTS: ' Bench.Home , shed' });
    expect(refusalOf({ method: 'GET', url: '/', headers: { host: 'bench.home:3210' } }, named)).toBeNull();
    expect(refusalOf({ method: 'GET', url: '/', headers: { host: 'bench' } }, named)?.status).toBe(421);
  });

  test.each([
    [{ 'sec-fetch-site': 'same-origin', origin: 'http://127.0.0.1:3210' }, 'in'],
    [{ 'sec-fetch-site': 'none' }, 'in'],
    [{}, 'in'],
    [{ 'sec-fetch-site': 'cross-site' }, 403],
    [{ 'sec-fetch-site': 'same-site' }, 403],
    [{ origin: 'http://elsewhere.example' }, 403],
    [{ origin: 'http://127.0.0.1:8080' }, 403],
    [{ origin: 'null' }, 403],
  ])('with %j: %s', (headers, expected) => {
    expect(statusOf('POST', '/api/plan', { ...json, ...headers } as Record<string, string>)).toBe(expected);
    expect(statusOf('GET', '/api/plants', { ...own, ...headers } as Record<string, string>)).toBe(expected);
  });

  test.each([
    ['/x/../api/plants', 400],
    ['/x/%2e%2e/api/plants', 400],
    ['/./api/plants', 400],
    ['/x\\..\\api/plants', 400],
    ['*', 400],
    ['http://127.0.0.1:3210/api/plants', 400],
    ['/_next/image?url=%2Fapi%2Farchive&w=64&q=75', 404],
    ['/plants/..hidden', 'in'],
  ])('%s leads nowhere else: %s', (url, expected) => {
    expect(statusOf('GET', url)).toBe(expected);
  });

  test.each([
    ['%5B%22%22%5D', 'in'],
    ['[""]', 'in'],
    ['{', 400],
    ['%E0%A4%A', 400],
    ['7', 400],
  ])('with %s for where a page is: %s', (state, expected) => {
    expect(statusOf('GET', '/plants', { ...own, 'next-router-state-tree': state })).toBe(expected);
  });

  test('a link from another page still opens a page of ours', () => {
    expect(statusOf('GET', '/plants', { ...own, 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate' })).toBe(
      'in',
    );
  });

  test.each([
    ['text/plain', 415],
    ['application/x-www-form-urlencoded', 415],
    ['multipart/form-data; boundary=x', 415],
    ['application/jsonish', 415],
    ['application/json', 'in'],
    ['application/json; charset=utf-8', 'in'],
    ['APPLICATION/JSON', 'in'],
  ])('a change as %s: %s', (type, expected) => {
    const headers = { ...own, 'content-type': type };
    expect(statusOf('POST', '/api/places', headers)).toBe(expected);
    expect(statusOf('PUT', '/api/places/x', headers)).toBe(expected);
    expect(statusOf('DELETE', '/api/places/x', headers)).toBe(expected);
    expect(statusOf('POST', '/api/places/x/restore', headers)).toBe(expected);
  });

  // Pictures come as pictures, to their own address only.
  test.each([
    ['image/jpeg', 'in', 415],
    ['image/png', 'in', 415],
    ['image/webp', 'in', 415],
    ['image/svg+xml', 415, 415],
    ['image/jpegish', 415, 415],
    ['application/json', 415, 'in'],
  ])('a photograph as %s: %s, a place so: %s', (type, photo, place) => {
    const headers = { ...own, 'content-type': type };
    expect(statusOf('PUT', '/api/photos/x', headers)).toBe(photo);
    expect(statusOf('PUT', '/api/places/x', headers)).toBe(place);
    expect(statusOf('DELETE', '/api/photos/x', headers)).toBe(place);
  });

  test('a change that does not say what it is', () => {
    expect(statusOf('POST', '/api/places')).toBe(415);
  });
});

describe('what may be asked', () => {
  test.each([
    ['GET', '/', 'in'],
    ['HEAD', '/plants', 'in'],
    ['GET', '/_next/static/chunks/a%20b.js', 'in'],
    ['GET', '/%ff', 400],
    ['GET', '/api/plants/%ff', 400],
    ['GET', '/api/plants/%E0%A4%A', 400],
    ['GET', '/plants/%00', 400],
    ['GET', '/api/plants?after=%00', 400],
    ['GET', '/api/plants?after=x', 'in'],
    ['GET', '/api', 404],
    ['GET', '/api/', 404],
    ['GET', '/api/nope', 404],
    ['GET', '/api/plants/', 404],
    ['GET', '/api/plants/1/2/3', 404],
    ['GET', '/api/plan', 405],
    ['PATCH', '/api/plants', 405],
    ['POST', '/', 405],
    ['TRACE', '/', 405],
    ['HEAD', '/api/plants', 'in'],
    ['GET', '/apiary', 'in'],
  ])('%s %s: %s', (method, url, expected) => {
    expect(statusOf(method, url, reads(method) ? own : json)).toBe(expected);
  });

  const reads = (method: string) => method === 'GET' || method === 'HEAD';

  test('405 says what the address takes', () => {
    expect(refusalOf({ method: 'PATCH', url: '/api/places', headers: json }, hosts)?.headers).toEqual({
      allow: 'GET, POST, HEAD',
    });
  });

  test('a body up to the limit is let in, one byte more is not', () => {
    const sized = (bytes: number) => statusOf('POST', '/api/plan', { ...json, 'content-length': String(bytes) });
    expect(sized(MOST_BODY_BYTES)).toBe('in');
    expect(sized(MOST_BODY_BYTES + 1)).toBe(413);
    const picture = { ...own, 'content-type': 'image/jpeg' };
    const photo = (bytes: number) => statusOf('PUT', '/api/photos/x', { ...picture, 'content-length': String(bytes) });
    expect(photo(MOST_PHOTO_BYTES)).toBe('in');
    expect(photo(MOST_PHOTO_BYTES + 1)).toBe(413);
  });

  test('every route of the application is known here with its methods, and no other', () => {
    const folder = 'app/api';
    const files = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((file) =>
      file.endsWith('route.ts'),
    );
    const found = files.map((file) => {
      const text = readFileSync(`${folder}/${file}`, 'utf8');
      const methods = [...text.matchAll(/\b(GET|POST|PUT|PATCH|DELETE)\b(?=[,\s(}])/g)].map((match) => match[1]!);
      return [`/${relative('app', `${folder}/${file}`).replace(/\/route\.ts$/, '')}`, [...new Set(methods)].sort()];
    });
    const known = Object.entries(routes).map(([path, methods]) => [path, [...methods].sort()]);
    expect(Object.fromEntries(found)).toEqual(Object.fromEntries(known));
    expect(methodsAt('/api/library/media')).toEqual(['GET', 'POST', 'HEAD']);
  });

  test.each([
    ['/api/care', '/api/journal'],
    ['/api/own/medium/7?x=1', '/api/library/medium/7?x=1'],
    ['/api/nursing/calendar?today=2026-01-02', '/api/aftercare/calendar?today=2026-01-02'],
    ['/api/careful', '/api/careful'],
    ['/api/plants', '/api/plants'],
  ])('%s is asked for as %s', (asked, current) => {
    expect(currentAddress(asked)).toBe(current);
  });

  test('a page is found under its former address, and no other is moved', () => {
    expect([movedPage('/nursing'), movedPage('/genera/own?a=1'), movedPage('/genera/vanda')]).toEqual([
      '/aftercare',
      '/genera/mine?a=1',
      null,
    ]);
  });

  test('a host is read without its port', () => {
    expect([hostName('A.b:1'), hostName('[::1]:22'), hostName('[::1]')]).toEqual(['a.b', '[::1]', '[::1]']);
  });
});

describe('settings', () => {
  test.each([
    ['abc', 'PORT must be a number from 1 to 65535'],
    ['0', 'PORT must be from 1 to 65535'],
    ['70000', 'PORT must be from 1 to 65535'],
    ['80.5', 'PORT must be a whole number'],
  ])('PORT=%s is said in one line', (port, message) => {
    expect(() => settingsFrom({ PORT: port })).toThrow(new Error(message));
  });
});

describe('the gateway as a server', () => {
  const inside: IncomingMessage[] = [];
  /** The connection of the next long answer is closed. */
  const longEnded = (() => {
    let say: () => void = () => undefined;
    return { next: () => new Promise<void>((resolve) => (say = resolve)), say: () => say() };
  })();
  const server = makeGateway(
    (request, response) => {
      inside.push(request);
      if (request.url === '/breaks') return Promise.reject(new Error('broken on purpose'));
      if (request.url === '/breaks?at-once') throw new Error('broken on purpose');
      if (request.url === '/long') {
        request.socket.once('close', () => longEnded.say());
        response.end(Buffer.alloc(50_000_000));
        return undefined;
      }
      request.resume();
      request.on('end', () => response.end('inside'));
      return undefined;
    },
    { hosts, slowestRequestMs: 400, slowestReaderMs: 1_000 },
  );
  const port = () => (server.address() as AddressInfo).port;
  beforeAll(() => new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve)));
  afterAll(
    () =>
      new Promise<void>((resolve) => {
        server.closeAllConnections();
        server.close(() => resolve());
      }),
  );

  interface Answer {
    readonly status: number;
    readonly headers: IncomingMessage['headers'];
    readonly body: string;
  }
  const ask = (options: RequestOptions, body?: string): Promise<Answer> =>
    new Promise((resolve, reject) => {
      const sent = httpRequest({ host: '127.0.0.1', port: port(), ...options }, (response) => {
        let text = '';
        response.on('data', (chunk: Buffer) => (text += chunk.toString()));
        response.on('end', () => resolve({ status: response.statusCode!, headers: response.headers, body: text }));
      });
      sent.on('error', reject);
      sent.end(body);
    });
  const raw = (text: string): Promise<string> =>
    new Promise((resolve, reject) => {
      let answer = '';
      const socket = connect(port(), '127.0.0.1', () => socket.write(text));
      socket.on('data', (chunk) => (answer += chunk.toString()));
      socket.on('close', () => resolve(answer));
      socket.on('error', reject);
    });

  const connections = (): Promise<number> =>
    new Promise((resolve, reject) => server.getConnections((error, count) => (error ? reject(error) : resolve(count))));

  test('refuses as problem+json, and the application never hears of it', async () => {
    inside.length = 0;
    const answer = await ask({ path: '/api/nope' });
    expect([answer.status, answer.headers['content-type']]).toEqual([404, 'application/problem+json']);
    expect(JSON.parse(answer.body)).toEqual({
      type: 'about:blank',
      title: 'There is no such address.',
      status: 404,
      faults: [],
    });
    expect(inside).toEqual([]);
  });

  test('every answer is guarded, with a nonce of its own that the framework is told', async () => {
    inside.length = 0;
    const answers = [await ask({ path: '/' }), await ask({ path: '/' })];
    const policies = answers.map((answer) => answer.headers['content-security-policy'] as string);
    expect(new Set(policies).size).toBe(2);
    for (const policy of policies) {
      expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]{24}';/);
      expect(policy).toContain("frame-ancestors 'none'");
    }
    expect(inside.map((request) => request.headers['content-security-policy'])).toEqual(policies);
    expect(answers[0]!.headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
      'cross-origin-resource-policy': 'same-origin',
    });
    expect(answers[0]!.headers['cache-control']).toBeUndefined();
    expect((await ask({ path: '/api/plants' })).headers['cache-control']).toBe('no-store');
  });

  test('a client cannot choose the nonce', async () => {
    inside.length = 0;
    await ask({ path: '/', headers: { 'content-security-policy': "script-src 'nonce-mine'" } });
    expect(inside[0]!.headers['content-security-policy']).not.toContain('mine');
  });

  test('50 MB announced are refused before they are sent', async () => {
    const answer = await raw(
      `POST /api/plan HTTP/1.1\r\nhost: 127.0.0.1\r\ncontent-type: application/json\r\ncontent-length: 50000000\r\n\r\n[`,
    );
    expect(answer).toMatch(/^HTTP\/1\.1 413 /);
    expect(answer).toContain('application/problem+json');
  });

  test('a body that does not come is cut, a head that does not come too', async () => {
    const body = await raw(
      'POST /api/plan HTTP/1.1\r\nhost: 127.0.0.1\r\ncontent-type: application/json\r\ncontent-length: 10\r\n\r\n{',
    );
    expect(body).toMatch(/^HTTP\/1\.1 408 [\s\S]*problem\+json/);
    expect(await raw('GET / HTTP/1.1\r\nhost: 127.')).toMatch(/^HTTP\/1\.1 408 /);
  });

  test.each(['/', '/nope', '/_next/webpack-hmr'])(
    'whoever wants to leave HTTP at %s is refused and let go',
    async (path) => {
      // As the framework does with its first request.
      const strange = jest.fn();
      server.on('upgrade', strange);
      await ask({ path: '/' });
      const before = await connections();
      const answer = await raw(
        `GET ${path} HTTP/1.1\r\nhost: elsewhere.example\r\nconnection: upgrade\r\nupgrade: websocket\r\n\r\n`,
      );
      expect(answer).toMatch(/^HTTP\/1\.1 400 [\s\S]*problem\+json/);
      expect(strange).not.toHaveBeenCalled();
      expect(await connections()).toBeLessThanOrEqual(before);
    },
  );

  test('whoever takes nothing of a long answer is cut off; whoever takes it gets it whole', async () => {
    const socket = connect(port(), '127.0.0.1', () => socket.write('GET /long HTTP/1.1\r\nhost: 127.0.0.1\r\n\r\n'));
    socket.on('error', () => undefined);
    await longEnded.next();
    socket.destroy();
    expect((await ask({ path: '/long' })).body.length).toBe(50_000_000);
  }, 30_000);

  test('what is no HTTP, and a head too long, get an answer', async () => {
    expect(await raw('hello\r\n\r\n')).toMatch(/^HTTP\/1\.1 400 [\s\S]*problem\+json/);
    expect(await raw(`GET / HTTP/1.1\r\nx: ${'y'.repeat(40_000)}\r\n\r\n`)).toMatch(/^HTTP\/1\.1 431 /);
  });

  test.each([
    ['that comes later', '/breaks'],
    ['at once', '/breaks?at-once'],
  ])('a fault inside %s is 500 as problem+json, and the next is served', async (_when, path) => {
    const said = jest.spyOn(process.stderr, 'write').mockReturnValue(true);
    const answer = await ask({ path });
    expect([answer.status, answer.headers['content-type']]).toEqual([500, 'application/problem+json']);
    // The log says where it broke; what the message holds may be a grower's.
    const logged = said.mock.calls.map(([text]) => String(text)).join('');
    expect(logged).toMatch(/^Error\n\s+at .*gateway\.test\.ts/);
    expect(logged).not.toContain('broken on purpose');
    said.mockRestore();
    expect((await ask({ path: '/' })).body).toBe('inside');
  });
});
