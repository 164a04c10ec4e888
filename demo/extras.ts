/** What the demo season has besides its shows: things to follow up, and checks already ticked today. */
import type { FollowUp } from '../contract/day';
import type { Mark } from '../core/ready/go';

const dayAfter = (date: string, days: number): string =>
  new Date(Date.parse(`${date}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);

export function seasonExtras(
  today: string,
  now: number,
): { followUps: FollowUp[]; marks: (Mark & { showId: string })[] } {
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
  const mark = (key: string, by: string): Mark & { showId: string } => ({
    showId: 'harbour-light-festival',
    key,
    state: 'done',
    reason: '',
    by,
    at: now,
  });
  return {
    followUps: [
      followUp('order-nitrogen', 'Order two litres of liquid nitrogen for science day', 4, {
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
    marks: [mark('test:drum', 'jo'), mark('test:smoke-machine', 'jo'), mark('test:magnet', 'ines')],
  };
}
