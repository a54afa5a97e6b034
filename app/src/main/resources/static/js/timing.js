// How far an item is after so many seconds of it. Pure: no page and no clock of its own, so that it can be tested by itself.
// What is counted comes from the server: { steps: [{ kind, words, seconds }], repetitions, sets, rest, by, clock, total }.

const A_BREATH = 6;
const RING = { smallest: 24, grows: 26, ready: 30 };

export const repetitionSeconds = (count) => count.steps.reduce((sum, step) => sum + step.seconds, 0);
const setSeconds = (count) => count.repetitions * repetitionSeconds(count);
const breathsOf = (count) => Math.max(1, Math.floor(repetitionSeconds(count) / A_BREATH));

export function totalSeconds(count) {
  return count.clock || count.sets * setSeconds(count) + (count.sets - 1) * count.rest;
}

export const isOver = (count, elapsed) => elapsed >= totalSeconds(count);

// Where she is: which set from 0, whether she rests, which repetition of the set from 0, and how far into both.
export function moment(count, elapsed) {
  const round = count.clock ? Infinity : setSeconds(count) + count.rest;
  const set = Math.min(count.sets - 1, Math.floor(elapsed / round));
  const inSet = elapsed - set * (count.clock ? 0 : round);
  const each = repetitionSeconds(count);
  const last = count.clock ? Infinity : count.repetitions - 1;
  const repetition = Math.min(last, Math.floor(inSet / each));
  const resting = !count.clock && inSet >= setSeconds(count);
  return { set, inSet, resting, repetition, inRepetition: inSet - repetition * each };
}

// The step of a repetition that is being done, and how far into it.
export function stepAt(count, inRepetition) {
  let from = 0;
  for (const step of count.steps) {
    if (inRepetition < from + step.seconds) return { step, into: inRepetition - from };
    from += step.seconds;
  }
  const step = count.steps.at(-1);
  return { step, into: step.seconds };
}

// How the screen says it, where nobody gives other words.
export const ENGLISH = {
  ready: 'ready',
  rest: 'rest',
  set: (set, of) => `set ${set} of ${of}`,
  round: (round, of) => `round ${round} of ${of}`,
  turn: (turn, of) => `${turn} of ${of}`,
  secondsOfRest: 'seconds of rest',
  secondsLeft: (of) => `seconds left of ${of}`,
  breaths: (of) => `of ${of} breaths`,
  repetitions: (of) => `of ${of}`,
  each: (seconds) => `${seconds} s each`,
};

// What the screen says: the number, what it is a number of, and what she does now.
export function reading(count, elapsed, say = ENGLISH) {
  const of = (parts, set) => [...parts, count.sets > 1 && !count.clock ? say.set(set + 1, count.sets) : ''].filter(Boolean).join(', ');
  const started = elapsed > 0;
  const now = moment(count, elapsed);
  const doing = started ? stepAt(count, now.inRepetition).step.words : say.ready;
  if (count.clock) return { number: Math.ceil(count.clock - elapsed), of: say.secondsLeft(count.clock), doing };
  if (now.resting) {
    return { number: Math.ceil(setSeconds(count) + count.rest - now.inSet), of: of([say.secondsOfRest], now.set), doing: say.rest };
  }
  if (count.by === 'SECONDS') {
    const side = count.repetitions > 1 ? say.turn(now.repetition + 1, count.repetitions) : '';
    const hold = repetitionSeconds(count);
    return { number: Math.ceil(hold - now.inRepetition), of: of([say.secondsLeft(hold), side], now.set), doing };
  }
  if (count.by === 'BREATHS') {
    const breath = started ? Math.min(breathsOf(count), Math.floor(now.inRepetition / A_BREATH) + 1) : 0;
    const round = count.repetitions > 1 ? say.round(now.repetition + 1, count.repetitions) : '';
    return { number: breath, of: of([say.breaths(breathsOf(count)), round], now.set), doing };
  }
  const hold = count.steps.find((step) => step.kind.endsWith('HOLD'));
  return {
    number: started ? now.repetition + 1 : 0,
    of: of([say.repetitions(count.repetitions), hold ? say.each(hold.seconds) : ''], now.set),
    doing,
  };
}

// What was really done: whole repetitions or breaths, or seconds of a hold.
export function counted(count, elapsed) {
  if (isOver(count, elapsed)) return count.total;
  const now = moment(count, elapsed);
  if (count.clock) return Math.floor(elapsed);
  const per = { REPETITIONS: repetitionSeconds(count), BREATHS: repetitionSeconds(count) / breathsOf(count), SECONDS: 1 }[count.by];
  const perSet = Math.floor(setSeconds(count) / per);
  return now.set * perSet + Math.min(perSet, Math.floor(now.inSet / per));
}

// What the other side is given to do: as many whole repetitions as this one managed, at least one. Nothing where all was done,
// nothing was begun, or there is but one to do.
export function asOtherSide(count, elapsed) {
  if (elapsed === 0 || isOver(count, elapsed) || count.clock || count.repetitions < 2) return null;
  const now = moment(count, elapsed);
  const managed = Math.max(1, now.set * count.repetitions + (now.resting ? count.repetitions : now.repetition));
  return { ...count, sets: 1, repetitions: managed, total: managed };
}

// How wide the ring is: it grows with the in-breath, or with the way out of a movement.
export function ring(count, elapsed) {
  if (elapsed === 0) return RING.ready;
  const { inRepetition } = moment(count, elapsed);
  const breathes = count.by !== 'REPETITIONS' || count.steps.some((step) => step.kind.endsWith('HOLD'));
  const cycle = breathes ? A_BREATH : repetitionSeconds(count);
  const part = (inRepetition % cycle) / cycle;
  return RING.smallest + RING.grows * (part < 0.5 ? part * 2 : 2 - part * 2);
}

// There and back, slower at both ends.
export const toAndFro = (part) => (1 - Math.cos(2 * Math.PI * part)) / 2;

// Where the figure is, 0 where the move begins to 1 where it goes to: there and back once a repetition, at its end while she holds.
export function figureAt(count, elapsed) {
  if (elapsed === 0) return 0;
  const { inRepetition } = moment(count, elapsed);
  const each = repetitionSeconds(count);
  if (count.by !== 'REPETITIONS') return Math.min(1, (count.clock ? elapsed : inRepetition) / 2);
  const { step, into } = stepAt(count, inRepetition);
  if (step.kind.endsWith('HOLD')) return Math.min(1, into);
  if (count.steps[0].kind.endsWith('HOLD')) return Math.max(0, 1 - into);
  return toAndFro((inRepetition % each) / each);
}

// A practice of phases one after the other, { kind, seconds, counts }: which one runs after so many seconds, and what is left of it.
export function phaseAt(phases, elapsed) {
  let from = 0;
  for (const [index, phase] of phases.entries()) {
    if (elapsed < from + phase.seconds) return { index, left: from + phase.seconds - elapsed };
    from += phase.seconds;
  }
  return { index: phases.length, left: 0 };
}

// How many phases of a kind count as done by then: those that have come to their end.
export const phasesDone = (phases, kind, elapsed) =>
  phases.slice(0, phaseAt(phases, elapsed).index).filter((phase) => phase.counts && phase.kind === kind).length;
