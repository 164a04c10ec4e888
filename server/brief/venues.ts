import { VenueBody } from '../../contract/venue';
import type { Venue } from '../../core/brief/types';
import type { Db } from '../db/open';
import { type Row, bit, flag, json, list } from '../db/rows';
import { EntityStore } from '../entity';

export function venueStore(db: Db): EntityStore<Venue> {
  const write = db.prepare(`
    INSERT INTO venue (id, name, address, travel, outdoors, length_m, width_m, ceiling_m, front_row_m,
      power_sockets, water, dark, smoke_detectors, detectors_isolable, detectors_isolated_by,
      alarm_to_fire_service, drain, air_changes, floor, circuits, surface, stage_width_m,
      stage_depth_m, exits, emergency_number, emergency_note, note)
    VALUES (@id, @name, @address, @travel, @outdoors, @lengthM, @widthM, @ceilingM, @frontRowM,
      @powerSockets, @water, @dark, @smokeDetectors, @detectorsIsolable, @detectorsIsolatedBy,
      @alarmToFireService, @drain, @airChanges, @floor, @circuits, @surface, @stageWidthM,
      @stageDepthM, @exits, @emergencyNumber, @emergencyNote, @note)
    ON CONFLICT (id) DO UPDATE SET
      name = excluded.name, address = excluded.address, travel = excluded.travel,
      outdoors = excluded.outdoors, length_m = excluded.length_m, width_m = excluded.width_m,
      ceiling_m = excluded.ceiling_m, front_row_m = excluded.front_row_m,
      power_sockets = excluded.power_sockets, water = excluded.water, dark = excluded.dark,
      smoke_detectors = excluded.smoke_detectors,
      detectors_isolable = excluded.detectors_isolable,
      detectors_isolated_by = excluded.detectors_isolated_by,
      alarm_to_fire_service = excluded.alarm_to_fire_service, drain = excluded.drain,
      air_changes = excluded.air_changes, floor = excluded.floor, circuits = excluded.circuits,
      surface = excluded.surface, stage_width_m = excluded.stage_width_m,
      stage_depth_m = excluded.stage_depth_m, exits = excluded.exits,
      emergency_number = excluded.emergency_number, emergency_note = excluded.emergency_note,
      note = excluded.note`);
  const read = db.prepare(`
    SELECT id, name, address, travel, outdoors, length_m AS lengthM, width_m AS widthM,
      ceiling_m AS ceilingM, front_row_m AS frontRowM, power_sockets AS powerSockets, water, dark,
      smoke_detectors AS smokeDetectors, detectors_isolable AS detectorsIsolable,
      detectors_isolated_by AS detectorsIsolatedBy, alarm_to_fire_service AS alarmToFireService,
      drain, air_changes AS airChanges, floor, circuits, surface, stage_width_m AS stageWidthM,
      stage_depth_m AS stageDepthM, exits, emergency_number AS emergencyNumber,
      emergency_note AS emergencyNote, note
    FROM venue WHERE id = ?`);
  const ids = db.prepare('SELECT id FROM venue WHERE removed = 0 ORDER BY name, id').pluck();
  return new EntityStore<Venue>(db, {
    table: 'venue',
    noun: 'venue',
    type: VenueBody,
    ids: () => ids.all() as string[],
    read: (id) => {
      const row = read.get(id) as Row | undefined;
      if (!row) return null;
      return {
        ...row,
        outdoors: flag(row.outdoors),
        circuits: list(row.circuits),
        exits: list(row.exits),
      } as unknown as Venue;
    },
    write: (venue) =>
      void write.run({
        ...venue,
        outdoors: bit(venue.outdoors),
        circuits: json(venue.circuits),
        exits: json(venue.exits),
      }),
  });
}
