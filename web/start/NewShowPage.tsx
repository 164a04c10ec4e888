/** A new show: one sentence with a running order proposed for it, begun empty, or from a template. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useNewShow } from '../brief/useNewShow';
import { Templates } from '../brief/Templates';
import { Page } from '../parts/page';
import { ShowOnADate } from './ShowOnADate';
import { useStockOfDemos } from './useProposed';

export default function NewShowPage() {
  const stock = useStockOfDemos();
  const create = useNewShow();
  return (
    <Page
      wide
      title="New show"
      below="Say what you know: an order is proposed from your demos and the library. Or begin it empty."
      actions={
        <Button variant="outlined" onClick={() => void create()}>
          An empty show
        </Button>
      }
    >
      <Box sx={{ maxWidth: 900 }}>
        <ShowOnADate stock={stock} />
      </Box>
      <Templates />
    </Page>
  );
}
