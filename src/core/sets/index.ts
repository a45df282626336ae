// Sets: how they are drawn by a plan, and their versions.
export { drawByPlan, type Drawn } from './draw';
export { versionsOf } from './versions';
