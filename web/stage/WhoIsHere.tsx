/** The devices that are here, who drives, and to whom who drives can hand it. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { deviceName, isAtLeast } from '../../contract/share';
import { usePeople } from '../app/data';
import { usePresent } from '../app/live';
import { useThisDevice } from '../app/me';
import { useAction } from '../parts/useAction';
import { hereWords, ROLE_WORDS } from '../share/roles';
import { useWheel } from '../share/useDriving';

interface Props {
  runId: string;
  driver: string | null;
  now: number;
}

/** Nothing while this device is the only one. */
export function WhoIsHere({ runId, driver, now }: Props) {
  const me = useThisDevice();
  const present = usePresent((state) => state.present);
  const { data: people = [] } = usePeople();
  const wheel = useWheel(runId);
  const act = useAction();
  const shown = present.filter(
    ({ id, role, connected }) => id === me || role !== 'owner' || connected,
  );
  if (shown.every(({ id }) => id === me)) return null;
  return (
    <Box component="section" aria-labelledby="who-is-here">
      <Box component="h3" id="who-is-here" sx={{ fontSize: 20, m: 0, mt: 1 }}>
        Who is here
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {shown.map((device) => {
          const { id, role, connected } = device;
          const name = deviceName(device, people);
          const words = [
            role === 'owner' ? 'the laptop' : ROLE_WORDS[role].name,
            connected ? (id === me ? 'this one' : '') : hereWords(device, now),
          ].filter(Boolean);
          return (
            <Box
              component="li"
              key={id}
              aria-label={name}
              sx={{
                display: 'flex',
                alignItems: 'center',
                gap: 1.5,
                minHeight: 48,
                fontSize: 18,
                borderBottom: '1px solid var(--line)',
              }}
            >
              <span aria-hidden>{connected ? '●' : '○'}</span>
              <Box sx={{ flex: 1, minWidth: 0 }}>
                {name}
                <Box sx={{ fontSize: 15, color: 'var(--muted)' }}>{words.join(', ')}</Box>
              </Box>
              {driver === id ? (
                <b>drives</b>
              ) : (
                driver === me &&
                connected &&
                isAtLeast(role, 'crew') && (
                  <Button
                    onClick={() => void act(() => wheel.give(id))}
                    aria-label={`Hand driving over to ${name}`}
                  >
                    Hand over
                  </Button>
                )
              )}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
