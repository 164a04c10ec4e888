/** What of a kit must be minded, before all that only has to be brought: missing, spoiling, dangerous, heavy. */
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { hazardWords } from '../../core/kit/ghs';
import { type Heavy, type Mind, type Minded, heaviest } from '../../core/kit/foremost';
import { weightWords } from '../../core/kit/labels';
import { type PackedBox, weightOf } from '../../core/kit/packing';
import { kilograms } from '../../core/units/format';
import { counted, listInWords } from '../../core/words';
import { dayWords } from '../brief/dates';
import { type EntryProps, KitEntryRow } from './KitEntryRow';

const WORDS: Record<Exclude<Mind, 'rest'>, string> = {
  short: '△ Short',
  first: 'Use first',
  dangerous: 'Dangerous',
};

/** Things named of those that are heavy. */
const NAMED = 4;

function Group({ title, ember, children }: { title: string; ember: boolean; children: ReactNode }) {
  return (
    <Box
      component="section"
      aria-label={title.replace('△ ', '')}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '92px minmax(0, 1fr)' },
        borderTop: '1px solid var(--line-strong)',
        '& .MuiAccordion-root:last-of-type': { borderBottom: 0 },
      }}
    >
      <Box
        component="h2"
        sx={{
          m: 0,
          pt: 1.5,
          font: '700 15px/20px Bricolage',
          color: ember ? 'var(--ember)' : 'var(--muted)',
        }}
      >
        {title}
      </Box>
      <Box sx={{ minWidth: 0 }}>{children}</Box>
    </Box>
  );
}

/** “150 mL good until Sun 29 Nov, then 40 mL”. */
function lotWords({ lots, keeps }: Minded): string {
  const until = (last: string | null): string => (last ? ` good until ${dayWords(last)}` : '');
  const [first, ...then] = lots;
  const words = [
    first && `${first.text}${until(first.last)}`,
    then.length > 0 && `then ${listInWords(then.map(({ text, last }) => `${text}${until(last)}`))}`,
    keeps !== null && `keeps ${counted(keeps, 'day')}: fetch it fresh`,
  ];
  return words.filter(Boolean).join(', ');
}

function whyOf(minded: Minded, store: EntryProps['store']): ReactNode {
  if (minded.mind === 'first') return lotWords(minded);
  if (minded.mind !== 'dangerous') return undefined;
  const item = store.items.find(({ id }) => id === minded.entry.itemId);
  const [worst] = hazardWords(item?.label.hazards ?? []);
  return worst ?? (item?.cold ? 'Very cold: burns, and drives the air out' : undefined);
}

function HeavyRow({ heavy, packed }: { heavy: readonly Heavy[]; packed: readonly PackedBox[] }) {
  const [first, ...others] = heavy;
  if (!first) return null;
  const nameOf = ({ box, name }: Heavy): string => (box ? `box ${box.number}, ${name}` : name);
  return (
    <Group title="Heavy" ember={false}>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'baseline', py: 1.25 }}>
        <Box sx={{ width: { md: 112 }, textAlign: 'right', font: '600 17px/22px Bricolage' }}>
          {kilograms(first.grams)}
        </Box>
        <Box sx={{ flex: '1 1 300px' }}>
          <b>{nameOf(first)}</b>
          {others.length > 0 &&
            `, then ${listInWords(others.slice(0, NAMED).map((one) => `${nameOf(one)} ${kilograms(one.grams)}`))}`}
          {others.length > NAMED && ` and ${others.length - NAMED} more`}. In all{' '}
          <b>{weightWords(weightOf(packed))}</b>.
        </Box>
      </Box>
    </Group>
  );
}

interface Props {
  minded: readonly Minded[];
  packed: readonly PackedBox[];
  store: EntryProps['store'];
  rowOf: (entry: Minded['entry']) => EntryProps;
}

export function Foremost({ minded, packed, store, rowOf }: Props) {
  return (
    <Box sx={{ mt: 2 }}>
      {(['short', 'first', 'dangerous'] as const).map((mind) => {
        const mine = minded.filter((one) => one.mind === mind);
        return mine.length === 0 ? null : (
          <Group key={mind} title={WORDS[mind]} ember={mind === 'short'}>
            {mine.map((one) => (
              <KitEntryRow
                key={`${one.entry.itemId}/${one.entry.dimension}`}
                {...rowOf(one.entry)}
                why={whyOf(one, store)}
              />
            ))}
          </Group>
        );
      })}
      <HeavyRow heavy={heaviest(packed)} packed={packed} />
    </Box>
  );
}
