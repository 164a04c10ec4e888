/** A server over a fresh SQLite file with the demo season in it, for tests. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Express } from 'express';
import { RoomSensor } from '../ready/sensor';
import { createApp } from '../app';
import { type AppContext, createContext } from '../context';
import { openDatabase } from '../db/open';
import { loadSeason } from '../season';

export interface TestServer {
  app: Express;
  context: AppContext;
  folder: string;
  close(): void;
}

export const TODAY = '2027-05-30';

export function testServer(withSeason = true): TestServer {
  const folder = mkdtempSync(join(tmpdir(), 'hearty-'));
  const db = openDatabase(join(folder, 'test.sqlite'));
  const context = createContext(db);
  if (withSeason) loadSeason(context, TODAY, 'Etc/UTC');
  return {
    app: createApp({
      context,
      pages: null,
      demo: true,
      sensor: new RoomSensor('http://127.0.0.1:1/'),
    }),
    context,
    folder,
    close: () => {
      db.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
