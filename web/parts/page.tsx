/** What every page is made of: its head, its empty and loading states, and its trouble. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { type ReactNode, useEffect } from 'react';
import { Link } from 'react-router';
import { ApiError } from '../app/api';

interface PageProps {
  title: string;
  /** One line beneath the title. */
  below?: ReactNode;
  actions?: ReactNode;
  /** Has columns enough for a wide screen. */
  wide?: boolean;
  children: ReactNode;
}

export function useTitle(title: string): void {
  useEffect(() => {
    document.title = `${title} · Hearty Stage`;
  }, [title]);
}

export function Page({ title, below, actions, wide = false, children }: PageProps) {
  useTitle(title);
  return (
    <Box component="main" sx={{ px: { xs: 2, md: 3 }, pb: 6, maxWidth: wide ? 1760 : 1240 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', py: 2 }}>
        <Box sx={{ flex: '1 1 240px', minWidth: 0 }}>
          <Typography variant="h1">{title}</Typography>
          {below && (
            <Typography variant="body2" component="div" color="textSecondary">
              {below}
            </Typography>
          )}
        </Box>
        {actions}
      </Box>
      {children}
    </Box>
  );
}

export const Loading = ({ rows = 4 }: { rows?: number }) => (
  <Box aria-busy="true" aria-label="Loading" sx={{ display: 'grid', gap: 1 }}>
    {Array.from({ length: rows }, (_, i) => (
      <Skeleton key={i} variant="rounded" height={52} animation={false} />
    ))}
  </Box>
);

/** Says what to do first. */
export const Empty = ({ title, children }: { title: string; children: ReactNode }) => (
  <Box sx={{ border: '1px dashed var(--line-strong)', borderRadius: 1.5, p: 3, maxWidth: 620 }}>
    <Typography variant="h2" sx={{ mb: 1 }}>
      {title}
    </Typography>
    {children}
  </Box>
);

export const Trouble = ({ error }: { error: Error | null }) =>
  error ? (
    <Alert severity="error" variant="outlined" sx={{ my: 1 }}>
      {error.message}{' '}
      {error instanceof ApiError && error.code === 'damaged' && (
        <Link to="/backups">Open Backups</Link>
      )}
    </Alert>
  ) : null;

export const Section = ({
  title,
  actions,
  children,
}: {
  title: string;
  actions?: ReactNode;
  children: ReactNode;
}) => (
  <Box component="section" sx={{ mt: 3 }}>
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        flexWrap: 'wrap',
        columnGap: 2,
        mb: 1,
        minHeight: 36,
      }}
    >
      <Typography variant="h2" sx={{ flex: '1 0 auto' }}>
        {title}
      </Typography>
      {actions}
    </Box>
    {children}
  </Box>
);

interface ListStateProps {
  query: { data: { length: number } | undefined; error: Error | null };
  emptyTitle: string;
  /** What to do first. */
  children: ReactNode;
}

/** What stands in the place of a list that has not come, can't come, or has nothing in it. */
export const ListState = ({ query: { data, error }, emptyTitle, children }: ListStateProps) => (
  <>
    <Trouble error={error} />
    {!data && !error && <Loading />}
    {data?.length === 0 && <Empty title={emptyTitle}>{children}</Empty>}
  </>
);
