export * from './item';
export * from './finding';
export * from './layout';
export * from './table';
export * from './reading';
export * from './fit';
export * from './surroundings';
export * from './bank';
