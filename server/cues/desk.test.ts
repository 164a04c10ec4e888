/** The stand-in for a lighting desk, as a process: it takes what we send, answers it, and can be quiet. */
import { afterEach, expect, test } from '@jest/globals';
import { type ChildProcess, spawn } from 'node:child_process';
import { join } from 'node:path';
import type { Output } from '../../contract/cues';
import type { Signal } from '../../core/repertoire/cues';
import { Senders } from './senders';

const ROOT = join(import.meta.dirname, '..', '..');
let child: ChildProcess | null = null;
afterEach(() => {
  child?.kill('SIGKILL');
  child = null;
});

function standIn(): Promise<{ address: string; page: string }> {
  const started = spawn(process.execPath, ['test-results/programs/lighting-desk.js'], {
    cwd: ROOT,
    env: { ...process.env, NODE_OPTIONS: '', PORT: '0', PAGE_PORT: '0' },
  });
  child = started;
  return new Promise((resolve, reject) => {
    let said = '';
    started.stdout.on('data', (chunk) => {
      said += String(chunk);
      const [, address, page] = /OSC at (\S+), its page is (\S+)/.exec(said) ?? [];
      if (address && page) resolve({ address, page });
    });
    started.on('exit', () => reject(new Error('The desk did not start')));
  });
}

interface State {
  lights: { name: string; level: number; colour: string }[];
  black: boolean;
  house: number;
  quiet: boolean;
}

test('lights, black and the hall as they were sent; quiet, and answering again', async () => {
  const { address, page } = await standIn();
  const output: Output = { id: 'desk', name: 'Desk', kind: 'osc', address };
  let heard = (): void => undefined;
  const senders = new Senders({ now: Date.now, onState: () => heard() });
  const state = async (): Promise<State> => (await (await fetch(`${page}/state`)).json()) as State;
  const became = async (wanted: string): Promise<void> => {
    while (senders.told([output])[0]?.state !== wanted)
      await new Promise<void>((told) => (heard = told));
  };
  const send = (address_: string, args = ''): void => {
    expect(senders.prepare(output, { output: 'desk', send: address_, args })()).toBeNull();
  };
  send('/lights/beam', '0.5 gold');
  await became('answers');
  expect((await state()).lights).toEqual([{ name: 'beam', level: 0.5, colour: 'gold' }]);
  await fetch(`${page}/quiet`, { method: 'POST' });
  send('/blackout');
  await became('quiet');
  expect(await state()).toMatchObject({ black: false, quiet: true });
  await fetch(`${page}/quiet`, { method: 'POST' });
  send('/blackout');
  await became('answers');
  expect((await state()).black).toBe(true);
  child?.kill('SIGKILL');
  senders.close();
});

test('an address at which nobody listens is told of, and does no harm', async () => {
  const { address } = await standIn();
  child?.kill('SIGKILL');
  const output: Output = { id: 'desk', name: 'Desk', kind: 'osc', address };
  let heard = (): void => undefined;
  const senders = new Senders({ now: Date.now, onState: () => heard() });
  while (senders.told([output])[0]?.state !== 'quiet') {
    senders.prepare(output, { output: 'desk', send: '/x', args: '' })();
    await Promise.race([
      new Promise<void>((told) => (heard = told)),
      new Promise((go) => setTimeout(go, 20)),
    ]);
  }
  expect(senders.told([output])[0]?.trouble).toMatch(/nobody listens/);
  expect(
    senders.prepare({ ...output, address: 'nowhere' }, { output: 'desk', send: '/x', args: '' })(),
  ).toMatch(/no address/);
  senders.close();
});

test('a signal that was damaged on the disk is told of when it is due, and takes nothing else with it', () => {
  const senders = new Senders({ now: Date.now, onState: () => undefined });
  const output: Output = { id: 'desk', name: 'Desk', kind: 'osc', address: '127.0.0.1:9' };
  for (const damaged of [{ send: '/x', args: null }, { send: 7, args: '' }, {}])
    expect(senders.prepare(output, { output: 'desk', ...damaged } as unknown as Signal)()).toMatch(
      /can’t/,
    );
  senders.close();
});
