// What can be set for a whole file, by name, apart from its schema.

export const SETTINGS = ['shuffle', 'across', 'attempts', 'points', 'seconds', 'use'] as const;
