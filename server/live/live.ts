/**
 * Tells every open page what was stored, in order and by number. A page says the last number that it
 * knows, and is told what it missed; one socket of a page counts against no limit of its browser.
 */
import type { IncomingMessage } from 'node:http';
import type { Duplex } from 'node:stream';
import { WebSocket, WebSocketServer } from 'ws';
import type { Change, FiredCue, LiveMessage, PressesMessage } from '../../contract/api';
import { refusalOf } from '../http/guard';
import type { Caller } from '../share/caller';
import type { Presence } from '../share/presence';
import type { ChangeLog } from './changeLog';

export const LIVE_PATH = '/api/live';
/** Pages that are told at once; the next is refused, and says so. */
export const PAGES_MOST = 500;
/** A page that does not answer within two of these is gone, in ms. */
const HEARTBEAT = 5000;
/** What a page may say in one message, in bytes: its clock, or presses. */
const MESSAGE_MOST = 512 * 1024;
/** A page this far behind in taking what it is told is let go: it comes back and catches up. In bytes. */
const BEHIND_MOST = 4_000_000;

interface LiveOptions {
  most?: number;
  /** The server's clock, in ms since 1970. */
  now?: () => number;
  /** Who is told of devices that come and go. */
  presence?: Presence | undefined;
}

/** By what names a page may have asked for its socket, and who it is; null for one that is not let in. */
export interface Entrance {
  names: ReadonlySet<string>;
  caller: Caller | null;
}

/** Says to a page that it is to ask again who it is: its role has changed, or it was thrown out. */
const ASK_AGAIN = 4001;

export class Live {
  private readonly sockets = new WebSocketServer({ noServer: true, maxPayload: MESSAGE_MOST });
  private readonly answered = new WeakSet<WebSocket>();
  private readonly callers = new WeakMap<WebSocket, Caller>();
  private readonly beat: NodeJS.Timeout;
  private told: number;
  private closed = false;

  private readonly most: number;
  private readonly now: () => number;
  private readonly presence: Presence | undefined;

  constructor(
    private readonly log: ChangeLog,
    { most = PAGES_MOST, now = Date.now, presence }: LiveOptions = {},
  ) {
    this.most = most;
    this.now = now;
    this.presence = presence;
    this.told = log.latest();
    this.beat = setInterval(() => this.letGo(), HEARTBEAT);
    this.beat.unref();
  }

  upgrade(request: IncomingMessage, socket: Duplex, head: Buffer, entrance: Entrance): void {
    socket.on('error', () => socket.destroy());
    const url = new URL(request.url ?? '/', 'http://here');
    const { names, caller } = entrance;
    if (url.pathname !== LIVE_PATH) refuse(socket, 404);
    else if (refusalOf(request, names)) refuse(socket, 403);
    else if (!caller) refuse(socket, 401);
    else if (this.sockets.clients.size >= this.most) refuse(socket, 503);
    else
      this.sockets.handleUpgrade(request, socket, head, (page) => {
        this.callers.set(page, caller);
        this.welcome(page, url.searchParams);
      });
  }

  private welcome(page: WebSocket, query: URLSearchParams): void {
    const since = Number(query.get('since'));
    const device = this.callers.get(page)?.device;
    if (device) {
      this.presence?.enter(device.id);
      page.on('close', () => this.presence?.leave(device.id));
    }
    this.answered.add(page);
    page.on('pong', (asked) => {
      this.answered.add(page);
      const trip = this.now() - Number(asked.toString('latin1'));
      if (device && trip >= 0) this.presence?.heard(device.id, trip);
    });
    page.on('error', () => page.terminate());
    page.on('message', (data) => this.hear(page, data));
    this.publish();
    const known = query.has('epoch') && Number.isInteger(since) && since >= 0;
    // Numbers of before a restored backup, or of other data, say nothing of these.
    const { epoch } = this.log;
    const missed = !known ? [] : query.get('epoch') === epoch ? this.log.since(since) : null;
    say(page, { hello: this.told, epoch, reset: missed === null });
    if (missed && missed.length > 0) page.send(this.wordsFor(page)({ changes: missed }));
    page.ping(String(this.now()));
  }

