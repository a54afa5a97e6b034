// Guided pelvic floor practice: paces the phases of one set by the clock, counts lifts, and takes one key for each answer.
const phases = [...document.querySelectorAll('#pacer-phases li')].map((item) => ({
  kind: item.dataset.kind,
  seconds: Number(item.dataset.seconds),
  counts: item.dataset.counts === 'true',
  words: item.textContent,
}));
const at = (id) => document.getElementById(id);
const done = { LIFT: Number(at('holdsDone').value) || 0, FLICK: Number(at('flicksDone').value) || 0 };
let phase = -1;
let endsAt = 0;
let left = 0;
let running = false;
let audio = null;

const tone = (kind) => {
  if (!at('pacer-sound').checked) return;
  audio ??= new AudioContext();
  const sound = audio.createOscillator();
  const volume = audio.createGain();
  sound.frequency.value = { LIFT: 520, FLICK: 660, LET_GO: 330 }[kind] ?? 260;
  volume.gain.setValueAtTime(0.08, audio.currentTime);
  volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.3);
  sound.connect(volume).connect(audio.destination);
  sound.start();
  sound.stop(audio.currentTime + 0.3);
};

const tellCounts = () => {
  at('pacer-counts').textContent = `${done.LIFT} holds, ${done.FLICK} flicks done`;
  at('holdsDone').value = String(done.LIFT);
  at('flicksDone').value = String(done.FLICK);
};

const show = () => {
  const now = phases[phase];
  const release = now.kind === 'RELEASE';
  at('pacer-words').textContent = release ? `Position ${phase + 1} of ${phases.length}` : now.words;
  at('pacer-kind').textContent = { BREATHE_IN: 'breathe in', LIFT: 'breathe out, lift', FLICK: 'out, quick', LET_GO: 'let go', PAUSE: 'pause', RELEASE: 'let the in-breath widen, squeeze nothing' }[now.kind];
  at('pacer-next').textContent = phases[phase + 1] ? `then: ${release ? 'the next position' : phases[phase + 1].words}` : 'then: finished';
  at('pacer-disc').setAttribute('r', { LIFT: '40', FLICK: '36', BREATHE_IN: '118' }[now.kind] ?? '96');
  document.querySelectorAll('[data-area]').forEach((area) => area.classList.toggle('lifting', now.kind === 'LIFT' && (now.words.includes(area.dataset.area) || !now.words.includes('look for'))));
  document.querySelectorAll('[data-step]').forEach((step, at) => step.classList.toggle('now', at === phase));
  tone(now.kind);
};

const finish = () => {
  running = false;
  phase = phases.length;
  at('pacer-words').textContent = 'Finished. Rest a moment.';
  at('pacer-kind').textContent = 'Say how it was, then keep it.';
  at('pacer-next').textContent = '';
  at('pacer-left').textContent = '0';
  at('pacer-run').hidden = true;
};

const enter = (next, from) => {
  phase = next;
  if (phase >= phases.length) { finish(); return; }
  endsAt = from + phases[phase].seconds * 1000;
  show();
};

// By the clock, not by the number of ticks: a browser that sleeps loses no count.
const tick = () => {
  if (!running) return;
  while (running && Date.now() >= endsAt) {
    const over = phases[phase];
    if (over.counts) { done[over.kind] += 1; tellCounts(); }
    enter(phase + 1, endsAt);
  }
  if (running) at('pacer-left').textContent = String(Math.ceil((endsAt - Date.now()) / 1000));
};

const toggle = () => {
  if (phase >= phases.length) return;
  if (running) {
    left = endsAt - Date.now();
    running = false;
  } else {
    running = true;
    if (phase < 0) enter(0, Date.now());
    else endsAt = Date.now() + left;
  }
  at('pacer-run').firstChild.textContent = running ? 'Pause ' : 'Go on ';
};

tellCounts();
setInterval(tick, 100);
at('pacer-run').addEventListener('click', toggle);
document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
  if (event.target instanceof Element && event.target.closest('button, a, input')) return;
  const answer = document.querySelector('meta[name=bloom-keys]') ? null : document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
  if (event.key === ' ') { event.preventDefault(); toggle(); } else if (answer) { answer.click(); }
});
at('pacer').focus();
