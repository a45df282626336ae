// The sheet on which one question or card at a time is played.

export const PAPER = { component: 'section', maw: 640, p: 'lg', flex: 'none' } as const;
