// Guided pelvic floor practice: paces the phases of one set by the clock, counts lifts, and takes one key for each answer.
import { stayAwake, tones } from './sound.js';
import { phaseAt, phasesDone } from './timing.js';

const TONES = { LIFT: 520, FLICK: 660, LET_GO: 330 };
const DISC = { LIFT: 40, FLICK: 36, BREATHE_IN: 118 };
const SAYS = {
  BREATHE_IN: 'breathe in',
  LIFT: 'breathe out, lift',
  FLICK: 'out, quick',
  LET_GO: 'let go',
  PAUSE: 'pause',
  RELEASE: 'let the in-breath widen, squeeze nothing',
};

const at = (id) => document.getElementById(id);
const phases = [...document.querySelectorAll('#pacer-phases li')].map((item) => ({
  kind: item.dataset.kind,
  seconds: Number(item.dataset.seconds),
  counts: item.dataset.counts === 'true',
  words: item.textContent,
}));
const before = { LIFT: Number(at('holdsDone').value) || 0, FLICK: Number(at('flicksDone').value) || 0 };
const sound = tones();
let shown = -1;
let elapsed = 0;
let since = 0;
let running = false;

// By the clock, not by the number of ticks: a browser that sleeps loses no count.
const passed = () => elapsed + (running ? (Date.now() - since) / 1000 : 0);

function tellCounts() {
  const holds = before.LIFT + phasesDone(phases, 'LIFT', passed());
  const flicks = before.FLICK + phasesDone(phases, 'FLICK', passed());
  const words = `${holds} holds, ${flicks} flicks done`;
  if (at('pacer-counts').textContent !== words) at('pacer-counts').textContent = words;
  at('holdsDone').value = String(holds);
  at('flicksDone').value = String(flicks);
}

function show(index) {
  shown = index;
  const now = phases[index];
  const next = phases[index + 1];
  const release = now.kind === 'RELEASE';
  at('pacer-words').textContent = release ? `Position ${index + 1} of ${phases.length}` : now.words;
  at('pacer-kind').textContent = SAYS[now.kind];
  at('pacer-next').textContent = next ? `then: ${release ? 'the next position' : next.words}` : 'then: finished';
  at('pacer-disc').setAttribute('r', String(DISC[now.kind] ?? 96));
  for (const area of document.querySelectorAll('.pacer-floor [data-value]')) {
    const everywhere = !now.words.includes('look for');
    area.classList.toggle('lifting', now.kind === 'LIFT' && (everywhere || now.words.includes(area.dataset.value.toLowerCase())));
  }
  document.querySelectorAll('[data-step]').forEach((step, position) => step.classList.toggle('now', position === index));
  sound.play(TONES[now.kind] ?? 260);
}

function finish() {
  shown = phases.length;
  running = false;
  at('pacer-words').textContent = 'Finished. Rest a moment.';
  at('pacer-kind').textContent = 'Say how it was, then keep it.';
  at('pacer-next').textContent = '';
  at('pacer-left').textContent = '0';
  at('pacer-run').hidden = true;
}

function tick() {
  if (!running) return;
  const { index, left } = phaseAt(phases, passed());
  tellCounts();
  if (index >= phases.length) {
    elapsed = passed();
    finish();
    return;
  }
  if (index !== shown) show(index);
  at('pacer-left').textContent = String(Math.ceil(left));
}

function toggle() {
  if (shown >= phases.length) return;
  elapsed = passed();
  running = !running;
  since = Date.now();
  at('pacer-run').firstChild.textContent = running ? 'Pause ' : 'Resume ';
  if (running) {
    stayAwake();
    tick();
  }
}

at('pacer-sound').addEventListener('change', () => {
  if (at('pacer-sound').checked !== sound.isOn()) sound.toggle();
});
at('pacer-run').addEventListener('click', toggle);
document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
  if (event.target instanceof Element && event.target.closest('button, a, input')) return;
  const answer = document.querySelector('meta[name=bloom-keys]') ? null : document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
  if (event.key === ' ') {
    event.preventDefault();
    toggle();
  } else {
    answer?.click();
  }
});
// A practice that was begun and is not saved: leaving asks first.
let saved = false;
const leave = () => {
  saved = true;
};
document.addEventListener('submit', leave);
at('pacer-leave').addEventListener('click', leave);
window.addEventListener('beforeunload', (event) => {
  if (!saved && passed() > 0) event.preventDefault();
});
setInterval(tick, 100);
tellCounts();
at('pacer').focus();
