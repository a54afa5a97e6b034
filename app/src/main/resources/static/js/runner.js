// Teaching: counts, paces the breath, keeps the sides equal, notes responses. The instructor watches the woman.
import { frames, showStep, toAndFro } from './figure.js';

const runner = document.getElementById('runner');
const items = [...document.querySelectorAll('#items li')].map((li) => li.dataset);
const at = (id) => document.getElementById(id);
const csrf = { [document.querySelector('meta[name=_csrf_header]').content]: document.querySelector('meta[name=_csrf]').content };
const store = `teach-${runner.dataset.session}`;
const byTheClock = runner.dataset.kind === 'INTERVALS';
const ENDS = ['DONE', 'PARTLY', 'SKIPPED'];
const EFFORTS = ['TOO_EASY', 'RIGHT', 'TOO_HARD'];
const waiting = JSON.parse(sessionStorage.getItem(store) ?? '[]');
const noted = new Map();
for (const line of document.querySelectorAll('#items li')) {
  const pairs = (line.dataset.noted ?? '').split(' ').filter(Boolean).map((pair) => [pair.slice(0, pair.indexOf(':')), pair.slice(pair.indexOf(':') + 1)]);
  if (pairs.length > 0) noted.set([...line.parentElement.children].indexOf(line), new Map(pairs));
}
let now = Math.max(0, Math.min(items.length - 1, Number(runner.dataset.start) || 0));
let elapsed = 0;
let running = false;
let changing = 0;
let last = 0;
let steps = [];
let phaseBefore = '';

const number = (text) => Number.parseInt(text, 10) || 0;
const sided = (item) => item.side === 'LEFT' || item.side === 'RIGHT';
const named = (item) => item.name + (sided(item) ? `, ${item.sideWords}` : '');
const setSeconds = (item) => number(item.clock) || number(item.repetitions) * number(item.each);
const turns = (item) => (number(item.clock) ? 1 : number(item.sets)) * (item.side === 'ALTERNATING' && !number(item.clock) ? 2 : 1);
const totalSeconds = (item) => turns(item) * setSeconds(item) + Math.max(0, turns(item) - (item.side === 'ALTERNATING' ? 2 : 1)) * (number(item.clock) ? 0 : number(item.rest));

function moment(item, seconds) {
  const round = setSeconds(item) + (number(item.clock) ? 0 : number(item.rest));
  const set = Math.min(turns(item) - 1, Math.floor(seconds / Math.max(1, round)));
  const within = seconds - set * round;
  return { set, resting: within >= setSeconds(item), within };
}

function show() {
  const item = items[now];
  at('place').textContent = `${now + 1} of ${items.length}`;
  at('move').textContent = item.name;
  at('position').textContent = item.position;
  at('side').textContent = item.sideWords;
  at('round').textContent = number(item.round) ? `· round ${item.round}` : '';
  at('how').textContent = [item.how, item.note].filter(Boolean).join('; ');
  at('setup').textContent = item.setup;
  at('cue').textContent = item.cue;
  at('watch').textContent = item.watch ? `Watch for: ${item.watch}` : '';
  at('next').textContent = now + 1 < items.length ? named(items[now + 1]) : 'up by the side, then done';
  at('back').disabled = now === 0;
  at('forward').hidden = now === items.length - 1;
  at('finish-button').textContent = now === items.length - 1 ? 'Finish' : 'Finish here';
  for (const id of ['where', 'how-much', 'took-over']) at(id).hidden = true;
  showStop(item);
  at('load').hidden = item.weighted !== 'true';
  at('kilograms').value = item.kilograms ?? '';
  const before = items[now - 1];
  at('compare').hidden = !(sided(item) && before && before.name === item.name && before.side !== item.side);
  marks();
  showFigure(item);
  draw();
}

