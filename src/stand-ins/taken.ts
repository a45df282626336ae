// What every stand-in answers to a file: what it took, and each refused row with its reason; or why it could read nothing.
export type Taken<Question> =
  | { problem: string }
  | { questions: Question[]; refused: { row: number; ref?: string; reason: string }[] };
