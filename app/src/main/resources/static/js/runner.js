// Teaching: counts, paces the breath, keeps the sides equal, notes responses. The instructor watches the woman.
import { counter } from './counter.js';
import { shownIn } from './figure.js';
import { leaving, notes, outbox } from './noted.js';
import { stayAwake, tones } from './sound.js';
import { asOtherSide, counted, figureAt, reading, ring } from './timing.js';

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
// Whoever is taught: one woman, or several at once. What each of them does of a line stands beside it.
const people = [...document.querySelectorAll('#people li')].map((line) => ({ ...line.dataset }));
const parts = lines.map((line) => JSON.parse(line.dataset.parts));
const isClass = people.length > 1;
const OUT = 'teach-out';
const isOut = (person) => window.sessionStorage.getItem(`${OUT}-${people[person].session}`) === 'yes';
const isLeaving = leaving();
const logs = people.map((person) => {
  const responses = outbox({
    name: `teach-${person.session}`,
    store: window.sessionStorage,
    isLeaving,
    post: (body) =>
      fetch(person.responses, {
        method: 'POST',
        headers: {
          [document.querySelector('meta[name=_csrf_header]').content]: document.querySelector('meta[name=_csrf]').content,
          'Content-Type': 'application/x-www-form-urlencoded',
        },
        body,
      }),
    say: (words) => {
      at('kept').textContent = isClass ? `${person.name}: ${words}` : words;
    },
  });
  return { responses, noted: notes(responses) };
});
parts.forEach((ofLine) =>
  ofLine.forEach((part, person) => {
    if (part.line >= 0) logs[person].noted.restore(part.line, part.noted);
  }),
);

const WORDS = { DONE: 'done', PARTLY: 'partly done', SKIPPED: 'skipped' };
for (const button of document.querySelectorAll('.answer')) WORDS[button.dataset.told] = button.dataset.words;

const counting = counter(counts);
const now = () => counting.line();
const figure = shownIn(at('figure'));
counting.goTo(Math.max(0, Math.min(items.length - 1, number(runner.dataset.start))));
let doingBefore = '';
let hurtAt = '';
let pained = '';
// Of whom something is noted: of one alone always of her, of a class of whom was pressed last.
let who = isClass ? -1 : 0;

const nobody = { line: -1, how: '', held: '', stopped: '', weighted: false, kilograms: '' };
const partOf = (person, line = now()) => parts[line][person] ?? nobody;
const part = (line = now()) => partOf(who, line);
const notedOf = (person) => (partOf(person).line < 0 ? [] : logs[person].noted.of(partOf(person).line));
const has = (person, what) => partOf(person).line >= 0 && logs[person].noted.has(partOf(person).line, what);
const sided = (item) => item.side === 'LEFT' || item.side === 'RIGHT';
const named = (item) => item.name + (sided(item) ? `, ${item.sideWords}` : '');
const hasEnded = (person) => ENDS.some((how) => has(person, how));
const doers = () => [...people.keys()].filter((person) => partOf(person).line >= 0 && !isOut(person) && !partOf(person).stopped);
const hideQuestions = () => {
  for (const id of ['where', 'how-much', 'took-over']) at(id).hidden = true;
};

function show() {
  const item = items[now()];
  const before = items[now() - 1];
  at('place').textContent = `${now() + 1} of ${items.length}`;
  at('move').textContent = item.name;
  at('position').textContent = item.position;
  at('side').textContent = item.sideWords;
  at('round').textContent = number(item.round) ? `· round ${item.round}` : '';
  at('how').textContent = [isClass ? '' : part().how, item.note].filter(Boolean).join('; ');
  at('setup').textContent = item.setup;
  at('details').textContent = item.details;
  at('cue').textContent = item.cue;
  at('explain').hidden = !item.explained;
  at('explain').href = `/explained#${item.explained ?? ''}`;
  at('watch').textContent = item.watch ? `Watch for: ${item.watch}` : '';
  at('next').textContent = counting.isLast() ? 'up by the side, then done' : named(items[now() + 1]);
  at('announced').textContent = `${named(item)}, ${item.dose}`;
  at('back').disabled = now() === 0;
  at('forward').hidden = counting.isLast();
  at('finish-button').textContent = counting.isLast() ? 'Finish' : 'Finish here';
  if (isClass) who = -1;
  at('compare').hidden = !(sided(item) && before && before.name === item.name && before.side !== item.side);
  hideQuestions();
  marks();
  figure.show(item.figure);
  draw();
}