function marks() {
  document.querySelectorAll('.answer').forEach((button) => button.setAttribute('aria-pressed', String(noted.get(now)?.has(button.dataset.told) ?? false)));
  const here = [...(noted.get(now)?.keys() ?? [])];
  at('last').textContent = here.length === 0 ? '' : `noted: ${here.map((told) => WORDS[told] ?? told.toLowerCase()).join(', ')}`;
  at('undo').hidden = (taken.get(now) ?? []).length === 0;
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
  const setWords = turns(item) > 1 ? `, set ${set + 1} of ${turns(item)}` : '';
  const rest = Math.max(0, Math.ceil(setSeconds(item) + number(item.rest) - within));
  at('run').textContent = running ? 'Stop' : elapsed > 0 ? 'Go on' : 'Start';
  at('run').disabled = Boolean(item.stopped);
  if (changing > 0) {
    told(String(Math.ceil(changing)), `seconds to change: ${named(item)}`, 'change');
  } else if (over) {
    told('✓', item.dose, 'done');
  } else if (number(item.clock)) {
    told(String(Math.ceil(number(item.clock) - within)), `seconds left of ${item.clock}`, elapsed === 0 ? 'ready' : phase(item, inRepetition, hold, each));
  } else if (resting) {
    told(String(rest), `seconds of rest${setWords}`, 'rest');
  } else if (hold && number(item.repetitions) === 1) {
    told(String(Math.max(0, Math.ceil(hold - within))), `seconds left of ${hold}${setWords}`, elapsed === 0 ? 'ready' : breathWords(within % 6));
  } else if (number(item.breaths)) {
    const round = number(item.repetitions) > 1 ? `, round ${repetition} of ${item.repetitions}` : '';
    told(elapsed === 0 ? '0' : String(Math.min(number(item.breaths), Math.floor(inRepetition / 6) + 1)), `of ${item.breaths} breaths${round}${setWords}`, elapsed === 0 ? 'ready' : breathWords(inRepetition % 6));
  } else {
    told(elapsed === 0 ? '0' : String(repetition), `of ${item.repetitions}${hold ? `, ${hold} s each` : ''}${setWords}`, elapsed === 0 ? 'ready' : phase(item, inRepetition, hold, each));
  }
  at('breath-disc').setAttribute('r', String(disc(item, inRepetition, hold, each)));
  showStep(at('figure'), steps, changing > 0 ? 0 : share(item, inRepetition, hold, each));
}

function told(count, of, phaseWords) {
  at('count').textContent = count;
  at('of').textContent = of;
  at('phase').textContent = phaseWords;
  if (phaseWords !== phaseBefore) {
    if (running) tone({ done: 660, rest: 330, change: 330 }[phaseWords] ?? 440);
    phaseBefore = phaseWords;
  }
}

const breathWords = (seconds) => (seconds < 3 ? 'breathe in' : 'breathe out');

function phase(item, seconds, hold, each) {
  const lifts = (item.strand ?? '').startsWith('PELVIC_FLOOR');
  if (hold) return seconds < hold ? (lifts ? 'lift and hold, breathing' : 'hold, breathing') : 'let go';
  if (item.breath === 'EVEN') return breathWords(seconds % 6);
  if (item.breath === 'COUNT' && !lifts) return seconds < each / 2 ? 'go' : 'and back';
  if (item.breath === 'COUNT') return seconds < each / 2 ? 'lift' : 'let go';
  return seconds < each / 2 ? 'breathe in' : 'breathe out and move';
}

function disc(item, seconds, hold, each) {
  if (elapsed === 0) return 30;
  const cycle = hold || number(item.breaths) || item.breath === 'EVEN' ? 6 : each;
  const part = (seconds % cycle) / cycle;
  return 24 + 26 * (part < 0.5 ? part * 2 : 2 - part * 2);
}

