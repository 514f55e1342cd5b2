/**
 * A function that works its answer out once for each object it is asked of. Records and tables are never changed in place, so what was
 * said of one stays true for as long as it is there.
 */
export function memoize<Of extends object, Answer>(workOut: (of: Of) => Answer): (of: Of) => Answer {
  const known = new WeakMap<Of, { readonly answer: Answer }>();
  return (of) => {
    const before = known.get(of);
    if (before) return before.answer;
    const answer = workOut(of);
    known.set(of, { answer });
    return answer;
  };
}
