/** Over TLS with the laptop's own authority: checked by Node's own TLS, and by what RFC 5280 asks of certificates. */
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { request as secureRequest } from 'node:https';
import { createServer } from 'node:net';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { once } from 'node:events';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { HALL_ADDRESS, HALL_NAME } from '../testing/hall';
import { type TestServer, testServer } from '../testing/serve';
import { Authority } from './authority';

let folder: string;
let server: TestServer;
let port: number;
let securePort: number;

async function freePort(): Promise<number> {
  const probe = createServer().listen(0, HALL_ADDRESS);
  await once(probe, 'listening');
  const { port: free } = probe.address() as AddressInfo;
  probe.close();
  await once(probe, 'close');
  return free;
}

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'hearty-authority-'));
  server = testServer(false, {
    addresses: () => [HALL_ADDRESS],
    names: () => [HALL_NAME],
    authority: new Authority(folder),
  });
  if (!server.app.listening) await once(server.app, 'listening');
  ({ port } = server.app.address() as AddressInfo);
  securePort = await freePort();
  await server.share.standBehind(server.behind, port, securePort);
  await server.share.turn(true);
});
afterEach(async () => {
  await server.share.close();
  server.close();
  rmSync(folder, { recursive: true, force: true });
});

interface Got {
  status: number;
  text: string;
  cookie: string;
}

const get = (path: string, servername: string, ca: string, body?: string): Promise<Got> =>
  new Promise((resolve, reject) => {
    const asking = secureRequest(
      {
        host: HALL_ADDRESS,
        port: securePort,
        path,
        ca,
        servername,
        method: body === undefined ? 'GET' : 'POST',
        headers: { host: `${servername}:${securePort}`, 'content-type': 'application/json' },
      },
      (answer) => {
        let text = '';
        answer.on('data', (part: Buffer) => (text += part.toString()));
        answer.on('end', () =>
          resolve({
            status: answer.statusCode ?? 0,
            text,
            cookie: answer.headers['set-cookie']?.[0] ?? '',
          }),
        );
      },
    );
    asking.on('error', reject);
    asking.end(body);
  });

test('plain HTTP gives the certificate and says where to go, and nothing else', async () => {
  const origin = `http://${HALL_ADDRESS}:${port}`;
  const page = await fetch(`${origin}/shows`);
  expect(page.status).toBe(200);
  expect(await page.text()).toContain(`href="https://${HALL_ADDRESS}:${securePort}"`);
  expect((await fetch(`${origin}/api/join`, { method: 'POST', body: '{}' })).status).toBe(403);
  expect(await (await fetch(`${origin}/api/shows`)).text()).toContain('One step before');
  const answer = server.share.answer();
  expect(answer.certificate).toBe(`${origin}/authority.crt`);
  expect(answer.origins).toEqual([`https://${HALL_ADDRESS}:${securePort}`]);
});

test('whoever trusts the authority reaches the pages by address and by name; who does not is warned', async () => {
  const ca = await (await fetch(`http://${HALL_ADDRESS}:${port}/authority.crt`)).text();
  expect((await get('/api/health', HALL_NAME, ca)).status).toBe(200);
  await expect(get('/api/health', HALL_NAME, '')).rejects.toThrow(/unable to verify/);
  await expect(get('/api/health', 'elsewhere.example', ca)).rejects.toThrow(/altnames/);
  const joined = await get(
    '/api/join',
    HALL_NAME,
    ca,
    JSON.stringify({ code: server.share.answer().code, kind: 'phone' }),
  );
  expect(joined.status).toBe(201);
  expect(joined.cookie).toMatch(/; Secure/);
});

test('the authority signs and is none of the servers; both are what phones accept', async () => {
  const authority = new Authority(folder);
  const ca = new X509Certificate(await authority.certificate());
  const { cert } = await authority.certificateFor([HALL_ADDRESS, HALL_NAME]);
  const own = new X509Certificate(cert);
  expect(ca.ca).toBe(true);
  expect(own.ca).toBe(false);
  expect(own.checkIssued(ca)).toBe(true);
  expect(own.verify(ca.publicKey)).toBe(true);
  expect(own.checkIP(HALL_ADDRESS)).toBe(HALL_ADDRESS);
  expect(own.checkHost(HALL_NAME)).toBe(HALL_NAME);
  const days = (Date.parse(own.validTo) - Date.parse(own.validFrom)) / 86_400_000;
  // The most that browsers' makers have accepted since 2020, 398 days (common practice).
  expect(days).toBeLessThan(398);
});

test('its key is for this user alone, and it stays the same from one start to the next', async () => {
  expect(statSync(join(folder, 'authority.key')).mode & 0o077).toBe(0);
  const first = await new Authority(folder).certificate();
  expect(await new Authority(folder).certificate()).toBe(first);
  const later = new Authority(folder, () => Date.now() + 3640 * 86_400_000);
  expect(await later.certificate()).not.toBe(first);
  writeFileSync(join(folder, 'authority.crt'), 'no certificate');
  expect(await new Authority(folder).certificate()).toContain('BEGIN CERTIFICATE');
});
