/** A new show: one sentence with a running order proposed for it, begun empty, or from a template. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useNewShow } from '../brief/useNewShow';
import { Templates } from '../brief/Templates';
import { blankShow } from '../../core/brief/blank';
import { TypeOrder } from '../lineup/TypeOrder';
import { Page, Section } from '../parts/page';
import { ShowOnADate } from './ShowOnADate';
import { useStockOfDemos } from './useProposed';

/** With the marks that most stages have. */
const EMPTY = blankShow('', '', '', '');

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
      <Section title="Or the order as you have it">
        <Box id="order" sx={{ maxWidth: 1100 }}>
          <TypeOrder
            show={EMPTY}
            words={(slots) => `Begin a show with ${slots}`}
            onTake={async (ordered) => void (await create(ordered))}
          />
        </Box>
      </Section>
      <Templates />
    </Page>
  );
}
