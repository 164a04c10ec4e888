/** What can’t be there in time by any pack that is known, by how much, and what would help. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { ShoppingLine, TooLate } from '../../../core/inventory/shoppingLine';
import { formatTotal } from '../../../core/units/format';
import { counted, listInWords, lowerFirst } from '../../../core/words';
import { usePreferences } from '../../app/preferences';
import { dayWords } from '../../brief/dates';
import { LendForm } from './LendForm';
import { useOrdering } from './useOrders';

/** “The soonest is Tue 1 Dec, 2 days after it.” */
const soonest = ({ comes, days }: TooLate): string =>
  comes === null || days === null
    ? 'No pack of it is known.'
    : `The soonest is ${dayWords(comes)}, ${counted(days, 'day')} after it.`;

/** What may be used instead, and what can’t be shown without. */
function helps(late: TooLate): string {
  const instead = late.instead.map(({ name, there }) =>
    there === 0 ? `${lowerFirst(name)} (none there)` : lowerFirst(name),
  );
  return [
    'Ask for it sooner, borrow it',
    instead.length > 0 ? `, use ${listInWords(instead, 'or')} instead` : '',
    late.demos.length > 0 ? `, or leave out ${listInWords(late.demos)}` : '',
    '.',
  ].join('');
}

function OneTooLate({ line, late }: { line: ShoppingLine; late: TooLate }) {
  const system = usePreferences((state) => state.system);
  const { swap } = useOrdering();
  const [lending, setLending] = useState(false);
  return (
    <Box component="li" sx={{ borderTop: '1px solid var(--line)', py: 1.25 }}>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'baseline' }}>
        <Box sx={{ font: '800 20px/26px Bricolage', color: 'var(--ember)' }}>
          {formatTotal(late.short, line.dimension, 'piece', system)}{' '}
          <Link to={`/store/items/${line.itemId}`}>{line.name}</Link>
        </Box>
        <span>
          for{' '}
          <b>
            <Link to={`/shows/${late.showId}/kit`}>{late.title}</Link>
          </b>
          , {dayWords(late.date)}
        </span>
      </Box>
      <Box>
        {soonest(late)} {helps(late)}
      </Box>
      {lending ? (
        <LendForm
          line={line}
          short={late.short}
          date={late.date}
          onDone={() => setLending(false)}
        />
      ) : (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button
            size="small"
            aria-label={`${line.name} for ${late.title}: I get it otherwise`}
            onClick={() => setLending(true)}
          >
            I get it otherwise
          </Button>
          {late.instead.map(({ itemId, name }) => (
            <Button
              key={itemId}
              size="small"
              aria-label={`${late.title}: ${name} instead of ${line.name}`}
              onClick={() =>
                void swap(
                  late.showId,
                  { itemId: line.itemId, by: itemId },
                  `${late.title} takes ${lowerFirst(name)} instead of ${lowerFirst(line.name)}.`,
                )
              }
            >
              Use {lowerFirst(name)}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}

export const TooLateList = ({ lines }: { lines: readonly ShoppingLine[] }) => (
  <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
    {lines.flatMap((line) =>
      line.tooLate.map((late) => (
        <OneTooLate key={`${line.itemId}/${late.showId}`} line={line} late={late} />
      )),
    )}
  </Box>
);