// Soft tones, off until somebody wants them; the screen stays on while something runs.
let audio = null;
function tone(pitch) {
  if (!audio) return;
  const sound = audio.createOscillator();
  const loudness = audio.createGain();
  sound.frequency.value = pitch;
  loudness.gain.setValueAtTime(0.08, audio.currentTime);
  loudness.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + 0.35);
  sound.connect(loudness).connect(audio.destination);
  sound.start();
  sound.stop(audio.currentTime + 0.4);
}
at('sound').addEventListener('click', () => {
  audio = audio ? null : new AudioContext();
  at('sound').setAttribute('aria-pressed', String(audio !== null));
  at('sound').textContent = audio ? 'Sound on' : 'Sound off';
});

let awake = null;
async function stayAwake() {
  try {
    awake ??= await navigator.wakeLock?.request('screen');
    awake?.addEventListener('release', () => { awake = null; });
  } catch {
    awake = null;
  }
}

function tick() {
  if (!running) return;
  const instant = performance.now();
  const passed = (instant - last) / 1000;
  last = instant;
  if (changing > 0) {
    changing = Math.max(0, changing - passed);
  } else {
    elapsed += passed;
  }
  if (elapsed >= totalSeconds(items[now])) {
    running = false;
    tone(660);
    end('DONE', number(items[now].counts));
    if (byTheClock && number(items[now].clock) && now + 1 < items.length && number(items[now + 1].clock)) {
      now += 1;
      elapsed = 0;
      changing = number(items[now].change);
      running = true;
      show();
      return;
    }
  }
  draw();
}
setInterval(tick, 200);

function toggle() {
  if (items[now].stopped) return;
  if (!running && elapsed >= totalSeconds(items[now])) elapsed = 0;
  running = !running;
  last = performance.now();
  if (running) stayAwake();
  draw();
}

const WORDS = Object.fromEntries([...document.querySelectorAll('.answer')].map((button) => [button.dataset.told, button.dataset.words]));
Object.assign(WORDS, { DONE: 'done', PARTLY: 'partly done', SKIPPED: 'skipped' });
const taken = new Map();
for (const [item, told] of noted) taken.set(item, [...told.keys()]);
const ended = () => ENDS.some((how) => noted.get(now)?.has(how));

// What was really counted: whole repetitions, or seconds of a single hold.
function counted(item) {
  if (elapsed >= totalSeconds(item)) return number(item.counts);
  const { set, within } = moment(item, elapsed);
  if (number(item.hold) && number(item.repetitions) === 1) return Math.floor(set * number(item.hold) + Math.min(within, number(item.hold)));
  const each = number(item.each) / Math.max(1, number(item.breaths));
  const inSet = Math.min(number(item.repetitions) * Math.max(1, number(item.breaths)), Math.floor(within / Math.max(1, each)));
  return Math.min(number(item.counts), set * number(item.repetitions) * Math.max(1, number(item.breaths)) + inSet);
}

function end(how, count) {
  if (ended()) return;
  const kilograms = items[now].weighted === 'true' && how !== 'SKIPPED' ? at('kilograms').value.trim() : '';
  if (kilograms) items.filter((item) => item.name === items[now].name).forEach((item) => { item.kilograms = kilograms; });
  note(how, { counted: String(count), ...(kilograms ? { kilograms } : {}) });
}

// What the first side managed is what the other side does.
function evenOut(from, to) {
  const pair = from.name === to.name && from.side !== to.side && sided(from) && sided(to);
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
  if (step === 1) {
    evenOut(items[now], items[target]);
    if (elapsed > 0) end(elapsed >= totalSeconds(items[now]) ? 'DONE' : 'PARTLY', counted(items[now]));
    else end(noted.get(now)?.size > 0 ? 'PARTLY' : 'SKIPPED', 0);
  }
  now = target;
  elapsed = 0;
  changing = 0;
  running = false;
  show();
}

const newKey = () => crypto.randomUUID?.() ?? `${Date.now()}-${Math.random()}`.slice(0, 36);

