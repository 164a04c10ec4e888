import { homeMethod } from './handOut';
import type { Demo, Method } from './types';

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

/** The demonstration without a way of doing it: what goes home is another way’s then, and its figures with it. */
export function withoutMethod<T extends Pick<Demo, 'methods' | 'handOut'>>(
  demo: T,
  methodId: string,
): T {
  const isHome = homeMethod(demo)?.id === methodId;
  return {
    ...demo,
    methods: demo.methods.filter(({ id }) => id !== methodId),
    handOut: isHome ? { ...demo.handOut, methodId: null, figures: [] } : demo.handOut,
  };
}
