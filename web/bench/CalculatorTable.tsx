/** What every calculator rests on: formula, for what it holds, source, and what it was held against. */
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { CALCULATORS } from '../../core/calculators/catalogue';
import { Page } from '../parts/page';
import { SheetTable } from '../parts/SheetTable';

const PARTS = [
  ['Formula', 'formula'],
  ['Holds for', 'validity'],
  ['Source', 'source'],
  ['Held against', 'check'],
] as const;

export function CalculatorTable() {
  return (
    <Page
      title="What the calculators rest on"
      below="Each with its formula, for what it holds, its source, and what its figures were held against."
      actions={
        <Button component={Link} to="/bench/calculators">
          To the calculators
        </Button>
      }
    >
      <SheetTable
        label="Table of calculators"
        minWidth={900}
        heads={['Calculator', ...PARTS.map(([label]) => label)]}
        rows={CALCULATORS.map(({ id, title, grounds }) => ({
          key: id,
          cells: [
            <Link key="title" to={`/bench/calculators/${id}`} style={{ color: 'inherit' }}>
              {title}
            </Link>,
            ...PARTS.map(([, part]) => grounds[part]),
          ],
        }))}
      />
    </Page>
  );
}
