import type { Method } from './types';

/** The method without a task: no task comes after it, and no volunteer is fetched in it. */
export function withoutTask(method: Method, taskId: string): Method {
  const { volunteerCard } = method;
  return {
    ...method,
    tasks: method.tasks
      .filter((task) => task.id !== taskId)
      .map((task) => ({ ...task, after: task.after.filter((one) => one.task !== taskId) })),
    volunteerCard:
      volunteerCard.fetchedIn === taskId ? { ...volunteerCard, fetchedIn: null } : volunteerCard,
  };
}
