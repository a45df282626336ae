// The components in this program's tokens: colours, radii, type, spacing, and what each component is by default.
import {
  createTheme,
  type CSSVariablesResolver,
  type MantineColorsTuple,
  type MantineThemeComponents,
} from '@mantine/core';
import { i18n } from '../../languages';

/** A colour of the tokens: its shades follow the scheme by themselves, so each of the ten is the same. */
const token = (name: string): MantineColorsTuple =>
  Array.from({ length: 10 }, () => `var(--${name})`) as unknown as MantineColorsTuple;

/** The library's own greys of the dark scheme, from its text to its ground: those of the tokens. */
const DARK: MantineColorsTuple = [
  '#ecefe8',
  '#d5dcd6',
  '#a9b8b2',
  '#7f8f88',
  '#3a453f',
  '#2c3631',
  '#1d2521',
  '#161c19',
  '#121714',
  '#0e1210',
];

/** What each meaning's colour is on its own ground, on a wash of it, and as text. */
const TONES = {
  leaf: { filled: 'leaf', wash: 'leaf-wash', ink: 'leaf-ink', edge: 'leaf' },
  cowslip: { filled: 'cowslip', wash: 'cowslip-wash', ink: 'cowslip-ink', edge: 'cowslip' },
  brick: { filled: 'brick', wash: 'brick-wash', ink: 'brick-ink', edge: 'brick' },
  slate: { filled: 'ink-soft', wash: 'slate-wash', ink: 'ink', edge: 'line' },
} as const;

function toneVariables(): Record<string, string> {
  const variables: Record<string, string> = {};
  for (const [tone, { filled, wash, ink, edge }] of Object.entries(TONES)) {
    const name = `--mantine-color-${tone}`;
    variables[`${name}-filled`] = `var(--${filled})`;
    variables[`${name}-filled-hover`] = `var(--${ink})`;
    variables[`${name}-light`] = `var(--${wash})`;
    variables[`${name}-light-hover`] = `var(--${wash})`;
    variables[`${name}-light-color`] = `var(--${ink})`;
    variables[`${name}-outline`] = `var(--${edge})`;
    variables[`${name}-outline-hover`] = `var(--${wash})`;
    variables[`${name}-text`] = `var(--${ink})`;
  }
  return variables;
}

/** The library's own colours are ours, in both schemes. */
export const cssVariables: CSSVariablesResolver = () => {
  const both = {
    '--mantine-color-body': 'var(--paper)',
    '--mantine-color-text': 'var(--ink)',
    '--mantine-color-bright': 'var(--ink)',
    '--mantine-color-dimmed': 'var(--ink-soft)',
    '--mantine-color-placeholder': 'var(--ink-soft)',
    '--mantine-color-anchor': 'var(--leaf-ink)',
    '--mantine-color-error': 'var(--brick-ink)',
    '--mantine-color-default': 'var(--sheet)',
    '--mantine-color-default-hover': 'var(--band)',
    '--mantine-color-default-color': 'var(--ink)',
    '--mantine-color-default-border': 'var(--line)',
    '--mantine-color-disabled': 'var(--band)',
    '--mantine-color-disabled-color': 'var(--ink-soft)',
    '--mantine-color-disabled-border': 'var(--line)',
    '--mantine-primary-color-contrast': 'var(--on-leaf)',
    ...toneVariables(),
  };
  return { variables: {}, light: both, dark: both };
};

/** Heights of what is pressed and what is typed into, by size. */
const HEIGHTS: Record<string, string> = { xs: '28px', sm: '34px', md: '40px' };
const heightOf = (size: unknown): string => HEIGHTS[String(size)] ?? HEIGHTS['sm']!;
type Props = { size?: unknown; variant?: unknown };

