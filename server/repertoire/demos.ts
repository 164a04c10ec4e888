import { DemoBody } from '../../contract/repertoire';
import { strayInDemo } from '../../contract/references';
import { knownIn, refuseStray } from '../db/known';
import type { Demo, KitLine, Method, Task } from '../../core/repertoire/types';
import type { Db } from '../db/open';
import { type Row, bit, flag, json, list } from '../db/rows';
import { EntityStore } from '../entity';
import { HttpError } from '../http/errors';

/** What is kept as JSON, or not at all. */
const maybe = (column: unknown): unknown =>
  typeof column === 'string' ? JSON.parse(column) : null;

function readTask(row: Row): Task {
  const { shortest, likely, longest, ord: _ord, ...rest } = row;
  return {
    ...rest,
    time: { shortest, likely, longest },
    hands: list(row.hands),
    after: list(row.after),
    eachGo: flag(row.eachGo),
    gearOn: list(row.gearOn),
    gearOff: list(row.gearOff),
    hazards: list(row.hazards),
    sign: maybe(row.sign),
    cues: list(row.cues),
    picture: maybe(row.picture),
    views: list(row.views),
  } as unknown as Task;
}

const readLine = (row: Row): KitLine =>
  ({
    ...row,
    instead: list(row.instead),
    chilled: flag(row.chilled),
    strength: maybe(row.strength),
  }) as unknown as KitLine;

