export function readHeadings(path: string): { language: string; role: string; words: string[] }[];
