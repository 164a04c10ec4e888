/** What every calculator rests on: formula, for what it holds, source, and what it was held against. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { CALCULATORS } from '../../core/calculators/catalogue';
import { Page } from '../parts/page';

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
        <Button component={Link} to="/bench">
          To the calculators
        </Button>
      }
    >
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Table of calculators">
        <Box
          component="table"
          sx={{
            borderCollapse: 'collapse',
            minWidth: 900,
            width: '100%',
            fontSize: 14,
            lineHeight: '20px',
            '& th, & td': {
              textAlign: 'left',
              verticalAlign: 'top',
              borderBottom: '1px solid var(--line)',
              py: 1,
              pr: 2,
            },
            '& thead th': { color: 'var(--muted)', fontWeight: 400 },
            '& tbody th': { width: 200, font: '600 15px/20px Bricolage' },
          }}
        >
          <thead>
            <tr>
              <th scope="col">Calculator</th>
              {PARTS.map(([label]) => (
                <th key={label} scope="col">
                  {label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {CALCULATORS.map(({ id, title, grounds }) => (
              <tr key={id}>
                <th scope="row">
                  <Link to={`/bench/${id}`} style={{ color: 'inherit' }}>
                    {title}
                  </Link>
                </th>
                {PARTS.map(([label, part]) => (
                  <td key={label}>{grounds[part]}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
    </Page>
  );
}
