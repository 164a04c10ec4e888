/** What household words stand for, how amounts are shown, the money, and how risks are counted. */
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { type Settings, SettingsBody } from '../../contract/inventory';
import { usePreferences } from '../app/preferences';
import { useDocument } from '../documents/useDocument';
import { EditingNotices, SaveBar } from '../parts/editing';
import { SURENESS, SURENESS_WORDS } from '../../core/lineup/outlook';
import { AutoForm } from '../parts/form';
import { FigureGap, OneGap, WordsGap } from '../parts/formGaps';
import { Loading, Page, Section, Trouble } from '../parts/page';
import { SentenceText } from '../parts/SentenceText';
import { MatrixSection } from './MatrixSection';

const ENDS = SURENESS.map((value) => ({ value, label: SURENESS_WORDS[value] }));

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
              <SentenceText>
                A drop is <FigureGap name="household.drop" label="A drop (mL)" /> mL, a squirt{' '}
                <FigureGap name="household.squirt" label="A squirt (mL)" /> mL, a pump stroke{' '}
                <FigureGap name="household.stroke" label="A pump stroke (mL)" /> mL, a pinch{' '}
                <FigureGap name="household.pinch" label="A pinch (g)" /> g.
              </SentenceText>
              <Typography color="textSecondary" sx={{ mt: 1 }}>
                Amounts written so are marked “about”. Measure yours once, and every list follows.
              </Typography>
            </Section>
            <Section title="Money, and when a show ends">
              <SentenceText>
                Prices are in <WordsGap name="currency" label="Currency" />. A show has to end in
                time in <OneGap name="endsBy" label="Ends in time in" options={ENDS} /> shows.
              </SentenceText>
              <Typography color="textSecondary" sx={{ mt: 1 }}>
                No two shows take the same time. What is to spare before a hard finish is held
                against the end that so many shows keep.
              </Typography>
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
