/** Spans that sales are looked at over; 0 days are all there are. */
export const SPANS = [
  { days: 30, label: "30 days" },
  { days: 91, label: "3 months" },
  { days: 365, label: "a year" },
  { days: 0, label: "everything" },
] as const;
