import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

interface SheetTableProps {
  /** What it is a table of, for who does not see it. */
  label: string;
  heads: readonly string[];
  /** The first of each row names it. */
  rows: readonly { key: string; cells: readonly ReactNode[] }[];
  minWidth?: number;
}

/** A table to read, as on a printed sheet; on a phone each row is a paragraph with its heads before it. */
export const SheetTable = ({ label, heads, rows, minWidth = 0 }: SheetTableProps) => (
  <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={label}>
    <Box
      component="table"
      role="table"
      sx={{
        borderCollapse: 'collapse',
        minWidth: { md: minWidth },
        width: '100%',
        fontSize: 14,
        lineHeight: '20px',
        '& th, & td': { textAlign: 'left', verticalAlign: 'top', pr: 2 },
        '& tr': { borderBottom: '1px solid var(--line)' },
        '& thead th': { color: 'var(--muted)', fontWeight: 400, py: 0.5 },
        '& tbody th': { font: '600 15px/20px Bricolage' },
        '& tbody th, & tbody td': { py: { xs: 0.25, md: 1 } },
        '& .head': { display: { md: 'none' }, color: 'var(--muted)' },
        '& thead': { display: { xs: 'none', md: 'table-header-group' } },
        '& tbody, & tbody tr, & tbody th, & tbody td': { display: { xs: 'block', md: 'revert' } },
        '& tbody tr': { py: { xs: 1, md: 0 } },
      }}
    >
      <thead>
        <tr role="row">
          {heads.map((head) => (
            <th key={head} scope="col" role="columnheader">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ key, cells: [name, ...cells] }) => (
          <tr key={key} role="row">
            <th scope="row" role="rowheader">
              {name}
            </th>
            {cells.map((cell, i) => (
              <td key={heads[i + 1]} role="cell">
                <span className="head" aria-hidden="true">
                  {heads[i + 1]}:{' '}
                </span>
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </Box>
  </Box>
);