function marks() {
  for (const button of document.querySelectorAll('.answer')) {
    button.setAttribute('aria-pressed', String(who >= 0 && has(who, button.dataset.told)));
    button.disabled = isClass && part().line < 0;
  }
  const here = who < 0 ? [] : notedOf(who);
  const nothing = isClass && who < 0 ? 'Press a name, then what you saw.' : '';
  at('last').textContent = here.length === 0 ? nothing : `noted: ${inWords(here)}`;
  at('undo').hidden = here.length === 0;
  at('load').hidden = !part().weighted;
  if (document.activeElement !== at('kilograms')) at('kilograms').value = part().kilograms;
  showStop();
  showPeople();
}

const inWords = (told) => told.map((one) => WORDS[one] ?? one.toLowerCase()).join(', ');

function showPeople() {
  for (const tile of document.querySelectorAll('.person')) {
    const person = number(tile.dataset.person);
    const hers = partOf(person);
    const out = isOut(person);
    tile.setAttribute('aria-pressed', String(person === who));
    tile.dataset.does = out ? 'out' : hers.stopped || hers.held ? 'held' : hers.line < 0 ? 'rests' : hers.called ? 'changed' : 'same';
    tile.querySelector('.person-does').textContent = out ? 'stopped' : hers.stopped || hers.held ? 'leave it out' : hers.called || 'same';
    tile.querySelector('.person-noted').textContent = inWords(notedOf(person).filter((told) => !ENDS.includes(told)));
  }
}

// Whom an answer is about; what she does stands there in full.
function choose(person) {
  who = person === who ? -1 : person;
  at('unwell').href = `/people/${people[Math.max(0, who)].woman}/safe?again=1`;
  at('how').textContent = who < 0 ? '' : [people[who].name, part().how || 'as it is called out'].join(': ');
  hideQuestions();
  marks();
}

function draw() {
  const item = items[now()];
  const count = counts[now()];
  const elapsed = counting.elapsed();
  const changing = counting.changing();
  at('run').textContent = counting.isRunning() ? 'Pause' : elapsed > 0 ? 'Resume' : 'Start';
  at('run').disabled = !isClass && Boolean(part().stopped);
  if (changing > 0) tell(String(Math.ceil(changing)), `seconds to change: ${named(item)}`, 'change');
  else if (counting.isOver()) tell('✓', item.dose, 'done');
  else {
    const { number: counted, of, doing: phase } = reading(count, elapsed);
    tell(String(counted), of, phase);
  }
  at('breath-disc').setAttribute('r', String(ring(count, counting.shown())));
  figure.step(changing > 0 ? 0 : figureAt(count, counting.shown()));
}

function tell(count, of, doing) {
  at('count').textContent = count;
  at('of').textContent = of;
  at('phase').textContent = doing;
  if (doing === doingBefore) return;
  if (counting.isRunning()) sound.play(TONES[doing] ?? 440);
  doingBefore = doing;
}

function tick() {
  if (!counting.isRunning()) return;
  if (counting.pass(performance.now())) over();
  draw();
}

// An item that has come to its end is done; the next begins by itself where the clock says so, or where she wants it so.
function over() {
  sound.play(TONES.done);
  end('DONE', counts[now()].total);
  const wanted = at('automatic').getAttribute('aria-pressed') === 'true';
  const next = counts[now() + 1];
  if (!next || (!isClass && part(now() + 1).held) || !(wanted || (byTheClock && counts[now()].clock && next.clock))) return;
  counting.goTo(now() + 1, number(items[now() + 1].change));
  counting.toggle(performance.now());
  show();
}

