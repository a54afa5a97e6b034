// Her own page: one part of it at a time, today's practice with its count, and answers that arrive once, also after a time without
// a network. Everything it says comes with the page, in her language.
import { counter } from './counter.js';
import { shownIn } from './figure.js';
import { leaving, notes, outbox } from './noted.js';
import { stayAwake, tones } from './sound.js';
import { asOtherSide, counted, figureAt, phaseAt, phasesDone, reading, ring, totalSeconds } from './timing.js';

const at = (id) => document.getElementById(id);
const number = (text) => Number.parseInt(text, 10) || 0;
const own = document.body.dataset;
const say = JSON.parse(own.say);
const fill = (pattern, ...values) => values.reduce((text, value, n) => text.replaceAll(`{${n}}`, String(value)), pattern);
const store = window.localStorage;
const key = (what) => `home-${own.own}-${what}`;
const newKey = () => crypto.randomUUID?.() ?? `${Date.now()}-${String(Math.random()).slice(2, 12)}`;

// The server's clock, as far as an answer of it has told; her phone's may be wrong.
const skew = () => Number(store.getItem(key('skew'))) || 0;
const now = () => new Date(Date.now() + skew());

const responses = outbox({
  name: key('answers'),
  store,
  words: { kept: say.sent, waiting: () => say.kept, refused: (why) => fill(say.refused, why) },
  refuses: (status) => [404, 413, 422].includes(status),
  isLeaving: leaving(),
  post: async (body) => {
    const answer = await fetch(own.at, {
      method: 'POST',
      headers: { 'Content-Type': 'application/x-www-form-urlencoded', Accept: 'text/plain' },
      body,
    });
    const told = Date.parse(answer.headers.get('Date') ?? '');
    if (told) store.setItem(key('skew'), String(told - Date.now()));
    return answer;
  },
  say: (words) => {
    at('kept').textContent = words;
    tellStop();
  },
});
const send = (fields) => responses.add({ day: own.day, at: now().toISOString(), formKey: newKey(), ...fields });
window.addEventListener('online', () => responses.send());

// One part of the page at a time.
const PARTS = [...document.querySelectorAll('main > section')];
const LINKED = ['today', 'week', 'floor', 'stops', 'ask'];
function show(part) {
  for (const one of PARTS) one.hidden = one.id !== part;
  at('nav').hidden = ['player', 'wrong'].includes(part);
  for (const link of document.querySelectorAll('#nav a')) {
    if (link.hash === `#${part}`) link.setAttribute('aria-current', 'page');
    else link.removeAttribute('aria-current');
  }
  window.scrollTo(0, 0);
}
function focusOn(part) {
  show(part);
  at(part).querySelector('h1, h2')?.focus();
}

const hasToldASign = () => responses.waiting().some((one) => one.kind === 'SIGN' || (one.kind === 'SAFE' && one.told === 'YES'));
const isAnswered = () => own.answered === 'true' || store.getItem(key('safe')) === own.day;

function first() {
  if (at('stop')) return 'stop';
  if (hasToldASign()) return 'stop-now';
  if (at('morning') && store.getItem(key('morning')) !== own.day) return 'morning';
  return isAnswered() ? 'today' : 'safe';
}
// What stops her is in the way of her practice, never of when to stop, or of a question.
function linked() {
  const wanted = location.hash.slice(1);
  const isFree = ['week', 'stops', 'ask'].includes(wanted);
  return LINKED.includes(wanted) && (isFree || ['today', 'floor'].includes(first())) && at(wanted) ? wanted : first();
}
window.addEventListener('hashchange', () => focusOn(linked()));

// A page that was kept from another day is for looking at: what she may do is judged on the day itself.
const today = () => now().toLocaleDateString('sv');
function tellOld() {
  const isOld = !navigator.onLine && own.day < today();
  at('old').hidden = !isOld;
  if (at('start')) at('start').disabled = isOld;
}

