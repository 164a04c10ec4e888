/**
 * Signals on their way to devices outside: OSC 1.0 over UDP, or a request over HTTP to an address that the
 * owner has listed. Nothing waits for them. A device that has answered once and does so no more is quiet.
 */
import { createSocket, type Socket } from 'node:dgram';
import { Message, decode, encode } from 'node-osc';
import type { OutputTold } from '../../contract/api';
import { hostAndPort, type Output, signalFault } from '../../contract/cues';
import { oscArgs, type Signal } from '../../core/repertoire/cues';

/** An answer is waited for this long, in ms. */
const ANSWER_WITHIN = 1500;

const OSC_TYPE = { i: 'integer', f: 'float', s: 'string' } as const;

/** The bytes of a signal (OSC 1.0). */
export function oscBytes({ send, args }: Pick<Signal, 'send' | 'args'>): Buffer {
  const message = new Message(send);
  for (const { type, value } of oscArgs(args)) message.append({ type: OSC_TYPE[type], value });
  return encode(message);
}

interface SendersOptions {
  now: () => number;
  /** Called when a device answers again, or is quiet. */
  onState: () => void;
}

/** A device that takes OSC: a socket that is connected to it, so that what is sent goes out at once. */
interface Line {
  socket: Socket;
  /** Sent once it is connected; null since. */
  waiting: Buffer[] | null;
  output: Output;
  answer: NodeJS.Timeout | null;
}

/** Sends it. Gives why it can’t go out; null when it is on its way. Never throws, never waits. */
export type Ready = () => string | null;

export class Senders {
  private readonly states = new Map<string, OutputTold>();
  /** By address. */
  private readonly lines = new Map<string, Line>();
  private closed = false;

  constructor(private readonly options: SendersOptions) {}

  /** Of these outputs, as far as they were heard of. */
  told(outputs: readonly Output[]): OutputTold[] {
    return outputs.map(
      ({ id, name }) =>
        this.states.get(id) ?? { id, name, state: 'unknown', trouble: '', since: 0 },
    );
  }

  /** Opened before the first cue, which then need not wait for it. */
  warm(outputs: readonly Output[]): void {
    for (const output of outputs) if (output.kind === 'osc') this.lineTo(output);
  }

  /** A signal with all done that can be done before it goes out. */
  prepare(output: Output | undefined, signal: Signal): Ready {
    try {
      const fault = signalFault(output?.kind ?? null, signal);
      if (fault || !output) return () => fault ?? 'goes nowhere';
      if (output.kind === 'http') return () => this.http(output, signal);
      const bytes = oscBytes(signal);
      return () => this.osc(output, bytes);
    } catch {
      // Of a run that was damaged on the disk. It is got ready outside of any request, where nobody would hear of it.
      return () => 'can’t be read any more';
    }
  }

  private osc(output: Output, bytes: Buffer): string | null {
    const line = this.lineTo(output);
    if (!line) return 'goes to what is no address';
    if (line.waiting) line.waiting.push(bytes);
    else line.socket.send(bytes);
    // Only who has answered before is missed.
    if (this.states.has(output.id))
      line.answer ??= setTimeout(() => {
        line.answer = null;
        this.became(output, 'quiet', 'it does not answer');
      }, ANSWER_WITHIN).unref();
    return null;
  }

  private lineTo(output: Output): Line | null {
    const to = hostAndPort(output.address);
    if (!to || this.closed) return null;
    const known = this.lines.get(output.address);
    if (known) {
      known.output = output;
      return known;
    }
    const socket = createSocket({ type: to.host.includes(':') ? 'udp6' : 'udp4' });
    const line: Line = { socket, waiting: [], output, answer: null };
    this.lines.set(output.address, line);
    socket.on('message', (bytes) => this.heard(line, bytes));
    socket.on('error', (error: NodeJS.ErrnoException) => this.failed(line, error));
    socket.on('connect', () => {
      for (const bytes of line.waiting ?? []) socket.send(bytes);
      line.waiting = null;
    });
    socket.connect(to.port, to.host);
    socket.unref();
    return line;
  }

  /** Nobody listens there, or there is no such place: it is told, and tried anew with the next signal. */
  private failed(line: Line, error: NodeJS.ErrnoException): void {
    this.became(
      line.output,
      'quiet',
      error.code === 'ECONNREFUSED' ? 'nobody listens at its address' : error.message,
    );
    this.end(line);
  }

  private end(line: Line): void {
    for (const [address, one] of this.lines) if (one === line) this.lines.delete(address);
    if (line.answer) clearTimeout(line.answer);
    try {
      line.socket.close();
    } catch {
      // It was closed already.
    }
  }

  private heard(line: Line, bytes: Buffer): void {
    try {
      decode(bytes);
    } catch {
      // Nothing that a device for shows would say.
      return;
    }
    if (line.answer) clearTimeout(line.answer);
    line.answer = null;
    this.became(line.output, 'answers', '');
  }

  private http(output: Output, { send, args }: Signal): string | null {
    let url: URL;
    try {
      url = new URL(`${output.address}${send}`);
    } catch {
      return 'makes no address';
    }
    // What is added may not lead elsewhere than where the owner has listed.
    if (url.origin !== new URL(output.address).origin) return 'leads elsewhere than its output';
    fetch(url, {
      method: args === '' ? 'GET' : 'POST',
      ...(args === '' ? {} : { body: args }),
      signal: AbortSignal.timeout(ANSWER_WITHIN),
      redirect: 'error',
    }).then(
      (answer) => {
        void answer.body?.cancel();
        this.became(
          output,
          answer.ok ? 'answers' : 'quiet',
          answer.ok ? '' : `it says ${answer.status}`,
        );
      },
      () => this.became(output, 'quiet', 'it does not answer'),
    );
    return null;
  }

  private became({ id, name }: Output, state: OutputTold['state'], trouble: string): void {
    const before = this.states.get(id);
    if (this.closed || (before?.state === state && before.trouble === trouble)) return;
    this.states.set(id, { id, name, state, trouble, since: this.options.now() });
    this.options.onState();
  }

  close(): void {
    this.closed = true;
    for (const line of [...this.lines.values()]) this.end(line);
  }
}
