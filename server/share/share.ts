/** Everything about other devices: who was let in, who is here, and what is listened on for them. */
import type { IncomingMessage, RequestListener } from 'node:http';
import type { Duplex } from 'node:stream';
import type { Asking, DeviceTold, PresentTold, ShareAnswer } from '../../contract/share';
import { addressesHere, namesHere } from './addresses';
import type { Authority } from './authority';
import { callerBy, type Caller, doorOf } from './caller';
import { readCode } from './code';
import { DeviceStore } from './deviceStore';
import { Doors } from './doors';
import { plainWords } from './plainWords';
import { Presence } from './presence';

export interface ShareOptions {
  /** The file that devices are kept in. */
  file: string;
  now?: () => number;
  addresses?: () => string[];
  names?: () => string[];
  authority?: Authority | null;
}

/** How often it is written down who is here, in ms. */
const ROUND = 60_000;

export const LOOPBACK: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** What the servers are given once there is something to answer with. */
export interface Behind {
  answer: RequestListener;
  upgrade: (request: IncomingMessage, socket: Duplex, head: Buffer) => void;
}

export class Share {
  readonly devices: DeviceStore;
  readonly presence: Presence;
  /** Who would like to drive, by device: said and gone, kept nowhere. */
  private readonly asking = new Map<string, Asking>();
  private doors: Doors | null = null;
  private ports: [number, number] = [0, 0];
  private readonly round: NodeJS.Timeout;
  private readonly now: () => number;

  constructor(private readonly options: ShareOptions) {
    this.now = options.now ?? Date.now;
    this.devices = new DeviceStore(options.file, this.now);
    this.presence = new Presence(this.now);
    this.round = setInterval(() => this.devices.seen(this.presence.here()), ROUND);
    this.round.unref();
  }

  /** Puts the answering server behind the doors, and opens them if they were open before. */
  async standBehind(behind: Behind, port: number, securePort: number): Promise<void> {
    const { addresses = addressesHere, names = namesHere, authority = null } = this.options;
    this.ports = [port, securePort];
    this.doors = new Doors({
      ...behind,
      addresses,
      names,
      authority,
      plain: plainWords(authority, () => this.doors?.origins[0] ?? null),
    });
    if (this.devices.share.on) await this.turn(true);
  }

  async turn(on: boolean): Promise<void> {
    this.devices.change({ on });
    if (on && this.devices.share.codeUntil <= this.now()) this.devices.newCode();
    if (on) await this.doors?.start(...this.ports);
    else await this.doors?.stop();
    this.presence.changed();
  }

  /** Where devices come in, the first to be shown; null while nothing is shared. */
  get origin(): string | null {
    return this.doors?.origins[0] ?? null;
  }

  /** By what names a request may have come. */
  hostsFor(request: IncomingMessage): ReadonlySet<string> {
    return doorOf(request) === 'own' ? LOOPBACK : (this.doors?.hosts ?? new Set());
  }

  callerOf(request: IncomingMessage): Caller | null {
    return callerBy(request, this.devices);
  }

  answer(): ShareAnswer {
    const { on, code, codeUntil, joinAs, goneAfter, showId } = this.devices.share;
    const https = Boolean(this.options.authority);
    const plain = this.doors?.plainOrigin ?? null;
    return {
      on,
      https,
      origins: this.doors?.origins ?? [],
      certificate: https && plain ? `${plain}/authority.crt` : null,
      faults: [...(this.doors?.faults.values() ?? [])],
      code,
      codeUntil,
      joinAs,
      goneAfter,
      showId,
    };
  }

  /** Whether somebody may come in by this code now. */
  isCode(typed: string): boolean {
    const { on, code, codeUntil } = this.devices.share;
    return on && codeUntil > this.now() && readCode(typed) === code;
  }

  list(): DeviceTold[] {
    return this.devices.list().map((device) => ({ ...device, ...this.presence.of(device.id) }));
  }

  /** Whether a device has been gone so long that another may drive; one that was thrown out has. */
  isGone(id: string): boolean {
    return (
      this.devices.find(id) === null ||
      this.presence.goneFor(id) >= this.devices.share.goneAfter * 1000
    );
  }

  ask(runId: string, device: string): void {
    this.asking.set(device, { runId, device, at: this.now() });
    this.presence.changed();
  }

  /** It was answered, one way or the other. */
  answered(device: string): void {
    if (this.asking.delete(device)) this.presence.changed();
  }

  /** What pages are told of it. */
  get told(): PresentTold {
    const { on, goneAfter } = this.devices.share;
    return { present: this.list(), asking: [...this.asking.values()], shared: on, goneAfter };
  }

  async close(): Promise<void> {
    clearInterval(this.round);
    this.presence.close();
    await this.doors?.stop();
    this.devices.close();
  }
}
