/** Random running orders for property tests. */
import fc from 'fast-check';
import type { LineupInput, PlanSlot } from '../lineup/types';
import type { ResidueKind, Task } from '../repertoire/types';
import { after, input, slot, task } from './build';

const seconds = fc.integer({ min: 1, max: 240 });

const methodTasks: fc.Arbitrary<Task[]> = fc
  .record({
    prepare: fc.option(seconds),
    wings: fc.boolean(),
    settle: fc.option(seconds),
    window: fc.option(fc.integer({ min: 0, max: 600 })),
    perform: fc.array(seconds, { minLength: 1, maxLength: 3 }),
    helperInBlock: fc.boolean(),
    reset: fc.option(seconds),
    dry: fc.option(seconds),
    clearsEachGo: fc.boolean(),
    clears: fc.boolean(),
  })
  .map((r) => {
    const tasks: Task[] = [];
    if (r.prepare !== null)
      tasks.push(task('prepare', 'prepare', r.prepare, { place: r.wings ? 'wings' : 'stage' }));
    if (r.settle !== null)
      tasks.push(
        task('settle', 'settle', r.settle, {
          place: 'wings',
          after: r.prepare === null ? [] : [after('prepare')],
        }),
      );
    r.perform.forEach((s, i) =>
      tasks.push(
        task(`p${i}`, 'perform', s, {
          after: i === 0 && r.settle !== null ? [after('settle', 0, r.window)] : [],
          hands: [
            { role: 'performer', count: 1, competence: null },
            ...(r.helperInBlock && i === 0
              ? [{ role: 'helper' as const, count: 1, competence: null }]
              : []),
          ],
        }),
      ),
    );
    if (r.reset !== null) tasks.push(task('reset', 'reset', r.reset, { eachGo: r.clearsEachGo }));
    if (r.clears) tasks.push(task('clear-water', 'reset', 40, { place: 'wings', eachGo: false }));
    if (r.reset !== null && r.dry !== null)
      tasks.push(task('dry', 'settle', r.dry, { after: [after('reset')] }));
    return tasks;
  });

/** Shows of every kind of demand, without windows that must be missed by their own making. */
export const shows: fc.Arbitrary<LineupInput> = fc
  .record({
    slots: fc.array(
      fc.record({
        tasks: methodTasks,
        performer: fc.constantFrom('ines', 'jo'),
        position: fc.constantFrom('table', 'bench'),
        goes: fc.integer({ min: 1, max: 3 }),
        tongs: fc.integer({ min: 0, max: 2 }),
        smoke: fc.option(seconds),
        forbids: fc.subarray<ResidueKind>(['water', 'smoke']),
        lead: fc.integer({ min: 0, max: 90 }),
      }),
      { maxLength: 6 },
    ),
    arrival: fc.integer({ min: -3600, max: 0 }),
    margin: fc.constantFrom(0, 60),
    crew: fc.integer({ min: 2, max: 4 }),
    tongs: fc.integer({ min: 2, max: 3 }),
  })
  .map(({ slots, arrival, margin, crew, tongs }) =>
    input(
      slots.map((s, i): PlanSlot =>
        slot(`s${i}`, s.tasks, {
          performerId: s.performer,
          positionId: s.position,
          goes: s.goes,
          uses: s.tongs > 0 ? [{ item: 'tongs', amount: s.tongs }] : [],
          leaves: [
            ...(s.tasks.some(({ id }) => id === 'clear-water')
              ? [
                  {
                    kind: 'water' as const,
                    where: 'position' as const,
                    task: 'clear-water',
                    seconds: 40,
                  },
                ]
              : []),
            ...(s.smoke === null
              ? []
              : [
                  {
                    kind: 'smoke' as const,
                    where: 'stage' as const,
                    task: null,
                    seconds: s.smoke,
                  },
                ]),
          ],
          forbids: s.forbids,
          leads: s.lead > 30 ? [{ task: 'prepare', seconds: s.lead }] : [],
        }),
      ),
      {
        arrival,
        margin,
        equipment: [{ id: 'tongs', name: 'Tongs', owned: tongs }],
        crew: ['ines', 'jo', 'mara', 'piet']
          .slice(0, crew)
          .map((id) => ({ id, name: id, competences: [] })),
      },
    ),
  );
