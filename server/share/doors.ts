/**
 * What is listened on while the share is on: this machine's addresses on its networks, each by itself, so
 * that one that can't be had takes no other with it. Networks come and go: it is looked again.
 */
import { once } from 'node:events';
import { createServer, type IncomingMessage, type RequestListener, type Server } from 'node:http';
import { createServer as createSecure } from 'node:https';
import type { AddressInfo, Socket } from 'node:net';
import type { Duplex } from 'node:stream';
import type { Authority } from './authority';
import { cameBy } from './caller';

/** How often the machine's addresses are looked at again, in ms. */
const LOOK_AGAIN = 5000;

interface DoorsOptions {
  answer: RequestListener;
  upgrade: (request: IncomingMessage, socket: Duplex, head: Buffer) => void;
  /** Addresses to listen on. */
  addresses: () => string[];
  /** Names that the network may know them by. */
  names: () => string[];
  /** With it, everything is served over TLS, and plain HTTP only says where. */
  authority: Authority | null;
  /** What plain HTTP answers where there is TLS. */
  plain: RequestListener;
}

interface Open {
  plain: Server;
  secure: Server | null;
}

/** What is connected to a server, pages that listen included: those it does not close by itself. */
const connected = new WeakMap<Server, Set<Socket>>();

export class Doors {
  private readonly open = new Map<string, Open>();
  readonly faults = new Map<string, string>();
  private looking: NodeJS.Timeout | null = null;
  private work: Promise<void> = Promise.resolve();
  private port = 0;
  private securePort = 0;

  constructor(private readonly options: DoorsOptions) {}

  /** Where devices can come in; the first is the likeliest. */
  get origins(): string[] {
    const { authority } = this.options;
    return this.open.size === 0
      ? []
      : [...this.open.keys()].map((address) =>
          authority ? `https://${address}:${this.securePort}` : `http://${address}:${this.port}`,
        );
  }

  /** Over plain HTTP, whatever else there is. */
  get plainOrigin(): string | null {
    const [address] = this.open.keys();
    return address === undefined ? null : `http://${address}:${this.port}`;
  }

  /** By what a request may call us. */
  get hosts(): ReadonlySet<string> {
    return new Set([...this.open.keys(), ...this.options.names()]);
  }

  /** Listens on every address there is, on this port, and TLS on the other. */
  start(port: number, securePort: number): Promise<void> {
    this.port = port;
    this.securePort = securePort;
    this.looking ??= setInterval(() => void this.look(), LOOK_AGAIN);
    this.looking.unref();
    return this.look();
  }

  get isOpen(): boolean {
    return this.looking !== null;
  }

  /** One look at a time. */
  private look(): Promise<void> {
    this.work = this.work.then(() => this.lookNow());
    return this.work;
  }

  private async lookNow(): Promise<void> {
    if (!this.isOpen) return;
    const wanted = this.options.addresses();
    for (const address of [...this.open.keys()])
      if (!wanted.includes(address)) await this.shut(address);
    this.faults.clear();
    for (const address of wanted) {
      if (this.open.has(address)) continue;
      try {
        this.open.set(address, await this.openAt(address));
      } catch (error) {
        this.faults.set(address, troubleOf(address, this.port, error));
      }
    }
    if (wanted.length === 0)
      this.faults.set('', 'This machine is on no network. Join one, or let it make one.');
  }

  private async openAt(address: string): Promise<Open> {
    const { answer, plain, authority } = this.options;
    const server = createServer(this.through(authority ? plain : answer));
    if (!authority) this.upgrades(server);
    await listen(server, address, this.port);
    if (!authority) return { plain: server, secure: null };
    try {
      const names = [address, ...this.options.names()];
      const secure = createSecure(await authority.certificateFor(names), this.through(answer));
      this.upgrades(secure);
      await listen(secure, address, this.securePort);
      // 0 is for any that is free: then every address has the one that the first was given.
      this.securePort = (secure.address() as AddressInfo).port;
      return { plain: server, secure };
    } catch (error) {
      await close(server);
      throw error;
    }
  }

  private through(listener: RequestListener): RequestListener {
    return (request, response) => {
      cameBy(request, 'shared');
      listener(request, response);
    };
  }

  private upgrades(server: Server): void {
    server.on('upgrade', (request: IncomingMessage, socket: Duplex, head: Buffer) => {
      cameBy(request, 'shared');
      this.options.upgrade(request, socket, head);
    });
  }

  private async shut(address: string): Promise<void> {
    const one = this.open.get(address);
    this.open.delete(address);
    if (one) await Promise.all([close(one.plain), one.secure && close(one.secure)]);
  }

  async stop(): Promise<void> {
    if (this.looking) clearInterval(this.looking);
    this.looking = null;
    await this.work;
    await Promise.all([...this.open.keys()].map((address) => this.shut(address)));
    this.faults.clear();
  }
}

async function listen(server: Server, address: string, port: number): Promise<void> {
  const sockets = new Set<Socket>();
  connected.set(server, sockets);
  server.on('connection', (socket: Socket) => {
    sockets.add(socket);
    socket.once('close', () => sockets.delete(socket));
  });
  server.listen(port, address);
  await once(server, 'listening');
}

async function close(server: Server): Promise<void> {
  if (!server.listening) return;
  server.close();
  for (const socket of connected.get(server) ?? []) socket.destroy();
  await once(server, 'close');
}

function troubleOf(address: string, port: number, error: unknown): string {
  const code = (error as NodeJS.ErrnoException).code ?? '';
  if (code === 'EADDRINUSE')
    return `${address}: another program has port ${port}. Stop it, or start with another PORT.`;
  if (code === 'EADDRNOTAVAIL') return `${address} is not an address of this machine.`;
  if (code === 'EACCES') return `${address}: this user may not listen there.`;
  return `${address}: ${error instanceof Error ? error.message : 'it can’t be listened on'}`;
}
