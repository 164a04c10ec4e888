/** Which show a helper is at: the one that was opened to the crew, or the next. */
import { Link, Navigate } from 'react-router';
import { useShows } from '../app/data';
import { useMe } from '../app/me';
import { dayWords, today } from '../brief/dates';
import { Empty, Loading, Page, Trouble } from '../parts/page';

export default function CrewHome() {
  const open = useMe((state) => state.me?.showId ?? null);
  const { data: shows, error } = useShows();
  if (open) return <Navigate to={`/shows/${open}/crew`} replace />;
  const coming = (shows ?? [])
    .filter(({ date }) => date >= today())
    .sort((a, b) => `${a.date} ${a.start}`.localeCompare(`${b.date} ${b.start}`));
  const [next] = coming;
  if (next?.date === today()) return <Navigate to={`/shows/${next.id}/crew`} replace />;
  return (
    <Page title="Your work">
      <Trouble error={error} />
      {!shows && !error && <Loading />}
      {shows && coming.length === 0 && (
        <Empty title="No show is coming">What is yours to do comes here when one is planned.</Empty>
      )}
      <ul>
        {coming.map(({ id, title, date, start }) => (
          <li key={id}>
            <Link to={`/shows/${id}/crew`}>
              {title}, {dayWords(date)} {start}
            </Link>
          </li>
        ))}
      </ul>
    </Page>
  );
}
