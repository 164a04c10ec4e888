/** Chooses from one’s own demonstrations and the library for this show: what is in it already stays, or makes room. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useMemo, useState } from 'react';
import type { ShowBundle, Slot } from '../../core/brief/types';
import { type FitWishes, NO_FIT_WISHES } from '../../core/proposal/fitWishes';
import { counted } from '../../core/words';
import { useOpenShow } from '../brief/useShow';
import { withOwnDemos } from '../repertoire/takeAll';
import { ProposedOrder } from '../start/ProposedOrder';
import { useSeen } from '../start/useSeen';
import { useStockOfDemos } from '../start/useProposed';

interface ProposeProps {
  onTake: (slots: Slot[]) => void;
}

function Proposal({ onTake, onClose }: ProposeProps & { onClose: () => void }) {
  const { bundle, show } = useOpenShow();
  const stock = useStockOfDemos();
  const [keeps, setKeeps] = useState(true);
  const [wishes, setWishes] = useState<FitWishes>(NO_FIT_WISHES);
  const seen = useSeen(show.venueId, show.date);
  const booking = useMemo((): ShowBundle | null => {
    if (!stock) return null;
    const known = new Set(bundle.items.map(({ id }) => id));
    return {
      ...bundle,
      items: [...bundle.items, ...stock.items.filter(({ id }) => !known.has(id))],
      show: { ...bundle.show, slots: keeps ? bundle.show.slots : [] },
    };
  }, [bundle, stock, keeps]);
  return (
    <>
      <DialogContent>
        <Box sx={{ color: 'var(--muted)' }}>
          Chosen and put in order for this slot, place, crew and audience, from your demos and the
          library.
          {seen.size > 0 &&
            ` ${counted(seen.size, 'demo')} that they saw here in the last two years count for less.`}
        </Box>
        {show.slots.length > 0 && (
          <FormControlLabel
            label={`Keep the ${counted(show.slots.length, 'slot')} that ${show.slots.length === 1 ? 'is' : 'are'} in it`}
            control={<Switch checked={keeps} onChange={(_event, on) => setKeeps(on)} />}
          />
        )}
        <ProposedOrder
          booking={booking}
          stock={stock}
          seen={seen}
          wishes={wishes}
          onWishes={setWishes}
          isAsked
          {...(keeps &&
            show.slots.length > 0 && {
              nothingWords:
                'Nothing goes in beside what is in it. Let that make room, and a show is chosen anew.',
            })}
          takeWords="Take this show"
          onTake={async (slots) => {
            const inShow = new Set(show.slots.flatMap(({ demoId }) => demoId ?? []));
            onTake(await withOwnDemos(slots, stock?.isOwn ?? (() => true), inShow));
            onClose();
          }}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Not now</Button>
      </DialogActions>
    </>
  );
}

interface DialogProps extends ProposeProps {
  open: boolean;
  onClose: () => void;
}

export const ProposeShow = ({ open, onClose, onTake }: DialogProps) => (
  <Dialog open={open} onClose={onClose} maxWidth="md" fullWidth aria-labelledby="propose-title">
    <DialogTitle id="propose-title">A show proposed</DialogTitle>
    <Proposal onTake={onTake} onClose={onClose} />
  </Dialog>
);
