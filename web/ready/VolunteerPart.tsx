import Box from '@mui/material/Box';
import type { Fetching } from '../../core/ready/volunteers';
import { MUST_NOT_WORDS } from '../../core/repertoire/volunteerCard';
import { formatClock } from '../../core/time/clock';
import { counted, listInWords } from '../../core/words';

/** Everybody who is asked up: when, who suits, who must not, what is said, the way off. */
export function VolunteerPart({
  fetched,
  startOfDay,
}: {
  fetched: readonly Fetching[];
  startOfDay: number;
}) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {fetched.map(({ slotId, demoName, count, card, at }) => (
        <Box component="li" key={slotId} sx={{ borderBottom: '1px solid var(--line)', py: 1 }}>
          <b>
            {at === null ? '' : `${formatClock(startOfDay + at)} `}
            {demoName}, {counted(count, 'volunteer')}
          </b>
          {at === null && ' · when they are fetched is not said in the demo'}
          {card.suits && <Box>Suits: {card.suits}</Box>}
          {card.mustNot.length > 0 && (
            <Box>Not: {listInWords(card.mustNot.map((one) => MUST_NOT_WORDS[one]))}</Box>
          )}
          {card.ask && <Box>Ask: “{card.ask}”</Box>}
          <Box>Let go: “{card.letGo || 'You can say no, now or at any time.'}”</Box>
          {card.gear.length > 0 && <Box>Put on: {listInWords(card.gear)}</Box>}
          {card.steps.length > 0 && (
            <Box component="ol" sx={{ m: 0, pl: 3 }}>
              {card.steps.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </Box>
          )}
          {card.wayOff && <Box>Off again: {card.wayOff}</Box>}
        </Box>
      ))}
    </Box>
  );
}
