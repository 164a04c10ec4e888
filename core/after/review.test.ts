/** The write-up and the record, from runs pressed through by hand. */
import { describe, expect, test } from '@jest/globals';
import { policiesOf } from '../lineup/forecast/fromBundle';
import { Stage, threeSlots } from '../testing/stage';
import type { RunForRecord } from './review';
import { recordsOf, recordWords, rehearsedWords, reviewOf, reviewWords } from './review';

const { plan, show } = threeSlots;

/** Every step pressed through, `late` seconds slower in all than planned. */
function smooth(late = 0): Stage {
  const stage = new Stage().at(0, 'start');
  for (const at of [60, 120, 180 + late, 420 + late, 720 + late]) stage.at(at, 'done');
  return stage.at(730 + late, 'finish');
}
const run = (stage: Stage, kind: RunForRecord['kind'] = 'performance'): RunForRecord => ({
  kind,
  plan,
  events: stage.events,
});

describe('in one sentence', () => {
  const words = (stage: Stage): string => reviewWords(reviewOf(plan, stage.live()));

  test('as planned, longer, shorter', () => {
    expect(words(smooth())).toBe('It took what was planned.');
    expect(words(smooth(14))).toBe('It took what was planned.');
    expect(words(smooth(140))).toBe('It took 2 min 20 s more than planned.');
    expect(words(smooth(-20))).toBe('It took 20 s less than planned.');
  });

  test('held time is told beside it, and is not show time', () => {
    const stage = new Stage().at(0, 'start').at(10, 'hold').at(50, 'resume');
    for (const at of [100, 160, 220, 460, 760]) stage.at(at, 'done');
    expect(words(stage)).toBe('It took what was planned. Held for 40 s more.');
  });

  test('nothing performed', () => {
    expect(words(new Stage())).toBe('Nothing was performed.');
  });
});

describe('rehearsals', () => {
  const drum = (runs: RunForRecord[]) =>
    recordsOf(show.demos, runs).find((record) => record.demoId === 'drum');

  test('count apart, and their causes beside those of shows', () => {
    const failing = new Stage().at(0, 'start').at(60, 'done').at(90, 'failed', { cause: 'damp' });
    failing.at(100, 'done');
    const record = drum([run(smooth()), run(failing, 'rehearsal'), run(smooth(), 'rehearsal')]);
    expect(record).toMatchObject({
      worked: 1,
      failed: 0,
      rehearsed: { worked: 1, partly: 0, failed: 1 },
      causes: [{ cause: 'damp', count: 1 }],
    });
    expect(record && rehearsedWords(record)).toBe('in rehearsal 1 of 2');
    expect(record && recordWords(record)).toBe('works 1 of 1');
  });

  test('tell how long a step takes, marked as such, beside the shows’', () => {
    const rehearsed = { seconds: 100, rehearsed: true, performerId: 'ines' };
    expect(drum([run(smooth(40), 'rehearsal')])?.times.why).toMatchObject([rehearsed]);
    expect(drum([run(smooth(40), 'rehearsal'), run(smooth())])?.times.why).toMatchObject([
      rehearsed,
      { seconds: 60, rehearsed: false, performerId: 'ines' },
    ]);
  });

  test('a step that again and again takes three times its guess is learned from all the same', () => {
    const slow = (n: number): RunForRecord[] =>
      Array.from({ length: n }, () => ({
        kind: 'performance' as const,
        plan,
        events: new Stage().at(0, 'start').at(240, 'done').events,
      }));
    expect(drum(slow(2))?.times.hello).toBeUndefined();
    expect(drum(slow(3))?.times.hello).toHaveLength(3);
    // One slip among usual times stays one.
    const usual = Array.from({ length: 4 }, () => run(smooth()));
    expect(drum([...usual, ...slow(3)])?.times.hello).toHaveLength(4);
  });

  test('a time that can hardly be right is set aside until somebody says that it is', () => {
    const stage = new Stage().at(0, 'start').at(961, 'done');
    const events = [...stage.events];
    expect(drum([{ kind: 'performance', plan, events }])?.times).toEqual({});
    const trusted = stage.at(2000, 'trust', { slot: 'slot-drum', step: 'hello' }).events;
    expect(drum([{ kind: 'performance', plan, events: trusted }])?.times.hello).toMatchObject([
      { seconds: 961 },
    ]);
  });

  test('are gone by in the forecast only where there was no show', () => {
    const policyOf = (runs: RunForRecord[]) =>
      policiesOf(show, recordsOf(show.demos, runs)).get('slot-drum');
    expect(policyOf([run(smooth(), 'rehearsal')])).toMatchObject({
      performed: false,
      record: { worked: 1, failed: 0 },
    });
    const failed = new Stage().at(0, 'start').at(60, 'failed').at(70, 'done');
    expect(policyOf([run(smooth(), 'rehearsal'), run(failed)])).toMatchObject({
      performed: true,
      record: { worked: 0, failed: 1 },
    });
  });
});

