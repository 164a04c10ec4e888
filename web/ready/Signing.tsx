/** Signing the risk assessment, and the versions that were signed. */
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { SignatureBody, type SignedAssessment } from '../../contract/day';
import { check } from '../../contract/validate';
import { changedParts, signatureText } from '../../core/ready/assessment/markdown';
import type { RiskAssessment } from '../../core/ready/assessment/types';
import { counted, listInWords } from '../../core/words';
import { ApiError, send } from '../app/api';
import { queryClient, useSigned } from '../app/data';
import { usePreferences } from '../app/preferences';
import { useOpenShow } from '../brief/useShow';
import { AddForm } from '../parts/AddForm';
import { Section } from '../parts/page';
import { SaveAs } from '../parts/SaveAs';

/** What stands otherwise now than in the last signed version; empty while that is not here yet. */
function useChangedSince(
  showId: string,
  last: SignedAssessment | undefined,
  now: string,
): string[] {
  const { data } = useSigned(showId, last?.number);
  return data ? changedParts(data.body, now) : [];
}

function Version({ version, changed }: { version: SignedAssessment; changed: readonly string[] }) {
  const { show } = useOpenShow();
  const file = `/api/shows/${show.id}/risks/signed/${version.number}`;
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1,
        alignItems: 'center',
        borderBottom: '1px solid var(--line)',
        py: 0.75,
      }}
    >
      <Box sx={{ flex: '1 1 260px' }}>
        <b>Version {version.number}</b>
        {version.draft && ' · as a draft: the day was still to come'}
        <div>{version.signatures.map(signatureText).join('; ')}</div>
        {changed.length > 0 && (
          <Box sx={{ color: 'var(--ember)' }}>
            △ Since then changed: {listInWords(changed)}. What it says now is not signed.
          </Box>
        )}
      </Box>
      <SaveAs
        label={`Version ${version.number}`}
        files={[
          [`${file}.pdf`, 'PDF, as it was signed'],
          [`${file}.md`, 'Markdown, as it was signed'],
        ]}
      />
    </Box>
  );
}

/** A name under what stands on this page. It is refused while the desk has a question. */
function SignForm({ of }: { of: RiskAssessment }) {
  const { show, bundle } = useOpenShow();
  const { me } = usePreferences();
  const mine = bundle.people.find(({ id }) => id === me);
  const [name, setName] = useState(mine?.name ?? '');
  const [role, setRole] = useState(mine?.role ?? '');
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const day = of.open.length;

  async function sign(): Promise<void> {
    if (busy) return;
    const checked = check(SignatureBody, { name, role });
    if (!checked.ok) {
      setFault(checked.faults[0]?.message ?? null);
      return;
    }
    setBusy(true);
    try {
      await send('POST', `/shows/${show.id}/risks/signed`, checked.value);
      setFault(null);
      await queryClient.invalidateQueries({ queryKey: ['/shows', show.id] });
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      setFault(error.message);
    } finally {
      setBusy(false);
    }
  }

  return (
    <>
      {day > 0 && (
        <Typography color="textSecondary">
          {counted(day, 'question')} only the day can answer will be listed in it, and it stays
          marked as a draft. Sign again once they are answered.
        </Typography>
      )}
      <AddForm label="Sign" onAdd={() => void sign()}>
        <TextField
          size="small"
          fullWidth={false}
          sx={{ flex: '1 1 200px', maxWidth: 320 }}
          label="Name"
          value={name}
          error={fault !== null}
          helperText={fault}
          onChange={(event) => {
            setName(event.target.value);
            setFault(null);
          }}
        />
        <TextField
          size="small"
          fullWidth={false}
          sx={{ flex: '1 1 200px', maxWidth: 320 }}
          label="As what"
          value={role}
          onChange={(event) => setRole(event.target.value)}
        />
      </AddForm>
    </>
  );
}

export function Signing({ of, now }: { of: RiskAssessment; now: string }) {
  const { show, answer } = useOpenShow();
  const [last] = answer.signed;
  const changed = useChangedSince(show.id, last, now);
  const desk = of.open.filter(({ when }) => when === 'desk').length;
  return (
    <Section title="Signed">
      {desk > 0 ? (
        <div>
          Nobody can sign yet: {counted(desk, 'question')} below {desk === 1 ? 'is' : 'are'} to be
          answered first. What is judged can also be waived under Ready, with a reason.
        </div>
      ) : (
        <SignForm of={of} />
      )}
      {answer.signed.length > 0 && (
        <Box
          component="ul"
          aria-label="Signed versions"
          sx={{ m: 0, mt: 1, p: 0, listStyle: 'none' }}
        >
          {answer.signed.map((version) => (
            <Version
              key={version.number}
              version={version}
              changed={version === last ? changed : []}
            />
          ))}
        </Box>
      )}
    </Section>
  );
}
