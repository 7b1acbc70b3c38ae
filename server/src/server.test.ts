import { connect } from 'node:net';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import request from 'supertest';
import { afterAll, describe, expect, test } from 'vitest';
import { afterLine, NO_READING, readYardList } from '@kereta/core';
import { createApp } from './app.js';
import { readOptions } from './options.js';
import { shownKg } from './scale.js';
import { openAddresses, serve } from './serve.js';

const folder = mkdtempSync(join(tmpdir(), 'kereta-server-'));
afterAll(() => rmSync(folder, { recursive: true }));

const site = (): string => {
  const root = mkdtempSync(join(folder, 'web-'));
  mkdirSync(join(root, 'assets'));
  writeFileSync(join(root, 'index.html'), '<!doctype html><title>Kereta</title>');
  writeFileSync(join(root, 'assets', 'a.js'), 'export {};');
  return root;
};

describe('server', () => {
  const app = createApp(site());
  test('says that it is there', async () => {
    expect((await request(app).get('/api/health')).body).toEqual({ ok: true });
  });
  test('gives the page for any address of the application, and files for their own', async () => {
    expect((await request(app).get('/trailer/x/axle')).text).toContain('Kereta');
    expect((await request(app).get('/assets/a.js')).headers['cache-control']).toContain('immutable');
    expect((await request(app).get('/assets/missing.js')).status).toBe(404);
    expect((await request(app).get('/api/nothing')).status).toBe(404);
  });
  test('sends the small form of a file that the build has made, to who reads it', async () => {
    const root = site();
    writeFileSync(join(root, 'assets', 'a.js.br'), brotliCompressSync('export {};'));
    const both = createApp(root);
    const small = await request(both).get('/assets/a.js').set('Accept-Encoding', 'br');
    expect(small.headers['content-encoding']).toBe('br');
    expect(small.headers['content-type']).toContain('javascript');
    expect(small.headers['cache-control']).toContain('immutable');
    const plain = await request(both).get('/assets/a.js').set('Accept-Encoding', 'identity');
    expect(plain.headers['content-encoding']).toBeUndefined();
    expect(plain.text).toBe('export {};');
  });
  test('lets the page load nothing from elsewhere', async () => {
    const policy = (await request(app).get('/')).headers['content-security-policy'] ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("connect-src 'self'");
    expect(policy).not.toContain('upgrade-insecure-requests');
  });
  test('only the worker of the solid modeller may build functions from text, and it may ask nothing of anybody else', async () => {
    const policyOf = async (path: string): Promise<string> =>
      (await request(app).get(path)).headers['content-security-policy'] ?? '';
    expect(await policyOf('/assets/solids.worker-Ab_1.js')).toBe(
      "default-src 'none'; script-src 'self' 'unsafe-eval' 'wasm-unsafe-eval'; connect-src 'self'; base-uri 'none'",
    );
    for (const path of ['/', '/assets/index-Ab1.js', '/assets/jobs.worker-Ab1.js', '/assets/solids.worker-x.html'])
      expect(await policyOf(path), path).not.toContain("'unsafe-eval'");
  });
  test('says so when it is not built', async () => {
    const empty = await request(createApp(mkdtempSync(join(folder, 'none-')))).get('/');
    expect(empty.status).toBe(503);
    expect(empty.text).toContain('npm run build');
  });
});

describe('what goes wrong', () => {
  const root = site();
  const app = createApp(root);
  test.each(['/assets/missing.js', '/assets/%E0%A4%A', '/%', '/assets/..%2f..%2fetc', '/api/%FF'])(
    '%s is answered without a stack or a path of this machine',
    async (address) => {
      const { text, status } = await request(app).get(address);
      expect(status).toBeGreaterThanOrEqual(400);
      expect(text).not.toMatch(/ at |\.ts|\.js:|node_modules|Error/);
      expect(text).not.toContain(root);
    },
  );
});

describe('serving', () => {
  test('a taken port is told, and nothing is called open', async () => {
    const first = await serve(createApp(site()), '127.0.0.1', 0);
    if (!first.ok) throw new Error(first.error);
    const second = await serve(createApp(site()), '127.0.0.1', first.value.port);
    expect(second).toMatchObject({ ok: false, error: expect.stringContaining(`Port ${first.value.port} is taken`) });
    await first.value.stop();
  });
  test('it stops within five seconds with a request that is half sent', async () => {
    const served = await serve(createApp(site()), '127.0.0.1', 0);
    if (!served.ok) throw new Error(served.error);
    const socket = connect(served.value.port, '127.0.0.1');
    socket.on('error', () => undefined);
    await new Promise<void>((resolve) => socket.write('GET / HTTP/1.1\r\nHost: x\r\nX-Half', () => resolve()));
    const started = performance.now();
    await served.value.stop();
    expect(performance.now() - started).toBeLessThan(5000);
    socket.destroy();
  });
  test('one name for this machine with and without the network; another port is said to be another shed', () => {
    expect(openAddresses('127.0.0.1', 4173)).toEqual(['Kereta is open at http://127.0.0.1:4173/']);
    const lan = openAddresses('0.0.0.0', 4173, {
      eth: [{ family: 'IPv4', internal: false, address: '192.0.2.7' } as never],
    });
    expect(lan[0]).toBe('Kereta is open at http://127.0.0.1:4173/');
    expect(lan[1]).toContain('http://192.0.2.7:4173/');
    expect(openAddresses('127.0.0.1', 5000).join(' ')).toContain('another shed');
  });
});

