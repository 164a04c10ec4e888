import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Versioned } from '../../contract/api';
import type { FollowUp } from '../../contract/day';
import { send } from '../app/api';
import { useDemos, usePeople } from '../app/data';
import { dayWords } from '../brief/dates';
import { useRemove } from '../parts/editing';
import { useAction } from '../parts/useAction';

interface Props {
  followUp: Versioned<FollowUp>;
  /** On the page of its demonstration, which need not be named. */
  there?: boolean;
}

/** One thing that is to be done, with who and by when; closed wherever it stands. */
export function FollowUpRow({ followUp, there = false }: Props) {
  const { data: people = [] } = usePeople();
  const { data: demos = [] } = useDemos();
  const remove = useRemove();
  const act = useAction();
  const { id, words, ownerId, due, done, demoId, version } = followUp;
  const demo = demos.find((one) => one.id === demoId);
  return (
    <Box component="li">
      {done ? <s>{words}</s> : words}{' '}
      <Typography component="span" variant="body2" color="textSecondary">
        {people.find((person) => person.id === ownerId)?.name} {due && `by ${dayWords(due)}`}{' '}
        {demo && !there && <Link to={`/demos/${demo.id}`}>{demo.name}</Link>}
      </Typography>
      <Button
        size="small"
        aria-label={`${done ? 'Open again' : 'Done'}: ${words}`}
        onClick={() =>
          void act(() => send('PUT', `/follow-ups/${id}`, { ...followUp, done: !done }))
        }
      >
        {done ? 'Open again' : 'Done'}
      </Button>
      <Button
        size="small"
        aria-label={`Remove: ${words}`}
        onClick={() => void remove({ path: `/follow-ups/${id}`, name: 'Follow-up', version })}
      >
        Remove
      </Button>
    </Box>
  );
}
