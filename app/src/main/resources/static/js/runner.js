// Teaching: counts, paces the breath, keeps the sides equal, notes responses. The instructor watches the woman.
import { frames, showStep } from './figure.js';
import { notes, outbox } from './noted.js';
import { stayAwake, tones } from './sound.js';
import { asOtherSide, counted, figureAt, isOver, reading, ring, totalSeconds } from './timing.js';

const ENDS = ['DONE', 'PARTLY', 'SKIPPED'];
const EFFORTS = ['TOO_EASY', 'RIGHT', 'TOO_HARD'];
const TONES = { done: 660, rest: 330, change: 330 };
const AUTOMATIC = 'teach-goes-on';

const at = (id) => document.getElementById(id);
const number = (text) => Number.parseInt(text, 10) || 0;
const runner = at('runner');
const lines = [...document.querySelectorAll('#items li')];
const items = lines.map((line) => ({ ...line.dataset }));
const counts = lines.map((line) => JSON.parse(line.dataset.count));
const byTheClock = runner.dataset.kind === 'INTERVALS';
const stopsAbove = number(runner.dataset.stopsAbove);
const sound = tones();
const responses = outbox({
  name: `teach-${runner.dataset.session}`,
  store: window.sessionStorage,
  post: (body) =>
    fetch(runner.dataset.responses, {
      method: 'POST',
      headers: {
        [document.querySelector('meta[name=_csrf_header]').content]: document.querySelector('meta[name=_csrf]').content,
        'Content-Type': 'application/x-www-form-urlencoded',
      },
      body,
    }),
  say: (words) => {
    at('kept').textContent = words;
  },
});
const noted = notes(responses);
lines.forEach((line, item) => noted.restore(item, line.dataset.noted ?? ''));

const WORDS = { DONE: 'done', PARTLY: 'partly done', SKIPPED: 'skipped' };
for (const button of document.querySelectorAll('.answer')) WORDS[button.dataset.told] = button.dataset.words;

let now = Math.max(0, Math.min(items.length - 1, number(runner.dataset.start)));
let elapsed = 0;
let running = false;
let changing = 0;
let last = 0;
let steps = [];
let doingBefore = '';
let hurtAt = '';
let pained = '';

const sided = (item) => item.side === 'LEFT' || item.side === 'RIGHT';
const named = (item) => item.name + (sided(item) ? `, ${item.sideWords}` : '');
const isLast = () => now === items.length - 1;
const hasEnded = () => ENDS.some((how) => noted.has(now, how));
const hideQuestions = () => {
  for (const id of ['where', 'how-much', 'took-over']) at(id).hidden = true;
};

function show() {
  const item = items[now];
  const before = items[now - 1];
  at('place').textContent = `${now + 1} of ${items.length}`;
  at('move').textContent = item.name;
  at('position').textContent = item.position;
  at('side').textContent = item.sideWords;
  at('round').textContent = number(item.round) ? `· round ${item.round}` : '';
  at('how').textContent = [item.how, item.note].filter(Boolean).join('; ');
  at('setup').textContent = item.setup;
  at('cue').textContent = item.cue;
  at('watch').textContent = item.watch ? `Watch for: ${item.watch}` : '';
  at('next').textContent = isLast() ? 'up by the side, then done' : named(items[now + 1]);
  at('announced').textContent = `${named(item)}, ${item.dose}`;
  at('back').disabled = now === 0;
  at('forward').hidden = isLast();
  at('finish-button').textContent = isLast() ? 'Finish' : 'Finish here';
  at('load').hidden = item.weighted !== 'true';
  at('kilograms').value = item.kilograms ?? '';
  at('compare').hidden = !(sided(item) && before && before.name === item.name && before.side !== item.side);
  hideQuestions();
  showStop(item);
  marks();
  showFigure(item);
  draw();
}