// Nobody is said to know of it before it has arrived.
function tellStop() {
  const waits = !responses.isEmpty();
  at('stop-waiting').hidden = navigator.onLine || !waits;
  at('stop-told').hidden = waits;
}

// A warning sign ends everything, at once and before it has reached anybody.
function stopNow() {
  tellStop();
  focusOn('stop-now');
}
document.querySelectorAll('form[data-kind]').forEach((form) => {
  form.addEventListener('submit', (event) => {
    event.preventDefault();
    const fields = new URLSearchParams(new FormData(form, event.submitter));
    const told = Object.fromEntries(fields);
    delete told.formKey;
    delete told.day;
    AFTER[form.dataset.kind](told, form, event.submitter);
  });
});
const AFTER = {
  SAFE(told) {
    send(told);
    if (told.told === 'YES') {
      stopNow();
      return;
    }
    store.setItem(key('safe'), own.day);
    focusOn('today');
  },
  SIGN(told, form, button) {
    send(told);
    at('stop-advice').textContent = button.dataset.advice;
    at('stop-chosen').textContent = button.textContent;
    stopNow();
  },
  MORNING(told) {
    send(told);
    store.setItem(key('morning'), own.day);
    focusOn(first());
  },
  QUESTION(told, form) {
    if (!told.text?.trim()) return;
    send(told);
    form.reset();
    at('ask-sent').hidden = false;
  },
  DAYS(told, form) {
    const days = new FormData(form).getAll('days');
    responses.add({
      day: own.day,
      at: now().toISOString(),
      formKey: newKey(),
      kind: 'DAYS',
      ...(days.length ? { days: days.join(',') } : {}),
    });
    at('days-saved').hidden = false;
  },
  FLOOR(told) {
    send({ ...told, holds: String(squeezes.LIFT), flicks: String(squeezes.FLICK) });
    at('floor-saved').hidden = false;
    at('floor-save').hidden = true;
  },
  HOW(told) {
    how(told);
  },
};

// Today's practice.
const practice = number(at('player')?.dataset.session);
const lines = [...document.querySelectorAll('#lines li')];
const items = lines.map((line) => ({ ...line.dataset, out: line.dataset.out === 'true' }));
const counts = lines.map((line) => JSON.parse(line.dataset.count));
const log = notes({
  add: ({ item, ...told }) => send({ kind: 'MOVE', session: String(practice), line: item, ...told }),
  waiting: () =>
    responses
      .waiting()
      .filter((one) => one.kind === 'MOVE' && one.session === String(practice))
      .map((one) => ({ ...one, item: one.line })),
});
const sound = tones();
const TONES = { done: 660, rest: 330, change: 330 };
const COUNTED = {
  ready: say.ready,
  rest: say.rest,
  set: (set, of) => fill(say.set, set, of),
  round: (round, of) => fill(say.set, round, of),
  turn: (turn, of) => fill(say.of, turn, of),
  secondsOfRest: say.secondsRest,
  secondsLeft: (of) => fill(say.secondsLeft, of),
  breaths: (of) => fill(say.breaths, of),
  repetitions: (of) => fill(say.repetitions, of),
  each: (seconds) => fill(say.each, seconds),
};
const counting = counter(counts);
const figure = shownIn(at('figure'));
let doingBefore = '';
let pain = {};

lines.forEach((one, n) => {
  if (one.dataset.ended) log.restore(n, `${one.dataset.ended}:told`);
});
const ENDS = ['DONE', 'PARTLY', 'SKIPPED'];
const hasEnded = (n) => ENDS.some((end) => log.has(n, end));
const left = () =>
  items.reduce((seconds, item, n) => seconds + (n < counting.line() || item.out ? 0 : totalSeconds(counts[n]) + number(item.change)), 0) -
  counting.elapsed();

