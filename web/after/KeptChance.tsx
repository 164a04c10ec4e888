import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { MethodRecord } from '../../core/after/review';
import type { Method } from '../../core/repertoire/types';
import { useChance } from './useFigures';

interface Props {
  demoId: string;
  method: Pick<Method, 'id' | 'name' | 'chance'>;
  record: Pick<MethodRecord, 'worked' | 'partly' | 'failed'>;
  /** What it is of, for the button. */
  name: string;
}

/** Whether forecast and spares go by the record of a method, or keep to what it once was. */
export function KeptChance({ demoId, method, record, name }: Props) {
  const keep = useChance();
  const { chance } = method;
  const of = { demoId, methodId: method.id };
  if (chance)
    return (
      <Box component="span" sx={{ fontSize: 14 }}>
        The plan keeps to {chance.worked} of {chance.worked + chance.failed}.{' '}
        <Button
          size="small"
          aria-label={`Let the record count: ${name}`}
          onClick={() => void keep(of, null)}
        >
          Let the record count
        </Button>
      </Box>
    );
  if (record.worked + record.partly + record.failed === 0) return null;
  return (
    <Button
      size="small"
      aria-label={`Freeze the chance: ${name}`}
      onClick={() => void keep(of, record)}
    >
      Freeze it
    </Button>
  );
}
