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

export class Senders {
  private socket: Socket | null = null;
  private readonly states = new Map<string, OutputTold>();
  /** Outputs whose answer is waited for, by “address:port”. */
  private readonly waiting = new Map<string, NodeJS.Timeout>();
  private readonly outputAt = new Map<string, Output>();
  private closed = false;

  constructor(private readonly options: SendersOptions) {}

  /** Of these outputs, as far as they were heard of. */
  told(outputs: readonly Output[]): OutputTold[] {
    return outputs.map(
      ({ id, name }) =>
        this.states.get(id) ?? { id, name, state: 'unknown', trouble: '', since: 0 },
    );
  }

  /** Why a signal can’t go out; null when it is on its way. Never throws, never waits. */
  send(output: Output | undefined, signal: Signal): string | null {
    const fault = signalFault(output?.kind ?? null, signal);
    if (fault || !output) return fault ?? 'goes nowhere';
    return output.kind === 'osc' ? this.osc(output, signal) : this.http(output, signal);
  }

  private osc(output: Output, signal: Signal): string | null {
    const to = hostAndPort(output.address);
    if (!to) return 'goes to what is no address';
    const name = `${to.host}:${to.port}`;
    this.outputAt.set(name, output);
    try {
      this.open().send(oscBytes(signal), to.port, to.host, (error) => {
        if (error) this.became(output, 'quiet', error.message);
      });
    } catch (error) {
      return error instanceof Error ? error.message : 'can’t be sent';
    }
    // Only who has answered before is missed.
    if (this.states.get(output.id)?.state !== undefined && !this.waiting.has(name))
      this.waiting.set(
        name,
        setTimeout(() => {
          this.waiting.delete(name);
          this.became(output, 'quiet', 'it does not answer');
        }, ANSWER_WITHIN).unref(),
      );
    return null;
  }

  private open(): Socket {
    if (this.socket) return this.socket;
    const socket = createSocket('udp4');
    socket.on('message', (bytes, from) => this.heard(bytes, `${from.address}:${from.port}`));
    socket.on('error', () => {
      socket.close();
      if (this.socket === socket) this.socket = null;
    });
    socket.unref();
    this.socket = socket;
    return socket;
  }

  /** Opened before the first cue, which then need not wait for it. */
  warm(): void {
    if (!this.closed) this.open();
  }

  private heard(bytes: Buffer, from: string): void {
    try {
      decode(bytes);
    } catch {
      // Nothing that a device for shows would say.
      return;
    }
    clearTimeout(this.waiting.get(from));
    this.waiting.delete(from);
    const output = this.outputAt.get(from);
    if (output) this.became(output, 'answers', '');
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
    for (const timer of this.waiting.values()) clearTimeout(timer);
    this.waiting.clear();
    this.socket?.close();
    this.socket = null;
  }
}
