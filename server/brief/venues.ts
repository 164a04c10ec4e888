import type { Venue } from '../../core/brief/types';
import type { Db } from '../db/open';
import { type Row, bit, flag } from '../db/rows';
import { Store } from '../entity';

export function venueStore(db: Db): Store<Venue> {
  const write = db.prepare(`
    INSERT INTO venue (id, name, address, travel, outdoors, length_m, width_m, ceiling_m, front_row_m,
      power_sockets, water, dark, smoke_detectors, detectors_isolated_by, note)
    VALUES (@id, @name, @address, @travel, @outdoors, @lengthM, @widthM, @ceilingM, @frontRowM,
      @powerSockets, @water, @dark, @smokeDetectors, @detectorsIsolatedBy, @note)
    ON CONFLICT (id) DO UPDATE SET
      name = excluded.name, address = excluded.address, travel = excluded.travel,
      outdoors = excluded.outdoors, length_m = excluded.length_m, width_m = excluded.width_m,
      ceiling_m = excluded.ceiling_m, front_row_m = excluded.front_row_m,
      power_sockets = excluded.power_sockets, water = excluded.water, dark = excluded.dark,
      smoke_detectors = excluded.smoke_detectors,
      detectors_isolated_by = excluded.detectors_isolated_by, note = excluded.note`);
  const read = db.prepare(`
    SELECT id, name, address, travel, outdoors, length_m AS lengthM, width_m AS widthM,
      ceiling_m AS ceilingM, front_row_m AS frontRowM, power_sockets AS powerSockets, water, dark,
      smoke_detectors AS smokeDetectors, detectors_isolated_by AS detectorsIsolatedBy, note
    FROM venue WHERE id = ?`);
  const ids = db.prepare('SELECT id FROM venue WHERE removed = 0 ORDER BY name, id').pluck();
  return new Store<Venue>(db, {
    table: 'venue',
    noun: 'venue',
    kind: 'venue',
    ids: () => ids.all() as string[],
    read: (id) => {
      const row = read.get(id) as Row | undefined;
      if (!row) return null;
      return {
        ...row,
        outdoors: flag(row.outdoors),
        water: flag(row.water),
        dark: flag(row.dark),
        smokeDetectors: flag(row.smokeDetectors),
      } as unknown as Venue;
    },
    write: (venue) =>
      void write.run({
        ...venue,
        outdoors: bit(venue.outdoors),
        water: bit(venue.water),
        dark: bit(venue.dark),
        smokeDetectors: bit(venue.smokeDetectors),
      }),
  });
}
