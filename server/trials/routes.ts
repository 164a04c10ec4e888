/** Trial series: the list with what each says, one with its goes, a go at a time. Mounted under /api. */
import { Router } from 'express';
import { GoBody, type TrialAnswer, type TrialSummary } from '../../contract/trials';
import { analyse } from '../../core/trials/analyse';
import { claimOf } from '../../core/trials/claim';
import { questionOf, readingsIn } from '../../core/trials/design';
import type { TrialSeries } from '../../core/trials/series';
import { namingOf } from '../../core/trials/words';
import type { AppContext } from '../context';
import { readable } from '../entity';
import { csvFile } from '../http/csv';
import { body } from '../http/errors';
import { trialRows } from './table';

export function trialRoutes(context: AppContext): Router {
  const router = Router();
  const { trials, trialGoes } = context;
  router.get('/trials', (_req, res) => {
    res.json(readable(trials.list(), (trial) => summaryOf(context, trial)));
  });
  router.get('/trials/:id/all', (req, res) => {
    const trial = trials.get(req.params.id);
    res.json({ trial, goes: trialGoes.of(trial.id) } satisfies TrialAnswer);
  });
  router.put('/trials/:id/goes/:go', (req, res) => {
    res.json(trialGoes.put(req.params.id, Number(req.params.go), body(GoBody, req.body)));
  });
  router.delete('/trials/:id/goes/:go', (req, res) => {
    trialGoes.remove(req.params.id, Number(req.params.go));
    res.status(204).end();
  });
  router.get('/trials/:id/readings.csv', (req, res) => {
    const trial = trials.get(req.params.id);
    res.attachment(`${trial.id}.csv`).type('text/csv');
    res.send(csvFile(trialRows(trial, trialGoes.of(trial.id))));
  });
  return router;
}

function summaryOf({ trialGoes }: AppContext, trial: TrialSeries): TrialSummary {
  const goes = trialGoes.of(trial.id);
  const claim = claimOf(analyse(questionOf(trial), readingsIn(goes)), namingOf(trial));
  return {
    id: trial.id,
    name: trial.name,
    demoId: trial.demoId,
    date: trial.date,
    variable: trial.variable.name,
    done: goes.length,
    planned: trial.levels.length * trial.rounds,
    claim: claim.words,
    kind: claim.kind,
    pinned: trial.pinned,
  };
}
