/** What the demo season has besides its shows: more demos, things to follow up, checks that were ticked. */
import type { FollowUp } from '../contract/day';
import type { Settings } from '../contract/inventory';
import type { ShowFile } from '../contract/showFile';
import { timelineOf } from '../core/lineup/timelineOf';
import type { Item } from '../core/repertoire/item';
import type { Demo } from '../core/repertoire/types';
import { type Mark, NOTHING_AROUND, readiness } from '../core/ready/go';

import { DESK } from './places';
import { ALL_ITEMS, MORE_DEMOS } from './repertoire';

/** The crew’s lighting desk, and what is on keys of the stage; the stand-in (`npm run desk`) listens there. */
export const LIGHTING: Pick<Settings, 'outputs' | 'stageSignals'> = {
  outputs: [{ id: DESK, name: 'Lighting desk', kind: 'osc', address: '127.0.0.1:4491' }],
  stageSignals: {
    blackout: { output: DESK, send: '/blackout', args: '' },
    lightsBack: { output: DESK, send: '/back', args: '' },
    houseUp: { output: DESK, send: '/house', args: '1' },
    houseDown: { output: DESK, send: '/house', args: '0' },
  },
};

type ShowMark = Mark & { showId: string };

const dayAfter = (date: string, days: number): string =>
  new Date(Date.parse(`${date}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);

/** A show that was performed had its checks done, each by the person it was given to, when it was due. */
function marksOfPast(file: ShowFile): ShowMark[] {
  const run = file.runs.find(({ kind }) => kind === 'performance');
  if (!run) return [];
  const { checks, verdicts } = readiness(file, timelineOf(file), NOTHING_AROUND);
  const at = run.plan.startsAt - 600_000;
  const passedOver = verdicts
    .filter(({ level, final }) => !final && ['stop', 'fix', 'unknown'].includes(level))
    .map(({ key }) => ({
      showId: file.show.id,
      key,
      state: 'waived' as const,
      reason: 'Tied on with a line, seen to by two',
      value: null,
      by: 'ines',
      at,
    }));
  const done = checks.map((check): ShowMark => ({
    showId: file.show.id,
    key: check.key,
    state: 'done',
    reason: '',
    value: check.measures && (check.measures.least ?? check.measures.most),
    by: check.personId,
    at: run.plan.startsAt + check.due * 1000,
  }));
  return [...done, ...passedOver];
}

export function seasonExtras(
  today: string,
  now: number,
  shows: readonly ShowFile[],
): { items: Item[]; demos: Demo[]; followUps: FollowUp[]; marks: ShowMark[] } {
  const followUp = (
    id: string,
    words: string,
    days: number,
    more: Partial<FollowUp>,
  ): FollowUp => ({
    id,
    showId: null,
    demoId: null,
    words,
    ownerId: null,
    due: dayAfter(today, days),
    done: false,
    ...more,
  });
  const mark = (key: string, by: string): ShowMark => ({
    showId: 'harbour-light-festival',
    key,
    state: 'done',
    reason: '',
    value: null,
    by,
    at: now,
  });
  return {
    items: ALL_ITEMS,
    demos: MORE_DEMOS,
    followUps: [
      followUp('order-nitrogen', 'Ring the gas works: how much for science day, and from when', 4, {
        showId: 'hollin-science-day',
        demoId: 'cold-flower',
        ownerId: 'ines',
      }),
      followUp('mend-stool', 'Grease the stool bearing', 2, {
        showId: 'vay-open-day',
        demoId: 'spinning-stool',
        ownerId: 'jo',
      }),
      followUp('ask-camera', 'Ask the hall for a camera and screen for the forks', -1, {
        showId: 'hollin-school-morning',
        demoId: 'balancing-forks',
        ownerId: 'mara',
      }),
    ],
    marks: [
      ...shows.flatMap(marksOfPast),
      mark('test:drum', 'jo'),
      mark('test:smoke-machine', 'jo'),
      mark('test:magnet', 'ines'),
    ],
  };
}
