/** A server over a fresh SQLite file with the demo season in it, for tests. */
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { RoomSensor } from '../ready/sensor';
import { createApp } from '../app';
import { type AppContext, createContext } from '../context';
import { openDatabase } from '../db/open';
import { loadSeason } from '../season';

export interface TestServer {
  app: Server;
  context: AppContext;
  folder: string;
  close(): void;
}

export const TODAY = '2027-05-30';

/** Data files that tests start from, written once for each test file: empty, and with the season. */
const templates = new Map<boolean, string>();

function templateFile(withSeason: boolean): string {
  const known = templates.get(withSeason);
  if (known) return known;
  const folder = mkdtempSync(join(tmpdir(), 'hearty-template-'));
  process.once('exit', () => rmSync(folder, { recursive: true, force: true }));
  const file = join(folder, 'template.sqlite');
  const db = openDatabase(file);
  if (withSeason) loadSeason(createContext(db), TODAY, 'Etc/UTC');
  db.close();
  templates.set(withSeason, file);
  return file;
}

export function testServer(withSeason = true): TestServer {
  const folder = mkdtempSync(join(tmpdir(), 'hearty-'));
  const file = join(folder, 'test.sqlite');
  copyFileSync(templateFile(withSeason), file);
  const db = openDatabase(file);
  const context = createContext(db);
  const app = createServer(
    createApp({
      context,
      pages: null,
      demo: true,
      sensor: new RoomSensor('http://127.0.0.1:1/'),
    }),
  );
  // Listens once, and not anew for every request.
  app.listen(0, '127.0.0.1');
  return {
    app,
    context,
    folder,
    close: () => {
      app.close();
      app.closeAllConnections();
      context.live.close();
      db.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
