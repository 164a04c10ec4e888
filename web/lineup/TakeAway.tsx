import { SaveAs } from '../parts/SaveAs';

/** The running order as files. */
export const TakeAway = ({ showId }: { showId: string }) => (
  <SaveAs
    label="Print or save"
    files={[
      [`/api/shows/${showId}/running-order.pdf`, 'One page for the wings (PDF)'],
      [`/api/shows/${showId}/script.pdf`, 'The script: who says what (PDF)'],
      [`/api/shows/${showId}/running-order.csv`, 'Running order for a spreadsheet (CSV)'],
      [`/api/shows/${showId}/calendar.ics`, 'The day for a calendar, with alarms'],
    ]}
  />
);