function showLine() {
  const line = counting.line();
  const isLast = counting.isLast();
  const item = items[line];
  at('place').textContent = fill(say.of, line + 1, items.length);
  at('left').textContent = say.left[Math.max(0, Math.min(say.left.length - 1, Math.round(left() / 60)))];
  at('move').textContent = item.name;
  at('dose').textContent = [item.side, item.dose, item.breath].filter(Boolean).join(' · ');
  at('setup').textContent = item.setup;
  at('cue').textContent = item.cue;
  at('changes').textContent = item.changes ? fill(say.how, item.changes) : '';
  at('next').textContent = isLast ? '' : fill(say.then, items[line + 1].name);
  at('forward').textContent = isLast ? say.finish : say.next;
  at('back').disabled = line === 0;
  at('out').hidden = !item.out;
  at('run').hidden = item.out;
  figure.show(item.figure);
  draw();
}

function draw() {
  const count = counts[counting.line()];
  const elapsed = counting.elapsed();
  const changing = counting.changing();
  at('run').textContent = counting.isRunning() ? say.pause : elapsed > 0 ? say.goOn : say.start;
  if (changing > 0) tell(Math.ceil(changing), say.secondsChange, say.change, 'change');
  else if (counting.isOver()) tell('✓', items[counting.line()].dose, say.done, 'done');
  else {
    const { number: counted, of, doing } = reading(count, elapsed, COUNTED);
    tell(counted, of, doing, doing);
  }
  at('breath-disc').setAttribute('r', String(ring(count, counting.shown())));
  figure.step(changing > 0 ? 0 : figureAt(count, counting.shown()));
}

function tell(count, of, doing, tone) {
  at('count').textContent = String(count);
  at('of').textContent = of;
  at('doing').textContent = doing;
  if (doing === doingBefore) return;
  if (counting.isRunning()) sound.play(TONES[tone] ?? 440);
  doingBefore = doing;
}

function tick() {
  if (counting.isRunning() && !at('player').hidden) {
    if (counting.pass(performance.now())) over();
    draw();
  }
  tickFloor();
}

// An exercise that has come to its end is done; the next begins after its change, where she wants it so.
function over() {
  const next = items[counting.line() + 1];
  sound.play(TONES.done);
  end('DONE', counts[counting.line()].total);
  if (!next || next.out || store.getItem(key('auto')) === 'no') return;
  move(1, number(next.change));
  toggle();
}

function end(told, count) {
  const line = counting.line();
  if (!hasEnded(line)) log.put(line, told, { counted: String(Math.min(count, counts[line].total)) });
}

function toggle() {
  counting.toggle(performance.now());
  if (counting.isRunning()) stayAwake();
  draw();
}

function move(step, change = 0) {
  const from = counting.line();
  const to = from + step;
  const isPair = items[to].name === items[from].name && items[to].side !== items[from].side;
  const like = step === 1 && isPair ? asOtherSide(counts[from], counting.elapsed()) : null;
  if (like) counts[to] = like;
  counting.goTo(to, change);
  showLine();
}

// As far as it went: all of it, part of it, or nothing.
function leaveLine() {
  const line = counting.line();
  if (hasEnded(line)) return;
  if (counting.elapsed() > 0) end(counting.isOver() ? 'DONE' : 'PARTLY', counted(counts[line], counting.elapsed()));
  else log.put(line, 'SKIPPED', { counted: '0' });
}

function begin() {
  const open = items.findIndex((item, n) => !hasEnded(n) && !item.out);
  counting.goTo(Math.max(0, open));
  focusOn('player');
  showLine();
}
at('start')?.addEventListener('click', begin);
const onPress = (id, does) => at(id)?.addEventListener('click', does);
onPress('run', toggle);
onPress('back', () => move(-1));
onPress('forward', () => {
  leaveLine();
  if (counting.isLast()) finish();
  else move(1);
});
onPress('end', finish);
onPress('sound', () => {
  sound.toggle();
  at('sound').setAttribute('aria-pressed', String(sound.isOn()));
  at('sound').textContent = sound.isOn() ? say.soundOn : say.soundOff;
});
const tellAuto = () => at('auto')?.setAttribute('aria-pressed', String(store.getItem(key('auto')) !== 'no'));
onPress('auto', () => {
  store.setItem(key('auto'), store.getItem(key('auto')) === 'no' ? 'yes' : 'no');
  tellAuto();
});

