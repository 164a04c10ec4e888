/** Where a printed code leads that was made while nothing was shared. */
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link, useSearchParams } from 'react-router';
import { Page } from '../parts/page';

export default function NotSharedPage() {
  const [search] = useSearchParams();
  const to = search.get('to') ?? '/';
  // Only what is ours: an address of elsewhere is not followed.
  const inside = /^\/(?!\/)/.test(to) ? to : '/';
  return (
    <Page title="This code was printed while nothing was shared">
      <Typography sx={{ maxWidth: 620, fontSize: 18, lineHeight: '28px' }}>
        It can be followed on the laptop only. For phones: share with the crew first, then print the
        labels again; their codes then lead to the address that phones can open.
      </Typography>
      <Typography sx={{ mt: 3, display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <Button variant="contained" component={Link} to={inside}>
          Open it here
        </Button>
        <Button variant="outlined" component={Link} to="/share">
          Share with the crew
        </Button>
      </Typography>
    </Page>
  );
}
