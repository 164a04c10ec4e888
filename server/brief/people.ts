import { PersonBody } from '../../contract/brief';
import type { Person } from '../../core/brief/types';
import type { Db } from '../db/open';
import { type Row, bit, flag, json, list } from '../db/rows';
import { EntityStore } from '../entity';

export function peopleStore(db: Db): EntityStore<Person> {
  const write = db.prepare(`
    INSERT INTO person (id, name, role, competences, heart_device, may_waive, words_per_minute, note)
    VALUES (@id, @name, @role, @competences, @heartDevice, @mayWaive, @wordsPerMinute, @note)
    ON CONFLICT (id) DO UPDATE SET
      name = excluded.name, role = excluded.role, competences = excluded.competences,
      heart_device = excluded.heart_device, may_waive = excluded.may_waive,
      words_per_minute = excluded.words_per_minute, note = excluded.note`);
  const read = db.prepare(
    `SELECT id, name, role, competences, heart_device AS heartDevice, may_waive AS mayWaive,
            words_per_minute AS wordsPerMinute, note
     FROM person WHERE id = ?`,
  );
  const ids = db.prepare('SELECT id FROM person WHERE removed = 0 ORDER BY name, id').pluck();
  return new EntityStore<Person>(db, {
    table: 'person',
    noun: 'person',
    type: PersonBody,
    ids: () => ids.all() as string[],
    read: (id) => {
      const row = read.get(id) as Row | undefined;
      return row
        ? ({
            ...row,
            competences: list(row.competences),
            mayWaive: flag(row.mayWaive),
          } as unknown as Person)
        : null;
    },
    write: (person) =>
      void write.run({
        ...person,
        competences: json(person.competences),
        mayWaive: bit(person.mayWaive),
      }),
  });
}
