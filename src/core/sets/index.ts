// Sets: what they come to, how they are drawn by a plan, and their versions.
export { drawByPlan, shortWords, type Drawn, type DrawWishes, type Short } from './draw';
export { factsOf, itemsOf, pointsOf, type SetFacts } from './facts';
export { versionsOf, type Version } from './versions';
export { CATEGORY_STEP, isWanted, whereWords } from './where';