describe('the record', () => {
  const recordOf = (runs: RunForRecord[], demoId: string) => {
    const record = recordsOf(show.demos, runs).find((r) => r.demoId === demoId);
    if (!record) throw new Error('Every method has a record');
    return record;
  };

  test('one performance a run, oldest first, with its time against the plan', () => {
    const later = smooth(30);
    later.events = later.events.map((event) => ({ ...event, at: event.at + 86_400_000 }));
    const { performances } = recordOf([run(later), run(smooth(), 'rehearsal')], 'drum');
    expect(performances.map((p) => [p.kind, p.seconds, p.plannedSeconds, p.outcomes])).toEqual([
      ['rehearsal', 180, 180, ['worked']],
      ['performance', 210, 180, ['worked']],
    ]);
  });

  test('what was skipped without a go is no performance', () => {
    const stage = new Stage().at(0, 'start').at(10, 'skip');
    expect(recordOf([run(stage)], 'drum').performances).toEqual([]);
    expect(recordOf([run(stage)], 'drum').worked).toBe(0);
  });

  test('what failed and was then skipped counts as failed, its time unknown', () => {
    const stage = new Stage().at(0, 'start').at(10, 'done').at(20, 'failed', { cause: 'Too damp' });
    stage.at(30, 'skip');
    const record = recordOf([run(stage)], 'drum');
    expect(record).toMatchObject({ worked: 0, failed: 1 });
    expect(record.performances).toMatchObject([{ outcomes: ['failed'], seconds: null }]);
  });

  test('causes, the commonest first', () => {
    const failing = (cause: string): RunForRecord =>
      run(new Stage().at(0, 'start').at(5, 'done').at(9, 'failed', { cause }).at(12, 'done'));
    const record = recordOf(
      [failing('Too damp'), failing('Not tight'), failing('Too damp')],
      'drum',
    );
    expect(record.causes).toEqual([
      { cause: 'Too damp', count: 2 },
      { cause: 'Not tight', count: 1 },
    ]);
    expect(recordWords(record)).toBe('works 0 of 3');
  });

  test('a go judged better afterwards no longer has a cause', () => {
    const stage = new Stage().at(0, 'start').at(5, 'done').at(9, 'failed', { cause: 'Too damp' });
    stage.at(12, 'done').at(900, 'judge', { slot: 'slot-drum', go: 1, outcome: 'worked' });
    expect(recordOf([run(stage)], 'drum')).toMatchObject({ worked: 1, failed: 0, causes: [] });
  });

  test('a go added by hand afterwards counts, and makes the slot performed', () => {
    const stage = new Stage().at(0, 'start').at(10, 'skip').at(800, 'finish');
    stage.at(900, 'judge', { slot: 'slot-cloud', go: 1, outcome: 'partly' });
    expect(recordOf([run(stage)], 'cloud')).toMatchObject({ worked: 0, partly: 1 });
  });

  test('a run of a method that is gone is left aside', () => {
    const stray: RunForRecord = {
      ...run(smooth()),
      plan: { ...plan, slots: plan.slots.map((slot) => ({ ...slot, methodId: 'gone' })) },
    };
    expect(recordOf([stray], 'drum').performances).toEqual([]);
  });
});
