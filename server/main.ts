/** The server as a program: opens the data, fills the demo season in once, listens, prints the address. */
import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import { dirname, join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import type { AppContext } from './context';
import { DatabaseTrouble } from './db/open';
import { House } from './house/house';
import { isLoopback } from './http/guard';
import { todayHere, zoneHere } from './instant';
import { RoomSensor, SENSOR_ADDRESS } from './ready/sensor';
import { loadSeason } from './season';
import { listed, namesHere } from './share/addresses';
import { Authority } from './share/authority';
import { Share, type ShareOptions } from './share/share';

const DEFAULT_PORT = 4480;

/** Ends the program with a sentence the person can act on. */
function stop(message: string): never {
  console.error(message);
  process.exit(1);
}

function portFrom(text: string | undefined, usual: number): number {
  if (text === undefined || text === '') return usual;
  const port = Number(text);
  if (!/^\d+$/.test(text) || port > 65535)
    stop(`PORT is “${text}”; it must be a whole number from 0 to 65535.`);
  return port;
}

function hostFrom(text: string | undefined): string {
  if (text === undefined || text === '') return '127.0.0.1';
  if (!isLoopback(text))
    stop(
      `HOST is “${text}”, which others on the network could reach. Sharing with other devices needs a ` +
        'code to join by: leave HOST unset, and start with --share, or share from the page.',
    );
  return text;
}

function options(): { demo: boolean; share: boolean; https: boolean } {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: {
        share: { type: 'boolean', default: false },
        https: { type: 'boolean', default: false },
      },
    });
    return { demo: positionals[0] !== 'own', ...values };
  } catch {
    return stop('It is started with --share, with --https, with both, or with neither.');
  }
}

const { demo, share: shareNow, https } = options();
const port = portFrom(process.env.PORT, DEFAULT_PORT);
const host = hostFrom(process.env.HOST);
const root = resolve(process.cwd());
const file = process.env.HEARTY_DATA
  ? resolve(process.env.HEARTY_DATA)
  : join(root, 'data', demo ? 'demo.sqlite' : 'hearty-stage.sqlite');

const folder = dirname(file);
const addresses = listed(process.env.HEARTY_ADDRESSES);
const names = listed(process.env.HEARTY_NAMES);
const sensor = new RoomSensor(process.env.HEARTY_SENSOR || SENSOR_ADDRESS);

/** The demo season goes into a file that has never been used. */
function fill(context: AppContext): void {
  const count = (table: string): unknown =>
    context.db.prepare(`SELECT count(*) FROM ${table}`).pluck().get();
  if (demo && count('show') === 0 && count('demo') === 0)
    loadSeason(context, todayHere(), zoneHere());
}

/** Devices are kept beside the data; a file of them that can't be used is put out of the way. */
function letIn(): Share {
  const devices = `${file}.devices`;
  const asked: ShareOptions = {
    file: devices,
    ...(addresses ? { addresses: () => addresses } : {}),
    names: () => [...namesHere(), ...(names ?? [])],
    authority: https ? new Authority(join(folder, 'authority')) : null,
  };
  const reasonOf = (error: unknown): string =>
    error instanceof Error ? error.message : String(error);
  try {
    mkdirSync(folder, { recursive: true });
    return new Share(asked);
  } catch (error) {
    if (!existsSync(devices)) stop(`${devices} can’t be made: ${reasonOf(error)}`);
    console.error(
      `${devices} can’t be used (${reasonOf(error)}); it is kept as ${devices}.damaged, and devices ` +
        'have to come in again.',
    );
    for (const log of ['-wal', '-shm']) rmSync(devices + log, { force: true });
    renameSync(devices, `${devices}.damaged`);
    return new Share(asked);
  }
}

function opened(): House {
  try {
    const bundled = join(import.meta.dirname, 'heavyWorker.js');
    const worker = existsSync(bundled) ? bundled : null;
    return new House({ worker, file, pages: join(root, 'dist', 'web'), demo, sensor, share, fill });
  } catch (error) {
    if (error instanceof DatabaseTrouble) stop(error.message);
    const reason = error instanceof Error ? error.message : String(error);
    stop(`The data file ${file} can’t be opened: ${reason}`);
  }
}

const share = letIn();
const house = opened();
const server = createServer(house.answerOwn);
house.attach(server);
server.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EADDRINUSE')
    stop(
      `Port ${port} is taken, perhaps by a Hearty Stage that is running already. ` +
        `Open http://127.0.0.1:${port}, or start with another port: PORT=${port + 1} npm start`,
    );
  if (error.code === 'EACCES') stop(`Port ${port} is not allowed here. Choose one above 1023.`);
  stop(`The server can’t start: ${error.message}`);
});
async function openDoors(actual: number): Promise<void> {
  const securePort = portFrom(process.env.HTTPS_PORT, actual + 1);
  await share.standBehind({ answer: house.answer, upgrade: house.upgrade }, actual, securePort);
  if (shareNow) await share.turn(true);
  const { on, origins, code, faults } = share.answer();
  if (!on) return;
  if (origins.length > 0) console.log(`Shared at ${origins.join(' and ')}, code ${code}`);
  for (const fault of faults) console.error(`Not shared at ${fault}`);
}

server.listen(port, host, () => {
  const address = server.address();
  const actual = typeof address === 'object' && address ? address.port : port;
  const shown = host === '::1' ? '[::1]' : host;
  console.log(`Hearty Stage is at http://${shown}:${actual}`);
  console.log(`Data: ${file}`);
  void openDoors(actual);
  // Beside the first requests, not before them.
  void house.dailyBackup().catch((error: unknown) => console.error(error));
});

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    house.context.live.close();
    server.close(() => {
      void Promise.all([share.close(), house.close()]).then(() => process.exit(0));
    });
    server.closeAllConnections();
  });
}
