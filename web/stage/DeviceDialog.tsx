import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useMay } from '../app/me';
import { STAGE_SIZES, type StageSettings, usePreferences } from '../app/preferences';
import { WhoIsHere } from './WhoIsHere';
import { Ask } from './Ask';
import { canFillScreen, fillScreen } from './device';

const SIZE_WORDS: Record<StageSettings['size'], string> = {
  small: 'Small',
  usual: 'Usual',
  large: 'Large',
  larger: 'Larger',
};

interface Props {
  runId: string;
  /** The device that drives; null for none. */
  driver: string | null;
  now: number;
  onCues: () => void;
  onClose: () => void;
}

/** What is set for this device alone, and kept on it; and which others are here. */
export function DeviceDialog({ runId, driver, now, onCues, onClose }: Props) {
  const stage = usePreferences((state) => state.stage);
  const set = usePreferences((state) => state.setStage);
  const mayFire = useMay('presenter');
  const choice = (name: 'awake' | 'vibrate' | 'sound' | 'plays', label: string) => (
    <FormControlLabel
      control={
        <Switch
          checked={stage[name]}
          onChange={(_event, on) => set({ [name]: on })}
          slotProps={{ input: { 'aria-label': label } }}
        />
      }
      label={label}
      sx={{ '& .MuiFormControlLabel-label': { fontSize: 20 } }}
    />
  );
  return (
    <Ask title="This device" onClose={onClose} narrow>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1.5 }}>
        <ToggleButtonGroup
          exclusive
          aria-label="Size of the words"
          value={stage.size}
          onChange={(_event, size: StageSettings['size'] | null) => size && set({ size })}
        >
          {STAGE_SIZES.map((size) => (
            <ToggleButton
              key={size}
              value={size}
              sx={{ minHeight: 48, flex: 1, px: 0.5, fontSize: 17 }}
            >
              {SIZE_WORDS[size]}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {choice('awake', 'Keep the screen on')}
        {choice('vibrate', 'Buzz before a window closes')}
        {choice('sound', 'A quiet sound before a window closes')}
        {choice('plays', 'Play the sounds of cues here')}
        {canFillScreen() && (
          <Button
            variant="outlined"
            size="large"
            onClick={() => fillScreen(!document.fullscreenElement)}
          >
            {document.fullscreenElement ? 'Leave full screen' : 'Full screen'}
          </Button>
        )}
        {mayFire && (
          <Button variant="outlined" size="large" onClick={onCues}>
            Cues: fire by hand, stop what plays
          </Button>
        )}
        <WhoIsHere runId={runId} driver={driver} now={now} />
        <Button size="large" onClick={onClose}>
          Done
        </Button>
      </Box>
    </Ask>
  );
}
