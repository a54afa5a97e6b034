// Teaching: counts, paces the breath, keeps the sides equal, notes responses. The instructor watches the woman.
import { frames, showStep, toAndFro } from './figure.js';

const runner = document.getElementById('runner');
const items = [...document.querySelectorAll('#items li')].map((li) => li.dataset);
const at = (id) => document.getElementById(id);
const csrf = { [document.querySelector('meta[name=_csrf_header]').content]: document.querySelector('meta[name=_csrf]').content };
const waiting = [];
const noted = new Map();
let now = 0;
let elapsed = 0;
let running = false;
let last = 0;
let steps = [];

const named = (item) => item.name + (item.side === 'LEFT' || item.side === 'RIGHT' ? `, ${item.sideWords}` : '');
const number = (text) => Number.parseInt(text, 10) || 0;
const setSeconds = (item) => number(item.repetitions) * number(item.each);
const totalSeconds = (item) => (number(item.sets) * setSeconds(item) + (number(item.sets) - 1) * number(item.rest)) * (item.side === 'ALTERNATING' ? 2 : 1);

function moment(item, seconds) {
  const round = setSeconds(item) + number(item.rest);
  const ofTwo = item.side === 'ALTERNATING' ? 2 : 1;
  const set = Math.min(number(item.sets) * ofTwo - 1, Math.floor(seconds / Math.max(1, round)));
  const within = seconds - set * round;
  return { set, resting: within >= setSeconds(item), within };
}

function show() {
  const item = items[now];
  at('place').textContent = `${now + 1} of ${items.length}`;
  at('move').textContent = item.name;
  at('position').textContent = item.position;
  at('side').textContent = item.sideWords;
  at('how').textContent = item.how;
  at('setup').textContent = item.setup;
  at('cue').textContent = item.cue;
  at('watch').textContent = item.watch ? `Watch for: ${item.watch}` : '';
  at('next').textContent = now + 1 < items.length ? named(items[now + 1]) : 'up by the side, then done';
  at('where').hidden = !(noted.get(now)?.has('HURT') ?? false);
  at('back').disabled = now === 0;
  at('forward').hidden = now === items.length - 1;
  at('finish').hidden = now !== items.length - 1;
  document.querySelectorAll('.answer').forEach((button) => button.setAttribute('aria-pressed', String(noted.get(now)?.has(button.dataset.told) ?? false)));
  showFigure(item);
  draw();
}

async function showFigure(item) {
  const place = at('figure');
  steps = [];
  place.replaceChildren();
  place.dataset.frames = item.figure;
  if (!item.figure) return;
  const loaded = await frames(item.figure);
  if (items[now] !== item) return;
  steps = loaded;
  showStep(place, steps, steps.length > 1 ? 0 : 1);
}

// Where the figure is: there and back once a repetition; held at its end while she holds.
function share(item, seconds, hold, each) {
  if (elapsed === 0) return 0;
  if (number(item.breaths) || (hold && number(item.repetitions) === 1)) return Math.min(1, seconds / 2);
  if (hold) return seconds < hold ? Math.min(1, seconds) : Math.max(0, 1 - (seconds - hold));
  return toAndFro((seconds % each) / each);
}

function draw() {
  const item = items[now];
  const over = elapsed >= totalSeconds(item);
  const { set, resting, within } = moment(item, Math.min(elapsed, Math.max(0, totalSeconds(item) - 0.01)));
  const each = number(item.each);
  const repetition = Math.min(number(item.repetitions), Math.floor(within / each) + 1);
  const inRepetition = within % each;
  const hold = number(item.hold);
  const sets = number(item.sets) * (item.side === 'ALTERNATING' ? 2 : 1);
  const setWords = sets > 1 ? `, set ${set + 1} of ${sets}` : '';
  at('run').textContent = running ? 'Stop' : elapsed > 0 ? 'Go on' : 'Start';
  if (over) {
    at('count').textContent = '✓';
    at('of').textContent = item.dose;
    at('phase').textContent = 'done';
  } else if (hold && number(item.repetitions) === 1) {
    at('count').textContent = resting ? '–' : String(Math.max(0, Math.ceil(hold - within)));
    at('of').textContent = `seconds left of ${hold}${setWords}`;
    at('phase').textContent = elapsed === 0 ? 'ready' : resting ? 'rest' : breathWords(within % 6);
  } else if (number(item.breaths)) {
    const breaths = number(item.breaths);
    const round = number(item.repetitions) > 1 ? `, round ${repetition} of ${item.repetitions}` : '';
    at('count').textContent = elapsed === 0 ? '0' : resting ? '–' : String(Math.min(breaths, Math.floor(inRepetition / 6) + 1));
    at('of').textContent = `of ${breaths} breaths${round}${setWords}`;
    at('phase').textContent = elapsed === 0 ? 'ready' : resting ? 'rest' : breathWords(inRepetition % 6);
  } else {
    at('count').textContent = elapsed === 0 ? '0' : resting ? '–' : String(repetition);
    at('of').textContent = `of ${item.repetitions}${hold ? `, ${hold} s each` : ''}${setWords}`;
    at('phase').textContent = elapsed === 0 ? 'ready' : resting ? 'rest' : phase(item, inRepetition, hold, each);
  }
  at('breath-disc').setAttribute('r', String(disc(item, inRepetition, hold, each)));
  showStep(at('figure'), steps, share(item, inRepetition, hold, each));
}

