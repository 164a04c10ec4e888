import Box from '@mui/material/Box';
import type { Mark } from '../../core/ready/go';
import type { Verdict } from '../../core/ready/verdict';
import { Section } from '../parts/page';
import { levelOf } from './level';
import { VerdictRow } from './VerdictRow';

/** What was said of verdicts, and what can be. */
export interface Judging {
  marks: readonly Mark[];
  nameOf: (id: string | null) => string;
  onWaive: (what: { key: string; title: string }) => void;
  onTakeBack: (key: string) => void;
}

const mayBePassedOver = ({ final, level }: Verdict): boolean =>
  !final && level !== 'ok' && level !== 'watch';

/** A verdict with what was said of it. */
export function JudgedRow({
  verdict,
  marks,
  nameOf,
  onWaive,
  onTakeBack,
}: Judging & { verdict: Verdict }) {
  const mark = marks.find((one) => one.key === verdict.key);
  const named = `${verdict.title}, ${levelOf(verdict.level).word.toLowerCase()}`;
  return (
    <VerdictRow
      verdict={verdict}
      mark={mark}
      by={nameOf(mark?.by ?? null)}
      onWaive={mayBePassedOver(verdict) ? () => onWaive({ key: verdict.key, title: named }) : null}
      onTakeBack={() => onTakeBack(verdict.key)}
    />
  );
}

interface VerdictListProps extends Judging {
  title: string;
  verdicts: readonly Verdict[];
}

/** Verdicts of one level under its word; nothing where there is none. */
export function VerdictList({ title, verdicts, ...judging }: VerdictListProps) {
  if (verdicts.length === 0) return null;
  return (
    <Section title={title}>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {verdicts.map((verdict) => (
          <JudgedRow key={verdict.key} verdict={verdict} {...judging} />
        ))}
      </Box>
    </Section>
  );
}
