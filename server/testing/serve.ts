/** A server over a fresh SQLite file with the demo season in it, for tests. */
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type IncomingMessage, type Server } from 'node:http';
import type { Duplex } from 'node:stream';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { RoomSensor } from '../ready/sensor';
import { createApp } from '../app';
import { type AppContext, createContext } from '../context';
import { openDatabase } from '../db/open';
import { loadSeason } from '../season';
import { cameBy } from '../share/caller';
import { type Behind, Share, type ShareOptions } from '../share/share';

export interface TestServer {
  app: Server;
  context: AppContext;
  share: Share;
  /** What answers devices that come by another door. */
  behind: Behind;
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

export function testServer(withSeason = true, shared: Partial<ShareOptions> = {}): TestServer {
  const folder = mkdtempSync(join(tmpdir(), 'hearty-'));
  const file = join(folder, 'test.sqlite');
  copyFileSync(templateFile(withSeason), file);
  const db = openDatabase(file);
  const share = new Share({ file: ':memory:', ...shared });
  const context = createContext(db, Date.now, share.presence);
  const answer = createApp({
    context,
    pages: null,
    demo: true,
    sensor: new RoomSensor('http://127.0.0.1:1/'),
    share,
  });
  const app = createServer((request, response) => {
    cameBy(request, 'own');
    answer(request, response);
  });
  const upgrade: Behind['upgrade'] = (request, socket, head) =>
    context.live.upgrade(request, socket, head, {
      names: share.hostsFor(request),
      caller: share.callerOf(request),
    });
  app.on('upgrade', (request: IncomingMessage, socket: Duplex, head: Buffer) => {
    cameBy(request, 'own');
    upgrade(request, socket, head);
  });
  share.presence.onChange(() => context.live.tell(share.told));
  // Listens once, and not anew for every request.
  app.listen(0, '127.0.0.1');
  return {
    app,
    context,
    share,
    behind: { answer, upgrade },
    folder,
    close: () => {
      app.close();
      app.closeAllConnections();
      context.cues.close();
      context.live.close();
      void share.close();
      db.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
