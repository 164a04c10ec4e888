/** The hand-out of a show: one page for those who were there, as it is printed. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import {
  costTogether,
  handOutOf,
  mayBeTried,
  type SheetEntry,
} from '../../core/ready/atHome/sheet';
import { HOME_CAUTION } from '../../core/ready/atHome/words';
import { counted } from '../../core/words';
import { useOpenShow } from '../brief/useShow';
import { useMoney } from '../parts/money';
import { Empty } from '../parts/page';
import { Entry } from './Entry';
import { Reasons } from './Reasons';

const pathOf = ({ demoId }: SheetEntry): string => `/demos/${demoId}`;

/** What is not as its author said, and what nobody has said anything of. */
function Beside({ entries }: { entries: readonly SheetEntry[] }) {
  const refused = entries.filter(
    ({ judged }) => judged.reasons.length > 0 && !mayBeTried(judged.allowed),
  );
  const unsaid = entries.filter(
    ({ judged }) => judged.allowed === 'unknown' && judged.reasons.length === 0,
  );
  if (refused.length + unsaid.length === 0) return null;
  return (
    <Box component="aside" aria-label="Not on it" sx={{ '@media print': { display: 'none' } }}>
      {refused.map((entry) => (
        <Box key={entry.demoId} sx={{ mb: 2 }}>
          <Box sx={{ font: '600 17px/24px Bricolage' }}>
            <Link to={pathOf(entry)}>{entry.name}</Link> is not handed out to be tried
          </Box>
          <Reasons judged={entry.judged} />
        </Box>
      ))}
      {unsaid.length > 0 && (
        <Box>
          <Box sx={{ font: '600 17px/24px Bricolage' }}>
            Nobody has said whether it may be tried at home
          </Box>
          {unsaid.map((entry, i) => (
            <span key={entry.demoId}>
              {i > 0 && ', '}
              <Link to={pathOf(entry)}>{entry.name}</Link>
            </span>
          ))}
        </Box>
      )}
    </Box>
  );
}

export default function HandOutPage() {
  const { show, bundle } = useOpenShow();
  const money = useMoney();
  const [search, setSearch] = useSearchParams();
  const entries = useMemo(() => handOutOf(bundle), [bundle]);
  const without = new Set((search.get('without') ?? '').split(',').filter(Boolean));
  const on = entries.filter(({ demoId }) => !without.has(demoId));
  const { tried, cost, unknown } = costTogether(on);
  const toggle = (id: string): void => {
    const left = new Set(without);
    if (!left.delete(id)) left.add(id);
    setSearch(left.size > 0 ? { without: [...left].join(',') } : {}, { replace: true });
  };
  if (entries.length === 0)
    return (
      <Empty title="Nothing to take home yet">
        What goes home follows from the <Link to="../line-up">line-up</Link>, and from what each
        demo’s page says under “Take home”.
      </Empty>
    );
  const query = without.size > 0 ? `?without=${[...without].join(',')}` : '';
  return (
    <Box
      sx={{
        display: 'grid',
        columnGap: 4,
        rowGap: 3,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 860px) minmax(0, 320px)' },
      }}
    >
      <Box
        sx={{
          background: 'var(--card)',
          border: '1px solid var(--line-strong)',
          p: { xs: 2, sm: 4 },
        }}
      >
        <Box component="h2" sx={{ font: '800 30px/36px Bricolage', m: 0 }}>
          {show.title}
        </Box>
        <Box sx={{ mb: 2, color: 'var(--muted)' }}>What we saw, and what to do with it</Box>
        <Box sx={{ columns: { sm: '2 300px' }, columnGap: 4, '& > *': { mb: 2.5 } }}>
          {on.map((entry) => (
            <Entry key={entry.demoId} entry={entry} />
          ))}
        </Box>
        <Box sx={{ borderTop: '1px solid var(--line)', pt: 1, fontSize: 14 }}>{HOME_CAUTION}</Box>
      </Box>
      <Box sx={{ display: 'grid', gap: 2.5, '@media print': { display: 'none' } }}>
        <Box>
          <Box sx={{ mb: 1 }}>
            {tried === 0
              ? 'Nothing on it is tried at home.'
              : `${counted(tried, 'thing')} to try at home${cost > 0 ? `, about ${money(cost)} together` : ''}${unknown > 0 ? `; the price of ${unknown} is not known` : ''}.`}
          </Box>
          <Button
            variant="contained"
            component="a"
            href={`/api/shows/${show.id}/hand-out.pdf${query}`}
            download
          >
            Print it (PDF)
          </Button>
        </Box>
        <Box role="group" aria-label="On the hand-out">
          {entries.map(({ demoId, name }) => (
            <FormControlLabel
              key={demoId}
              label={name}
              sx={{ display: 'flex', minHeight: { xs: 44, md: 36 } }}
              control={<Switch checked={!without.has(demoId)} onChange={() => toggle(demoId)} />}
            />
          ))}
        </Box>
        <Beside entries={on} />
      </Box>
    </Box>
  );
}
