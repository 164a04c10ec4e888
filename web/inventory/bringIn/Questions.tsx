/** What a table leaves open, each with the reading that holds now, and the other by one press. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import dayjs from 'dayjs';
import type { ReactNode } from 'react';
import type { StorePreview } from '../../../contract/imports';
import { dayOf } from '../../../contract/tables/days';
import { otherCurrencies, readAs } from '../../../contract/tables/figures';
import { cellText } from '../../../contract/tables/file';
import { titleOf } from '../../../contract/tables/inventoryColumns';
import { PACK_WAYS } from '../../../contract/tables/inventoryRow';
import type { KindMeant } from '../../../contract/tables/kinds';
import { NOTHING_ASKED, type ReadingAsked } from '../../../contract/tables/readings';
import { plainHeading } from '../../../contract/tables/table';
import { ITEM_KIND } from '../../../contract/tables/words';
import { counted } from '../../../core/words';
import { useSettings } from '../../app/data';
import type { BringIn, Table } from './useBringIn';

interface AskProps<V extends string> {
  /** Nothing holds until it is answered. */
  open?: boolean;
  label: string;
  children: ReactNode;
  value: V | null;
  options: readonly (readonly [V, string])[];
  onChange: (value: V) => void;
}

function Ask<V extends string>({
  open = false,
  label,
  children,
  value,
  options,
  onChange,
}: AskProps<V>) {
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        gap: 1.5,
        flexWrap: 'wrap',
        alignItems: 'center',
        py: 1,
        borderBottom: '1px solid var(--line)',
      }}
    >
      <Box
        sx={{ flex: { xs: '1 1 100%', md: '0 1 auto' }, color: open ? 'var(--ember)' : undefined }}
      >
        {open ? '△ ' : ''}
        {children}
      </Box>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={label}
        value={value}
        onChange={(_event, next: V | null) => next !== null && onChange(next)}
        sx={{ flexWrap: 'wrap' }}
      >
        {options.map(([key, words]) => (
          <ToggleButton key={key} value={key}>
            {words}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}

const KINDS: readonly (readonly [KindMeant, string])[] = [
  ['equipment', ITEM_KIND.equipment],
  ['gear', ITEM_KIND.gear],
  ['consumable', 'Used up'],
  ['byUnit', 'Used up where measured in mL or g'],
];

interface QuestionsProps {
  bring: BringIn;
  table: Table;
  preview: StorePreview;
}

function KindAsks({ bring, table: { said }, preview }: QuestionsProps) {
  return preview.kinds
    .filter(({ word, means }) => word === '' || means === null || said.kinds[word] !== undefined)
    .map(({ word, rows, means }) => (
      <Ask
        key={word}
        open={means === null}
        label={word === '' ? 'Kind of the others' : `Kind “${word}”`}
        value={means}
        options={KINDS}
        onChange={(next) => bring.say({ kinds: { ...said.kinds, [word]: next } })}
      >
        {word === '' ? (
          <>
            {counted(rows, 'new thing says', 'new things say')} no kind. What is used up is taken
            out of the store after a show. {rows === 1 ? 'Is it' : 'Are they'}
          </>
        ) : (
          <>
            “<b>{word}</b>”, in {counted(rows, 'row')}, stands for
          </>
        )}
      </Ask>
    ));
}

const dayWords = (day: string | null): string =>
  day ? dayjs(day).format('D MMMM YYYY') : 'no day';

function ReadingAsks({ bring, table: { said }, preview }: QuestionsProps) {
  const ask = (at: number, more: Partial<ReadingAsked>): void =>
    bring.say({
      readings: said.mapping.map((_key, i) =>
        i === at ? { ...(said.readings[i] ?? NOTHING_ASKED), ...more } : (said.readings[i] ?? null),
      ),
    });
  return preview.readings.map(({ mark, order, sure, doubt }, at) => {
    const key = said.mapping[at];
    const wasAsked = said.readings[at];
    if (!key || doubt === '' || (sure && !wasAsked)) return null;
    const column = bring.heading[at] || titleOf(key);
    return wasAsked?.order || dayOf(doubt, order) !== null ? (
      <Ask
        key={at}
        label={`Days in ${column}`}
        value={order}
        options={[
          ['dayFirst', dayWords(dayOf(doubt, 'dayFirst'))],
          ['monthFirst', dayWords(dayOf(doubt, 'monthFirst'))],
        ]}
        onChange={(next) => ask(at, { order: next })}
      >
        {column}: “<b>{doubt}</b>” is read as
      </Ask>
    ) : (
      <Ask
        key={at}
        label={`Figures in ${column}`}
        value={mark}
        options={[
          ['.', readAs(doubt, '.')],
          [',', readAs(doubt, ',')],
        ]}
        onChange={(next) => ask(at, { mark: next })}
      >
        {column}: “<b>{doubt}</b>” is read as
      </Ask>
    );
  });
}

/** The currency that the prices name, where it is not the crew’s own; nothing is converted. */
function OtherMoney({ table: { rows, said } }: Pick<QuestionsProps, 'table'>) {
  const own = useSettings().data?.currency;
  const at = said.mapping.indexOf('price');
  if (at < 0 || own === undefined) return null;
  const others = otherCurrencies(
    rows.map((row) => cellText(row[at])),
    own,
  );
  if (others.length === 0) return null;
  return (
    <Box component="li" sx={{ py: 1, color: 'var(--ember)' }}>
      △ Some prices are in {others.join(', ')}, and money here in {own}: they come in as they are,
      not converted.
    </Box>
  );
}

function Remembered({ bring, table: { said } }: QuestionsProps) {
  const headings = bring.heading.flatMap((text) => {
    const word = plainHeading(text);
    const key = bring.words.headings[word];
    return key === undefined
      ? []
      : [{ what: 'heading' as const, word, label: `${text}: ${key ? titleOf(key) : 'left out'}` }];
  });
  const kinds = Object.entries(bring.words.kinds)
    .filter(([word]) => said.kinds[word] !== undefined)
    .map(([word, means]) => ({
      what: 'kind' as const,
      word,
      label: `${word}: ${KINDS.find(([key]) => key === means)?.[1] ?? ''}`,
    }));
  const all = [...headings, ...kinds];
  if (all.length === 0) return null;
  return (
    <Box component="li" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', py: 1 }}>
      <span>Remembered from tables before:</span>
      {all.map(({ what, word, label }) => (
        <Chip
          key={`${what}/${word}`}
          size="small"
          label={label}
          onDelete={() => void bring.forget(what, word)}
        />
      ))}
    </Box>
  );
}

export function Questions(props: QuestionsProps) {
  const { bring, table, preview } = props;
  const { same, knownLots } = preview;
  return (
    <Box
      component="ul"
      aria-label="How it is read"
      sx={{
        listStyle: 'none',
        p: 0,
        m: 0,
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 500px), 1fr))',
        columnGap: 4,
      }}
    >
      <KindAsks {...props} />
      <ReadingAsks {...props} />
      {PACK_WAYS.filter((way) => preview.besidePacks[way] > 0).map((way) => (
        <Ask
          key={way}
          label={`Figures beside packs, ${way}`}
          value={table.said.ofPacks.includes(way) ? 'packs' : 'each'}
          options={[
            ['packs', 'so many packs'],
            ['each', way === 'measured' ? 'so much, in its own unit' : 'so many pieces'],
          ]}
          onChange={(next) =>
            bring.say({
              ofPacks: [
                ...table.said.ofPacks.filter((other) => other !== way),
                ...(next === 'packs' ? [way] : []),
              ],
            })
          }
        >
          In {counted(preview.besidePacks[way], 'row')} a figure stands alone beside a pack{' '}
          {way === 'measured' ? 'that is measured' : 'of several pieces'}. It is
        </Ask>
      ))}
      {knownLots > 0 && (
        <Ask
          label="What lies there already"
          value={table.said.known}
          options={[
            ['count', 'how much is there now'],
            ['more', 'how much comes besides'],
          ]}
          onChange={(known) => bring.say({ known })}
        >
          {counted(knownLots, 'row is', 'rows are')} of things that lie there already: the table
          says
        </Ask>
      )}
      {same && (
        <Box component="li" sx={{ py: 1, borderBottom: '1px solid var(--line)' }}>
          {counted(same.rows, 'row')} came in on {dayjs(same.at).format('D MMMM')} with “{same.name}
          ”, and {same.rows === 1 ? 'is' : 'are'} left out.{' '}
          <Button size="small" onClick={() => bring.say({ again: true })}>
            Bring {same.rows === 1 ? 'it' : 'them'} in again
          </Button>
        </Box>
      )}
      {table.said.again && (
        <Box component="li" sx={{ py: 1, borderBottom: '1px solid var(--line)' }}>
          Rows that came in before come in again.{' '}
          <Button size="small" onClick={() => bring.say({ again: false })}>
            Leave them out
          </Button>
        </Box>
      )}
      <OtherMoney table={table} />
      <Remembered {...props} />
    </Box>
  );
}