function finish() {
  if (counting.elapsed() > 0) leaveLine();
  counting.pause();
  focusOn('how');
}

// Something is not right: told of this exercise, at once.
onPress('is-wrong', () => {
  counting.pause();
  draw();
  pain = {};
  for (const part of ['wrong-where', 'wrong-how-much', 'wrong-do']) at(part).hidden = true;
  at('wrong-what').hidden = false;
  focusOn('wrong');
});
const advise = (words) => {
  at('wrong-words').textContent = words;
  at('wrong-do').hidden = false;
  at('wrong-what').hidden = true;
};
document.querySelectorAll('[data-wrong]').forEach((button) =>
  button.addEventListener('click', () => {
    const what = button.dataset.wrong;
    if (what === 'DIZZY') {
      send({ kind: 'SIGN', told: 'DIZZINESS' });
      stopNow();
    } else if (what === 'SIGN') {
      send({ kind: 'SAFE', told: 'YES' });
      stopNow();
    } else {
      log.put(counting.line(), what);
      leaveOut(what === 'HURT' ? '' : items[counting.line()].name);
      if (what === 'HURT') {
        at('wrong-what').hidden = true;
        at('wrong-where').hidden = false;
      } else {
        advise(button.dataset.advice);
      }
    }
  }),
);
document.querySelectorAll('#wrong-where [data-place]').forEach((button) =>
  button.addEventListener('click', () => {
    pain = { place: button.dataset.place, ease: button.dataset.advice };
    log.put(counting.line(), 'HURT', { place: pain.place });
    at('wrong-where').hidden = true;
    at('wrong-how-much').hidden = false;
  }),
);
document.querySelectorAll('#wrong-how-much [data-pain]').forEach((button) =>
  button.addEventListener('click', () => {
    const much = number(button.dataset.pain);
    log.put(counting.line(), 'HURT', { place: pain.place, pain: String(much) });
    at('wrong-how-much').hidden = true;
    const isTooMuch = much > number(own.stopsAbove);
    if (isTooMuch) leaveOut(items[counting.line()].name, pain.place);
    advise(isTooMuch ? pain.ease : at('wrong-hurt').dataset.advice);
  }),
);
// What may not be done any more today: the exercise itself, and after much pain whatever loads the place or climbs the same ladder.
function leaveOut(name, place) {
  const line = counting.line();
  items.forEach((item, n) => {
    if (n < line) return;
    if (name && item.name === name) item.out = true;
    if (place && ((item.loads ?? '').split(' ').includes(place) || item.group === items[line].group)) item.out = true;
  });
}
onPress('wrong-nothing', () => focusOn('player'));
onPress('wrong-on', () => {
  const line = counting.line();
  focusOn('player');
  if (items[line].out) {
    const done = counted(counts[line], counting.elapsed());
    if (!hasEnded(line)) log.put(line, 'PARTLY', { counted: String(Math.min(done, counts[line].total)) });
    if (counting.isLast()) finish();
    else move(1);
  } else {
    showLine();
  }
});
onPress('wrong-end', finish);

