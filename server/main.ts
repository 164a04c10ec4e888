/** The server as a program: opens the data, fills the demo season in once, listens, prints the address. */
import { existsSync } from 'node:fs';
import { createServer } from 'node:http';
import { join, resolve } from 'node:path';
import type { AppContext } from './context';
import { DatabaseTrouble } from './db/open';
import { House } from './house/house';
import { isLoopback } from './http/guard';
import { todayHere, zoneHere } from './instant';
import { RoomSensor, SENSOR_ADDRESS } from './ready/sensor';
import { loadSeason } from './season';

const DEFAULT_PORT = 4480;

/** Ends the program with a sentence the person can act on. */
function stop(message: string): never {
  console.error(message);
  process.exit(1);
}

function portFrom(text: string | undefined): number {
  if (text === undefined || text === '') return DEFAULT_PORT;
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
        'code to join by, which Hearty Stage does not have yet; leave HOST unset to use it on this machine.',
    );
  return text;
}

const demo = process.argv[2] !== 'own';
const port = portFrom(process.env.PORT);
const host = hostFrom(process.env.HOST);
const root = resolve(process.cwd());
const file = process.env.HEARTY_DATA
  ? resolve(process.env.HEARTY_DATA)
  : join(root, 'data', demo ? 'demo.sqlite' : 'hearty-stage.sqlite');

const sensor = new RoomSensor(process.env.HEARTY_SENSOR || SENSOR_ADDRESS);

/** The demo season goes into a file that has never been used. */
function fill(context: AppContext): void {
  const count = (table: string): unknown =>
    context.db.prepare(`SELECT count(*) FROM ${table}`).pluck().get();
  if (demo && count('show') === 0 && count('demo') === 0)
    loadSeason(context, todayHere(), zoneHere());
}

function opened(): House {
  try {
    const bundled = join(import.meta.dirname, 'heavyWorker.js');
    const worker = existsSync(bundled) ? bundled : null;
    return new House({ worker, file, pages: join(root, 'dist', 'web'), demo, sensor, fill });
  } catch (error) {
    if (error instanceof DatabaseTrouble) stop(error.message);
    const reason = error instanceof Error ? error.message : String(error);
    stop(`The data file ${file} can’t be opened: ${reason}`);
  }
}

const house = opened();
const server = createServer(house.answer);
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
server.listen(port, host, () => {
  const address = server.address();
  const actual = typeof address === 'object' && address ? address.port : port;
  const shown = host === '::1' ? '[::1]' : host;
  console.log(`Hearty Stage is at http://${shown}:${actual}`);
  console.log(`Data: ${file}`);
  // Beside the first requests, not before them.
  void house.dailyBackup().catch((error: unknown) => console.error(error));
});

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    house.context.live.close();
    server.close(() => {
      void house.close().then(() => process.exit(0));
    });
    server.closeAllConnections();
  });
}
