/** The step in which volunteers are fetched, ready-made. */
import { blankTask } from './blank';
import type { Method, Task } from './types';

/** Seconds to find, ask and bring up the first volunteer, and each further one; common practice. */
const FIRST = { shortest: 20, likely: 40, longest: 90 };
const FURTHER = { shortest: 5, likely: 10, longest: 30 };

function fetchingTask(id: string, { volunteers, volunteerCard }: Method): Task {
  const many = Math.max(1, volunteers);
  const seconds = (of: keyof typeof FIRST): number => FIRST[of] + (many - 1) * FURTHER[of];
  const time = {
    shortest: seconds('shortest'),
    likely: seconds('likely'),
    longest: seconds('longest'),
  };
  return {
    ...blankTask(
      id,
      many === 1 ? 'Fetch a volunteer' : `Fetch ${many} volunteers`,
      'perform',
      time,
    ),
    hands: [{ role: 'performer', count: 1, competence: null }],
    do: 'Ask, look who suits, walk up with them.',
    say: volunteerCard.ask,
    careful: volunteerCard.letGo,
  };
}

/** The method with that step before everything else the audience watches, and its card naming it. */
export function withFetching(method: Method, taskId: string): Method {
  const first = method.tasks.findIndex((task) => task.phase === 'perform');
  const at = first < 0 ? method.tasks.length : first;
  return {
    ...method,
    tasks: [...method.tasks.slice(0, at), fetchingTask(taskId, method), ...method.tasks.slice(at)],
    volunteerCard: { ...method.volunteerCard, fetchedIn: taskId },
  };
}
