/** A test with a server of its own: the built one, over a fresh data file. */
import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Locator, type Page, test as base } from '@playwright/test';

export interface Served {
  url: string;
  kill: () => Promise<void>;
  /** Starts again on the same port and the same data. */
  restart: () => Promise<void>;
  /** What a room sensor on the network says; null while it is quiet, as it is at first. */
  sensor: (says: { temperature: number; humidity: number; sound?: number } | null) => void;
}

async function launch(
  mode: string,
  data: string,
  port: string,
  sensor: string,
): Promise<{ url: string; child: ChildProcess }> {
  const child = spawn(process.execPath, ['dist/server/main.js', mode], {
    env: {
      ...process.env,
      NODE_ENV: 'production',
      HOST: '',
      PORT: port,
      HEARTY_DATA: data,
      HEARTY_SENSOR: sensor,
    },
  });
  const url = await new Promise<string>((resolve, reject) => {
    let said = '';
    child.stdout.on('data', (chunk) => {
      said += String(chunk);
      const found = /http:\/\/\S+/.exec(said)?.[0];
      if (found) resolve(found);
    });
    child.stderr.on('data', (chunk) => (said += String(chunk)));
    child.on('exit', () => reject(new Error(`The server did not start: ${said}`)));
  });
  return { url, child };
}

async function serve(mode: string, use: (served: Served) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'hearty-e2e-'));
  const data = join(folder, 'data.sqlite');
  let said: unknown = null;
  const device = createServer((_request, response) => {
    if (said === null) response.destroy();
    else response.end(JSON.stringify(said));
  }).listen(0, '127.0.0.1');
  await once(device, 'listening');
  const sensor = `http://127.0.0.1:${(device.address() as AddressInfo).port}/senml`;
  let { url, child } = await launch(mode, data, '0', sensor);
  const kill = async (): Promise<void> => {
    if (child.exitCode !== null || child.signalCode !== null) return;
    child.kill('SIGKILL');
    await once(child, 'exit');
  };
  await use({
    url,
    kill,
    restart: async () => {
      await kill();
      ({ url, child } = await launch(mode, data, new URL(url).port, sensor));
    },
    sensor: (says) => {
      said = says && [
        { n: 'temperature', u: 'Cel', v: says.temperature },
        { n: 'humidity', u: '%RH', v: says.humidity },
        ...(says.sound === undefined ? [] : [{ n: 'sound', u: 'dB', v: says.sound }]),
      ];
    },
  });
  await kill();
  device.close();
  device.closeAllConnections();
  rmSync(folder, { recursive: true, force: true });
}

export const test = base.extend<{ demo: Served; own: Served }>({
  demo: async ({}, use) => serve('demo', use),
  own: async ({}, use) => serve('own', use),
});

/** The word that everything typed has been stored. */
export const saved = (page: Page): Locator =>
  page.getByRole('status').filter({ hasText: /^Saved$/ });

export const FESTIVAL = '/shows/harbour-light-festival';
export { expect } from '@playwright/test';
