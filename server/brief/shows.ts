import { ShowBody } from '../../contract/brief';
import { strayInShow } from '../../contract/references';
import { knownIn, refuseStray } from '../db/known';
import type { Position, Show, Slot } from '../../core/brief/types';
import type { Db } from '../db/open';
import { type Row, bit, flag, json, list } from '../db/rows';
import { EntityStore } from '../entity';

export function showStore(db: Db): EntityStore<Show> {
  const writeShow = db.prepare(`
    INSERT INTO show (id, title, tour, date, zone, arrival, doors, start, hard_finish, venue_id, audience,
      audience_note, youngest, audience_needs, journeys, agreed, wishes, rehearsals, wanted_chance, spare_policy, swaps, cold, conditions, filming, class_set,
      agreed_with, answers, questions, note)
    VALUES (@id, @title, @tour, @date, @zone, @arrival, @doors, @start, @hardFinish, @venueId, @audience,
      @audienceNote, @youngest, @audienceNeeds, @journeys, @agreed, @wishes, @rehearsals, @wantedChance, @sparePolicy, @swaps, @cold, @conditions, @filming, @classSet,
      @agreedWith, @answers, @questions, @note)
    ON CONFLICT (id) DO UPDATE SET
      title = excluded.title, tour = excluded.tour, date = excluded.date, zone = excluded.zone,
      arrival = excluded.arrival, doors = excluded.doors, start = excluded.start,
      hard_finish = excluded.hard_finish, venue_id = excluded.venue_id,
      audience = excluded.audience, audience_note = excluded.audience_note,
      youngest = excluded.youngest, audience_needs = excluded.audience_needs,
      journeys = excluded.journeys,
      agreed = excluded.agreed, wishes = excluded.wishes,
      rehearsals = excluded.rehearsals, wanted_chance = excluded.wanted_chance,
      spare_policy = excluded.spare_policy, swaps = excluded.swaps,
      cold = excluded.cold, conditions = excluded.conditions,
      filming = excluded.filming, class_set = excluded.class_set, agreed_with = excluded.agreed_with,
      answers = excluded.answers, questions = excluded.questions, note = excluded.note`);
  const clearCrew = db.prepare('DELETE FROM show_crew WHERE show_id = ?');
  const writeCrew = db.prepare('INSERT INTO show_crew (show_id, ord, person_id) VALUES (?, ?, ?)');
  const clearPositions = db.prepare('DELETE FROM show_position WHERE show_id = ?');
  const writePosition = db.prepare(
    `INSERT INTO show_position (show_id, id, ord, name, mark, at, circuit_id)
     VALUES (@showId, @id, @ord, @name, @mark, @at, @circuitId)`,
  );
  const clearSlots = db.prepare('DELETE FROM slot WHERE show_id = ?');
  const writeSlot = db.prepare(`
    INSERT INTO slot (show_id, id, ord, demo_id, method_id, talk, performer_id, position_id, goes,
      again, wanted_goes, fallback, leads, pinned, may_leave_out, worth, side_by_side)
    VALUES (@showId, @id, @ord, @demoId, @methodId, @talk, @performerId, @positionId, @goes,
      @again, @wantedGoes, @fallback, @leads, @pinned, @mayLeaveOut, @worth, @sideBySide)`);

  const readShow = db.prepare(`
    SELECT id, title, tour, date, zone, arrival, doors, start, hard_finish AS hardFinish,
      venue_id AS venueId, audience, audience_note AS audienceNote, youngest,
      audience_needs AS audienceNeeds, journeys, agreed, wishes,
      rehearsals, wanted_chance AS wantedChance, spare_policy AS sparePolicy, swaps, cold, conditions, filming,
      class_set AS classSet, agreed_with AS agreedWith, answers, questions, note
    FROM show WHERE id = ?`);
  const readCrew = db
    .prepare('SELECT person_id FROM show_crew WHERE show_id = ? ORDER BY ord')
    .pluck();
  const readPositions = db.prepare(
    'SELECT id, name, mark, at, circuit_id AS circuitId FROM show_position WHERE show_id = ? ORDER BY ord',
  );
  const readSlots = db.prepare(`
    SELECT id, demo_id AS demoId, method_id AS methodId, talk, performer_id AS performerId,
      position_id AS positionId, goes, again, wanted_goes AS wantedGoes, fallback, leads, pinned,
      may_leave_out AS mayLeaveOut, worth, side_by_side AS sideBySide
    FROM slot WHERE show_id = ? ORDER BY ord`);
  const ids = db.prepare('SELECT id FROM show WHERE removed = 0 ORDER BY date, start, id').pluck();

  const known = knownIn(db);

  return new EntityStore<Show>(db, {
    table: 'show',
    noun: 'show',
    type: ShowBody,
    named: 'title',
    ids: () => ids.all() as string[],
    read: (id) => {
      const row = readShow.get(id) as Row | undefined;
      if (!row) return null;
      const slots = (readSlots.all(id) as Row[]).map((slot) => ({
        ...slot,
        talk: typeof slot.talk === 'string' ? (JSON.parse(slot.talk) as Slot['talk']) : null,
        leads: list(slot.leads),
        pinned: flag(slot.pinned),
        mayLeaveOut: flag(slot.mayLeaveOut),
        sideBySide:
          typeof slot.sideBySide === 'string'
            ? (JSON.parse(slot.sideBySide) as Slot['sideBySide'])
            : null,
      })) as unknown as Slot[];
      return {
        ...row,
        agreed: flag(row.agreed),
        wishes: JSON.parse(String(row.wishes)) as Show['wishes'],
        sparePolicy: JSON.parse(String(row.sparePolicy)) as Show['sparePolicy'],
        audienceNeeds: JSON.parse(String(row.audienceNeeds)) as Show['audienceNeeds'],
        journeys: list(row.journeys),
        swaps: list(row.swaps),
        cold: list(row.cold),
        conditions: JSON.parse(String(row.conditions)) as Show['conditions'],
        filming: list(row.filming),
        answers: list(row.answers),
        questions: list(row.questions),
        classSet:
          typeof row.classSet === 'string' ? (JSON.parse(row.classSet) as Show['classSet']) : null,
        crew: readCrew.all(id) as string[],
        positions: (readPositions.all(id) as Row[]).map((position) => ({
          ...position,
          at: typeof position.at === 'string' ? (JSON.parse(position.at) as Position['at']) : null,
        })),
        slots,
      } as unknown as Show;
    },
    write: (show) => {
      refuseStray('show', strayInShow(known, show));
      const showId = show.id;
      writeShow.run({
        ...show,
        agreed: bit(show.agreed),
        wishes: json(show.wishes),
        sparePolicy: json(show.sparePolicy),
        swaps: json(show.swaps),
        audienceNeeds: json(show.audienceNeeds),
        journeys: json(show.journeys),
        cold: json(show.cold),
        conditions: json(show.conditions),
        filming: json(show.filming),
        answers: json(show.answers),
        questions: json(show.questions),
        classSet: show.classSet && json(show.classSet),
      });
      clearCrew.run(showId);
      show.crew.forEach((person, i) => writeCrew.run(showId, i, person));
      clearPositions.run(showId);
      show.positions.forEach((position, ord) =>
        writePosition.run({ ...position, at: position.at && json(position.at), showId, ord }),
      );
      clearSlots.run(showId);
      show.slots.forEach((slot, ord) =>
        writeSlot.run({
          ...slot,
          showId,
          ord,
          talk: slot.talk && json(slot.talk),
          leads: json(slot.leads),
          pinned: bit(slot.pinned),
          mayLeaveOut: bit(slot.mayLeaveOut),
          sideBySide: slot.sideBySide && json(slot.sideBySide),
        }),
      );
    },
  });
}
