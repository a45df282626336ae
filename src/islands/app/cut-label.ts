// The label of a button in the bar: cut with dots where there is little room.

export const CUT_LABEL = {
  inner: { minWidth: 0 },
  label: {
    fontWeight: 400,
    fontSize: 15,
    display: 'block',
    height: 'auto',
    // What is cut at the side must not cut what hangs below the line: q, p, y.
    lineHeight: 1.5,
    textOverflow: 'ellipsis',
  },
} as const;
