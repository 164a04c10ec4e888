/** Everything there is, as a long list that stays quick. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Versioned } from '../../contract/api';
import { blankItem } from '../../core/repertoire/blank';
import { ITEM_KINDS, type Item, type ItemKind } from '../../core/repertoire/types';
import { findStockLines, type StockLine, stockLines } from '../../core/inventory/stockLine';
import type { Box as TravelBox } from '../../core/inventory/types';
import { counted } from '../../core/words';
import { newId, send } from '../app/api';
import { queryClient, useBoxes, useItems, useLots } from '../app/data';
import { usePreferences } from '../app/preferences';
import { today } from '../brief/dates';
import { useAction } from '../parts/useAction';
import { ListState, Page } from '../parts/page';
import { SaveAs } from '../parts/SaveAs';
import { ITEM_KIND } from '../parts/words';

type Shown = ItemKind | 'all' | 'mind';

const ROW = 52;

const columns = {
  display: 'grid',
  columnGap: 2,
  alignItems: 'center',
  gridTemplateColumns: {
    xs: '1fr 96px',
    md: 'minmax(0, 1.4fr) 150px minmax(0, 1fr) 60px minmax(0, 1.3fr)',
  },
} as const;

const wideOnly = { display: { xs: 'none', md: 'block' } } as const;
const clipped = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;

function Row({ line, box }: { line: StockLine; box: TravelBox | undefined }) {
  const mind = line.warnings.join(' · ');
  return (
    <Box
      component={Link}
      to={`/store/items/${line.item.id}`}
      sx={{
        ...columns,
        height: ROW,
        px: 0.5,
        color: 'inherit',
        textDecoration: 'none',
        borderBottom: '1px solid var(--line)',
        '&:hover': { background: 'var(--card)' },
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ ...clipped, font: '600 16px/20px Bricolage' }}>{line.item.name}</Box>
        <Box
          sx={{
            ...clipped,
            fontSize: 12,
            color: mind ? 'var(--ember)' : 'var(--muted)',
            display: { md: 'none' },
          }}
        >
          {mind ? `△ ${mind}` : line.places}
        </Box>
      </Box>
      <Box component="b" sx={{ textAlign: { xs: 'right', md: 'left' }, fontFamily: 'Bricolage' }}>
        {line.text}
      </Box>
      <Box sx={{ ...wideOnly, ...clipped, color: 'var(--muted)', fontSize: 14 }}>{line.places}</Box>
      <Box sx={{ ...wideOnly, color: 'var(--muted)', fontSize: 14 }}>
        {box ? `Box ${box.number}` : ''}
      </Box>
      <Box sx={{ ...wideOnly, ...clipped, color: 'var(--ember)', fontSize: 14, fontWeight: 600 }}>
        {mind && `△ ${mind}`}
      </Box>
    </Box>
  );
}

/** Only what is in sight is drawn: ten thousand lines scroll as ten do. */
function Lines({ lines, boxes }: { lines: readonly StockLine[]; boxes: readonly TravelBox[] }) {
  const list = useRef<HTMLDivElement>(null);
  const virtual = useWindowVirtualizer({
    count: lines.length,
    estimateSize: () => ROW,
    overscan: 12,
    scrollMargin: list.current?.offsetTop ?? 0,
  });
  const boxOf = useMemo(() => new Map(boxes.map((box) => [box.id, box])), [boxes]);
  return (
    <Box
      ref={list}
      role="list"
      aria-label="Items"
      sx={{ position: 'relative', height: virtual.getTotalSize() }}
    >
      {virtual.getVirtualItems().map(({ index, start }) => {
        const line = lines[index];
        return line ? (
          <Box
            key={line.item.id}
            role="listitem"
            aria-setsize={lines.length}
            aria-posinset={index + 1}
            sx={{ position: 'absolute', left: 0, right: 0, top: 0 }}
            style={{ transform: `translateY(${start - virtual.options.scrollMargin}px)` }}
          >
            <Row line={line} box={line.item.boxId ? boxOf.get(line.item.boxId) : undefined} />
          </Box>
        ) : null;
      })}
    </Box>
  );
}

export default function ShelfPage() {
  const query = useItems();
  const { data: lots = [] } = useLots();
  const { data: boxes = [] } = useBoxes();
  const system = usePreferences((state) => state.system);
  const [typed, setTyped] = useState('');
  const [shown, setShown] = useState<Shown>('all');
  const wanted = useDeferredValue(typed);
  const navigate = useNavigate();
  const act = useAction();
  const { data: items } = query;
  const lines = useMemo(
    () => stockLines(items ?? [], lots, today(), system),
    [items, lots, system],
  );
  const minded = useMemo(() => lines.filter((line) => line.warnings.length > 0), [lines]);
  const found = useMemo(() => {
    const from =
      shown === 'all'
        ? lines
        : shown === 'mind'
          ? minded
          : lines.filter((l) => l.item.kind === shown);
    return findStockLines(from, wanted);
  }, [lines, minded, shown, wanted]);
  const add = (): Promise<boolean> =>
    act(async () => {
      const item = await send<Versioned<Item>>(
        'POST',
        '/items',
        blankItem(newId(), 'New item', 'equipment'),
      );
      await queryClient.invalidateQueries({ queryKey: ['/items'] });
      void navigate(`/store/items/${item.id}`);
    });
  return (
    <Page
      title="Store"
      below={items && `${counted(items.length, 'item')}, ${minded.length} to mind`}
      actions={
        <>
          <SaveAs
            label="Save"
            files={[
              ['/api/store.xlsx', 'The store as a spreadsheet (xlsx)'],
              ['/api/store.csv', 'The store as CSV'],
            ]}
          />
          <Button variant="contained" onClick={() => void add()}>
            Add an item
          </Button>
        </>
      }
    >
      <ListState query={query} emptyTitle="Nothing in the store yet">
        Add equipment, consumables and protective gear, or bring in a spreadsheet; the kit lines of
        your demos pick from here.
      </ListState>
      {items && items.length > 0 && (
        <>
          <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mb: 1.5 }}>
            <TextField
              label="Find"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
              sx={{ flex: '1 1 220px', maxWidth: 360 }}
            />
            <ToggleButtonGroup
              exclusive
              size="small"
              value={shown}
              onChange={(_event, value: Shown | null) => value && setShown(value)}
              aria-label="Show"
              sx={{ flexWrap: 'wrap' }}
            >
              <ToggleButton value="all">All</ToggleButton>
              <ToggleButton value="mind">To mind ({minded.length})</ToggleButton>
              {ITEM_KINDS.map((kind) => (
                <ToggleButton key={kind} value={kind}>
                  {ITEM_KIND[kind]}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          </Box>
          {found.length === 0 ? (
            <Typography color="textSecondary">Nothing like that in the store.</Typography>
          ) : (
            <Lines lines={found} boxes={boxes} />
          )}
        </>
      )}
    </Page>
  );
}
