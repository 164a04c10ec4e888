/** Where a device comes in that is not let in yet: the code does it, scanned or typed. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import { ApiError } from '../app/api';
import { queryClient } from '../app/data';
import { homeOf, joinBy, kindHere, useMe } from '../app/me';
import { Heart } from '../parts/tape';

const LENGTH = 6;
const plain = (typed: string): string =>
  typed
    .toUpperCase()
    .replace(/[^0-9A-Z]/g, '')
    .slice(0, LENGTH);

/** What the scanned address carries: behind the #, so that it is in no log. */
const scanned = (): string => plain(window.location.hash.slice(1));

export default function JoinPage() {
  const [code, setCode] = useState(scanned);
  const [error, setError] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const tried = useRef(false);

  async function join(typed: string): Promise<void> {
    setBusy(true);
    setError(null);
    try {
      await joinBy(typed, kindHere());
      const { me } = useMe.getState();
      // A label that was scanned leads on to what it is about.
      const { pathname } = window.location;
      if (me && (pathname === '/join' || pathname === '/'))
        window.history.replaceState(null, '', homeOf(me));
      await queryClient.invalidateQueries();
    } catch (thrown) {
      if (!(thrown instanceof ApiError)) throw thrown;
      setError(thrown.message);
      setBusy(false);
    }
  }
  useEffect(() => {
    document.title = 'Come in · Hearty Stage';
    if (tried.current || code.length !== LENGTH) return;
    tried.current = true;
    void join(code);
  }, []);

  return (
    <Box
      component="main"
      sx={{ minHeight: '100dvh', display: 'grid', placeItems: 'center', p: 2.5 }}
    >
      <Box
        component="form"
        sx={{ width: '100%', maxWidth: 380 }}
        onSubmit={(event) => {
          event.preventDefault();
          if (code.length === LENGTH) void join(code);
          else setError(`The code has ${LENGTH} letters and figures.`);
        }}
      >
        <Heart size={44} />
        <Box component="h1" sx={{ font: '800 36px/40px Bricolage', m: 0, mt: 2 }}>
          Come in
        </Box>
        <Box component="p" sx={{ fontSize: 18, lineHeight: '26px', mt: 1 }}>
          Scan the code on the laptop, under “Share”, or type its six letters and figures.
        </Box>
        <Box
          component="input"
          aria-label="Code on the laptop"
          aria-invalid={error !== null}
          aria-describedby={error ? 'join-error' : undefined}
          value={code}
          onChange={(event) => {
            setCode(plain(event.target.value));
            setError(null);
          }}
          autoCapitalize="characters"
          autoComplete="off"
          spellCheck={false}
          inputMode="text"
          sx={{
            width: '100%',
            boxSizing: 'border-box',
            font: '700 44px/64px Bricolage',
            letterSpacing: '0.22em',
            textAlign: 'center',
            border: '2px solid var(--control)',
            borderRadius: 1.5,
            background: 'var(--card)',
            color: 'var(--ink)',
          }}
        />
        {error && (
          <Alert id="join-error" severity="error" variant="outlined" sx={{ mt: 2 }}>
            {error}
          </Alert>
        )}
        <Button
          type="submit"
          variant="contained"
          size="large"
          fullWidth
          disabled={busy}
          sx={{ mt: 2, minHeight: 60, fontSize: 22 }}
        >
          {busy ? 'Coming in …' : 'Come in'}
        </Button>
      </Box>
    </Box>
  );
}
