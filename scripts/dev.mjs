/** `npm run dev`: the server on the demo season, restarted at each change, and pages that reload themselves. */
import { spawn } from 'node:child_process';
import { createServer } from 'vite';

const API_PORT = 4481;
const api = spawn(
  process.execPath,
  ['--import', 'tsx', '--watch', '--watch-preserve-output', 'server/main.ts', 'demo'],
  {
    stdio: 'inherit',
    env: { ...process.env, PORT: String(API_PORT), HEARTY_DATA: 'data/dev.sqlite' },
  },
);
const pages = await createServer({
  server: {
    host: '127.0.0.1',
    port: Number(process.env.PORT ?? 4480),
    proxy: { '/api': { target: `http://127.0.0.1:${API_PORT}` } },
  },
});
await pages.listen();
pages.printUrls();
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    api.kill();
    void pages.close().then(() => process.exit(0));
  });
