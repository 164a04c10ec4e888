/** A desk, in a thread of its own: tells the page when something has arrived. */
import { createSocket } from 'node:dgram';
import { once } from 'node:events';
import { parentPort, type MessagePort } from 'node:worker_threads';
import { clock } from './clock';

const desk = createSocket('udp4');
desk.bind(0, '127.0.0.1');
await once(desk, 'listening');
parentPort?.once('message', ({ page }: { page: MessagePort }) => {
  desk.on('message', () => page.postMessage(clock()));
});
parentPort?.postMessage({ port: desk.address().port });
