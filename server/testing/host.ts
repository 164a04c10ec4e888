/**
 * A server for interface tests that stays at one address while the data behind it is exchanged: each
 * test gets a copy of a written data file, and the browser keeps what it has of the pages.
 */
import { once } from 'node:events';
import { copyFileSync, existsSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import { createServer, type IncomingMessage, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Duplex } from 'node:stream';
import { createContext } from '../context';
import { openDatabase } from '../db/open';
import { House } from '../house/house';
import { todayHere, zoneHere } from '../instant';
import { RoomSensor } from '../ready/sensor';
import { loadSeason } from '../season';
import { cameBy } from '../share/caller';
import { Share } from '../share/share';
import { damage } from './damage';

export type Mode = 'demo' | 'own';

/**
 * The data file that copies are made of: the demo season of today, or an empty one. Written when it is
 * first asked for, and anew once midnight has passed: a season is laid around a day.
 */
function templateOf(folder: string, mode: Mode): string {
  const today = todayHere();
  const file = join(folder, `${mode}-${today}.sqlite`);
  if (existsSync(file)) return file;
  // Another process may be at the same: whichever is ready last is the one that stays.
  const draft = `${file}.${process.pid}`;
  const db = openDatabase(draft);
  if (mode === 'demo') loadSeason(createContext(db), today, zoneHere());
  db.close();
  renameSync(draft, file);
  return file;
}

/** Writes them beforehand, so that no test waits for it. */
export function writeTemplates(folder: string): void {
  for (const mode of ['demo', 'own'] as const) templateOf(folder, mode);
}

interface HostOptions {
  /** Folder that `writeTemplates` wrote to. */
  templates: string;
  /** Folder of the built pages. */
  pages: string;
  /** Simulated shows behind a forecast: few, so that pages settle soon. */
  forecastRuns: number;
}

/** Stands for the network of a hall: another machine’s address, and a name, which is no secure context. */
const HALL_ADDRESS = '127.0.0.2';
export const HALL_NAME = 'stage.test';

const closed: RequestListener = (_req, res) => void res.destroy();

export class TestHost {
  private server: Server | null = null;
  private port = 0;
  private house: House | null = null;
  private share: Share | null = null;
  private folder = '';
  private mode: Mode = 'own';
  private sensorAddress = '';
  /** The server's clock less the machine's, in ms. */
  private shift = 0;

  constructor(private readonly options: HostOptions) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** By the name that another device would use, once something is shared. */
  get hallUrl(): string {
    return `http://${HALL_NAME}:${this.port}`;
  }

  /** Exchanges the data for a fresh copy. Listens from the first time on. */
  async use(mode: Mode, sensorAddress: string): Promise<void> {
    if (this.house) await this.release();
    this.mode = mode;
    this.sensorAddress = sensorAddress;
    this.shift = 0;
    this.folder = mkdtempSync(join(tmpdir(), 'hearty-e2e-'));
    copyFileSync(templateOf(this.options.templates, mode), join(this.folder, 'data.sqlite'));
    this.open();
    if (!this.server) await this.listen();
    await this.letIn();
  }

  /** Changes the data file past the server, as a bad disk would. */
  damage(sql: string): void {
    if (this.house) damage(this.house.context.db, sql);
  }

  /** Turns the server's clock forward, or back. */
  turnClock(ms: number): void {
    this.shift += ms;
  }

  /** Lets go of the data of a test. */
  async release(): Promise<void> {
    if (!this.server) await this.listen();
    await this.shut();
    rmSync(this.folder, { recursive: true, force: true });
  }

  /** As if the machine had gone: every connection is cut and none is taken. */
  async kill(): Promise<void> {
    const { server } = this;
    if (!server) return;
    this.server = null;
    await this.shut();
    server.close();
    server.closeAllConnections();
    await once(server, 'close');
  }

  /** Listens again at the same address, on the same data. */
  async restart(): Promise<void> {
    await this.kill();
    this.open();
    await this.listen();
    await this.letIn();
  }

  private async letIn(): Promise<void> {
    const { house } = this;
    if (house)
      await this.share?.standBehind(
        { answer: house.answer, upgrade: house.upgrade },
        this.port,
        this.port,
      );
  }

  private open(): void {
    const { pages, forecastRuns } = this.options;
    const now = (): number => Date.now() + this.shift;
    this.share = new Share({
      file: join(this.folder, 'data.sqlite.devices'),
      now,
      addresses: () => [HALL_ADDRESS],
      names: () => [HALL_NAME],
    });
    this.house = new House({
      share: this.share,
      file: join(this.folder, 'data.sqlite'),
      pages,
      demo: this.mode === 'demo',
      sensor: new RoomSensor(this.sensorAddress),
      forecastRuns,
      now,
    });
  }

  private async shut(): Promise<void> {
    await this.share?.close();
    this.share = null;
    await this.house?.close();
    this.house = null;
    this.server?.closeAllConnections();
  }

  private async listen(): Promise<void> {
    const server = createServer((req, res) => (this.house?.answerOwn ?? closed)(req, res));
    server.on('upgrade', (request: IncomingMessage, socket: Duplex, head: Buffer) => {
      cameBy(request, 'own');
      if (this.house) this.house.upgrade(request, socket, head);
      else socket.destroy();
    });
    server.listen(this.port, '127.0.0.1');
    await once(server, 'listening');
    this.port = (server.address() as AddressInfo).port;
    this.server = server;
  }
}
