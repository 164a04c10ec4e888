import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { DemoSummary } from '../../contract/api';
import { recordWords } from '../../core/after/review';
import type { Demo } from '../../core/repertoire/types';
import { sayDuration } from '../../core/time/clock';
import { send } from '../app/api';
import { useDemos } from '../app/data';
import { useAction } from '../parts/useAction';
import { HazardGlyph } from '../parts/HazardGlyph';
import { ListState, Page } from '../parts/page';
import { freshDemo } from './fresh';
import { Energy } from './Energy';

const matches = ({ text }: DemoSummary, words: string): boolean =>
  words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));

export default function DemosPage() {
  const query = useDemos();
  const { data } = query;
  const [search, setSearch] = useState('');
  const navigate = useNavigate();
  const act = useAction();
  const create = (): Promise<boolean> =>
    act(async () => {
      const demo = await send<Demo>('POST', '/demos', freshDemo());
      await navigate(`/demos/${demo.id}`);
    });
  const shown = data?.filter((demo) => matches(demo, search.trim())) ?? [];
  return (
    <Page
      title="Demos"
      actions={
        <>
          <TextField
            label="Search"
            type="search"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
            sx={{ maxWidth: 260 }}
          />
          <Button variant="contained" onClick={() => void create()}>
            New demo
          </Button>
        </>
      }
    >
      <ListState query={query} emptyTitle="No demos yet">
        Write down the first thing you would show a friend. Times and kit can come later.
      </ListState>
      {data && data.length > 0 && shown.length === 0 && (
        <Typography>Nothing matches “{search}”.</Typography>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(270px, 1fr))',
        }}
      >
        {shown.map((demo) => {
          return (
            <Box
              key={demo.id}
              component={Link}
              to={`/demos/${demo.id}`}
              sx={{
                display: 'flex',
                flexDirection: 'column',
                gap: 0.75,
                p: 2,
                border: '1px solid var(--line)',
                borderRadius: 1.5,
                background: 'var(--card)',
                color: 'inherit',
                textDecoration: 'none',
                '&:hover': { borderColor: 'var(--ember)' },
              }}
            >
              <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
                <Typography variant="h3" component="h2">
                  {demo.name}
                </Typography>
                <Energy energy={demo.energy} />
              </Box>
              <Typography sx={{ flex: 1 }}>{demo.hook}</Typography>
              <Typography
                variant="body2"
                color="textSecondary"
                component="div"
                sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}
              >
                <span>{demo.showSeconds === null ? '' : sayDuration(demo.showSeconds)}</span>·
                <span>{recordWords(demo.record)}</span>
                {demo.methods.length > 1 && <span>· {demo.methods.length} methods</span>}
                <Box component="span" sx={{ display: 'flex', gap: 0.5, color: 'var(--ink)' }}>
                  {demo.hazards.map((kind) => (
                    <HazardGlyph key={kind} kind={kind} />
                  ))}
                </Box>
              </Typography>
            </Box>
          );
        })}
      </Box>
    </Page>
  );
}
