/** Figures that somebody takes from the record, keeps as they were guessed, or freezes: all of them, or none. */
import type { FigureDecisionsAnswer, FigureDecisionsBody } from '../../contract/figures';
import { decide } from '../../core/after/learned';
import type { AppContext } from '../context';
import { written } from '../db/open';
import { HttpError } from '../http/errors';

/** Throws HttpError where a demonstration or a step is gone; then nothing is changed. */
export function decideFigures(
  { db, demos }: AppContext,
  { decisions, chances }: FigureDecisionsBody,
): FigureDecisionsAnswer {
  return written(db, () => {
    const undo: FigureDecisionsAnswer = { decisions: [], chances: [] };
    for (const { demoId, methodId, task, performerId, figure } of decisions) {
      const { version, ...demo } = demos.get(demoId);
      const method = demo.methods.find(({ id }) => id === methodId);
      if (!method?.tasks.some(({ id }) => id === task))
        throw new HttpError(
          409,
          'changed',
          `This step of “${demo.name}” is gone: look at the figures again.`,
        );
      const before = method.figures.find(
        (one) => one.task === task && one.performerId === performerId,
      );
      const plain = figure && { ...figure, task, performerId, time: { ...figure.time } };
      demos.change(decide(demo, { methodId, task, performerId }, plain), version);
      undo.decisions.unshift({ demoId, methodId, task, performerId, figure: before ?? null });
    }
    for (const { demoId, methodId, chance } of chances) {
      const { version, ...demo } = demos.get(demoId);
      const method = demo.methods.find(({ id }) => id === methodId);
      if (!method)
        throw new HttpError(
          409,
          'changed',
          `This method of “${demo.name}” is gone: look at the figures again.`,
        );
      const methods = demo.methods.map((one) =>
        one.id === methodId ? { ...one, chance: chance && { ...chance } } : one,
      );
      demos.change({ ...demo, methods }, version);
      undo.chances.unshift({ demoId, methodId, chance: method.chance });
    }
    return undo;
  });
}
