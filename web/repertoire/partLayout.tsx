/** How the parts of a method are set on its page. */
import Typography from '@mui/material/Typography';
import type { Method } from '../../core/repertoire/types';

export interface PartProps {
  at: string;
  method: Method;
}

export const Heading = ({ children }: { children: string }) => (
  <Typography variant="h3" component="h3" sx={{ mb: 0.5 }}>
    {children}
  </Typography>
);

export const Nothing = ({ children }: { children: string }) => (
  <Typography color="textSecondary">{children}</Typography>
);

export const list = { listStyle: 'none', m: 0, p: 0 } as const;
export const line = { borderTop: '1px solid var(--line)', py: 0.75 } as const;
