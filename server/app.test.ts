import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ledgerApp } from './app';
import { listen } from './listen';

const folder = mkdtempSync(join(tmpdir(), 'ledger-'));
const said: string[] = [];
let server: Server;
let port: number;

beforeAll(async () => {
  mkdirSync(join(folder, 'dist', 'assets'), { recursive: true });
  writeFileSync(join(folder, 'dist', 'index.html'), '<title>ledger</title>');
  writeFileSync(join(folder, 'dist', 'assets', 'app-1a2b.js'), 'let a = 1;');
  writeFileSync(join(folder, 'secret.txt'), 'not for anybody');
  ({ server, port } = await listen(ledgerApp(join(folder, 'dist')), 4710, (line) => said.push(line)));
});
afterAll(() => {
  server.closeAllConnections();
  server.close();
  rmSync(folder, { recursive: true });
});

/** A plain request: the path goes out as it stands, which a browser would tidy first. */
function get(path: string, headers: Record<string, string> = {}): Promise<{ status: number; text: string; headers: Record<string, unknown> }> {
  return new Promise((resolve, reject) => {
    request({ host: '127.0.0.1', port, path, headers }, (response) => {
      let text = '';
      response.on('data', (part) => (text += String(part)));
      response.on('end', () => resolve({ status: response.statusCode ?? 0, text, headers: response.headers }));
    })
      .on('error', reject)
      .end();
  });
}

describe('what is served', () => {
  test('the page at any address of the app, always fresh', async () => {
    for (const path of ['/', '/patterns/pattern-skerry', '/makes/new?pattern=x']) {
      const { status, text, headers } = await get(path);
      expect([status, text]).toEqual([200, '<title>ledger</title>']);
      expect(headers['cache-control']).toBe('no-cache');
    }
  });

  test('built files for good, since their name changes with their content', async () => {
    const { status, headers } = await get('/assets/app-1a2b.js');
    expect(status).toBe(200);
    expect(headers['cache-control']).toContain('immutable');
  });

  test('a built file that is gone is an error, not the page in its place', async () => {
    expect((await get('/assets/app-old.js')).status).toBe(404);
  });

  test.each(['/../secret.txt', '/assets/../../secret.txt', '/%2e%2e/secret.txt', '/assets/%2e%2e%2f%2e%2e%2fsecret.txt', '/..%5csecret.txt'])(
    'nothing outside the folder: %s',
    async (path) => {
      expect((await get(path)).text).not.toContain('not for anybody');
    },
  );
});

describe('who is answered', () => {
  test('the one name under which the ledger lies', async () => {
    expect((await get('/', { host: '127.0.0.1:4270' })).status).toBe(200);
  });

  test.each(['localhost:4270', '[::1]:4270'])('%s is sent there: to a browser it would be another ledger', async (host) => {
    const { status, headers } = await get('/patterns/p?sort=name', { host });
    expect([status, headers['location']]).toEqual([307, 'http://127.0.0.1:4270/patterns/p?sort=name']);
  });

  test('an error is a short sentence, and tells nothing of the program', async () => {
    for (const path of ['/assets/app-old.js', '/assets/%E0%A4%A', '/%E0%A4%A']) {
      const { status, text } = await get(path);
      expect(status).toBeGreaterThanOrEqual(400);
      expect(text).toMatch(/^[A-Z][^\n]{10,60}\.$/);
    }
  });

  test.each(['example.org', 'localhost.example.org', '192.168.1.4:4270', 'evil-127.0.0.1'])('%s is turned away', async (host) => {
    expect((await get('/', { host })).status).toBe(421);
  });

  test('the page may load nothing from elsewhere', async () => {
    const policy = String((await get('/')).headers['content-security-policy']);
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toMatch(/https?:|\*/);
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  });
});

describe('ports', () => {
  test('a busy port is said, and the next is taken', async () => {
    const lines: string[] = [];
    const second = await listen(ledgerApp(join(folder, 'dist')), port, (line) => lines.push(line));
    expect(second.port).toBeGreaterThan(port);
    expect(lines[0]).toBe(`Port ${port} is busy; trying ${port + 1}.`);
    await new Promise((done) => second.server.close(done));
  });

  test('only the loopback is listened on', () => {
    const address = server.address();
    expect(typeof address === 'object' && address?.address).toBe('127.0.0.1');
  });
});
