/** Writes docs/formats/show-file.schema.json and the example beside it: `npm run schema`. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { showFileSchema } from '../contract/schema';
import { season } from '../season/season';
import { localInstant } from '../server/instant';

const folder = new URL('../docs/formats/', import.meta.url);
mkdirSync(folder, { recursive: true });
const write = (name: string, value: unknown): void =>
  writeFileSync(new URL(name, folder), `${JSON.stringify(value, null, 2)}\n`);
write('show-file.schema.json', showFileSchema());
write('example.show.json', season('2027-05-30', 'Etc/UTC', localInstant)[2]);
