// Mantine in this program's colours and type.
import { createTheme, type MantineColorsTuple } from '@mantine/core';

const leaf: MantineColorsTuple = [
  '#edf6f1',
  '#dcebe2',
  '#b6d6c5',
  '#8cc0a5',
  '#69ad8a',
  '#52a179',
  '#459b6f',
  '#35865d',
  '#2c6a4c',
  '#1d5a3e',
];

export const theme = createTheme({
  colors: { leaf },
  primaryColor: 'leaf',
  primaryShade: { light: 8, dark: 5 },
  fontFamily: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif",
  fontFamilyMonospace: "'Atkinson Hyperlegible Mono Variable', ui-monospace, monospace",
  defaultRadius: 6,
  respectReducedMotion: true,
});