// Three questions after it; pain is asked where and how much.
function how(told) {
  const session = String(practice);
  const troubles = [...document.querySelectorAll('#how [name=trouble]:checked')].map((one) => one.value);
  send({ kind: 'DONE', session, told: told.done });
  for (const trouble of troubles) {
    send({
      kind: 'TROUBLE',
      session,
      told: trouble,
      ...(told.line && trouble !== 'NONE' ? { line: told.line } : {}),
      ...(trouble === 'HURT' ? { place: told.place || 'ELSEWHERE', ...(told.pain ? { pain: told.pain } : {}) } : {}),
    });
  }
  if (told.effort) send({ kind: 'EFFORT', session, told: told.effort });
  if (troubles.includes('DIZZY')) {
    stopNow();
    return;
  }
  at('thanks-pain').hidden = !troubles.includes('HURT');
  if (at('start')) at('start').hidden = true;
  focusOn('thanks');
}
at('how')?.addEventListener('change', (event) => {
  const box = event.target;
  if (box.name !== 'trouble') return;
  const all = [...at('how').querySelectorAll('[name=trouble]')];
  if (box.checked && box.value === 'NONE') all.filter((one) => one !== box).forEach((one) => (one.checked = false));
  else if (box.checked) all.filter((one) => one.value === 'NONE').forEach((one) => (one.checked = false));
  const chosen = all.filter((one) => one.checked).map((one) => one.value);
  at('how-which').hidden = !chosen.some((one) => ['LEAKED', 'HEAVY', 'HURT'].includes(one));
  at('how-pain').hidden = !chosen.includes('HURT');
});
onPress('thanks-close', () => focusOn('today'));

// The pelvic floor: guided by the clock, or tapped along.
const floor = at('floor-guide');
const phases = floor ? JSON.parse(floor.dataset.phases) : [];
const asked = { LIFT: number(floor?.dataset.holds), FLICK: number(floor?.dataset.flicks) };
const squeezes = { LIFT: 0, FLICK: 0 };
let floorElapsed = 0;
let floorSince = 0;
let floorRuns = false;
let shownPhase = -1;
const floorPassed = () => floorElapsed + (floorRuns ? (Date.now() - floorSince) / 1000 : 0);
function tellFloor() {
  at('floor-counted').textContent = fill(say.floorCounted, squeezes.LIFT, asked.LIFT, squeezes.FLICK, asked.FLICK);
  at('floor-save').hidden = squeezes.LIFT + squeezes.FLICK === 0 && shownPhase < phases.length;
}
function tickFloor() {
  if (!floorRuns) return;
  const { index, left: remaining } = phaseAt(phases, floorPassed());
  squeezes.LIFT = phasesDone(phases, 'LIFT', floorPassed());
  squeezes.FLICK = phasesDone(phases, 'FLICK', floorPassed());
  if (index >= phases.length) {
    floorRuns = false;
    shownPhase = phases.length;
    at('floor-doing').textContent = say.floorFinished;
    at('floor-left').textContent = '';
    floor.hidden = true;
  } else {
    const phase = phases[index];
    if (index !== shownPhase) {
      shownPhase = index;
      at('floor-doing').textContent = phase.words;
      sound.play({ LIFT: 520, FLICK: 660, LET_GO: 330 }[phase.kind] ?? 260);
    }
    at('floor-left').textContent = String(Math.ceil(remaining));
  }
  tellFloor();
}
onPress('floor-guide', () => {
  floorElapsed = floorPassed();
  floorRuns = !floorRuns;
  floorSince = Date.now();
  floor.textContent = floorRuns ? say.pause : say.goOn;
  if (floorRuns) stayAwake();
});
for (const kind of ['LIFT', 'FLICK']) {
  onPress(`tap-${kind}`, () => {
    squeezes[kind] += 1;
    tellFloor();
  });
}
if (floor) tellFloor();

// Without a network the page, its scripts and its pictures are at hand once they were loaded.
if ('serviceWorker' in navigator) {
  navigator.serviceWorker
    .register(`/home/worker.js?v=${encodeURIComponent(own.version)}`, { scope: '/home/', updateViaCache: 'none' })
    .then(() => navigator.serviceWorker.ready)
    .then((ready) => ready.active?.postMessage({ keep: [own.at, ...items.map((item) => item.figure).filter(Boolean)] }))
    .catch(() => {});
}

document.body.classList.add('js');
tellAuto();
tellOld();
window.addEventListener('offline', tellOld);
window.addEventListener('online', tellOld);
setInterval(tick, 100);
responses.send();
show(linked());
