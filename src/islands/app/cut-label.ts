// The label of a button in the bar: cut with dots where there is little room.

export const CUT_LABEL = {
  inner: { minWidth: 0 },
  label: {
    fontWeight: 400,
    fontSize: 15,
    display: 'block',
    height: 'auto',
    // The library trims the line to the height of capitals, and what is cut at the side is then cut below it too: q, p, y.
    textBoxTrim: 'none',
    lineHeight: 1.5,
    textOverflow: 'ellipsis',
  },
} as const;
