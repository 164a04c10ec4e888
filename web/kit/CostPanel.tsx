/** What the show costs: what it uses up, at what that costs, and its share of what is hired. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { CostLine, ShowCost } from '../../core/inventory/showCost';
import { formatTotal } from '../../core/units/format';
import { counted, listInWords } from '../../core/words';
import { usePreferences } from '../app/preferences';
import { useMoney } from '../parts/money';
import { Section } from '../parts/page';

const row = { display: 'flex', gap: 1.5, py: 0.4, alignItems: 'baseline' } as const;

function Figure({
  words,
  cost,
  strong = false,
}: {
  words: string;
  cost: number;
  strong?: boolean;
}) {
  const money = useMoney();
  return (
    <Box sx={{ ...row, fontWeight: strong ? 700 : 400 }}>
      <Box sx={{ flex: 1 }}>{words}</Box>
      <Box sx={{ fontFamily: 'Bricolage', fontWeight: 700 }}>{money(cost)}</Box>
    </Box>
  );
}

const sum = (lines: readonly CostLine[]): number =>
  lines.reduce((all, { cost }) => all + (cost ?? 0), 0);

interface Props {
  cost: ShowCost;
  audience: number;
}

export function CostPanel({ cost, audience }: Props) {
  const money = useMoney();
  const system = usePreferences((state) => state.system);
  const { used, cold, hired, total, perHead, unpriced } = cost;
  const text = ({ base, dimension }: CostLine): string =>
    formatTotal(base, dimension, 'piece', system);
  const dearest = used.filter((line) => line.cost !== null).slice(0, 3);
  return (
    <Section title="What the show costs">
      {used.length > 0 && (
        <>
          <Figure words="Goods used up" cost={sum(used)} />
          <Typography variant="body2" color="textSecondary">
            {listInWords(
              dearest.map((line) => `${text(line)} ${line.name} ${money(line.cost ?? 0)}`),
            )}
            {used.length > dearest.length && ' and less'}
          </Typography>
        </>
      )}
      {cold.map((line) => (
        <Figure key={line.itemId} words={`${line.name}, ${text(line)}`} cost={line.cost ?? 0} />
      ))}
      {hired.map((line) => (
        <Figure key={line.itemId} words={`${line.name}, hired`} cost={line.cost ?? 0} />
      ))}
      <Box sx={{ borderTop: '1px solid var(--line-strong)', mt: 0.5 }}>
        <Figure strong words="In all" cost={total} />
      </Box>
      {perHead !== null && (
        <Box sx={{ ...row, color: 'var(--muted)' }}>
          <Box sx={{ flex: 1 }}>a head, {counted(audience, 'person', 'people')}</Box>
          <Box sx={{ fontFamily: 'Bricolage', fontWeight: 700 }}>{money(perHead)}</Box>
        </Box>
      )}
      {unpriced.length > 0 && (
        <Typography variant="body2" color="error">
          △ Without {listInWords(unpriced)}: no price is known.
        </Typography>
      )}
    </Section>
  );
}
