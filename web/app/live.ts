/**
 * The line to the server on which it tells what was stored: in order and by number. After a break it
 * asks for what it missed. It also measures how this device's clock stands against the server's.
 */
import { create } from 'zustand';
import type { Change, FiredCue, LiveMessage, OutputTold } from '../../contract/api';
import type { PresentTold } from '../../contract/share';
import type { EventsAnswer } from '../../contract/stage';
import { ApiError, firstNumber, newId } from './api';
import { askWhoIAm, wasAsked } from './me';

interface Line {
  /** False while nothing is heard; true before the first try has failed. */
  up: boolean;
}

/** Whether what others do reaches this page. */
export const useLine = create<Line>()(() => ({ up: true }));

/** Which devices there are, and how the share stands, as it was told last. */
export const usePresent = create<PresentTold>()(() => ({
  present: [],
  asking: [],
  shared: false,
  goneAfter: 0,
}));

/** Cues that are kept as they went off. */
const FIRED_KEPT = 50;

/**
 * Cues as they went off, the last one last; none once everything is to end. Several go off in one moment:
 * none of them takes another's place.
 */
export const useFired = create<{ fired: readonly FiredCue[] }>()(() => ({ fired: [] }));

/** Devices outside, as they were told of last. */
export const useOutputs = create<{ outputs: readonly OutputTold[] }>()(() => ({ outputs: [] }));

/** Between tries to come back, in ms: soon at first, then less often. */
const RETRY = [250, 500, 1000, 2000, 4000];
/** The clock is asked for this often, in ms; a line on which no answer comes in time is dead. */
const ASK_EVERY = 10_000;
const ANSWER_WITHIN = 5000;
/** Readings of the server's clock that are kept: the one that came back soonest is the truest. */
const READINGS = 6;

interface Reading {
  trip: number;
  offset: number;
}

const readings: Reading[] = [];

/** Server's clock less this device's, in ms; 0 until it is known. */
export function clockOffset(): number {
  const best = readings.reduce<Reading | null>(
    (found, one) => (found && found.trip <= one.trip ? found : one),
    null,
  );
  return best?.offset ?? 0;
}

/** This moment by the server's clock, in ms since 1970. */
export const serverNow = (): number => Date.now() + clockOffset();

interface Delivering {
  resolve: (answer: EventsAnswer) => void;
  reject: (error: ApiError) => void;
  late: ReturnType<typeof setTimeout>;
}

export interface Listener {
  onChanges: (changes: readonly Change[]) => void;
  /** So much was missed that everything is to be read again. */
  onReset: () => void;
}

const address = (since: number, epoch: string): string => {
  const { protocol, host } = window.location;
  return `${protocol === 'https:' ? 'wss' : 'ws'}://${host}/api/live?since=${since}&epoch=${epoch}`;
};

/** The one that this page holds. */
let held: LiveLine | null = null;
export const holdLine = (line: LiveLine | null): void => {
  held = line;
};
/** An answer to presses that does not come within this, in ms, is not waited for: they are sent again. */
const STORED_WITHIN = 4000;

/** Sends presses over the socket; null where there is none, and they have to go another way. */
export const deliverOver = (
  run: string,
  body: { events: unknown[]; sentAt: number; known: number },
): Promise<EventsAnswer> | null => held?.deliver(run, body) ?? null;

/** Listens until it is closed. One for each page. */
export class LiveLine {
  private socket: WebSocket | null = null;
  private known = 0;
  private epoch = '';
  private tries = 0;
  private closed = false;
  private retry: ReturnType<typeof setTimeout> | undefined;
  private ask: ReturnType<typeof setInterval> | undefined;
  private answer: ReturnType<typeof setTimeout> | undefined;

  private readonly delivering = new Map<string, Delivering>();

  constructor(private readonly listener: Listener) {
    window.addEventListener('online', this.again);
    window.addEventListener('offline', this.lost);
    // From what the page has read on: nothing that is stored before it listens is missed.
    // Not before this device has its name: presses go over the line, and are for who drives.
    void Promise.all([firstNumber, wasAsked]).then(([{ epoch, n }]) => {
      this.epoch = epoch;
      this.known = n;
      if (!this.closed) this.connect();
    });
  }

