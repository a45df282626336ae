// What an act is for, with its number: 'these 20', and 'this one' where it is one.
export const these = (count: number): string => (count === 1 ? 'this one' : `these ${count}`);
