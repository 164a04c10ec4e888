/**
 * Tells every open page what was stored, in order and by number. A page says the last number that it
 * knows, and is told what it missed; one socket of a page counts against no limit of its browser.
 */
import type { IncomingMessage, Server } from 'node:http';
import type { Duplex } from 'node:stream';
import { WebSocket, WebSocketServer } from 'ws';
import type { LiveMessage } from '../../contract/api';
import { refusalOf } from '../http/guard';
import type { ChangeLog } from './changeLog';

export const LIVE_PATH = '/api/live';
/** Pages that are told at once; the next is refused, and says so. */
export const PAGES_MOST = 500;
/** A page that does not answer within two of these is gone, in ms. */
const HEARTBEAT = 20_000;
/** What a page may say in one message, in bytes: its clock. */
const MESSAGE_MOST = 256;
/** A page this far behind in taking what it is told is let go: it comes back and catches up. In bytes. */
const BEHIND_MOST = 4_000_000;

interface LiveOptions {
  most?: number;
  /** The server's clock, in ms since 1970. */
  now?: () => number;
}

export class Live {
  private readonly sockets = new WebSocketServer({ noServer: true, maxPayload: MESSAGE_MOST });
  private readonly answered = new WeakSet<WebSocket>();
  private readonly beat: NodeJS.Timeout;
  private told: number;
  private closed = false;

  private readonly most: number;
  private readonly now: () => number;

  constructor(
    private readonly log: ChangeLog,
    { most = PAGES_MOST, now = Date.now }: LiveOptions = {},
  ) {
    this.most = most;
    this.now = now;
    this.told = log.latest();
    this.beat = setInterval(() => this.letGo(), HEARTBEAT);
    this.beat.unref();
  }

  /** Takes the sockets of a server. */
  attach(server: Server): void {
    server.on('upgrade', (request: IncomingMessage, socket: Duplex, head: Buffer) =>
      this.upgrade(request, socket, head),
    );
  }

  upgrade(request: IncomingMessage, socket: Duplex, head: Buffer): void {
    socket.on('error', () => socket.destroy());
    const url = new URL(request.url ?? '/', 'http://here');
    const refusal = refusalOf(request.headers);
    if (url.pathname !== LIVE_PATH || refusal) refuse(socket, refusal ? 403 : 404);
    else if (this.sockets.clients.size >= this.most) refuse(socket, 503);
    else
      this.sockets.handleUpgrade(request, socket, head, (page) =>
        this.welcome(page, url.searchParams),
      );
  }

  private welcome(page: WebSocket, query: URLSearchParams): void {
    const since = Number(query.get('since'));
    this.answered.add(page);
    page.on('pong', () => this.answered.add(page));
    page.on('error', () => page.terminate());
    page.on('message', (data) => this.clock(page, data));
    this.publish();
    const known = query.has('epoch') && Number.isInteger(since) && since >= 0;
    // Numbers of before a restored backup, or of other data, say nothing of these.
    const { epoch } = this.log;
    const missed = !known ? [] : query.get('epoch') === epoch ? this.log.since(since) : null;
    say(page, { hello: this.told, epoch, reset: missed === null });
    if (missed && missed.length > 0) say(page, { changes: missed });
  }

  /** A page asks for the time: what it sent comes back beside it. */
  private clock(page: WebSocket, data: WebSocket.RawData): void {
    const sent = Number(data instanceof Buffer ? data.toString('latin1') : Number.NaN);
    if (Number.isFinite(sent)) say(page, { sent, at: this.now() });
  }

  /** Tells what was stored since the last time, to all. */
  publish(): void {
    if (this.closed) return;
    const changes = this.log.since(this.told);
    this.told = this.log.latest();
    if (changes?.length === 0) return;
    const message: LiveMessage = changes
      ? { changes }
      : { hello: this.told, epoch: this.log.epoch, reset: true };
    const text = JSON.stringify(message);
    for (const page of this.sockets.clients) {
      if (page.bufferedAmount > BEHIND_MOST) page.terminate();
      else if (page.readyState === WebSocket.OPEN) page.send(text);
    }
  }

  private letGo(): void {
    for (const page of this.sockets.clients) {
      if (!this.answered.delete(page)) page.terminate();
      else page.ping();
    }
  }

  close(): void {
    this.closed = true;
    clearInterval(this.beat);
    for (const page of this.sockets.clients) page.terminate();
    this.sockets.close();
  }
}

const say = (page: WebSocket, message: LiveMessage): void => page.send(JSON.stringify(message));

function refuse(socket: Duplex, status: 403 | 404 | 503): void {
  const words = { 403: 'Forbidden', 404: 'Not Found', 503: 'Service Unavailable' };
  socket.end(`HTTP/1.1 ${status} ${words[status]}\r\nConnection: close\r\n\r\n`);
}