function marks() {
  for (const button of document.querySelectorAll('.answer')) {
    button.setAttribute('aria-pressed', String(noted.has(now, button.dataset.told)));
  }
  const here = noted.of(now);
  at('last').textContent = here.length === 0 ? '' : `noted: ${here.map((told) => WORDS[told] ?? told.toLowerCase()).join(', ')}`;
  at('undo').hidden = here.length === 0;
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

function draw() {
  const item = items[now];
  const count = counts[now];
  const moving = Math.min(elapsed, totalSeconds(count) - 0.01);
  at('run').textContent = running ? 'Stop' : elapsed > 0 ? 'Go on' : 'Start';
  at('run').disabled = Boolean(item.stopped);
  if (changing > 0) tell(String(Math.ceil(changing)), `seconds to change: ${named(item)}`, 'change');
  else if (isOver(count, elapsed)) tell('✓', item.dose, 'done');
  else {
    const { number: counting, of, doing } = reading(count, elapsed);
    tell(String(counting), of, doing);
  }
  at('breath-disc').setAttribute('r', String(ring(count, moving)));
  showStep(at('figure'), steps, changing > 0 ? 0 : figureAt(count, moving));
}

function tell(counting, of, doing) {
  at('count').textContent = counting;
  at('of').textContent = of;
  at('phase').textContent = doing;
  if (doing === doingBefore) return;
  if (running) sound.play(TONES[doing] ?? 440);
  doingBefore = doing;
}

function tick() {
  if (!running) return;
  const instant = performance.now();
  const passed = (instant - last) / 1000;
  last = instant;
  if (changing > 0) changing = Math.max(0, changing - passed);
  else elapsed += passed;
  if (isOver(counts[now], elapsed)) over();
  draw();
}

// An item that has come to its end is done; the next begins by itself where the clock says so, or where she wants it so.
function over() {
  running = false;
  sound.play(TONES.done);
  end('DONE', counts[now].total);
  const wanted = at('automatic').getAttribute('aria-pressed') === 'true';
  const next = counts[now + 1];
  if (!next || items[now + 1].held || !(wanted || (byTheClock && counts[now].clock && next.clock))) return;
  now += 1;
  elapsed = 0;
  changing = number(items[now].change);
  running = true;
  show();
}

function toggle() {
  if (items[now].stopped) return;
  if (!running && isOver(counts[now], elapsed)) elapsed = 0;
  running = !running;
  last = performance.now();
  if (running) stayAwake();
  draw();
}

function end(how, count) {
  if (hasEnded()) return;
  const kilograms = items[now].weighted === 'true' && how !== 'SKIPPED' ? at('kilograms').value.trim() : '';
  if (kilograms) {
    for (const item of items.filter((other) => other.name === items[now].name)) item.kilograms = kilograms;
  }
  noted.put(now, how, { counted: String(count), ...(kilograms ? { kilograms } : {}) });
  marks();
}

// As far as it went: all of it, part of it, or nothing.
function endAsItIs() {
  if (elapsed > 0) end(isOver(counts[now], elapsed) ? 'DONE' : 'PARTLY', counted(counts[now], elapsed));
}

// What the first side managed is what the other side does.
function evenOut(from, to) {
  const isPair = items[from].name === items[to].name && items[from].side !== items[to].side && sided(items[from]) && sided(items[to]);
  const like = isPair ? asOtherSide(counts[from], elapsed) : null;
  if (!like) return;
  counts[to] = like;
  items[to].dose = `${like.repetitions} as on the other side`;
}

function go(step) {
  const target = now + step;
  if (target < 0 || target >= items.length) return;
  if (step === 1) {
    evenOut(now, target);
    endAsItIs();
    if (elapsed === 0) end(noted.of(now).length > 0 ? 'PARTLY' : 'SKIPPED', 0);
  }
  now = target;
  elapsed = 0;
  changing = 0;
  running = false;
  show();
}

// An answer is kept when it is pressed; a second press takes it back. Where and how much are asked afterwards.
function answer(what) {
  if (noted.has(now, what)) {
    takeBack(what);
    hideQuestions();
    return;
  }
  if (EFFORTS.includes(what)) EFFORTS.filter((other) => other !== what).forEach((other) => noted.takeBack(now, other));
  noted.put(now, what);
  marks();
  hurtAt = '';
  pained = '';
  at('where').hidden = what !== 'HURT';
  at('how-much').hidden = what !== 'HURT';
  at('took-over').hidden = what !== 'TOOK_OVER';
}

function takeBack(what) {
  noted.takeBack(now, what);
  if (what === 'HURT') release(now);
  marks();
}

function hurt() {
  noted.put(now, 'HURT', { ...(hurtAt ? { place: hurtAt } : {}), ...(pained === '' ? {} : { pain: pained }) });
  if (Number(pained) > stopsAbove) stop(hurtAt || 'ELSEWHERE');
  marks();
}

// Too much pain ends the move, and every later one that loads the place; what to do stands there.
function stop(place) {
  running = false;
  changing = 0;
  const item = items[now];
  ENDS.forEach((how) => noted.takeBack(now, how));
  noted.put(now, 'PARTLY', { counted: String(counted(counts[now], elapsed)) });
  const where = document.querySelector(`[data-place="${CSS.escape(place)}"][data-for="HURT"]`);
  const why = `pain ${pained} of 10${place === 'ELSEWHERE' ? '' : ` at the ${where.textContent}`}`;
  items.slice(now + 1).forEach((other) => {
    const loadsIt = (other.loads ?? '').split(' ').includes(place);
    if (other.held || !(loadsIt || (other.strand === item.strand && other.earned === 'true') || other.name === item.name)) return;
    other.held = `${why} today`;
    other.heldBy = String(now);
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
  for (const other of items.filter((one) => one.heldBy === String(index))) {
    other.held = '';
    other.heldBy = '';
  }
  items[index].stopped = '';
  if (index !== now) return;
  showStop(items[now]);
  draw();
}

const onClick = (selector, does) =>
  document.querySelectorAll(selector).forEach((button) => button.addEventListener('click', () => does(button.dataset, button)));

onClick('#run', toggle);
onClick('#done', () => {
  end('DONE', counts[now].total);
  if (!isLast()) go(1);
});
onClick('#repeat', () => {
  elapsed = 0;
  running = false;
  draw();
});
onClick('#back', () => go(-1));
onClick('#forward', () => go(1));
onClick('#undo', () => takeBack(noted.of(now).at(-1)));
onClick('#sound', (data, button) => {
  sound.toggle();
  button.setAttribute('aria-pressed', String(sound.isOn()));
  button.textContent = sound.isOn() ? 'Sound on' : 'Sound off';
});
onClick('.answer', (data) => answer(data.told));
onClick('[data-compare]', (data) => noted.write(now, `${data.compare}: ${data.words}`));
onClick('[data-place]', (data, button) => {
  button.parentElement.hidden = true;
  if (data.for === 'HURT') {
    hurtAt = data.place;
    hurt();
  } else {
    noted.put(now, 'TOOK_OVER', { place: data.place });
  }
});
onClick('[data-pain]', (data) => {
  at('how-much').hidden = true;
  pained = data.pain;
  hurt();
});

// Whether the next move begins by itself is hers to say, once for this browser.
function tellAutomatic(wanted) {
  at('automatic').setAttribute('aria-pressed', String(wanted));
  at('automatic').textContent = wanted ? 'Goes on by itself' : 'Waits for you';
}
onClick('#automatic', (data, button) => {
  const wanted = button.getAttribute('aria-pressed') !== 'true';
  window.localStorage.setItem(AUTOMATIC, wanted ? 'yes' : 'no');
  tellAutomatic(wanted);
});
tellAutomatic(window.localStorage.getItem(AUTOMATIC) === 'yes');

// Asked once at the end: how hard it was all in all counts for every move of which nobody said it.
onClick('#finish-button', () => {
  endAsItIs();
  at('all-in-all').hidden = false;
  at('all-in-all').querySelector('button').focus();
});
at('finish').addEventListener('submit', async (event) => {
  event.preventDefault();
  at('effort').value = event.submitter?.value ?? '';
  await responses.send();
  if (responses.isEmpty()) event.target.submit();
});
at('note-form').addEventListener('submit', (event) => {
  event.preventDefault();
  const words = at('note').value.trim();
  if (words) noted.write(now, words);
  at('note').value = '';
});

// After a touch or a click the focus leaves the button, so that Enter and Space go on.
for (const button of document.querySelectorAll('.teach-answers button')) {
  button.addEventListener('click', (event) => {
    if (event.detail > 0) button.blur();
  });
}
const KEYS = {
  ArrowRight: () => go(1),
  ArrowLeft: () => go(-1),
  End: () => at('finish-button').click(),
};
document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || event.target instanceof HTMLInputElement) return;
  const onButton = event.target instanceof HTMLButtonElement || event.target instanceof HTMLAnchorElement;
  if (!onButton && (event.key === ' ' || event.key === 'Enter')) {
    event.preventDefault();
    if (event.key === ' ') toggle();
    else at('done').click();
  } else if (KEYS[event.key]) {
    KEYS[event.key]();
  } else if (!document.querySelector('meta[name=bloom-keys]')) {
    const button = document.querySelector(`.answer[data-key="${CSS.escape(event.key)}"]`);
    if (button) answer(button.dataset.told);
  }
});

setInterval(tick, 200);
responses.send();
show();
