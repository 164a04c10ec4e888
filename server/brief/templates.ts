import { type Template, TemplateBody } from '../../contract/again';
import { strayInShow } from '../../contract/references';
import { knownIn, refuseStray } from '../db/known';
import type { Db } from '../db/open';
import { type Row, json } from '../db/rows';
import { EntityStore } from '../entity';

export function templateStore(db: Db): EntityStore<Template> {
  const write = db.prepare(`
    INSERT INTO template (id, name, show) VALUES (@id, @name, @show)
    ON CONFLICT (id) DO UPDATE SET name = excluded.name, show = excluded.show`);
  const read = db.prepare('SELECT id, name, show FROM template WHERE id = ?');
  const ids = db.prepare('SELECT id FROM template WHERE removed = 0 ORDER BY name, id').pluck();
  const known = knownIn(db);
  return new EntityStore<Template>(db, {
    table: 'template',
    noun: 'template',
    type: TemplateBody,
    ids: () => ids.all() as string[],
    read: (id) => {
      const row = read.get(id) as Row | undefined;
      if (!row) return null;
      const show = JSON.parse(String(row.show)) as Template['show'];
      return { ...row, show } as unknown as Template;
    },
    write: ({ id, name, show }) => {
      refuseStray('template', strayInShow(known, show, 'show.'));
      write.run({ id, name, show: json(show) });
    },
  });
}
