import QrCodeScanner from '@mui/icons-material/QrCodeScanner';
import Button from '@mui/material/Button';
import { lazy, Suspense, useState } from 'react';

const ScanDialog = lazy(async () => ({ default: (await import('./ScanDialog')).ScanDialog }));

/** Finds a thing or a box by the code on its label. */
export function ScanButton({ onPage }: { onPage: (page: string) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button startIcon={<QrCodeScanner />} onClick={() => setOpen(true)}>
        Scan
      </Button>
      {open && (
        <Suspense fallback={null}>
          <ScanDialog
            onClose={() => setOpen(false)}
            onPage={(page) => {
              setOpen(false);
              onPage(page);
            }}
          />
        </Suspense>
      )}
    </>
  );
}
