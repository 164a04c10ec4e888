/**
 * A stand-in for a lighting desk: takes OSC 1.0 over UDP, answers what it got, and shows its lights on a
 * page of its own. `npm run desk`; PORT (UDP) and PAGE_PORT may be set. It knows:
 *
 *   /lights/NAME LEVEL [COLOUR]   a light at a level from 0 to 1
 *   /blackout, /back              all out, and as they were
 *   /house LEVEL                  the lights of the hall
 *
 * Anything else is taken down and answered all the same. On the page it can be told to be quiet.
 */
import { createSocket } from 'node:dgram';
import { createServer } from 'node:http';
import { type AddressInfo } from 'node:net';
import { decode, encode, Message } from 'node-osc';

const port = Number(process.env.PORT || 4491);
const pagePort = Number(process.env.PAGE_PORT || port + 1);

interface Light {
  level: number;
  colour: string;
}

const lights = new Map<string, Light>();
const heard: { at: number; text: string }[] = [];
let house = 1;
let black = false;
let quiet = false;

/** Messages that are shown. */
const SHOWN = 12;
const COLOURS = /^[a-z]{3,20}$/i;

type Arg = number | string;

function argsOf(message: unknown): { address: string; args: Arg[] } | null {
  const { address, args = [] } = message as {
    address?: unknown;
    args?: { value: unknown }[];
  };
  if (typeof address !== 'string') return null;
  const values = args.map(({ value }) => value);
  return {
    address,
    args: values.filter((one): one is Arg => typeof one === 'number' || typeof one === 'string'),
  };
}

const level = (arg: Arg | undefined): number => Math.min(1, Math.max(0, Number(arg ?? 1) || 0));

function take(address: string, args: Arg[]): void {
  const [, kind, name = ''] = address.split('/');
  if (kind === 'lights' && name) {
    const colour = typeof args[1] === 'string' && COLOURS.test(args[1]) ? args[1] : 'white';
    lights.set(name, { level: level(args[0]), colour });
    black = false;
  } else if (kind === 'blackout') black = true;
  else if (kind === 'back') black = false;
  else if (kind === 'house') house = level(args[0]);
  heard.unshift({ at: Date.now(), text: [address, ...args].join(' ') });
  heard.splice(SHOWN);
}

const socket = createSocket('udp4');
socket.on('message', (bytes, from) => {
  let message: { address: string; args: Arg[] } | null;
  try {
    message = argsOf(decode(bytes));
  } catch {
    return;
  }
  if (!message || quiet) return;
  take(message.address, message.args);
  const answer = new Message('/got', message.address, heard.length);
  socket.send(encode(answer), from.port, from.address);
});

const page = `<!doctype html><html lang="en"><meta charset="utf-8"><title>Stand-in lighting desk</title>
<style>
body { background: #14110f; color: #f4ece1; font: 18px/26px sans-serif; margin: 24px }
#lights { display: flex; gap: 16px; min-height: 180px; align-items: flex-end }
.light { width: 96px; text-align: center }
.bar { border: 1px solid #75675c; height: 140px; display: flex; align-items: flex-end }
.bar i { display: block; width: 100% }
button { font: inherit; padding: 8px 16px }
</style>
<h1>Stand-in lighting desk</h1>
<p id="words"></p><div id="lights"></div>
<p><button id="quiet"></button></p><ol id="heard"></ol>
<script>
const show = async () => {
  const state = await (await fetch('/state')).json();
  document.getElementById('words').textContent =
    (state.black ? 'Black. ' : '') + 'Hall at ' + Math.round(state.house * 100) + ' %';
  document.getElementById('lights').replaceChildren(...state.lights.map(({ name, level, colour }) => {
    const light = document.createElement('div'); light.className = 'light';
    const bar = document.createElement('div'); bar.className = 'bar';
    const fill = document.createElement('i');
    fill.style.height = (state.black ? 0 : level * 100) + '%'; fill.style.background = colour;
    bar.append(fill); light.append(bar, name + ' ' + Math.round(level * 100)); return light;
  }));
  document.getElementById('heard').replaceChildren(...state.heard.map(({ text }) => {
    const line = document.createElement('li'); line.textContent = text; return line;
  }));
  document.getElementById('quiet').textContent = state.quiet ? 'Answer again' : 'Be quiet';
};
document.getElementById('quiet').onclick = async () => { await fetch('/quiet', { method: 'POST' }); await show(); };
setInterval(show, 400); show();
</script></html>`;

const server = createServer((request, response) => {
  if (request.method === 'POST' && request.url === '/quiet') {
    quiet = !quiet;
    response.writeHead(204).end();
  } else if (request.method === 'GET' && request.url === '/state') {
    response.writeHead(200, { 'content-type': 'application/json' });
    const all = [...lights].map(([name, light]) => ({ name, ...light }));
    response.end(JSON.stringify({ lights: all, house, black, quiet, heard }));
  } else if (request.method === 'GET' && request.url === '/') {
    response.writeHead(200, { 'content-type': 'text/html; charset=utf-8' }).end(page);
  } else response.writeHead(404).end();
});

function fail(what: string, error: NodeJS.ErrnoException): void {
  console.error(
    error.code === 'EADDRINUSE'
      ? `${what} is taken, perhaps by a desk that is running already.`
      : `The desk can’t start: ${error.message}`,
  );
  process.exit(1);
}
socket.on('error', (error: NodeJS.ErrnoException) => fail(`UDP port ${port}`, error));
server.on('error', (error: NodeJS.ErrnoException) => fail(`Port ${pagePort}`, error));
socket.bind(port, '127.0.0.1', () => {
  server.listen(pagePort, '127.0.0.1', () => {
    const { port: shown } = server.address() as AddressInfo;
    console.log(
      `Lighting desk takes OSC at 127.0.0.1:${socket.address().port}, its page is http://127.0.0.1:${shown}`,
    );
  });
});
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    socket.close();
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