function toggle() {
  if (!isClass && part().stopped) return;
  counting.toggle(performance.now());
  if (counting.isRunning()) stayAwake();
  draw();
}

// What was counted out, for everybody who did it; nobody did more than was asked of her.
function end(how, count) {
  for (const person of doers()) {
    if (!hasEnded(person)) endOf(person, how, Math.min(count, partOf(person).total));
  }
  marks();
}

function endOf(person, how, count) {
  const hers = partOf(person);
  const kilograms = person === who && hers.weighted && how !== 'SKIPPED' ? at('kilograms').value.trim() : '';
  if (kilograms) {
    parts.filter((ofLine, line) => items[line].name === items[now()].name).forEach((ofLine) => (ofLine[person].kilograms = kilograms));
  }
  logs[person].noted.put(hers.line, how, { counted: String(count), ...(kilograms ? { kilograms } : {}) });
}

// As far as it went: all of it, part of it, or nothing.
function endAsItIs() {
  if (counting.elapsed() > 0) end(counting.isOver() ? 'DONE' : 'PARTLY', counted(counts[now()], counting.elapsed()));
}

// What the first side managed is what the other side does.
function evenOut(from, to) {
  const isPair = items[from].name === items[to].name && items[from].side !== items[to].side && sided(items[from]) && sided(items[to]);
  const like = isPair ? asOtherSide(counts[from], counting.elapsed()) : null;
  if (!like) return;
  counts[to] = like;
  items[to].dose = `${like.repetitions} as on the other side`;
}

function go(step) {
  const target = now() + step;
  if (target < 0 || target >= items.length) return;
  if (step === 1) {
    evenOut(now(), target);
    endAsItIs();
    if (counting.elapsed() === 0) skip();
  }
  counting.goTo(target);
  show();
}

// Nothing was counted: whoever told something began, the others left it out.
function skip() {
  for (const person of doers()) {
    if (!hasEnded(person)) endOf(person, notedOf(person).length > 0 ? 'PARTLY' : 'SKIPPED', 0);
  }
  marks();
}

// An answer is kept when it is pressed; a second press takes it back. Where and how much are asked afterwards.
function answer(what) {
  if (part().line < 0) {
    at('kept').textContent = who < 0 ? 'First press who it is about.' : `${people[who].name} rests with breath.`;
    return;
  }
  if (has(who, what)) {
    takeBack(what);
    hideQuestions();
    return;
  }
  if (EFFORTS.includes(what)) EFFORTS.filter((other) => other !== what).forEach((other) => logs[who].noted.takeBack(part().line, other));
  logs[who].noted.put(part().line, what);
  marks();
  hurtAt = '';
  pained = '';
  at('where').hidden = what !== 'HURT';
  at('how-much').hidden = what !== 'HURT';
  at('took-over').hidden = what !== 'TOOK_OVER';
}

function takeBack(what) {
  logs[who].noted.takeBack(part().line, what);
  if (what === 'HURT') release(now());
  marks();
}

function hurt() {
  logs[who].noted.put(part().line, 'HURT', { ...(hurtAt ? { place: hurtAt } : {}), ...(pained === '' ? {} : { pain: pained }) });
  if (Number(pained) > stopsAbove) stop(hurtAt || 'ELSEWHERE');
  marks();
}

