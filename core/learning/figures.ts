/** Which time the plan goes by: the guess, or what somebody took from the record in its place. */
import type { Estimate, Method, Task, TimeFigure } from '../repertoire/types';

type Decided = Pick<Method, 'figures'>;

/** What was decided of a task, for a performer before for anybody; null where nothing was. */
export function figureFor(
  { figures }: Decided,
  task: string,
  performerId: string | null,
): TimeFigure | null {
  const own = figures.filter((one) => one.task === task);
  return (
    (performerId === null ? undefined : own.find((one) => one.performerId === performerId)) ??
    own.find((one) => one.performerId === null) ??
    null
  );
}

/** The three points that the plan goes by. */
export function plannedTime(
  method: Decided,
  { id, time }: Pick<Task, 'id' | 'time'>,
  performerId: string | null,
): Estimate {
  const figure = figureFor(method, id, performerId);
  return figure?.use === 'taken' ? figure.time : time;
}

/** A method with the times that the plan goes by, as this performer does it; itself where nothing was decided. */
export function withFigures<T extends Pick<Method, 'tasks' | 'figures'>>(
  method: T,
  performerId: string | null,
): T {
  if (method.figures.every(({ use }) => use === 'mine')) return method;
  return {
    ...method,
    tasks: method.tasks.map((task) => ({ ...task, time: plannedTime(method, task, performerId) })),
  };
}