  close(): void {
    this.closed = true;
    window.removeEventListener('online', this.again);
    window.removeEventListener('offline', this.lost);
    this.drop();
  }

  /** Null while nothing is heard. */
  deliver(run: string, body: object): Promise<EventsAnswer> | null {
    const { socket } = this;
    if (socket?.readyState !== WebSocket.OPEN || !useLine.getState().up) return null;
    const ref = newId();
    return new Promise((resolve, reject) => {
      const late = setTimeout(() => this.undelivered(ref), STORED_WITHIN);
      this.delivering.set(ref, { resolve, reject, late });
      socket.send(JSON.stringify({ run, ref, ...body }));
    });
  }

  private undelivered(ref: string): void {
    const waiting = this.delivering.get(ref);
    this.delivering.delete(ref);
    clearTimeout(waiting?.late);
    waiting?.reject(new ApiError(0, 'offline', 'Hearty Stage can’t be reached.', []));
  }

  private delivered(message: Extract<LiveMessage, { ref: string }>): void {
    const waiting = this.delivering.get(message.ref);
    this.delivering.delete(message.ref);
    clearTimeout(waiting?.late);
    if ('stored' in message) waiting?.resolve(message.stored);
    else {
      const { status, code, message: words, fields = [] } = message.error;
      waiting?.reject(new ApiError(status, code, words, fields));
    }
  }

  private connect(): void {
    const socket = new WebSocket(address(this.known, this.epoch));
    this.socket = socket;
    socket.onopen = () => {
      this.askTheTime();
      this.ask = setInterval(() => this.askTheTime(), ASK_EVERY);
    };
    socket.onmessage = (message) => this.hear(JSON.parse(String(message.data)) as LiveMessage);
    socket.onclose = () => {
      if (this.socket === socket) this.lost();
    };
  }

  private hear(message: LiveMessage): void {
    if ('sent' in message) {
      clearTimeout(this.answer);
      const trip = Date.now() - message.sent;
      readings.push({ trip, offset: message.at - (message.sent + trip / 2) });
      if (readings.length > READINGS) readings.shift();
    } else if ('ref' in message) this.delivered(message);
    else if ('hello' in message) {
      // Who was away may be something else by now, or be thrown out.
      if (this.tries > 0) void askWhoIAm();
      this.tries = 0;
      useLine.setState({ up: true });
      if (message.reset) this.listener.onReset();
      this.epoch = message.epoch;
      if (message.reset) this.known = message.hello;
    } else if ('present' in message) usePresent.setState(message);
    else if ('fired' in message)
      useFired.setState(({ fired }) => ({
        fired: message.fired ? [...fired, message.fired].slice(-FIRED_KEPT) : [],
      }));
    else if ('outputs' in message) useOutputs.setState(message);
    else {
      this.known = message.changes.at(-1)?.n ?? this.known;
      this.listener.onChanges(message.changes);
    }
  }

  private askTheTime(): void {
    this.socket?.send(String(Date.now()));
    clearTimeout(this.answer);
    this.answer = setTimeout(this.lost, ANSWER_WITHIN);
  }

  private drop(): void {
    clearTimeout(this.retry);
    clearInterval(this.ask);
    clearTimeout(this.answer);
    const { socket } = this;
    this.socket = null;
    socket?.close();
    // Stored or not: they are sent again, which changes nothing where they were.
    for (const ref of [...this.delivering.keys()]) this.undelivered(ref);
  }

  private readonly lost = (): void => {
    this.drop();
    if (this.closed) return;
    useLine.setState({ up: false });
    // That it is refused is told to requests only.
    if (this.tries === 1) void askWhoIAm();
    this.retry = setTimeout(this.again, RETRY[Math.min(this.tries++, RETRY.length - 1)]);
  };

  private readonly again = (): void => {
    this.drop();
    if (!this.closed) this.connect();
  };
}
