/** What household words stand for, how amounts are shown, the money, and how risks are counted. */
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { type Settings, SettingsBody } from '../../contract/inventory';
import { usePreferences } from '../app/preferences';
import { useDocument } from '../documents/useDocument';
import { EditingNotices, SaveBar } from '../parts/editing';
import { SURENESS, SURENESS_WORDS } from '../../core/lineup/outlook';
import { AutoForm, Choice, Figure, Words } from '../parts/form';
import { Loading, Page, Section, Trouble } from '../parts/page';
import { grid } from '../repertoire/grid';
import { MatrixSection } from './MatrixSection';

export default function UnitsPage() {
  const editing = useDocument<Settings>('/settings', 'own');
  const { system, setSystem } = usePreferences();
  return (
    <Page title="Units, money, risk" actions={editing.value && <SaveBar editing={editing} />}>
      <Section title="On this device">
        <ToggleButtonGroup
          exclusive
          value={system}
          onChange={(_event, value: typeof system | null) => value && setSystem(value)}
          aria-label="Amounts in"
        >
          <ToggleButton value="metric">mL, g, cm</ToggleButton>
          <ToggleButton value="us">cups, ounces, inches</ToggleButton>
        </ToggleButtonGroup>
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
          You can type either, wherever an amount is asked for: 1½ cups, 40 mL, 8 drops.
        </Typography>
      </Section>
      {editing.value ? (
        <>
          <EditingNotices editing={editing} noun="settings" />
          <AutoForm editing={editing} type={SettingsBody}>
            <Section title="Words without a fixed size">
              <Typography color="textSecondary" sx={{ mb: 1.5 }}>
                Amounts written so are marked “about”. Measure yours once, and every list follows.
              </Typography>
              <Box sx={{ ...grid(150), maxWidth: 760 }}>
                <Figure name="household.drop" label="A drop" unit="mL" />
                <Figure name="household.squirt" label="A squirt" unit="mL" />
                <Figure name="household.stroke" label="A pump stroke" unit="mL" />
                <Figure name="household.pinch" label="A pinch" unit="g" />
              </Box>
            </Section>
            <Section title="Money">
              <Box sx={{ maxWidth: 240, display: 'grid' }}>
                <Words name="currency" label="Currency" help="Its code, such as EUR" />
              </Box>
            </Section>
            <Section title="When a show ends">
              <Typography color="textSecondary" sx={{ mb: 1.5 }}>
                No two shows take the same time. What is to spare before a hard finish is held
                against the end that so many shows keep.
              </Typography>
              <Box sx={{ maxWidth: 240, display: 'grid' }}>
                <Choice
                  name="endsBy"
                  label="Ends in time in"
                  options={SURENESS.map((value) => ({
                    value,
                    label: `${SURENESS_WORDS[value]} shows`,
                  }))}
                />
              </Box>
            </Section>
            <MatrixSection matrix={editing.value.riskMatrix} />
          </AutoForm>
        </>
      ) : editing.loadError ? (
        <Trouble error={editing.loadError} />
      ) : (
        <Loading />
      )}
    </Page>
  );
}
