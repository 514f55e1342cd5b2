import { drawnAhead, type AheadQuestion } from '../core/schedule/look-ahead';

/** Sews the bench through, one question after the other; the number says which was answered. */
addEventListener('message', ({ data }: MessageEvent<{ readonly asked: number; readonly question: AheadQuestion }>) => {
  postMessage({ asked: data.asked, drawn: drawnAhead(data.question) });
});