// Each response carries its own key, so sending it again after a lost connection keeps it once. One told more exactly names the
// one it takes the place of; so does one that is taken back.
function put(item, what, more = {}) {
  const here = noted.get(item) ?? new Map();
  const before = here.get(what);
  const formKey = newKey();
  here.set(what, formKey);
  noted.set(item, here);
  const list = taken.get(item) ?? [];
  if (!list.includes(what)) list.push(what);
  taken.set(item, list);
  queue({ item: String(item), told: what, ...more, ...(before ? { instead: before } : {}), formKey });
}

function takeBack(item, what) {
  const here = noted.get(item);
  const before = here?.get(what);
  if (!before) return;
  here.delete(what);
  taken.set(item, (taken.get(item) ?? []).filter((told) => told !== what));
  if (what === 'HURT') release(item);
  queue({ item: String(item), told: what, instead: before, takenBack: 'yes', formKey: newKey() });
}

function queue(response) {
  waiting.push(new URLSearchParams(response).toString());
  sessionStorage.setItem(store, JSON.stringify(waiting));
  send();
  marks();
}

function note(what, more = {}) {
  if (what === 'NOTE') {
    queue({ item: String(now), told: what, ...more, formKey: newKey() });
  } else if (!noted.get(now)?.has(what)) {
    put(now, what, more);
  }
}

let sending = null;
function send() {
  sending ??= flush().finally(() => { sending = null; });
  return sending;
}

function sent() {
  waiting.shift();
  sessionStorage.setItem(store, JSON.stringify(waiting));
}

async function flush() {
  while (waiting.length > 0) {
    try {
      const answer = await fetch(runner.dataset.responses, { method: 'POST', headers: { ...csrf, 'Content-Type': 'application/x-www-form-urlencoded' }, body: waiting[0] });
      if (answer.status === 422) {
        sent();
        at('kept').textContent = `Not kept: ${await answer.text()}`;
        continue;
      }
      if (!answer.ok || answer.redirected) throw new Error(String(answer.status));
      sent();
      at('kept').textContent = 'kept';
    } catch {
      at('kept').textContent = `${waiting.length} not kept yet, trying again`;
      setTimeout(send, 3000);
      return;
    }
  }
}

// An answer is kept when it is pressed; a second press takes it back. Where and how much are asked afterwards.
function answer(what) {
  if (noted.get(now)?.has(what)) {
    takeBack(now, what);
    for (const id of ['where', 'how-much', 'took-over']) at(id).hidden = true;
    return;
  }
  if (EFFORTS.includes(what)) EFFORTS.filter((other) => other !== what).forEach((other) => takeBack(now, other));
  put(now, what);
  hurtAt = '';
  pained = '';
  at('where').hidden = what !== 'HURT';
  at('how-much').hidden = what !== 'HURT';
  at('took-over').hidden = what !== 'TOOK_OVER';
}

// Too much pain ends the move, and every later one that loads the place; what to do stands there.
function stop(place, pain) {
  running = false;
  changing = 0;
  const item = items[now];
  if (ended()) ENDS.forEach((how) => takeBack(now, how));
  put(now, 'PARTLY', { counted: String(counted(item)) });
  const where = document.querySelector(`[data-place="${CSS.escape(place || 'ELSEWHERE')}"][data-for="HURT"]`);
  const why = `pain ${pain} of 10${place && place !== 'ELSEWHERE' ? ` at the ${where.textContent}` : ''}`;
  items.forEach((other, index) => {
    const loads = (other.loads ?? '').split(' ').includes(place || 'ELSEWHERE');
    if (index > now && (loads || (other.strand === item.strand && other.earned === 'true') || other.name === item.name) && !other.held) {
      other.held = `${why} today`;
      other.heldBy = String(now);
    }
  });
  item.held = '';
  item.stopped = `Stop this one: ${why}. ${where.dataset.say}`;
  showStop(item);
  draw();
  at('phase').textContent = 'stopped';
}

