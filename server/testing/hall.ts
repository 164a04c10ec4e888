/** A hall for tests: the server on the loopback, shared at another address, and devices that come in. */
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { WebSocket } from 'ws';
import type { LiveMessage } from '../../contract/api';
import type { DeviceRole, MeAnswer, ShareAnswer, ShareBody } from '../../contract/share';
import { type TestServer, testServer } from './serve';

/** Stands for the machine’s address on the hall’s network. */
export const HALL_ADDRESS = '127.0.0.2';
export const HALL_NAME = 'stage.test';

export interface Answer<T = unknown> {
  status: number;
  body: T;
  headers: Headers;
}

/** A browser, as far as a server sees one. */
export class Visitor {
  cookie = '';
  me: MeAnswer | null = null;

  constructor(
    readonly origin: string,
    private readonly headers: Record<string, string> = {},
  ) {}

  async call<T>(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer<T>> {
    const response = await fetch(`${this.origin}/api${path}`, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...(this.cookie ? { cookie: this.cookie } : {}),
        ...this.headers,
        ...headers,
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const set = response.headers.getSetCookie()[0];
    if (set) this.cookie = set.split(';')[0] ?? '';
    const text = await response.text();
    const isJson = response.headers.get('content-type')?.includes('json');
    return {
      status: response.status,
      body: (isJson && text ? JSON.parse(text) : text) as T,
      headers: response.headers,
    };
  }

  get device(): string {
    return this.me?.device?.id ?? '';
  }

  async join(code: string): Promise<Answer<MeAnswer>> {
    const answer = await this.call<MeAnswer>('POST', '/join', { code, kind: 'phone' });
    if (answer.status < 300) this.me = answer.body;
    return answer;
  }

  /** A page of it that listens; what it is told is added to the list. */
  async listen(): Promise<{ socket: WebSocket; told: LiveMessage[] }> {
    const url = `${this.origin.replace('http', 'ws')}/api/live`;
    const socket = new WebSocket(url, { headers: { cookie: this.cookie } });
    const told: LiveMessage[] = [];
    socket.on('message', (data: Buffer) => {
      told.push(JSON.parse(data.toString()) as LiveMessage);
      socket.emit('told');
    });
    await once(socket, 'told');
    return { socket, told };
  }
}

export class Hall {
  private constructor(
    readonly server: TestServer,
    readonly laptop: Visitor,
    readonly origin: string,
  ) {}

  private shift = 0;

  /** Turns the clock that devices are looked at by forward. */
  turn(ms: number): void {
    this.shift += ms;
  }

  /** Shared from the start. */
  static async open(withSeason = true): Promise<Hall> {
    let hall: Hall | null = null;
    const clock = (): number => Date.now() + (hall?.shift ?? 0);
    const server = testServer(withSeason, {
      addresses: () => [HALL_ADDRESS],
      names: () => [HALL_NAME],
      now: () => clock(),
    });
    if (!server.app.listening) await once(server.app, 'listening');
    const { port } = server.app.address() as AddressInfo;
    await server.share.standBehind(server.behind, port, port);
    const laptop = new Visitor(`http://127.0.0.1:${port}`, { 'sec-fetch-site': 'same-origin' });
    laptop.me = (await laptop.call<MeAnswer>('GET', '/me')).body;
    hall = new Hall(server, laptop, `http://${HALL_ADDRESS}:${port}`);
    await hall.set({ on: true });
    return hall;
  }

  async set(change: Partial<ShareBody>): Promise<ShareAnswer> {
    const { on, joinAs, goneAfter, showId } = this.server.share.answer();
    const body = { on, joinAs, goneAfter, showId, ...change };
    return (await this.laptop.call<ShareAnswer>('PUT', '/share', body)).body;
  }

  get code(): string {
    return this.server.share.answer().code;
  }

  /** Somebody scans the code; the laptop gives the device its role, and says whose it is. */
  async device(role: DeviceRole, person: string | null = null): Promise<Visitor> {
    const visitor = new Visitor(this.origin);
    await visitor.join(this.code);
    await this.laptop.call('PUT', `/devices/${visitor.device}`, { name: '', role, person });
    visitor.me = (await visitor.call<MeAnswer>('GET', '/me')).body;
    return visitor;
  }

  async close(): Promise<void> {
    await this.server.share.close();
    this.server.close();
  }
}
