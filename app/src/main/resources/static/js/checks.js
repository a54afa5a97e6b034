// The gap check by keyboard: digits choose and move on, y and n say doming, s says sore, arrows change the site.
const form = document.querySelector('form.gap');

const widths = () => [...form.querySelectorAll('input.width')];

const goTo = (element) => {
  if (!element) return;
  const state = element.name.split('-')[1];
  const choice = document.getElementById(`state-${state}`);
  if (choice && !choice.checked) {
    choice.checked = true;
    choice.dispatchEvent(new Event('change', { bubbles: true }));
  }
  element.focus();
  element.select?.();
};

const besides = (element, step) => {
  const all = widths();
  const name = element.name.replace(/^[a-z]+-/, 'width-');
  return all[all.findIndex((one) => one.name === name) + step];
};

const choose = (radio) => {
  radio.checked = true;
  radio.dispatchEvent(new Event('change', { bubbles: true }));
};

const groupsOfRow = (element) => [...element.closest('tr').querySelectorAll('[role=radiogroup]')];

// Focus goes to the next group of the row, and from the last to soreness, which is never passed over.
const moveOn = (radio) => {
  const groups = groupsOfRow(radio);
  const next = groups[groups.indexOf(radio.closest('[role=radiogroup]')) + 1];
  if (next) (next.querySelector('input:checked') ?? next.querySelector('input')).focus();
  else radio.closest('tr').querySelector('.sore input').focus();
};

// At soreness: s or y says sore, n says not, and a digit begins the next width.
const soreKey = (event) => {
  const box = event.target;
  if (event.key === 's' || event.key === 'y' || event.key === 'n') {
    box.checked = event.key === 's' ? !box.checked : event.key === 'y';
    box.dispatchEvent(new Event('change', { bubbles: true }));
    event.preventDefault();
  } else if (/^[0-9]$/.test(event.key)) {
    goTo(besides(box, 1));
  }
};

// Fingers have one digit: the next one is the depth. A half is typed as ½, ,5 or .5.
const isFullWidth = (input) =>
  form.querySelector('[name=method]:checked, [name=method][type=hidden]')?.value === 'FINGERS' &&
  /^\d(½|[.,]5)?$/.test(input.value) &&
  input.selectionStart === input.value.length;

const depthKey = (event) => {
  const depth = groupsOfRow(event.target)[0]?.querySelectorAll('input')[Number(event.key)];
  if (!depth) return;
  choose(depth);
  moveOn(depth);
  event.preventDefault();
};

const radioKey = (event) => {
  const options = [...event.target.closest('[role=radiogroup]').querySelectorAll('input')];
  const doming = options[0].name.startsWith('domed');
  const wanted = doming ? { n: 0, y: 1, 0: 0, 1: 1 }[event.key] : Number(event.key);
  if (event.key === 's') {
    event.target.closest('tr').querySelector('.sore input').click();
  } else if (options[wanted] && event.key.trim() !== '') {
    choose(options[wanted]);
    moveOn(event.target);
  } else {
    return;
  }
  event.preventDefault();
};

form?.addEventListener('keydown', (event) => {
  const input = event.target;
  if (!(input instanceof HTMLInputElement) || event.ctrlKey || event.metaKey || event.altKey) return;
  const inGrid = input.closest('.gap-grid');
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (input.classList.contains('width') && /^[0-9]$/.test(event.key) && isFullWidth(input)) depthKey(event);
  else if (input.classList.contains('width') && step) {
    event.preventDefault();
    goTo(besides(input, step));
  } else if (inGrid && input.type === 'radio') {
    radioKey(event);
  } else if (inGrid && input.type === 'checkbox') {
    soreKey(event);
  }
});

// The pelvic floor check: hold Space or the button to time a hold, tap to count.
const sheet = document.querySelector('form.sheet');
const holdButton = sheet?.querySelector('[data-hold]');
let heldSince = null;

const tell = (field, value) => {
  const input = document.getElementById(field);
  input.value = String(value);
  input.dispatchEvent(new Event('input', { bubbles: true }));
};

const startHold = () => {
  if (heldSince !== null) return;
  heldSince = performance.now();
  holdButton.setAttribute('aria-pressed', 'true');
  requestAnimationFrame(showHold);
};