describe('options', () => {
  test('this machine only unless asked', () => {
    expect(readOptions([], {})).toEqual({ ok: true, value: { host: '127.0.0.1', port: 4173 } });
    expect(readOptions(['--host'], {})).toMatchObject({ ok: true, value: { host: '0.0.0.0' } });
    expect(readOptions(['--host', '192.0.2.1', '--port=5000'], {})).toEqual({
      ok: true,
      value: { host: '192.0.2.1', port: 5000 },
    });
    expect(readOptions([], { PORT: '8080' })).toMatchObject({ value: { port: 8080 } });
  });
  test('nonsense is refused with what would have worked', () => {
    expect(readOptions(['--colour'], {})).toMatchObject({ ok: false, error: expect.stringContaining('--port') });
    expect(readOptions(['--port', 'x'], {})).toMatchObject({ ok: false });
  });
});

describe('the yard that stands in', () => {
  const app = createApp(site());
  const prices = async (date: string) =>
    (await request(app).get(`/api/yard/inch?date=${date}`)).body as {
      readonly date: string;
      readonly items: readonly {
        readonly name: string;
        readonly price: number;
        readonly lengthM: number;
        readonly per: string;
      }[];
    };
  test('names its yards; one that is none, and a day that is none, are refused', async () => {
    const { yards } = (await request(app).get('/api/yard')).body as {
      readonly yards: readonly { readonly id: string }[];
    };
    expect(yards.map(({ id }) => id)).toEqual(['inch', 'metric']);
    expect((await request(app).get('/api/yard/none')).status).toBe(404);
    expect((await request(app).get('/api/yard/inch?date=yesterday')).status).toBe(400);
  });
  test('a day has the same prices every time, and prices move', async () => {
    const [march, again, today] = [await prices('2026-03-01'), await prices('2026-03-01'), await prices('2026-11-27')];
    expect(march).toEqual(again);
    expect(march.items[0]?.price).not.toBe(today.items[0]?.price);
  });
  test('core reads the whole list without a word', async () => {
    for (const id of ['inch', 'metric']) {
      const read = readYardList((await request(app).get(`/api/yard/${id}`)).text);
      expect(read.ok && read.value.items.length > 100 && read.value.problems).toEqual([]);
    }
  });
});

describe('the scale that stands in', () => {
  /** Lines of the stream until there are enough of them; the scale goes on by itself, so it is cut off then, as a plug that is pulled. */
  const stream = async (query: string, enough: (lines: readonly string[]) => boolean): Promise<readonly string[]> => {
    const { server, port } = await new Promise<{ server: ReturnType<typeof app.listen>; port: number }>((resolve) => {
      const own = app.listen(0, '127.0.0.1', () => {
        const address = own.address();
        resolve({ server: own, port: typeof address === 'object' && address ? address.port : 0 });
      });
    });
    const stop = new AbortController();
    let text = '';
    try {
      const response = await fetch(`http://127.0.0.1:${port}/api/scale?${query}`, { signal: stop.signal });
      expect(response.headers.get('content-type')).toContain('text/event-stream');
      const decoder = new TextDecoder();
      for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
        text += decoder.decode(chunk);
        if (enough(linesOf(text))) break;
      }
    } finally {
      stop.abort();
      server.closeAllConnections();
      server.close();
    }
    return linesOf(text);
  };
  const app = createApp(site());
  const linesOf = (text: string): readonly string[] =>
    text
      .split('\n\n')
      // What comes after the last end of a message is not whole yet.
      .slice(0, -1)
      .filter((message) => message.startsWith('data: '))
      .map((message) => message.slice(6));
  test('shows each channel that is named, line by line as docs/scale.md says, and settles', async () => {
    const stateOf = (lines: readonly string[]) => lines.reduce(afterLine, NO_READING);
    const state = stateOf(
      await stream('tongue=100&left=400&seed=a', (lines) => stateOf(lines).channels.tongue?.settled === true),
    );
    expect(state.garbage).toBe(0);
    expect(Object.keys(state.channels)).toEqual(['tongue', 'left']);
    expect(state.channels.tongue?.settled).toBe(true);
    // The trailer is heavier than thought by up to a twelfth or so, the zero off by up to 1.5 kg.
    expect(state.channels.tongue?.kg).toBeGreaterThan(96);
    expect(state.channels.tongue?.kg).toBeLessThan(112);
  }, 30_000);
  test('garbage comes on request, and is told from readings', async () => {
    const isGarbage = (line: string): boolean => !line.startsWith('{');
    const lines = await stream('right=300&seed=b&faulty=1', (all) => all.some(isGarbage));
    expect(lines.reduce(afterLine, NO_READING).garbage).toBe(1);
    expect(lines.filter((line) => !isGarbage(line)).length).toBeGreaterThan(10);
  }, 30_000);
  test('what names no load is refused', async () => {
    for (const query of ['', 'tongue=', 'tongue=heavy', 'left=1e9'])
      expect((await request(app).get(`/api/scale?${query}`)).status).toBe(400);
  });
  test('the same trailer is off by the same, whatever was asked before', () => {
    expect(shownKg('a', 'left', 400, 20_000, 0)).toBe(shownKg('a', 'left', 400, 20_000, 0));
    expect(shownKg('a', 'left', 400, 20_000, 0)).not.toBe(shownKg('b', 'left', 400, 20_000, 0));
    expect(shownKg('a', 'left', 400, 0, 0)).toBeLessThan(10);
  });
});
