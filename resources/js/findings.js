// The proof's findings on the bench: its score on the button, a mark on every row concerned; and whether what is in use
// is what the card is now. Asked for when edits rest, so that typing never waits for it.
import { words } from './words.js';

const REST = 500;
let shown = '';
let wanted = '';
let timer;
let last = { pieces: {} };

/** @param revision the one on screen now */
export function findingsFollow(revision) {
  mark();
  if (wanted === revision) return;
  wanted = revision;
  clearTimeout(timer);
  timer = setTimeout(() => ask(revision), shown === '' ? 0 : REST);
}

async function ask(revision) {
  const open = document.getElementById('proof-open');
  const answer = await fetch(open.dataset.findings, { headers: { Accept: 'application/json' } }).catch(() => null);
  // What failed is asked for again when next something is answered; the rows keep what they had.
  if (!answer?.ok) {
    wanted = shown;
    return;
  }
  last = await answer.json();
  shown = revision;
  open.querySelector('b').textContent = last.score;
  open.dataset.state = last.count === 0 ? 'good' : 'look';
  open.title =
    last.count === 0 ? words('Proof: nothing to mend (P)') : words('Proof: :count to look at, first: :first (P)', last);
  document.getElementById('in-use').innerHTML = last.use;
  mark();
}

function mark() {
  const gauge = document.querySelector('.gauge-last');
  if (shown === document.getElementById('kept').dataset.revision && gauge) {
    gauge.querySelector('.gauge-figure').innerHTML = `<b>${Number(last.count)}</b> to look at`;
    gauge.querySelector('.gauge-label').textContent =
      last.count === 0 ? words('the proof found nothing') : last.first.toLowerCase();
  }
  document.querySelectorAll('#order .piece').forEach((row) => {
    const finding = last.pieces[row.id.replace('piece-', '')];
    const summary = row.querySelector('summary');
    let place = summary.querySelector('.row-mark');
    if (!finding) {
      place?.remove();
      return;
    }
    if (!place) {
      place = document.createElement('span');
      place.className = 'row-mark';
      place.setAttribute('role', 'img');
      summary.append(place);
    }
    place.dataset.severity = finding.severity;
    place.title = `${finding.title}. ${finding.says}`;
    place.setAttribute('aria-label', finding.title);
  });
}
