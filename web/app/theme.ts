import { type Theme, createTheme } from '@mui/material/styles';
import { cssVariables, FACE, type Mode, TOKENS } from './tokens';

/** Where a thumb presses: no target is smaller than this, px. */
export const THUMB = '@media (pointer: coarse), (max-width: 600px)';
const TARGET = 44;
const forThumbs = { [THUMB]: { minHeight: TARGET, minWidth: TARGET } };
const tallForThumbs = { [THUMB]: { minHeight: TARGET } };

export function themeFor(mode: Mode): Theme {
  const t = TOKENS[mode];
  const heading = { fontFamily: FACE.heading, letterSpacing: '-0.01em' };
  return createTheme({
    palette: {
      mode: mode === 'day' ? 'light' : 'dark',
      primary: { main: t.ember, contrastText: mode === 'day' ? t.onEmber : '#171311' },
      error: { main: t.ember },
      text: { primary: t.ink, secondary: t.muted },
      background: { default: t.ground, paper: t.card },
      divider: t.line,
    },
    shape: { borderRadius: 6 },
    shadows: Array.from({ length: 25 }, () => 'none') as Theme['shadows'],
    typography: {
      fontFamily: FACE.text,
      fontSize: 14,
      h1: { ...heading, fontSize: 26, lineHeight: '30px', fontWeight: 700 },
      h2: { ...heading, fontSize: 18, lineHeight: '24px', fontWeight: 600 },
      h3: { ...heading, fontSize: 16, lineHeight: '20px', fontWeight: 600 },
      body1: { fontSize: 15, lineHeight: '21px' },
      body2: { fontSize: 13, lineHeight: '18px' },
      button: { textTransform: 'none', fontWeight: 600, fontSize: 14 },
    },
    components: {
      MuiButtonBase: {
        defaultProps: { disableRipple: true },
        styleOverrides: { root: { fontFamily: FACE.text } },
      },
      MuiPaper: {
        styleOverrides: {
          root: { backgroundImage: 'none' },
          rounded: { border: `1px solid ${t.line}` },
        },
      },
      MuiButton: {
        styleOverrides: {
          root: { minHeight: 36, paddingInline: 14, ...forThumbs },
          contained: { backgroundColor: t.emberArea, color: t.onEmber },
          outlined: { borderColor: t.control, color: t.ink },
        },
      },
      MuiOutlinedInput: {
        styleOverrides: {
          notchedOutline: { borderColor: t.control },
          root: { backgroundColor: t.card, ...tallForThumbs },
        },
      },
      MuiIconButton: { styleOverrides: { root: forThumbs } },
      MuiToggleButton: { styleOverrides: { root: forThumbs } },
      MuiTab: { styleOverrides: { root: tallForThumbs } },
      MuiCheckbox: { styleOverrides: { root: forThumbs } },
      MuiRating: { styleOverrides: { icon: { [THUMB]: { padding: 10 } } } },
      MuiRadio: { styleOverrides: { root: forThumbs } },
      MuiFormControlLabel: { styleOverrides: { root: tallForThumbs } },
      MuiMenuItem: { styleOverrides: { root: tallForThumbs } },
      MuiAutocomplete: { styleOverrides: { option: tallForThumbs } },
      // Without shadows a pale thumb needs an edge to be seen.
      MuiSwitch: { styleOverrides: { thumb: { border: `1.5px solid ${t.control}` } } },
      MuiTextField: { defaultProps: { size: 'small', fullWidth: true } },
      MuiSelect: { defaultProps: { size: 'small' } },
      MuiFormHelperText: { styleOverrides: { root: { marginLeft: 0, fontSize: 13 } } },
      MuiTooltip: { defaultProps: { enterTouchDelay: 0, arrow: true } },
      // What lies over a page is outside of it, and has its colours all the same.
      MuiModal: { styleOverrides: { root: cssVariables(mode) } },
      MuiDialog: { styleOverrides: { paper: { border: `1px solid ${t.lineStrong}` } } },
    },
  });
}
