// Long pages. data-fold="always" or "phone": the heading of a part becomes a button, and what is chosen in it stands beside it.
// "short" is a phone or a low screen. data-more="8", data-more-short="5": a list shows its first lines, on a phone
// data-more-phone. What has an error in it stays open. Without a script, and on paper, everything is shown.
const phone = window.matchMedia('(max-width: 40em)').matches;
const short = phone || window.matchMedia('(max-height: 48.75em)').matches;
const folds = { always: true, phone, short };
const hasProblem = (part) => part.querySelector('.problem:not(:empty)') !== null;

// On paper everything stands; afterwards it is as it was.
function printWhole(isFolded, show) {
  let folded = false;
  window.addEventListener('beforeprint', () => {
    folded = isFolded();
    if (folded) show(true);
  });
  window.addEventListener('afterprint', () => {
    if (folded) show(false);
  });
}

function labelOf(input) {
  const label = input.closest('label') ?? document.querySelector(`label[for="${CSS.escape(input.id)}"]`);
  return label?.textContent.trim().replace(/\s+/g, ' ') ?? '';
}

// What is chosen or typed in a part, in a few words.
function told(part) {
  const words = [];
  part.querySelectorAll('input, select, textarea').forEach((input) => {
    if (['hidden', 'password', 'submit'].includes(input.type) || input.closest('details:not([open])')) return;
    if (['checkbox', 'radio'].includes(input.type)) {
      if (input.checked) words.push(labelOf(input));
    } else if (input instanceof HTMLSelectElement) {
      if (input.value) words.push(input.selectedOptions[0].textContent.trim());
    } else if (input.value) words.push(input.value);
  });
  const shown = words
    .filter(Boolean)
    .slice(0, 3)
    .map((word) => (word.length > 40 ? `${word.slice(0, 38)}…` : word));
  return shown.join(', ') + (words.length > shown.length ? ` and ${words.length - shown.length} more` : '');
}

function shorten(list) {
  const most = Number((phone && list.dataset.morePhone) || (short && list.dataset.moreShort) || list.dataset.more || 0);
  const later = [...list.children].slice(most);
  if (!most || later.length < 2 || later.some(hasProblem)) return;
  const button = document.createElement('button');
  button.type = 'button';
  button.className = 'btn btn-link more-button';
  button.textContent = `${later.length} more`;
  const show = (open) => {
    later.forEach((line) => {
      line.hidden = !open;
    });
    button.hidden = open;
  };
  show(false);
  button.addEventListener('click', () => {
    show(true);
    later[0].querySelector('a, button, input')?.focus();
  });
  (list.closest('table') ?? list).after(button);
  printWhole(() => !button.hidden, show);
}

// What she opened stays open when the server sends the part again.
const opened = new Set();

function fold(part) {
  const heading = part.querySelector(':scope > h2, :scope > legend, :scope > .title-line > h2');
  if (!heading || !folds[part.dataset.fold]) return;
  const rest = [...part.children].filter((child) => child !== heading && !child.contains(heading) && child.type !== 'hidden');
  const key = heading.textContent.trim();
  const button = document.createElement('button');
  const chosen = document.createElement('span');
  button.type = 'button';
  button.className = 'fold-button';
  chosen.className = 'fold-told quiet';
  button.append(...heading.childNodes);
  button.append(chosen);
  heading.append(button);
  const show = (open) => {
    button.setAttribute('aria-expanded', String(open));
    rest.forEach((child) => {
      child.hidden = !open;
    });
    part.classList.toggle('is-folded', !open);
    chosen.textContent = open || !part.matches('form, fieldset') ? '' : told(part);
  };
  button.addEventListener('click', () => {
    const open = button.getAttribute('aria-expanded') !== 'true';
    if (open) opened.add(key);
    else opened.delete(key);
    show(open);
  });
  part.addEventListener('bloom:open', () => show(true));
  printWhole(() => button.getAttribute('aria-expanded') !== 'true', show);
  show(hasProblem(part) || opened.has(key) || (part.hasAttribute('data-open') && !phone));
}

// A part is folded once, also one that comes later.
function all(selector, does) {
  document.querySelectorAll(selector).forEach((part) => {
    if (part.dataset.folds) return;
    part.dataset.folds = 'yes';
    does(part);
  });
}

// A drawing wider than its screen is moved sideways, by keys as well.
function reachByKeys(picture) {
  if (picture.scrollWidth <= picture.clientWidth) return;
  picture.tabIndex = 0;
  picture.setAttribute('role', 'group');
  picture.setAttribute('aria-label', 'Drawing, moves sideways');
}

function foldAll() {
  document.querySelectorAll('.map, .strip-picture, .ribbon-picture').forEach(reachByKeys);
  all('[data-more], [data-more-short], [data-more-phone]', shorten);
  all('[data-fold]', fold);
}

// A check sheet on a phone: its first question is open.
document.querySelectorAll('#fields > fieldset').forEach((part, at) => {
  if (at > 0) part.dataset.fold ??= 'phone';
});
foldAll();
document.addEventListener('htmx:afterSettle', foldAll);