export function demoStore(db: Db): EntityStore<Demo> {
  const writeDemo = db.prepare(`
    INSERT INTO demo (id, name, hook, idea, keywords, age_from, age_to, energy, talk_pattern,
      pinned_note, usual_position, family, face, told, origin, picture, hand_out)
    VALUES (@id, @name, @hook, @idea, @keywords, @ageFrom, @ageTo, @energy, @talkPattern,
      @pinnedNote, @usualPosition, @family, @face, @told, @origin, @picture, @handOut)
    ON CONFLICT (id) DO UPDATE SET
      name = excluded.name, hook = excluded.hook, idea = excluded.idea,
      keywords = excluded.keywords, age_from = excluded.age_from, age_to = excluded.age_to,
      energy = excluded.energy, talk_pattern = excluded.talk_pattern,
      pinned_note = excluded.pinned_note,
      usual_position = excluded.usual_position, family = excluded.family,
      face = excluded.face, told = excluded.told, origin = excluded.origin,
      picture = excluded.picture, hand_out = excluded.hand_out`);
  const writeMethod = db.prepare(`
    INSERT INTO method (demo_id, id, ord, name, summary, one_shot, goes_allowed, volunteers, warning,
      settings, hazards, hazards_reviewed, ruled_out, needs, care, volunteer_card, calculators, leaves,
      forbids, prior_worked, prior_failed, prediction, results, figures, chance)
    VALUES (@demoId, @id, @ord, @name, @summary, @oneShot, @goesAllowed, @volunteers, @warning,
      @settings, @hazards, @hazardsReviewed, @ruledOut, @needs, @care, @volunteerCard, @calculators, @leaves, @forbids, @priorWorked,
      @priorFailed, @prediction, @results, @figures, @chance)
    ON CONFLICT (demo_id, id) DO UPDATE SET
      ord = excluded.ord, name = excluded.name, summary = excluded.summary,
      one_shot = excluded.one_shot, goes_allowed = excluded.goes_allowed,
      volunteers = excluded.volunteers, warning = excluded.warning, settings = excluded.settings,
      hazards = excluded.hazards, hazards_reviewed = excluded.hazards_reviewed,
      ruled_out = excluded.ruled_out, needs = excluded.needs, care = excluded.care,
      volunteer_card = excluded.volunteer_card, calculators = excluded.calculators, leaves = excluded.leaves, forbids = excluded.forbids,
      prior_worked = excluded.prior_worked,
      prior_failed = excluded.prior_failed, prediction = excluded.prediction,
      results = excluded.results, figures = excluded.figures, chance = excluded.chance`);
  const clearTasks = db.prepare('DELETE FROM task WHERE demo_id = ? AND method_id = ?');
  const writeTask = db.prepare(`
    INSERT INTO task (demo_id, method_id, id, ord, name, phase, shortest, likely, longest, hands,
      place, after, each_go, do, say, cue, gear_on, gear_off, careful, sign, hazards, cues,
      picture, views)
    VALUES (@demoId, @methodId, @id, @ord, @name, @phase, @shortest, @likely, @longest, @hands,
      @place, @after, @eachGo, @do, @say, @cue, @gearOn, @gearOff, @careful, @sign, @hazards, @cues, @picture, @views)`);
  const clearKit = db.prepare('DELETE FROM kit_line WHERE demo_id = ? AND method_id = ?');
  const writeKit = db.prepare(`
    INSERT INTO kit_line (demo_id, method_id, id, ord, item_id, amount, most, unit, basis, group_of, instead,
      chilled, chilled_in, strength, note)
    VALUES (@demoId, @methodId, @id, @ord, @itemId, @amount, @most, @unit, @basis, @groupOf, @instead,
      @chilled, @chilledIn, @strength, @note)`);
  const methodIds = db.prepare('SELECT id FROM method WHERE demo_id = ?').pluck();
  const planned = db
    .prepare(
      `SELECT show.title FROM slot JOIN show ON show.id = slot.show_id
       WHERE slot.demo_id = ? AND slot.method_id = ?`,
    )
    .pluck();
  const dropMethod = db.prepare('DELETE FROM method WHERE demo_id = ? AND id = ?');
  const known = knownIn(db);

  const readDemo = db.prepare(`
    SELECT id, name, hook, idea, keywords, age_from AS ageFrom, age_to AS ageTo, energy,
      talk_pattern AS talkPattern, pinned_note AS pinnedNote,
      usual_position AS usualPosition, family, face, told, origin, picture, hand_out AS handOut
    FROM demo WHERE id = ?`);
  const readMethods = db.prepare(`
    SELECT id, name, summary, one_shot AS oneShot, goes_allowed AS goesAllowed, volunteers, warning,
      settings, hazards, hazards_reviewed AS hazardsReviewed, ruled_out AS ruledOut, needs, care,
      volunteer_card AS volunteerCard, calculators, leaves, forbids,
      prior_worked AS priorWorked, prior_failed AS priorFailed, prediction, results, figures, chance
    FROM method WHERE demo_id = ? ORDER BY ord`);
  const readTasks = db.prepare(`
    SELECT id, ord, name, phase, shortest, likely, longest, hands, place, after, each_go AS eachGo,
      do, say, cue, gear_on AS gearOn, gear_off AS gearOff, careful, sign, hazards, cues, picture, views
    FROM task WHERE demo_id = ? AND method_id = ? ORDER BY ord`);
  const readKit = db.prepare(`
    SELECT id, item_id AS itemId, amount, most, unit, basis, group_of AS groupOf, instead, chilled, chilled_in AS chilledIn, strength, note
    FROM kit_line WHERE demo_id = ? AND method_id = ? ORDER BY ord`);
  const ids = db.prepare('SELECT id FROM demo WHERE removed = 0 ORDER BY name, id').pluck();

  function writeParts(demoId: string, method: Method, ord: number): void {
    writeMethod.run({
      ...method,
      demoId,
      ord,
      oneShot: bit(method.oneShot),
      settings: json(method.settings),
      hazards: json(method.hazards),
      hazardsReviewed: bit(method.hazardsReviewed),
      ruledOut: json(method.ruledOut),
      needs: json(method.needs),
      care: json(method.care),
      volunteerCard: json(method.volunteerCard),
      calculators: json(method.calculators),
      leaves: json(method.leaves),
      forbids: json(method.forbids),
      prediction: method.prediction && json(method.prediction),
      results: json(method.results),
      figures: json(method.figures),
      chance: method.chance && json(method.chance),
    });
    const methodId = method.id;
    clearTasks.run(demoId, methodId);
    method.tasks.forEach((task, i) =>
      writeTask.run({
        ...task,
        ...task.time,
        demoId,
        methodId,
        ord: i,
        hands: json(task.hands),
        after: json(task.after),
        eachGo: bit(task.eachGo),
        gearOn: json(task.gearOn),
        gearOff: json(task.gearOff),
        hazards: json(task.hazards),
        cues: json(task.cues),
        picture: task.picture && json(task.picture),
        views: json(task.views),
        sign: task.sign === null ? null : json(task.sign),
      }),
    );
    clearKit.run(demoId, methodId);
    method.kit.forEach((line, i) =>
      writeKit.run({
        ...line,
        demoId,
        methodId,
        ord: i,
        instead: json(line.instead),
        chilled: bit(line.chilled),
        strength: line.strength && json(line.strength),
      }),
    );
  }

  return new EntityStore<Demo>(db, {
    table: 'demo',
    noun: 'demo',
    type: DemoBody,
    ids: () => ids.all() as string[],
    read: (id) => {
      const row = readDemo.get(id) as Row | undefined;
      if (!row) return null;
      const methods = (readMethods.all(id) as Row[]).map((method) => ({
        ...method,
        oneShot: flag(method.oneShot),
        settings: list(method.settings),
        hazards: list(method.hazards),
        hazardsReviewed: flag(method.hazardsReviewed),
        ruledOut: list(method.ruledOut),
        needs: JSON.parse(String(method.needs)) as unknown,
        care: JSON.parse(String(method.care)) as unknown,
        volunteerCard: JSON.parse(String(method.volunteerCard)) as unknown,
        calculators: list(method.calculators),
        leaves: list(method.leaves),
        forbids: list(method.forbids),
        results: list(method.results),
        figures: list(method.figures),
        chance: maybe(method.chance),
        prediction: maybe(method.prediction),
        tasks: (readTasks.all(id, method.id) as Row[]).map(readTask),
        kit: (readKit.all(id, method.id) as Row[]).map(readLine),
      }));
      return {
        ...row,
        keywords: list(row.keywords),
        face: maybe(row.face),
        origin: maybe(row.origin),
        picture: maybe(row.picture),
        handOut: JSON.parse(String(row.handOut)) as unknown,
        methods,
      } as unknown as Demo;
    },
    write: (demo) => {
      refuseStray('demo', strayInDemo(known, demo));
      writeDemo.run({
        ...demo,
        keywords: json(demo.keywords),
        face: demo.face && json(demo.face),
        origin: demo.origin && json(demo.origin),
        picture: demo.picture && json(demo.picture),
        handOut: json(demo.handOut),
      });
      const kept = new Set(demo.methods.map((method) => method.id));
      for (const id of methodIds.all(demo.id) as string[]) {
        if (kept.has(id)) continue;
        const shows = [...new Set(planned.all(demo.id, id) as string[])];
        if (shows.length > 0)
          throw new HttpError(
            409,
            'in_use',
            `This method is planned in ${shows.join(', ')}. Choose another method there first.`,
          );
        dropMethod.run(demo.id, id);
      }
      demo.methods.forEach((method, i) => writeParts(demo.id, method, i));
    },
  });
}
