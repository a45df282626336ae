// What is told of something that went wrong.

/** An error's own sentence; `otherwise` where what was thrown has none. */
export const messageOf = (error: unknown, otherwise: string): string =>
  error instanceof Error ? error.message : otherwise;
