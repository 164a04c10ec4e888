import { expect, test } from '@jest/globals';
import { once } from 'node:events';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Change } from '../contract/api';
import { testServer } from './testing/serve';

test('every open page is told what was stored', async () => {
  const served = testServer();
  const http = createServer(served.app).listen(0, '127.0.0.1');
  await once(http, 'listening');
  const url = `http://127.0.0.1:${(http.address() as AddressInfo).port}/api`;
  const stream = await fetch(`${url}/changes`);
  const reader = stream.body?.getReader();
  if (!reader) throw new Error('no stream');
  const told: Change[] = [];
  const listen = async (count: number): Promise<void> => {
    let text = '';
    while (told.length < count) {
      const { value, done } = await reader.read();
      if (done) return;
      text += new TextDecoder().decode(value);
      const lines = text.split('\n\n');
      text = lines.pop() ?? '';
      for (const line of lines)
        if (line.startsWith('data: ')) told.push(JSON.parse(line.slice(6)) as Change);
    }
  };
  const send = (method: string, path: string, body?: object): Promise<Response> =>
    fetch(url + path, {
      method,
      headers: { 'Content-Type': 'application/json' },
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
  await send('DELETE', '/venues/boat-shed?version=1');
  await send('POST', '/venues/boat-shed/restore');
  await send('PUT', '/shows/harbour-light-festival/checks/test:dome', {
    state: 'done',
    value: null,
    reason: '',
    by: null,
  });
  await send('POST', '/shows/harbour-light-festival/runs', { id: 'r', kind: 'rehearsal' });
  await listen(4);
  expect(told).toEqual([
    { kind: 'venue', id: 'boat-shed' },
    { kind: 'venue', id: 'boat-shed' },
    { kind: 'mark', id: 'harbour-light-festival' },
    { kind: 'run', id: 'r' },
  ]);
  await reader.cancel();
  http.closeAllConnections();
  http.close();
  served.close();
});
