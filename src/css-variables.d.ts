import 'react';

declare module 'react' {
  interface CSSProperties {
    /** Variables that a style sheet of ours reads. */
    [variable: `--${string}`]: string | number | undefined;
  }
}