const breathWords = (seconds) => (seconds < 3 ? 'breathe in' : 'breathe out');

function phase(item, seconds, hold, each) {
  if (hold) return seconds < hold ? 'lift and hold, breathing' : 'let go';
  if (item.breath === 'EVEN') return breathWords(seconds % 6);
  if (item.breath === 'COUNT') return seconds < each / 2 ? 'lift' : 'let go';
  return seconds < each / 2 ? 'breathe in' : 'breathe out and move';
}

function disc(item, seconds, hold, each) {
  if (elapsed === 0) return 30;
  const cycle = hold || number(item.breaths) || item.breath === 'EVEN' ? 6 : each;
  const part = (seconds % cycle) / cycle;
  return 24 + 26 * (part < 0.5 ? part * 2 : 2 - part * 2);
}

function tick() {
  if (!running) return;
  const moment = performance.now();
  elapsed += (moment - last) / 1000;
  last = moment;
  if (elapsed >= totalSeconds(items[now])) {
    running = false;
    note('DONE');
  }
  draw();
}
setInterval(tick, 200);

function toggle() {
  if (!running && elapsed >= totalSeconds(items[now])) elapsed = 0;
  running = !running;
  last = performance.now();
  draw();
}

// What the first side managed is what the other side does.
function evenOut(from, to) {
  const sides = ['LEFT', 'RIGHT'];
  const pair = from.name === to.name && from.side !== to.side && sides.includes(from.side) && sides.includes(to.side);
  if (!pair || elapsed === 0 || elapsed >= totalSeconds(from) || number(from.repetitions) < 2) return;
  const { set, within } = moment(from, elapsed);
  const whole = set * number(from.repetitions) + Math.min(number(from.repetitions), Math.floor(within / number(from.each)));
  to.sets = '1';
  to.repetitions = String(Math.max(1, Math.min(whole, number(from.sets) * number(from.repetitions))));
  to.dose = `${to.repetitions} as on the other side`;
}

function go(step) {
  const target = now + step;
  if (target < 0 || target >= items.length) return;
  if (step === 1) evenOut(items[now], items[target]);
  if (step > 0 && elapsed > 0) note('DONE');
  now = target;
  elapsed = 0;
  running = false;
  show();
}

// Each response carries its own key, so sending it again after a lost connection keeps it once.
function note(told, place = '') {
  const here = noted.get(now) ?? new Set();
  if (here.has(told + place)) return;
  here.add(told);
  here.add(told + place);
  noted.set(now, here);
  if (told === 'HURT') at('where').hidden = false;
  waiting.push(new URLSearchParams({ item: String(now), told, place, formKey: crypto.randomUUID?.() ?? `${Date.now()}-${Math.random()}`.slice(0, 36) }));
  send();
  document.querySelectorAll('.answer').forEach((button) => button.setAttribute('aria-pressed', String(here.has(button.dataset.told))));
}

let sending = null;
function send() {
  sending ??= flush().finally(() => { sending = null; });
  return sending;
}

async function flush() {
  while (waiting.length > 0) {
    try {
      const answer = await fetch(runner.dataset.responses, { method: 'POST', headers: csrf, body: waiting[0] });
      if (answer.status === 422) {
        waiting.shift();
        at('kept').textContent = `Not kept: ${await answer.text()}`;
        continue;
      }
      if (!answer.ok || answer.redirected) throw new Error(String(answer.status));
      waiting.shift();
      at('kept').textContent = 'kept';
    } catch {
      at('kept').textContent = `${waiting.length} not kept yet, trying again`;
      setTimeout(send, 3000);
      return;
    }
  }
}

at('run').addEventListener('click', toggle);
at('back').addEventListener('click', () => go(-1));
at('forward').addEventListener('click', () => go(1));
at('finish').addEventListener('submit', async (event) => {
  event.preventDefault();
  if (elapsed > 0) note('DONE');
  await send();
  if (waiting.length === 0) event.target.submit();
});
document.querySelectorAll('.answer').forEach((button) => button.addEventListener('click', () => note(button.dataset.told)));
document.querySelectorAll('[data-place]').forEach((button) => button.addEventListener('click', () => {
  note('HURT', button.dataset.place);
  at('where').hidden = true;
}));
document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  const onButton = event.target instanceof HTMLButtonElement || event.target instanceof HTMLAnchorElement;
  if (event.key === ' ' && !onButton) { event.preventDefault(); toggle(); }
  else if (event.key === 'ArrowRight') go(1);
  else if (event.key === 'ArrowLeft') go(-1);
  else if (!document.querySelector('meta[name=bloom-keys]')) {
    const button = document.querySelector(`.answer[data-key="${CSS.escape(event.key)}"]`);
    if (button) note(button.dataset.told);
  }
});
show();