  /** What a page that stands before the audience is told: that a run has moved on, and nothing else. */
  private wordsFor(page: WebSocket): (message: LiveMessage) => string {
    const forAll =
      this.callers.get(page)?.role === 'audience' ? publicOf : (same: LiveMessage) => same;
    return (message) => JSON.stringify(forAll(message));
  }

  /** Who takes the presses that pages send over their sockets; gives what is answered. */
  onPresses: ((caller: Caller, sent: PressesMessage) => LiveMessage) | null = null;

  /** A page asks for the time, and what it sent comes back beside it; or it sends presses. */
  private hear(page: WebSocket, data: WebSocket.RawData): void {
    const text = data instanceof Buffer ? data.toString('utf8') : '';
    const sent = Number(text);
    if (text !== '' && Number.isFinite(sent)) {
      say(page, { sent, at: this.now() });
      return;
    }
    const caller = this.callers.get(page);
    const presses = pressesIn(text);
    if (!caller || !presses || !this.onPresses) return;
    say(page, this.onPresses(caller, presses));
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
    this.tell(message);
  }

  /** Tells all pages, each what is for it. */
  tell(message: LiveMessage): void {
    const text = JSON.stringify(message);
    let forAudience: string | null = null;
    for (const page of this.sockets.clients) {
      if (page.bufferedAmount > BEHIND_MOST) page.terminate();
      else if (page.readyState === WebSocket.OPEN)
        page.send(
          this.callers.get(page)?.role === 'audience'
            ? (forAudience ??= JSON.stringify(publicOf(message)))
            : text,
        );
    }
  }

  /** Ends the sockets of a device: it comes back as what it is now, or not at all. */
  letGoOf(deviceId: string): void {
    for (const page of this.sockets.clients)
      if (this.callers.get(page)?.device?.id === deviceId) page.close(ASK_AGAIN);
  }

  private letGo(): void {
    for (const page of this.sockets.clients) {
      if (!this.answered.delete(page)) page.terminate();
      else page.ping(String(this.now()));
    }
  }

  close(): void {
    this.closed = true;
    clearInterval(this.beat);
    for (const page of this.sockets.clients) page.terminate();
    this.sockets.close();
  }
}

/** Presses in a message; null for anything else. */
function pressesIn(text: string): PressesMessage | null {
  try {
    const plain = JSON.parse(text) as Partial<PressesMessage> | null;
    return typeof plain?.run === 'string' && typeof plain.ref === 'string'
      ? { ...plain, run: plain.run, ref: plain.ref }
      : null;
  } catch {
    return null;
  }
}

const say = (page: WebSocket, message: LiveMessage): void => page.send(JSON.stringify(message));

/** Pictures and sounds are for the audience; the rest is not. */
const publicCue = (fired: FiredCue | null): FiredCue | null =>
  fired && {
    ...fired,
    ...(fired.kind === 'picture' || fired.kind === 'sound' ? {} : { media: null }),
    name: '',
    words: '',
    to: null,
    fault: null,
  };

/** Without what was stored: a screen before the audience asks for what is public of it. */
function publicOf(message: LiveMessage): LiveMessage {
  if ('present' in message) return { ...message, present: [], asking: [] };
  if ('outputs' in message) return { outputs: [] };
  if ('fired' in message) return { fired: publicCue(message.fired) };
  if (!('changes' in message)) return message;
  const changes = message.changes.map(({ n, kind, id }): Change => ({ n, kind, id }));
  return { changes };
}

function refuse(socket: Duplex, status: 401 | 403 | 404 | 503): void {
  const words = {
    401: 'Unauthorized',
    403: 'Forbidden',
    404: 'Not Found',
    503: 'Service Unavailable',
  };
  socket.end(`HTTP/1.1 ${status} ${words[status]}\r\nConnection: close\r\n\r\n`);
}