const showHold = () => {
  if (heldSince === null) return;
  holdButton.querySelector('.pf-live').textContent = `${((performance.now() - heldSince) / 1000).toFixed(1)} s`;
  requestAnimationFrame(showHold);
};

// The best hold counts, in whole seconds that were really held.
const endHold = () => {
  if (heldSince === null) return;
  const seconds = Math.min(60, Math.floor((performance.now() - heldSince) / 1000));
  heldSince = null;
  holdButton.setAttribute('aria-pressed', 'false');
  const best = Number(document.getElementById(holdButton.dataset.hold).value) || 0;
  if (seconds > best) tell(holdButton.dataset.hold, seconds);
};

const taps = {};

const tap = (button) => {
  const field = button.dataset.tap;
  const now = performance.now();
  const input = document.getElementById(field);
  const most = { flicks: 50, letGoOfTen: 10 }[field] ?? 30;
  taps[field] = [...(taps[field] ?? []), now];
  tell(field, Math.min(most, (Number(input.value) || 0) + 1));
  const rhythm = button.querySelector('.pf-rhythm');
  const last = taps[field].slice(-5);
  if (rhythm && last.length > 1) rhythm.textContent = `${((1000 * (last.length - 1)) / (now - last[0])).toFixed(1)} a second`;
};

if (holdButton) {
  holdButton.addEventListener('pointerdown', (event) => {
    event.preventDefault();
    holdButton.setPointerCapture?.(event.pointerId);
    startHold();
  });
  for (const end of ['pointerup', 'pointercancel']) holdButton.addEventListener(end, endHold);
  document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const target = event.target instanceof Element ? event.target : document.body;
    const typing = target.closest('input:not([type=radio]):not([type=checkbox]), select, textarea');
    const pressing = target.closest('a, summary, input, button:not([data-hold]):not([data-tap])');
    if (typing || (pressing && [' ', 'Enter'].includes(event.key))) return;
    const counter = document.querySelector('meta[name=bloom-keys]')
      ? undefined
      : { f: 'flicks', h: 'holdRepetitions', g: 'letGoOfTen' }[event.key];
    if (event.key === ' ') {
      event.preventDefault();
      if (!event.repeat) startHold();
    } else if (event.key === 'Enter' && event.repeat) {
      event.preventDefault();
    } else if (counter && !event.repeat) {
      event.preventDefault();
      tap(sheet.querySelector(`[data-tap=${counter}]`));
    }
  });
  // Taken at both ends, so that Space never presses a button as well; and a hold ends when the window is left.
  document.addEventListener('keyup', (event) => {
    if (event.key === ' ' && heldSince !== null) {
      event.preventDefault();
      endHold();
    }
  });
  window.addEventListener('blur', endHold);
  // The keys count from the first moment on: no choice has the focus that Space would tick unseen, nor after a touch.
  if (document.activeElement === document.body || sheet.contains(document.activeElement)) holdButton.focus({ preventScroll: true });
  sheet.addEventListener('click', (event) => {
    if (event.detail > 0 && event.target instanceof HTMLInputElement && ['radio', 'checkbox'].includes(event.target.type))
      event.target.blur();
    const button = event.target instanceof Element && event.target.closest('[data-tap], [data-clear]');
    if (!button) return;
    if (button.dataset.tap) tap(button);
    else {
      taps[button.dataset.clear] = [];
      tell(button.dataset.clear, '');
    }
  });
}

// The picture of a check can be touched: a zone goes on to its next answer, an area or a rung is chosen.
document.addEventListener('click', (event) => {
  const part = event.target instanceof Element && event.target.closest('#seen [data-choice]');
  if (!part) return;
  const fields = [...document.getElementsByName(part.dataset.choice)];
  const field = fields.find((one) => one.value === part.dataset.value) ?? fields[0];
  if (field instanceof HTMLSelectElement) {
    if ([...field.options].some((option) => option.value === part.dataset.value)) field.value = part.dataset.value;
  } else if (field?.type === 'checkbox') field.checked = !field.checked;
  else if (field) fields[(fields.findIndex((one) => one.checked) + 1) % fields.length].checked = true;
  field?.dispatchEvent(new Event('change', { bubbles: true }));
});
