// A move in motion: the server draws the steps from start to end, this shows them to and fro. Who wants less motion sees both ends.
import { toAndFro } from './timing.js';

const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
const loaded = new Map();
const ROUND_MS = 5000;

function frames(address) {
  if (!loaded.has(address)) {
    loaded.set(
      address,
      fetch(address)
        .then((answer) => (answer.ok ? answer.json() : []))
        .catch(() => []),
    );
  }
  return loaded.get(address);
}

// Shows one step, 0 where the move begins to 1 where it goes to; with less motion both, side by side.
function showStep(place, steps, share) {
  if (steps.length === 0) return;
  const wanted = still && steps.length > 1 ? 'both' : String(Math.round(share * (steps.length - 1)));
  if (place.dataset.step === wanted && place.dataset.of === place.dataset.frames) return;
  place.dataset.step = wanted;
  place.dataset.of = place.dataset.frames;
  place.classList.toggle('both', wanted === 'both');
  place.innerHTML = wanted === 'both' ? steps[0] + steps[steps.length - 1] : steps[Number(wanted)];
}

// A place that shows one figure after the other; what arrives late is not shown.
export function shownIn(place) {
  let steps = [];
  return {
    async show(address) {
      steps = [];
      place.replaceChildren();
      place.dataset.frames = address;
      if (!address) return;
      const loaded = await frames(address);
      if (place.dataset.frames !== address) return;
      steps = loaded;
      showStep(place, steps, steps.length > 1 ? 0 : 1);
    },
    step: (share) => showStep(place, steps, share),
  };
}

function play(place) {
  const button = document.createElement('button');
  button.type = 'button';
  button.className = 'btn btn-outline-primary btn-sm figure-stop';
  let moving = !still;
  let since = performance.now();
  let steps = [];
  const name = () => {
    button.textContent = moving ? (place.dataset.hold ?? 'Hold still') : (place.dataset.move ?? 'Move');
  };
  const load = async () => {
    steps = await frames(place.dataset.frames);
    button.hidden = still || steps.length < 2;
    showStep(place, steps, steps.length > 1 ? 0 : 1);
  };
  const tick = (at) => {
    if (moving && steps.length > 1) showStep(place, steps, toAndFro(((at - since) % ROUND_MS) / ROUND_MS));
    requestAnimationFrame(tick);
  };
  button.addEventListener('click', () => {
    moving = !moving;
    since = performance.now();
    name();
    if (!moving) showStep(place, steps, 1);
  });
  place.addEventListener('figure:changed', load);
  place.after(button);
  name();
  load();
  requestAnimationFrame(tick);
}

// What is folded away or far down loads when it comes into view.
const seen = new IntersectionObserver((entries) => {
  entries
    .filter((entry) => entry.isIntersecting)
    .forEach((entry) => {
      seen.unobserve(entry.target);
      play(entry.target);
    });
});

document.querySelectorAll('.moving').forEach((place) => {
  const slider = document.querySelector('input[type=range]#week');
  const address = new URL(place.dataset.frames, location.href);
  if (slider) {
    const set = () => {
      address.searchParams.set('week', slider.value);
      place.dataset.frames = address.pathname + address.search;
      const told = document.getElementById('week-told');
      if (told) told.textContent = slider.value;
    };
    set();
    slider.addEventListener('input', () => {
      set();
      place.dispatchEvent(new Event('figure:changed'));
    });
    slider.form.querySelector('button').hidden = true;
  }
  seen.observe(place);
});

// A figure that is chosen from a list is shown beside it; its joints can be turned, and the picture follows.
document.querySelectorAll('[data-figure-of]').forEach((list) => {
  const picture = document.getElementById(list.dataset.figureOf);
  const joints = document.getElementById('joints');
  const sliders = joints ? [...joints.querySelectorAll('[data-joint]')] : [];
  const told = document.getElementById('figure-problem');
  const address = () => `/figures/${encodeURIComponent(list.value)}.svg`;
  let asked = 0;
  const say = () =>
    sliders.forEach((slider) => {
      slider.nextElementSibling.textContent = `${slider.value}°`;
    });
  const draw = async () => {
    say();
    const mine = ++asked;
    const answer = await fetch(`${address()}?${new URLSearchParams(sliders.map((slider) => [slider.dataset.joint, slider.value]))}`);
    const text = await answer.text();
    if (mine !== asked) return;
    told.textContent = answer.ok ? '' : text;
    if (answer.ok) picture.src = `data:image/svg+xml,${encodeURIComponent(text)}`;
  };
  const choose = async () => {
    picture.src = address();
    if (!joints) return;
    const answer = await fetch(`/figures/${encodeURIComponent(list.value)}.json`);
    if (!answer.ok) return;
    const measured = await answer.json();
    sliders.forEach((slider) => {
      slider.value = measured[slider.dataset.joint];
    });
    document.getElementById('jointsOf').value = list.value;
    told.textContent = '';
    say();
  };
  list.addEventListener('change', choose);
  if (joints) {
    say();
    joints.addEventListener('input', draw);
    document.getElementById('joints-back').addEventListener('click', choose);
  }
});

// The card of a move: on hover and focus, and on the first touch; the second touch follows the link.
const card = document.getElementById('move-card');
if (card) {
  let shownFor = null;
  const show = (cell) => {
    if (shownFor === cell) return;
    shownFor = cell;
    card.querySelector('img').src = cell.dataset.figure;
    card.querySelector('strong').textContent = cell.dataset.name;
    card.querySelector('.quiet').textContent = cell.dataset.says;
    card.querySelector('a').href = cell.href;
    card.hidden = false;
    const at = cell.getBoundingClientRect();
    const left = Math.min(at.left, document.documentElement.clientWidth - card.offsetWidth - 8);
    const below = at.bottom + card.offsetHeight + 8 < window.innerHeight;
    card.style.setProperty('left', `${Math.max(8, left) + window.scrollX}px`);
    card.style.setProperty('top', `${(below ? at.bottom + 4 : at.top - card.offsetHeight - 4) + window.scrollY}px`);
  };
  const hide = () => {
    card.hidden = true;
    shownFor = null;
  };
  const cellOf = (event) => event.target instanceof Element && event.target.closest('.move-cell');
  document.addEventListener('pointerover', (event) => {
    if (event.pointerType === 'mouse') {
      const cell = cellOf(event);
      if (cell) show(cell);
      else if (!event.target.closest('#move-card')) hide();
    }
  });
  document.addEventListener('focusin', (event) => {
    const cell = cellOf(event);
    if (cell) show(cell);
    else if (!card.contains(event.target)) hide();
  });
  document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') hide();
  });
  document.addEventListener('click', (event) => {
    const cell = cellOf(event);
    if (cell && event.pointerType === 'touch' && card.dataset.touched !== cell.dataset.name) {
      event.preventDefault();
      card.dataset.touched = cell.dataset.name;
      show(cell);
    }
  });
}