function showStop(item) {
  at('stopped').hidden = !item.stopped && !item.held;
  at('stopped-words').textContent = item.stopped || (item.held ? `Held: ${item.held}. Leave it out today.` : '');
}

// What a pain that was taken back had held.
function release(index) {
  items.filter((other) => other.heldBy === String(index)).forEach((other) => { other.held = ''; other.heldBy = ''; });
  items[index].stopped = '';
  if (index === now) { showStop(items[now]); draw(); }
}

let hurtAt = '';
function hurt(more) {
  put(now, 'HURT', { ...(hurtAt ? { place: hurtAt } : {}), ...more });
}

at('run').addEventListener('click', toggle);
at('done').addEventListener('click', () => { end('DONE', number(items[now].counts)); if (now + 1 < items.length) go(1); });
at('repeat').addEventListener('click', () => { elapsed = 0; running = false; draw(); });
at('back').addEventListener('click', () => go(-1));
at('forward').addEventListener('click', () => go(1));
// Asked once at the end: how hard it was all in all counts for every move of which nobody said it.
at('finish-button').addEventListener('click', () => {
  if (elapsed > 0) end(elapsed >= totalSeconds(items[now]) ? 'DONE' : 'PARTLY', counted(items[now]));
  at('all-in-all').hidden = false;
  at('all-in-all').querySelector('button').focus();
});
at('finish').addEventListener('submit', async (event) => {
  event.preventDefault();
  at('effort').value = event.submitter?.value ?? '';
  await send();
  if (waiting.length === 0) event.target.submit();
});
at('note-form').addEventListener('submit', (event) => {
  event.preventDefault();
  const words = at('note').value.trim();
  if (words) note('NOTE', { note: words });
  at('note').value = '';
});
// After a touch or a click the focus leaves the button, so that Enter and Space go on.
document.querySelectorAll('.teach-answers button').forEach((button) => button.addEventListener('click', (event) => {
  if (event.detail > 0) button.blur();
}));
document.querySelectorAll('.answer').forEach((button) => button.addEventListener('click', () => answer(button.dataset.told)));
document.querySelectorAll('[data-place]').forEach((button) => button.addEventListener('click', () => {
  button.parentElement.hidden = true;
  if (button.dataset.for === 'HURT') {
    hurtAt = button.dataset.place;
    hurt(pained === '' ? {} : { pain: pained });
    if (Number(pained) > stopsAbove) stop(hurtAt, pained);
  } else {
    put(now, 'TOOK_OVER', { place: button.dataset.place });
  }
}));
let pained = '';
const stopsAbove = number(runner.dataset.stopsAbove);
document.querySelectorAll('[data-pain]').forEach((button) => button.addEventListener('click', () => {
  at('how-much').hidden = true;
  pained = button.dataset.pain;
  hurt({ pain: pained });
  if (Number(pained) > stopsAbove) stop(hurtAt, pained);
}));
at('undo').addEventListener('click', () => {
  const last = (taken.get(now) ?? []).at(-1);
  if (last) takeBack(now, last);
});
document.querySelectorAll('[data-compare]').forEach((button) => button.addEventListener('click', () => note('NOTE', { note: `${button.dataset.compare}: ${button.dataset.words}` })));
document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || event.target instanceof HTMLInputElement) return;
  const onButton = event.target instanceof HTMLButtonElement || event.target instanceof HTMLAnchorElement;
  if (event.key === ' ' && !onButton) { event.preventDefault(); toggle(); }
  else if (event.key === 'Enter' && !onButton) { event.preventDefault(); at('done').click(); }
  else if (event.key === 'ArrowRight') go(1);
  else if (event.key === 'End') at('finish-button').click();
  else if (event.key === 'ArrowLeft') go(-1);
  else if (!document.querySelector('meta[name=bloom-keys]')) {
    const button = document.querySelector(`.answer[data-key="${CSS.escape(event.key)}"]`);
    if (button) answer(button.dataset.told);
  }
});
if (waiting.length > 0) send();
show();
