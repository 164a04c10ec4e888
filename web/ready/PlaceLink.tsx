import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { VerdictPlace } from '../../core/ready/verdict';
import { useOpenShow } from '../brief/useShow';

const PART_WORDS: Record<Extract<VerdictPlace, { page: 'demo' }>['part'], string> = {
  hazards: 'hazards',
  steps: 'steps',
  needs: 'room',
  care: 'care',
  calculations: 'calculations',
  kit: 'kit',
  volunteers: 'volunteers',
};

/** Where something is put right, and what going there is called. */
function linkOf(place: VerdictPlace, showId: string): { to: string; words: string } {
  switch (place.page) {
    case 'demo':
      return {
        to: `/demos/${place.id}?method=${place.methodId}&edit=${place.part}`,
        words: `To its ${PART_WORDS[place.part]}`,
      };
    case 'people':
      return { to: `/people?open=${place.id}`, words: 'To People' };
    case 'venue':
      return { to: `/venues?open=${place.id}`, words: 'To the venue' };
    case 'item':
      return { to: `/store/items/${place.id}`, words: 'To the store' };
    case 'lineup':
      return { to: `/shows/${showId}/line-up`, words: 'To the line-up' };
    case 'brief':
      return { to: `/shows/${showId}/brief`, words: 'To the brief' };
    case 'kit':
      return { to: `/shows/${showId}/kit`, words: 'To the kit' };
    case 'ready':
      return place.part === 'plan'
        ? { to: `/shows/${showId}/ready?see=plan`, words: 'To the plan' }
        : { to: `/shows/${showId}/ready?see=figures`, words: 'To the figures' };
  }
}

export function PlaceLink({ place, what }: { place: VerdictPlace; what: string }) {
  const { show } = useOpenShow();
  const { to, words } = linkOf(place, show.id);
  return (
    <Button size="small" component={Link} to={to} aria-label={`${words}: ${what}`}>
      {words}
    </Button>
  );
}
