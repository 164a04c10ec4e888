/**
 * Five devices that press on and on while the server is killed under them, again and again, and started at
 * the same address: each keeps what was not acknowledged and sends it again, as the pages do.
 */
import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import type { EventsAnswer, StoredRun } from '../../contract/stage';
import type { ShareAnswer } from '../../contract/share';
import { randomFrom } from '../../core/chance/random';
import { eventOf } from '../../core/stage/event';
import type { RunEvent } from '../../core/stage/types';
import { Visitor } from './hall';

export interface Killing {
  /** The bundled server. */
  program: string;
  /** Where it is started. */
  root: string;
  data: string;
  kills: number;
  seed: number;
}

export interface Killed {
  pressed: number;
  acknowledged: number;
  /** Acknowledged, and not there. */
  lost: number;
  /** There more than once. */
  doubled: number;
  /** Of one device, and not in the order in which it pressed them. */
  disordered: number;
  /** Pressed, and never stored though it was sent until the end. */
  missing: number;
}

const ADDRESS = '127.0.0.4';
const SHOW = 'harbour-light-festival';
/** Between kills a server lives at the least so long, and at the most so much longer, in ms. */
const LIVES = { least: 15, more: 120 };

async function started(
  { program, root, data }: Killing,
  port: number,
): Promise<{ child: ChildProcess; port: number }> {
  const child = spawn(process.execPath, [program, 'demo', '--share'], {
    cwd: root,
    env: {
      ...process.env,
      NODE_OPTIONS: '',
      HOST: '',
      PORT: String(port),
      HEARTY_DATA: data,
      HEARTY_ADDRESSES: ADDRESS,
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let said = '';
  for await (const part of child.stdout) {
    said += String(part);
    const shared = /Shared at http:\/\/127\.0\.0\.4:(\d+)/.exec(said)?.[1];
    if (shared) {
      child.stdout.resume();
      return { child, port: Number(shared) };
    }
  }
  throw new Error(`The server did not start: ${said}`);
}

/** A run holds 20,000; each of the five stays below its part. */
const MOST = 3800;

class Presser {
  private waiting: RunEvent[] = [];
  readonly pressed: string[] = [];
  readonly acknowledged: string[] = [];
  over = false;

  constructor(
    readonly visitor: Visitor,
    readonly name: string,
  ) {}

  /** Presses and delivers until it is over and nothing waits. */
  async go(): Promise<void> {
    while (!this.over || this.waiting.length > 0) {
      if (!this.over && this.waiting.length < 20 && this.pressed.length < MOST) this.press();
      const sent = this.waiting.slice(0, 10);
      if (sent.length === 0) {
        await new Promise((go) => setTimeout(go, 5));
        continue;
      }
      const body = { events: sent, sentAt: Date.now(), known: 0 };
      try {
        const answer = await this.visitor.call<EventsAnswer>('POST', '/runs/r/events', body);
        if (answer.status !== 200) throw new Error(`answered ${answer.status}`);
        for (const { id } of sent) this.acknowledged.push(id);
        this.waiting = this.waiting.slice(sent.length);
      } catch (error) {
        // Nobody there just now; anything else is a fault of its own.
        if (error instanceof Error && /^answered/.test(error.message)) throw error;
        await new Promise(setImmediate);
      }
    }
  }

  private press(): void {
    const id = `${this.name}-${this.pressed.length}`;
    this.pressed.push(id);
    this.waiting.push(eventOf({ id, at: Date.now(), by: null }, 'note', { text: id }));
  }
}

export async function killed(options: Killing): Promise<Killed> {
  const random = randomFrom(options.seed);
  const first = await started(options, 0);
  const { port } = first;
  let { child } = first;
  const laptop = new Visitor(`http://127.0.0.1:${port}`, { 'sec-fetch-site': 'same-origin' });
  await laptop.call('GET', '/me');
  await laptop.call('POST', `/shows/${SHOW}/runs`, { id: 'r', kind: 'rehearsal' });
  const { body: share } = await laptop.call<ShareAnswer>('GET', '/share');
  const pressers = [new Presser(laptop, 'laptop')];
  for (let i = 1; i < 5; i++) {
    const visitor = new Visitor(`http://${ADDRESS}:${port}`);
    await visitor.join(share.code);
    pressers.push(new Presser(visitor, `phone${i}`));
  }
  const work = Promise.all(pressers.map((presser) => presser.go()));
  for (let i = 0; i < options.kills; i++) {
    await new Promise((go) => setTimeout(go, LIVES.least + random.next() * LIVES.more));
    child.kill('SIGKILL');
    await once(child, 'exit');
    ({ child } = await started(options, port));
  }
  for (const presser of pressers) presser.over = true;
  await work;
  const { body: run } = await laptop.call<StoredRun>('GET', '/runs/r');
  child.kill('SIGKILL');
  await once(child, 'exit');
  const stored = run.events.map(({ id }) => id);
  const at = new Map(stored.map((id, i) => [id, i]));
  const count = (ids: readonly string[], is: (id: string, i: number) => boolean): number =>
    ids.filter(is).length;
  return {
    pressed: pressers.reduce((sum, { pressed }) => sum + pressed.length, 0),
    acknowledged: pressers.reduce((sum, { acknowledged }) => sum + acknowledged.length, 0),
    lost: pressers.reduce((sum, one) => sum + count(one.acknowledged, (id) => !at.has(id)), 0),
    doubled: stored.length - at.size,
    disordered: pressers.reduce(
      (sum, { pressed }) =>
        sum +
        count(pressed, (id, i) => i > 0 && (at.get(id) ?? 0) < (at.get(pressed[i - 1] ?? '') ?? 0)),
      0,
    ),
    missing: pressers.reduce((sum, { pressed }) => sum + count(pressed, (id) => !at.has(id)), 0),
  };
}
