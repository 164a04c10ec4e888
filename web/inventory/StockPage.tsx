/** Everything there is, as a long list that stays quick. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { StoreLine, Versioned } from '../../contract/api';
import type { StoreQuery, StoreShown } from '../../contract/inventory';
import { blankItem } from '../../core/repertoire/blank';
import { ITEM_KINDS, type Item } from '../../core/repertoire/item';
import type { GroupStart, StoreGroup } from '../../core/inventory/storeGroups';
import { BOTH_HANDS } from '../../core/repertoire/minded';
import type { Box as TravelBox } from '../../core/inventory/types';
import { kilograms } from '../../core/units/format';
import { counted } from '../../core/words';
import { labelledOf } from '../../core/kit/codes';
import { ScanButton } from '../scan/ScanButton';
import { madeHere } from '../documents/ghosts';
import { newId, send } from '../app/api';
import { queryClient, storeQuery, useBoxes } from '../app/data';
import { usePreferences } from '../app/preferences';
import { today } from '../brief/dates';
import { useAction } from '../parts/useAction';
import { ListState, Page } from '../parts/page';
import { Piece } from '../kit/pack/Piece';
import { Pictograms } from '../parts/Pictograms';
import { SaveAs } from '../parts/SaveAs';
import { useLast } from '../parts/stable';
import { ITEM_KIND } from '../parts/words';

/** Lines asked for at once. */
const PART = 200;

const ROW = 52;
/** Height of the head over a group. */
const HEAD = 46;

const GROUP: Record<StoreGroup, string> = {
  watch: 'To watch',
  dangerous: 'Dangerous',
  heavy: 'Heavy',
  ...ITEM_KIND,
};

const columns = {
  display: 'grid',
  columnGap: 2,
  alignItems: 'center',
  gridTemplateColumns: {
    xs: '44px 1fr 96px',
    md: '44px minmax(0, 1.5fr) 130px minmax(0, 1fr) 60px minmax(0, 1.2fr)',
  },
} as const;

const wideOnly = { display: { xs: 'none', md: 'block' } } as const;
const clipped = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;

function Row({ line, box }: { line: StoreLine; box: TravelBox | undefined }) {
  const mind = line.warnings.join(' · ');
  return (
    <Box
      component={Link}
      to={`/store/items/${line.id}`}
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
      <svg viewBox="0 0 52 52" width={34} height={34} aria-hidden="true">
        <g fill="var(--card)" stroke="var(--ink)" strokeWidth={2.5}>
          <Piece outline={line.outline} x={0} width={52} />
        </g>
      </svg>
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ ...clipped, font: '600 16px/20px Bricolage' }}>
          {line.name} <Pictograms hazards={line.hazards} size={22} />
          {line.gramsEach !== null && line.gramsEach >= BOTH_HANDS && (
            <Box component="span" sx={{ font: '400 14px/20px Atkinson', color: 'var(--muted)' }}>
              {' '}
              {kilograms(line.gramsEach)}
            </Box>
          )}
        </Box>
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

type Asked = Omit<StoreQuery, 'from' | 'count'>;

interface LinesProps {
  asked: Asked;
  found: number;
  groups: readonly GroupStart[];
  boxes: readonly TravelBox[];
}

