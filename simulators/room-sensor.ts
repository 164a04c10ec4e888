/**
 * A stand-in for a room sensor: temperature, humidity and sound level as SenML (RFC 8428, JSON) over
 * HTTP, on this machine only. `npm run sensor`; PORT and SEED may be set. The figures wander like those
 * of a hall that fills; the same seed wanders the same way.
 */
import { createServer } from 'node:http';
import { randomFrom } from '../core/chance/random';

const port = Number(process.env.PORT || 4490);
const random = randomFrom(Number(process.env.SEED || 1));
const started = Date.now();

/** A figure that wanders about where it is drawn to. */
function wander(from: number, to: number, spread: number): (minutes: number) => number {
  let off = 0;
  return (minutes) => {
    off = off * 0.9 + (random.next() - 0.5) * spread;
    return from + (to - from) * (1 - Math.exp(-minutes / 40)) + off;
  };
}

const temperature = wander(17.5, 21.5, 0.3);
const humidity = wander(46, 57, 1);
const sound = wander(42, 64, 6);
const round = (value: number): number => Math.round(value * 10) / 10;

const server = createServer((request, response) => {
  if (request.method !== 'GET' || request.url !== '/senml') {
    response.writeHead(404).end();
    return;
  }
  const minutes = (Date.now() - started) / 60_000;
  response.writeHead(200, { 'content-type': 'application/senml+json' });
  response.end(
    JSON.stringify([
      {
        bn: 'urn:dev:stand-in:hall:',
        bt: Date.now() / 1000,
        n: 'temperature',
        u: 'Cel',
        v: round(temperature(minutes)),
      },
      { n: 'humidity', u: '%RH', v: round(humidity(minutes)) },
      { n: 'sound', u: 'dB', v: round(sound(minutes)) },
    ]),
  );
});

server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken, perhaps by a sensor that is running already.`
      : `The sensor can’t start: ${error.message}`,
  );
  process.exit(1);
});
server.listen(port, '127.0.0.1', () => {
  const address = server.address();
  const actual = typeof address === 'object' && address ? address.port : port;
  console.log(`Room sensor at http://127.0.0.1:${actual}/senml`);
});
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
