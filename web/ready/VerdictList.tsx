import Box from '@mui/material/Box';
import type { Mark } from '../../core/ready/go';
import type { Verdict } from '../../core/ready/verdict';
import { Section } from '../parts/page';
import { levelOf } from './level';
import { VerdictRow } from './VerdictRow';

interface VerdictListProps {
  title: string;
  verdicts: readonly Verdict[];
  marks: readonly Mark[];
  nameOf: (id: string | null) => string;
  onWaive: (what: { key: string; title: string }) => void;
  onTakeBack: (key: string) => void;
}

const mayBePassedOver = ({ final, level }: Verdict): boolean =>
  !final && level !== 'ok' && level !== 'watch';

/** Verdicts of one level under its word; nothing where there is none. */
export function VerdictList({ title, verdicts, marks, nameOf, ...on }: VerdictListProps) {
  if (verdicts.length === 0) return null;
  return (
    <Section title={title}>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {verdicts.map((verdict) => {
          const mark = marks.find((one) => one.key === verdict.key);
          const named = `${verdict.title}, ${levelOf(verdict.level).word.toLowerCase()}`;
          return (
            <VerdictRow
              key={verdict.key}
              verdict={verdict}
              mark={mark}
              by={nameOf(mark?.by ?? null)}
              onWaive={
                mayBePassedOver(verdict)
                  ? () => on.onWaive({ key: verdict.key, title: named })
                  : null
              }
              onTakeBack={() => on.onTakeBack(verdict.key)}
            />
          );
        })}
      </Box>
    </Section>
  );
}
