import Box from '@mui/material/Box';
import { useFollowUps } from '../app/data';
import { FollowUpRow } from '../after/FollowUpRow';

/** What is to be done about a demonstration, closed here where it is done. */
export function FollowUps({ demoId }: { demoId: string }) {
  const { data = [] } = useFollowUps();
  const open = data.filter((one) => one.demoId === demoId && !one.done);
  if (open.length === 0) return null;
  return (
    <Box component="section" aria-label="To be done" sx={{ maxWidth: 680 }}>
      <b>To be done:</b>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {open.map((followUp) => (
          <FollowUpRow key={followUp.id} followUp={followUp} there />
        ))}
      </Box>
    </Box>
  );
}
