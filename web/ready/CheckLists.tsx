import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { byPlace, type Check } from '../../core/ready/checks';
import { parseClock } from '../../core/time/clock';
import type { OpenShow } from '../brief/useShow';
import { Section } from '../parts/page';
import { CheckRow } from './CheckRow';
import type { Said } from './useMarks';
import type { Photos } from './usePhotos';

/** Whose checks are shown, and whether in the order they fall due or by where they are done. */
export interface CheckView {
  who: string | null;
  order: 'time' | 'place';
}

const EVERYBODY = 'everybody';

export function CheckViewChoice({
  view,
  crew,
  onChange,
}: {
  view: CheckView;
  crew: readonly { id: string; name: string }[];
  onChange: (view: CheckView) => void;
}) {
  return (
    <Box sx={{ mt: 3, display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={view.who ?? EVERYBODY}
        onChange={(_e, who: string | null) =>
          who && onChange({ ...view, who: who === EVERYBODY ? null : who })
        }
        aria-label="Whose checks"
      >
        <ToggleButton value={EVERYBODY}>Everybody</ToggleButton>
        {crew.map((person) => (
          <ToggleButton key={person.id} value={person.id}>
            {person.name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={view.order}
        onChange={(_e, order: CheckView['order'] | null) => order && onChange({ ...view, order })}
        aria-label="Order of the checks"
      >
        <ToggleButton value="time">By time</ToggleButton>
        <ToggleButton value="place">By place</ToggleButton>
      </ToggleButtonGroup>
    </Box>
  );
}

interface CheckListsProps {
  of: OpenShow;
  /** Those to be shown. */
  checks: readonly Check[];
  order: CheckView['order'];
  done: boolean;
  nameOf: (id: string | null) => string;
  photos: Photos;
  onMark: (key: string, said: Said | null) => void;
  onWaive: (check: Check) => void;
}

/** Checks in sections: those that hold the show first, or one for each place; or those that are done. */
export function CheckLists({ of, checks, order, done, ...row }: CheckListsProps) {
  const { show, answer } = of;
  const marks = new Map(answer.marks.map((mark) => [mark.key, mark]));
  const sections: [title: string, checks: readonly Check[]][] = done
    ? [['Done', checks]]
    : order === 'place'
      ? byPlace(checks, show.positions).map(({ place, checks: there }) => [
          place === '' ? 'Anywhere' : place.replace(/^./, (letter) => letter.toUpperCase()),
          there,
        ])
      : [
          ['Must be done before the start', checks.filter((check) => check.holds)],
          ['Still open', checks.filter((check) => !check.holds)],
        ];
  return sections.map(
    ([title, list]) =>
      list.length > 0 && (
        <Section key={title} title={title}>
          <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {list.map((check) => (
              <CheckRow
                key={check.key}
                check={check}
                mark={marks.get(check.key)}
                startOfDay={parseClock(show.start)}
                underPlace={order === 'place' && !done}
                {...row}
              />
            ))}
          </Box>
        </Section>
      ),
  );
}
