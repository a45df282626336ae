import type { TextTruth } from './texts.mjs';

export type DrawnReply = { text: string; truth: TextTruth[]; factors: Record<string, unknown> };
/** The reply with number n of a seed. */
export function drawReply(seed: number, n: number, material: unknown): DrawnReply;
