import { remarkWords, type LineRemark } from '../core/shorthand/remark-words';

/** What the sewist should know before what she wrote is entered. */
export function LineRemarks({ remarks }: { remarks: readonly LineRemark[] }) {
  return remarks.map((remark) => (
    <p key={remark.is} className="mt-2 text-ink2 italic">
      {remarkWords(remark)}
    </p>
  ));
}
