/** The risk assessment as it stands: what is open of it, who has signed it, and all that it says. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { riskAssessment } from '../../core/ready/assessment/assess';
import {
  controlText,
  FIRE_HEADS,
  fireCells,
  HAZARD_HEADS,
  judgedText,
  risksMarkdown,
  SUBSTANCE_HEADS,
  substanceCells,
} from '../../core/ready/assessment/markdown';
import type { RiskAssessment, RiskDemo } from '../../core/ready/assessment/types';
import { counted } from '../../core/words';
import { useOpenShow } from '../brief/useShow';
import { Section } from '../parts/page';
import { SaveAs } from '../parts/SaveAs';
import { SheetTable } from '../parts/SheetTable';
import { OpenQuestions } from './OpenQuestions';
import { Signing } from './Signing';

const Lines = ({ title, lines }: { title: string; lines: readonly string[] }) =>
  lines.length > 0 && (
    <Section title={title}>
      <Box component="ul" sx={{ m: 0, pl: 2.5, maxWidth: 900 }}>
        {lines.map((line, i) => (
          <li key={`${i} ${line}`}>{line}</li>
        ))}
      </Box>
    </Section>
  );

const DemoSection = ({ demo }: { demo: RiskDemo }) => (
  <Section title={`${demo.number}. ${demo.name}`}>
    <Typography color="textSecondary">
      {[demo.method, demo.time, demo.place].filter(Boolean).join(' · ')}
    </Typography>
    {demo.none === null ? (
      <SheetTable
        label={`Hazards of ${demo.name}`}
        heads={HAZARD_HEADS}
        minWidth={900}
        rows={demo.rows.map((row, i) => ({
          key: `${row.hazard} ${i}`,
          cells: [row.hazard, row.who, row.before, controlText(row), row.after, row.firstAid],
        }))}
      />
    ) : (
      <div>{demo.none}</div>
    )}
    <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.5, maxWidth: 900, fontSize: 15 }}>
      {[...demo.lines, ...demo.calculated.map((line) => `Calculated: ${line}`)].map((line, i) => (
        <li key={`${i} ${line}`}>{line}</li>
      ))}
    </Box>
  </Section>
);

function headline({ open, draft }: RiskAssessment, signed: readonly string[]): string {
  if (draft) return `△ DRAFT: ${counted(open.length, 'question')} open`;
  return signed.length > 0 ? `✓ Signed by ${signed.join(', ')}` : 'Nothing is open: to be signed';
}

export default function RisksPage() {
  const { show, bundle, timeline, answer, ready } = useOpenShow();
  const of = useMemo(
    () => riskAssessment(bundle, timeline, { ...answer, performed: ready.state.performed }, ready),
    [bundle, timeline, answer, ready],
  );
  const now = useMemo(() => risksMarkdown(of), [of]);
  const [last] = answer.signed;
  const files = `/api/shows/${show.id}/risks`;
  return (
    <Box sx={{ maxWidth: 1100 }}>
      <Button component={Link} to={`/shows/${show.id}/ready`} size="small">
        ← Ready
      </Button>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box sx={{ flex: '1 1 300px' }}>
          <Typography variant="h2" component="h2">
            Risk assessment
          </Typography>
          <Box
            aria-live="polite"
            sx={{
              font: { xs: '800 28px/34px Bricolage', md: '800 36px/42px Bricolage' },
              letterSpacing: '-1px',
              color: of.draft ? 'var(--ember)' : 'inherit',
            }}
          >
            {headline(
              of,
              (last?.signatures ?? []).map(({ name }) => name),
            )}
          </Box>
        </Box>
        <SaveAs
          label="Save or print"
          files={[
            [`${files}.pdf`, of.draft ? 'PDF, marked as a draft' : 'PDF, to print'],
            [`${files}.md`, 'Markdown'],
          ]}
        />
      </Box>
      <Typography color="textSecondary" sx={{ maxWidth: 900 }}>
        {of.defers}
      </Typography>
      <Signing of={of} now={now} />
      <OpenQuestions open={of.open} />
      <Lines title="In an emergency" lines={of.emergency} />
      <Section title="Who is there">
        <div>Crew: {of.crew}.</div>
        <div>Audience: {of.audience}.</div>
      </Section>
      {of.demos.map((demo) => (
        <DemoSection key={demo.number} demo={demo} />
      ))}
      <Typography color="textSecondary" sx={{ mt: 2 }}>
        {of.rating}
      </Typography>
      {of.substances.length > 0 && (
        <Section title="Substances">
          <SheetTable
            label="Substances"
            heads={SUBSTANCE_HEADS}
            rows={of.substances.map((one) => ({
              key: `${one.name} ${one.amount}`,
              cells: substanceCells(one),
            }))}
          />
        </Section>
      )}
      {of.fire.length > 0 && (
        <Section title="Fire">
          <SheetTable
            label="Extinguishers"
            heads={FIRE_HEADS}
            rows={of.fire.map((one) => ({ key: `${one.demo} ${one.when}`, cells: fireCells(one) }))}
          />
        </Section>
      )}
      <Lines title="Volunteers" lines={of.volunteers} />
      <Lines title="The way there" lines={of.journeys} />
      <Lines
        title="The show as a whole"
        lines={of.judged.map((one) => `${one.level}. ${judgedText(one)}`)}
      />
      <Lines title="Waived" lines={of.waived} />
    </Box>
  );
}
