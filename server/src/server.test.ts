import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { describe, expect, test } from 'vitest';
import { createApp } from './app.js';
import { readOptions } from './options.js';

const site = (): string => {
  const root = mkdtempSync(join(tmpdir(), 'kereta-web-'));
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
  test('lets the page load nothing from elsewhere', async () => {
    const policy = (await request(app).get('/')).headers['content-security-policy'] ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("connect-src 'self'");
    expect(policy).not.toContain('upgrade-insecure-requests');
  });
  test('says so when it is not built', async () => {
    const empty = await request(createApp(mkdtempSync(join(tmpdir(), 'kereta-none-')))).get('/');
    expect(empty.status).toBe(503);
    expect(empty.text).toContain('npm run build');
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
