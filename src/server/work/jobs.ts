// A call as it travels to a thread and its answer as it comes back: plain data whose bytes are handed over, not copied.

/** The calls whose work is done in threads. */
export type JobName =
  | 'gather'
  | 'learn'
  | 'check'
  | 'fit'
  | 'fill'
  | 'read-back'
  | 'draw'
  | 'draft'
  | 'variants'
  | 'request'
  | 'compare'
  | 'assistant'
  | 'paper'
  | 'activity'
  | 'sheets'
  | 'merge'
  | 'results';

export type Job = {
  id: number;
  name: JobName;
  headers: [string, string][];
  body: ArrayBuffer;
};

export type Done = {
  id: number;
  status: number;
  headers: [string, string][];
  body: ArrayBuffer;
};