/** Only what is in sight is asked for and drawn: ten thousand lines scroll as ten do. */
function Lines({ asked, found, groups, boxes }: LinesProps) {
  const list = useRef<HTMLDivElement>(null);
  const starts = useMemo(() => new Map(groups.map((group) => [group.from, group])), [groups]);
  const virtual = useWindowVirtualizer({
    count: found,
    estimateSize: (index) => (starts.has(index) ? ROW + HEAD : ROW),
    overscan: 16,
    scrollMargin: list.current?.offsetTop ?? 0,
  });
  const boxOf = useMemo(() => new Map(boxes.map((box) => [box.id, box])), [boxes]);
  const rows = virtual.getVirtualItems();
  useEffect(() => virtual.measure(), [virtual, starts]);
  const [first, last] = [rows[0]?.index ?? 0, rows.at(-1)?.index ?? 0].map((index) =>
    Math.floor(index / PART),
  ) as [number, number];
  // The parts before and after what is in sight are there before one scrolls to them.
  const parts = Array.from({ length: last - first + 3 }, (_, i) => first - 1 + i).filter(
    (part) => part >= 0 && part * PART < found,
  );
  const answers = useQueries({
    queries: parts.map((part) => storeQuery({ ...asked, from: part * PART, count: PART })),
  });
  const lineAt = (index: number): StoreLine | undefined =>
    answers[parts.indexOf(Math.floor(index / PART))]?.data?.lines[index % PART];
  return (
    <Box
      ref={list}
      role="list"
      aria-label="Items"
      sx={{ position: 'relative', height: virtual.getTotalSize() }}
    >
      {rows.map(({ index, start }) => {
        const line = lineAt(index);
        const group = starts.get(index);
        return (
          <Box
            key={line?.id ?? index}
            role="listitem"
            aria-setsize={found}
            aria-posinset={index + 1}
            sx={{ position: 'absolute', left: 0, right: 0, top: 0 }}
            style={{ transform: `translateY(${start - virtual.options.scrollMargin}px)` }}
          >
            {group && (
              <Box
                component="h2"
                sx={{
                  m: 0,
                  height: HEAD,
                  pt: 2.25,
                  font: '700 17px/24px Bricolage',
                  color: group.group === 'watch' ? 'var(--ember)' : undefined,
                  borderBottom: '1px solid var(--line-strong)',
                }}
              >
                {group.group === 'watch' ? '△ ' : ''}
                {GROUP[group.group]}{' '}
                <Box component="span" sx={{ color: 'var(--muted)', fontWeight: 400 }}>
                  {group.count}
                </Box>
              </Box>
            )}
            {line ? (
              <Row line={line} box={line.boxId ? boxOf.get(line.boxId) : undefined} />
            ) : (
              <Box sx={{ height: ROW, borderBottom: '1px solid var(--line)' }} />
            )}
          </Box>
        );
      })}
    </Box>
  );
}

export default function StockPage() {
  const { data: boxes = [] } = useBoxes();
  const system = usePreferences((state) => state.system);
  const [typed, setTyped] = useState('');
  const [shown, setShown] = useState<StoreShown>('all');
  const find = useDeferredValue(typed.trim());
  const navigate = useNavigate();
  const act = useAction();
  const asked: Asked = { find, shown, day: today(), system };
  const query = useQuery({
    ...storeQuery({ ...asked, from: 0, count: PART }),
    placeholderData: keepPreviousData,
  });
  const { data: store, error } = query;
  // What was found before stays until what is asked for now has come.
  const told = useLast(query.isPlaceholderData ? null : asked) ?? asked;
  const add = (): Promise<boolean> =>
    act(async () => {
      const item = await send<Versioned<Item>>(
        'POST',
        '/items',
        blankItem(newId(), 'New item', 'equipment'),
      );
      await queryClient.invalidateQueries({ queryKey: ['/store'] });
      madeHere('/items', item, `/store/items/${item.id}`);
      void navigate(`/store/items/${item.id}`);
    });
  return (
    <Page
      title="Store"
      below={store && `${counted(store.items, 'item')}, ${store.toMind} to watch`}
      actions={
        <>
          <ScanButton
            onPage={(page) => {
              const { itemId } = labelledOf(page);
              void navigate(itemId === null ? page : `/store/items/${itemId}`);
            }}
          />
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
      <ListState
        query={{ data: store && { length: store.items }, error }}
        emptyTitle="Nothing in the store yet"
      >
        Add equipment, consumables and protective gear, or bring in a spreadsheet; the kit lines of
        your demos pick from here.
      </ListState>
      {store && store.items > 0 && (
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
              onChange={(_event, value: StoreShown | null) => value && setShown(value)}
              aria-label="Show"
              sx={{ flexWrap: 'wrap' }}
            >
              <ToggleButton value="all">All</ToggleButton>
              <ToggleButton value="mind">To watch ({store.toMind})</ToggleButton>
              {ITEM_KINDS.map((kind) => (
                <ToggleButton key={kind} value={kind}>
                  {ITEM_KIND[kind]}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          </Box>
          {store.found === 0 ? (
            <Typography color="textSecondary">Nothing like that in the store.</Typography>
          ) : (
            <Lines asked={told} found={store.found} groups={store.groups} boxes={boxes} />
          )}
        </>
      )}
    </Page>
  );
}