// Too much pain ends the move, and every later one that loads the place; what to do stands there.
function stop(place) {
  if (!isClass) counting.pause();
  if (!isClass) counting.skipChange();
  const hers = part();
  ENDS.forEach((how) => logs[who].noted.takeBack(hers.line, how));
  logs[who].noted.put(hers.line, 'PARTLY', { counted: String(Math.min(counted(counts[now()], counting.elapsed()), hers.total)) });
  const where = document.querySelector(`[data-place="${CSS.escape(place)}"][data-for="HURT"]`);
  const why = `pain ${pained} of 10${place === 'ELSEWHERE' ? '' : ` at the ${where.textContent}`}`;
  for (let line = now() + 1; line < items.length; line += 1) {
    const later = part(line);
    const loadsIt = (later.loads ?? '').split(' ').includes(place);
    const alike = (items[line].strand === items[now()].strand && later.earned) || items[line].name === items[now()].name;
    if (later.line >= 0 && !later.held && (loadsIt || alike)) {
      later.held = `${why} today`;
      later.heldBy = now();
    }
  }
  hers.held = '';
  hers.stopped = `Stop this one: ${why}. ${where.dataset.say}`;
  marks();
  draw();
  if (!isClass) at('phase').textContent = 'stopped';
}

function showStop() {
  const { stopped, held } = part();
  at('stopped').hidden = !stopped && !held;
  at('stopped-words').textContent = stopped || (held ? `Held: ${held}. Leave it out today.` : '');
}

// What a pain that was taken back had held.
function release(line) {
  for (const ofLine of parts) {
    if (ofLine[who]?.heldBy === line) {
      ofLine[who].held = '';
      ofLine[who].heldBy = undefined;
    }
  }
  part(line).stopped = '';
  marks();
  draw();
}

const onClick = (selector, does) =>
  document.querySelectorAll(selector).forEach((button) => button.addEventListener('click', () => does(button.dataset, button)));

onClick('#run', toggle);
onClick('#done', () => {
  end('DONE', counts[now()].total);
  if (!counting.isLast()) go(1);
});
onClick('#repeat', () => {
  counting.again();
  draw();
});
onClick('#back', () => go(-1));
onClick('#forward', () => go(1));
onClick('#undo', () => takeBack(notedOf(who).at(-1)));
onClick('.person', (data) => choose(number(data.person)));
onClick('#unwell', (data, link) => {
  if (!isClass) return;
  if (who < 0) {
    at('kept').textContent = 'First press who is unwell.';
    link.removeAttribute('href');
    return;
  }
  window.sessionStorage.setItem(`${OUT}-${people[who].session}`, 'yes');
  marks();
});
onClick('#sound', (data, button) => {
  sound.toggle();
  button.setAttribute('aria-pressed', String(sound.isOn()));
  button.textContent = sound.isOn() ? 'Sound on' : 'Sound off';
});
onClick('.answer', (data) => answer(data.told));
onClick('[data-compare]', (data) => write(`${data.compare}: ${data.words}`));
onClick('[data-place]', (data, button) => {
  button.parentElement.hidden = true;
  if (data.for === 'HURT') {
    hurtAt = data.place;
    hurt();
  } else {
    logs[who].noted.put(part().line, 'TOOK_OVER', { place: data.place });
  }
});
onClick('[data-pain]', (data) => {
  at('how-much').hidden = true;
  pained = data.pain;
  hurt();
});

// Of nobody in particular it is noted of everybody who does it.
function write(words) {
  for (const person of who >= 0 ? [who] : doers()) logs[person].noted.write(partOf(person).line, words);
}

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
  at('all-in-all').querySelector('button, input').focus();
});
at('finish').addEventListener('submit', async (event) => {
  event.preventDefault();
  at('effort').value = event.submitter?.value ?? '';
  await Promise.all(logs.map((log) => log.responses.send()));
  if (logs.every((log) => log.responses.isEmpty())) event.target.submit();
});
at('note-form').addEventListener('submit', (event) => {
  event.preventDefault();
  const words = at('note').value.trim();
  if (words) write(words);
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
  } else if (isClass && /^[1-9]$/.test(event.key) && number(event.key) <= people.length) {
    choose(number(event.key) - 1);
  } else if (KEYS[event.key]) {
    KEYS[event.key]();
  } else if (!document.querySelector('meta[name=bloom-keys]')) {
    const button = document.querySelector(`.answer[data-key="${CSS.escape(event.key)}"]`);
    if (button) answer(button.dataset.told);
  }
});

setInterval(tick, 200);
logs.forEach((log) => log.responses.send());
show();
