/** The stage strip: what the audience watches, each person, each position and what runs behind, on one time axis. */
import AddIcon from '@mui/icons-material/Add';
import RemoveIcon from '@mui/icons-material/Remove';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import type { Forecast } from '../../core/lineup/forecast/types';
import { useStable } from '../parts/stable';
import { type DrawingProps, type DrawnForecast, StripDrawing } from './StripDrawing';
import { useStripView, ZOOM_STEP } from './useStripView';

interface StripProps extends Omit<DrawingProps, 'forecast' | 'room' | 'width' | 'zoom'> {
  forecast: Forecast | null;
  /** What can be done with the whole, beside the dots. */
  actions: React.ReactNode;
}

const drawnOf = ({ dots, starts, chance, end }: Forecast): DrawnForecast => ({
  dots,
  starts,
  chance,
  end,
});

function ZoomButtons({ view }: { view: ReturnType<typeof useStripView> }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center' }}>
      {view.zoom > 1 && (
        <Button size="small" onClick={view.whole}>
          Whole show
        </Button>
      )}
      <IconButton
        size="small"
        aria-label="Less detail"
        disabled={view.zoom <= 1}
        onClick={() => view.zoomBy(1 / ZOOM_STEP)}
      >
        <RemoveIcon fontSize="small" />
      </IconButton>
      <IconButton size="small" aria-label="More detail" onClick={() => view.zoomBy(ZOOM_STEP)}>
        <AddIcon fontSize="small" />
      </IconButton>
    </Box>
  );
}

export function StageStrip({ forecast, actions, ...drawing }: StripProps) {
  const view = useStripView();
  // A forecast that has only learned what could go is drawn as it was.
  const drawn = useStable<DrawnForecast | null>(forecast && drawnOf(forecast));
  return (
    <Box sx={{ position: 'relative' }}>
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          gap: 1,
          mb: 1,
          // Where there is room they stand in the sky beside the dots.
          ...(forecast && { position: { lg: 'absolute' }, zIndex: 1, maxWidth: '70%' }),
        }}
      >
        {actions}
        <ZoomButtons view={view} />
      </Box>
      <Box
        ref={view.box}
        tabIndex={0}
        role="region"
        aria-label="Stage strip: plus and minus for detail, arrows to pan"
        onKeyDown={view.onKeyDown}
        onScroll={(event) => {
          const box = event.currentTarget;
          box.style.setProperty('--panned', `${box.scrollLeft}px`);
        }}
        sx={{ overflowX: 'auto', touchAction: 'pan-x pan-y' }}
      >
        <StripDrawing
          {...drawing}
          forecast={drawn}
          room={view.names}
          width={view.width}
          zoom={view.zoom}
        />
      </Box>
    </Box>
  );
}