const components: MantineThemeComponents = {
  Button: {
    defaultProps: { variant: 'default', size: 'sm' },
    vars: (_theme: unknown, { size, variant }: Props) => ({
      root: {
        ...(String(size).startsWith('compact') ? {} : { '--button-height': heightOf(size) }),
        ...(variant === 'filled' ? { '--button-color': 'var(--on-leaf)' } : {}),
      },
    }),
    styles: { label: { fontWeight: 600 } },
  },
  ActionIcon: { defaultProps: { variant: 'subtle', color: 'slate', size: 'md' } },
  Anchor: { defaultProps: { underline: 'always', fw: 700 } },
  Input: {
    vars: (_theme: unknown, { size }: Props) => ({
      wrapper: { '--input-height': heightOf(size), '--input-bg': 'var(--sheet)' },
    }),
  },
  InputWrapper: { styles: { label: { fontWeight: 600 } } },
  Select: {
    defaultProps: {
      allowDeselect: false,
      checkIconPosition: 'right',
      maxDropdownHeight: 360,
      // A list is as wide as its words, however narrow its field.
      comboboxProps: { width: 'max-content', position: 'bottom-start' },
    },
  },
  Checkbox: {
    defaultProps: { size: 'xs' },
    vars: () => ({ root: { '--checkbox-icon-color': 'var(--on-leaf)' } }),
    styles: {
      body: { alignItems: 'center' },
      label: { fontSize: '14px', lineHeight: '1.4' },
    },
  },
  Menu: { defaultProps: { shadow: 'sm', transitionProps: { duration: 0 } } },
  Popover: { defaultProps: { shadow: 'sm', transitionProps: { duration: 0 } } },
  Modal: {
    defaultProps: {
      transitionProps: { duration: 0 },
      centered: true,
      closeButtonProps: { 'aria-label': i18n._('Close') },
    },
  },
  Tooltip: { defaultProps: { openDelay: 400, withArrow: true, multiline: true, maw: 320 } },
  Paper: { defaultProps: { withBorder: true, bg: 'var(--sheet)' } },
  Alert: {
    defaultProps: { variant: 'light', p: 'xs' },
    styles: {
      root: { flex: 'none' },
      message: { color: 'inherit', fontSize: '14px' },
      body: { gap: 0 },
    },
  },
  Badge: {
    defaultProps: { variant: 'light', tt: 'none', radius: 'sm' },
    styles: { label: { fontFamily: 'var(--mono)', fontSize: '13px' } },
  },
  Table: {
    defaultProps: { verticalSpacing: 6, horizontalSpacing: 12, borderColor: 'var(--line-soft)' },
    styles: {
      th: { fontSize: '13px', background: 'var(--band)', verticalAlign: 'bottom' },
      td: { verticalAlign: 'top' },
    },
  },
  Kbd: { styles: { root: { whiteSpace: 'nowrap', fontFamily: 'var(--mono)' } } },
  NavLink: { defaultProps: { variant: 'light' } },
  Spotlight: { defaultProps: { transitionProps: { duration: 0 } } },
};

export const theme = createTheme({
  colors: {
    dark: DARK,
    leaf: token('leaf'),
    cowslip: token('cowslip'),
    brick: token('brick'),
    slate: token('ink-soft'),
  },
  primaryColor: 'leaf',
  primaryShade: 6,
  fontFamily: 'var(--text)',
  fontFamilyMonospace: 'var(--mono)',
  fontSizes: { xs: '12.5px', sm: '14px', md: '15px', lg: '17px', xl: '20px' },
  lineHeights: { xs: '1.35', sm: '1.4', md: '1.4', lg: '1.35', xl: '1.25' },
  spacing: { xs: '6px', sm: '10px', md: '14px', lg: '18px', xl: '26px' },
  radius: { xs: '3px', sm: '4px', md: '6px', lg: '8px', xl: '12px' },
  defaultRadius: 'md',
  breakpoints: { xs: '30em', sm: '48em', md: '56.25em', lg: '75em', xl: '90em' },
  headings: {
    fontFamily: 'var(--text)',
    fontWeight: '700',
    sizes: {
      h1: { fontSize: '20px', lineHeight: '1.25' },
      h2: { fontSize: '16px', lineHeight: '1.3' },
      h3: { fontSize: '15px', lineHeight: '1.35' },
    },
  },
  respectReducedMotion: true,
  cursorType: 'pointer',
  components,
});
