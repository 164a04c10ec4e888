/** Trial series: the list with what each says, one with its goes, a go at a time. Mounted under /api. */
import { Router } from 'express';
import {
  GoBody,
  type TrialAnswer,
  TrialSlotBody,
  type TrialSummary,
  TrialTableBody,
} from '../../contract/trials';
import type { TrialSeries } from '../../core/trials/series';
import type { AppContext } from '../context';
import { bare, readable } from '../entity';
import { csvFile } from '../http/csv';
import { body } from '../http/errors';
import { bringTableIn } from './bringIn';
import { claimAndEvidence } from './claims';
import { putIntoShow, showsWith } from './intoShow';
import { trialRows } from './table';

export function trialRoutes(context: AppContext): Router {
  const router = Router();
  const { trials, trialGoes, outcomes, items, ledger } = context;
  router.get('/trials', (_req, res) => {
    outcomes.refresh();
    res.json(readable(trials.list(), (trial) => summaryOf(context, trial)));
  });
  router.post('/trials/table', (req, res) => {
    const answer = bringTableIn(context, body(TrialTableBody, req.body));
    res.status(answer.id === null ? 200 : 201).json(answer);
  });
  router.get('/trials/:id/all', (req, res) => {
    outcomes.refresh();
    const trial = trials.get(req.params.id);
    const named = [...new Set(trial.kit.map(({ itemId }) => itemId))];
    res.json({
      trial,
      goes: trialGoes.of(trial.id),
      items: named.flatMap((id) => items.findReadable(id) ?? []).map(bare),
      lots: ledger.stocked(named),
      shows: showsWith(context, trial.id),
    } satisfies TrialAnswer);
  });
  router.post('/trials/:id/slots', (req, res) => {
    res.status(201).json(putIntoShow(context, req.params.id, body(TrialSlotBody, req.body)));
  });
  router.put('/trials/:id/goes/:go', (req, res) => {
    res.json(trialGoes.put(req.params.id, Number(req.params.go), body(GoBody, req.body)));
  });
  router.delete('/trials/:id/goes/:go', (req, res) => {
    trialGoes.remove(req.params.id, Number(req.params.go));
    res.status(204).end();
  });
  router.get('/trials/:id/readings.csv', (req, res) => {
    outcomes.refresh();
    const trial = trials.get(req.params.id);
    res.attachment(`${trial.id}.csv`).type('text/csv');
    res.send(csvFile(trialRows(trial, trialGoes.of(trial.id))));
  });
  return router;
}

function summaryOf(context: AppContext, trial: TrialSeries): TrialSummary {
  const goes = context.trialGoes.of(trial.id);
  const { claim, evidence } = claimAndEvidence(context, trial);
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
    evidence,
    reasoning: trial.reasoning,
    methodId: trial.methodId,
    pinned: trial.pinned,
  };
}
