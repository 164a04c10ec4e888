import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import { type MethodRecord, recordWords } from '../../core/after/review';
import { methodFactsOf, goesInWords } from '../../core/lineup/recipe';
import type { Method } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { counted } from '../../core/words';
import { Fact } from '../parts/Fact';
import { HazardGlyph } from '../parts/HazardGlyph';

interface MethodTableProps {
  methods: readonly Method[];
  records: readonly MethodRecord[];
  chosen: string;
  onChoose: (id: string) => void;
}

interface Row {
  label: string;
  cell: (method: Method) => ReactNode;
}

const peopleWords = (people: number, volunteers: number): string =>
  `${counted(people, 'person', 'people')} at once${volunteers ? `, ${counted(volunteers, 'volunteer')}` : ''}`;

function rowsOf(records: readonly MethodRecord[]): Row[] {
  return [
    {
      label: 'Before the audience',
      cell: (method) => <b>{formatDuration(methodFactsOf(method).show)}</b>,
    },
    {
      label: 'To prepare',
      cell: (method) => {
        const { lead, work } = methodFactsOf(method);
        return lead > 0
          ? `begin ${formatDuration(lead)} before, ${formatDuration(work)} of work`
          : 'nothing';
      },
    },
    { label: 'To clear', cell: (method) => formatDuration(methodFactsOf(method).clear) },
    {
      label: 'On stage',
      cell: (method) => peopleWords(methodFactsOf(method).people, method.volunteers),
    },
    { label: 'Goes', cell: goesInWords },
    {
      label: 'Hazards',
      cell: (method) =>
        method.hazards.length === 0 ? (
          'none listed'
        ) : (
          <Box component="span" sx={{ display: 'inline-flex', gap: 0.75, verticalAlign: 'middle' }}>
            {method.hazards.map((hazard) => (
              <HazardGlyph
                key={hazard.kind}
                kind={hazard.kind}
                control={hazard.control}
                size={18}
              />
            ))}
          </Box>
        ),
    },
    {
      label: 'Record',
      cell: (method) => {
        const record = records.find((r) => r.methodId === method.id);
        return <b>{record ? recordWords(record) : 'not tried yet'}</b>;
      },
    },
  ];
}

/** The same of a demo's only method, where there is nothing to compare it with. */
export function MethodFactsRow({
  method,
  records,
}: {
  method: Method;
  records: readonly MethodRecord[];
}) {
  return (
    <Box sx={{ display: 'flex', gap: 4, rowGap: 1, flexWrap: 'wrap' }}>
      {rowsOf(records).map(({ label, cell }) => (
        <Fact key={label} label={label}>
          {cell(method)}
        </Fact>
      ))}
    </Box>
  );
}

/** The methods side by side: what one costs against the other. A method's name opens its recipe. */
export function MethodTable({ methods, records, chosen, onChoose }: MethodTableProps) {
  const rows = rowsOf(records);
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          '& th, & td': { textAlign: 'left', verticalAlign: 'top', py: 0.5, pr: { xs: 1, md: 3 } },
          '& tbody tr': { borderTop: '1px solid var(--line)' },
        }}
      >
        <thead>
          <tr>
            <Box component="td" sx={{ width: { xs: 84, md: 170 } }} />
            {methods.map((method) => (
              <Box
                component="th"
                scope="col"
                key={method.id}
                sx={{ minWidth: { xs: 124, md: 200 }, maxWidth: 320 }}
              >
                <ButtonBase
                  onClick={() => onChoose(method.id)}
                  aria-pressed={method.id === chosen}
                  sx={{
                    font: '600 17px/24px Bricolage',
                    borderBottom: '3px solid',
                    borderColor: method.id === chosen ? 'var(--ember)' : 'transparent',
                    py: 0.5,
                    minHeight: 36,
                  }}
                >
                  {method.name}
                </ButtonBase>
                <Box sx={{ fontSize: 14, fontWeight: 400, color: 'var(--muted)' }}>
                  {method.summary}
                </Box>
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ label, cell }) => (
            <tr key={label}>
              <Box
                component="th"
                scope="row"
                sx={{ fontWeight: 400, color: 'var(--muted)', fontSize: 14 }}
              >
                {label}
              </Box>
              {methods.map((method) => (
                <td key={method.id}>{cell(method)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
