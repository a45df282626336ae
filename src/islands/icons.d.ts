declare module '@tabler/icons-react/dist/esm/icons/*.mjs' {
  import type { ComponentType } from 'react';
  const Icon: ComponentType<{ size?: number; stroke?: number; 'aria-hidden'?: boolean }>;
  export default Icon;
}
