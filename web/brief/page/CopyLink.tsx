import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useMay } from '../../app/me';
import { useShare } from '../../share/useShare';

/** The address of this page for whoever is let in; there is none while nothing is shared. */
export const CopyLink = () => (useMay('owner') ? <SharedLink /> : null);

function SharedLink() {
  const { share } = useShare();
  const { enqueueSnackbar } = useSnackbar();
  const [origin] = share?.on ? share.origins : [];
  if (!origin) return null;
  const address = origin + window.location.pathname;
  return (
    <Button
      onClick={() =>
        void navigator.clipboard
          .writeText(address)
          .then(() => enqueueSnackbar(`Copied: ${address}`))
          .catch(() => enqueueSnackbar(`Its address is ${address}`))
      }
    >
      Copy the link
    </Button>
  );
}
