/** What the audience expected, and what it thought once it had seen: each option's hands, how many were right, the gain. */
import Box from '@mui/material/Box';
import type { Live, RunPlan } from '../../core/stage/types';
import { gainWords, type Vote, votesOf } from '../../core/stage/votes';
import { Section } from '../parts/page';

function Hands({ vote, option, most }: { vote: Vote; option: number; most: number }) {
  const rounds = [
    ['before', vote.before],
    ['after', vote.after],
  ] as const;
  return rounds.map(
    ([round, hands]) =>
      hands && (
        <Box key={round} sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 14 }}>
          <Box sx={{ width: 48, color: 'var(--muted)' }}>{round}</Box>
          <Box
            aria-hidden="true"
            sx={{
              height: 10,
              width: `${((hands[option] ?? 0) / Math.max(1, most)) * 180}px`,
              background: round === 'before' ? 'var(--person-on-stage)' : 'var(--ink)',
              border: '1px solid var(--ink)',
            }}
          />
          <b>{hands[option] ?? 0}</b>
        </Box>
      ),
  );
}

export function Votes({ plan, live }: { plan: RunPlan; live: Live }) {
  const votes = votesOf(plan, live);
  if (votes.length === 0) return null;
  return (
    <Section title="Questions to the audience">
      {votes.map((vote) => {
        const { slotId, name, prediction, came, rightBefore, rightAfter } = vote;
        const most = Math.max(...(vote.before ?? []), ...(vote.after ?? []));
        return (
          <Box component="section" key={slotId} aria-label={`Question of ${name}`} sx={{ mb: 2 }}>
            <Box sx={{ font: '600 17px/24px Bricolage' }}>
              {name}: “{prediction.ask}”
            </Box>
            <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
              {prediction.options.map((words, i) => (
                <Box component="li" key={words} sx={{ py: 0.5 }}>
                  <Box sx={{ fontWeight: i === came ? 700 : 400 }}>
                    {words}
                    {i === came && ', which it did'}
                  </Box>
                  <Hands vote={vote} option={i} most={most} />
                </Box>
              ))}
            </Box>
            <div>{gainWords(rightBefore, rightAfter)}</div>
          </Box>
        );
      })}
    </Section>
  );
}
