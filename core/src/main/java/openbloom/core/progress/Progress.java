package openbloom.core.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Client;
import openbloom.core.record.LadderDecision;
import openbloom.core.record.LadderStatus;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Gate;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;

/**
 * Decides about one ladder. The first row of the table that matches decides; every reason is kept. Pauses, two good days
 * and 48 hours are common practice without a source; pain above 5 of 10 stops (E-PAIN).
 *
 * @see LadderHistory
 */
public final class Progress {
    private static final int PAIN_STOPS_ABOVE = Published.PAIN_TOO_MUCH.amount();
    private static final int PAIN_TELLS_ABOVE = Published.PAIN_ACCEPTABLE.amount();
    private static final int PAIN_KEEPS_FROM = Published.PAIN_KEEPS_A_RUNG.amount();
    private static final int SHORT_PAUSE_DAYS = Published.SHORT_PAUSE.days();
    private static final int LONG_PAUSE_DAYS = Published.LONG_PAUSE.days();
    private static final int DAYS_AFTER_DOMING = Published.AFTER_DOMING.days();
    private static final int NO_RISE_FROM_WEEK = Published.NO_RISE_PREGNANT.amount();

    private final Judgement judgement;
    private final ExerciseGroup strand;
    private final List<LadderDay> days;
    private final LocalDate lastSession;
    private final List<String> reasons = new ArrayList<>();

    private Progress(Judgement judgement, ExerciseGroup strand, List<LadderDay> history, LocalDate lastSession) {
        this.lastSession = lastSession;
        this.judgement = judgement;
        this.strand = strand;
        LocalDate birth =
                judgement.facts().client().situation().birth().map(Birth::date).orElse(LocalDate.MIN);
        this.days = history.stream()
                .filter(day -> !day.date().isBefore(birth))
                .distinct()
                .sorted(Comparator.comparing(LadderDay::date))
                .toList();
    }

    /**
     * The proposal for a day.
     *
     * @param judgement of the woman on that day
     * @param history her days on this ladder in any order; those before a birth count no longer, a day told twice counts once
     */
    public static Proposal of(Judgement judgement, ExerciseGroup strand, List<LadderDay> history) {
        return of(judgement, strand, history, LocalDate.MIN);
    }

    /** The same, knowing of her last session of any kind: a pause is one without any. */
    public static Proposal of(
            Judgement judgement, ExerciseGroup strand, List<LadderDay> history, LocalDate lastSession) {
        return new Progress(judgement, strand, history, lastSession).proposal();
    }

    private Proposal proposal() {
        if (!signs().isEmpty()) {
            return decided(Decision.STOP, latestRung(), latestStep());
        }
        if (days.isEmpty()) {
            reasons.add("nothing was done on this progression yet");
            return decided(Decision.STAY, StartingLevel.of(judgement, strand), DoseStep.LOWEST);
        }
        LadderDay latest = days.get(days.size() - 1);
        if (stops(latest)) {
            return decided(Decision.STOP, latest.rung(), latest.step());
        }
        if (goesDown(latest)) {
            return down(latest);
        }
        Optional<Proposal> pause = afterAPause(latest);
        return pause.orElseGet(() -> forward(latest));
    }

    private List<String> signs() {
        judgement.facts().client().safety().standing().keySet().stream()
                .sorted()
                .forEach(sign -> reasons.add("warning sign: " + sign.words()));
        return reasons;
    }

    private boolean stops(LadderDay latest) {
        if (latest.pain().now() > PAIN_STOPS_ABOVE) {
            reasons.add("pain " + latest.pain().now() + " of 10: above " + PAIN_STOPS_ABOVE);
        }
        if (strand.isPelvicFloorLift() && latest.pain().isMore() && placeOf(latest) == Pain.PainRegion.FLOOR) {
            reasons.add("pain with pelvic floor lifts: this progression stops, ask her clinician");
        }
        return !reasons.isEmpty();
    }

    private Pain.PainRegion placeOf(LadderDay day) {
        Pain.PainRegion unless = strand.isPelvicFloorLift() ? Pain.PainRegion.FLOOR : Pain.PainRegion.ELSEWHERE;
        return day.pain().place().orElse(unless);
    }

    private boolean goesDown(LadderDay latest) {
        addIf(latest.has(LadderDay.PlannedAgainst.DOMED), "domed");
        addIf(latest.has(LadderDay.PlannedAgainst.LEAKED), "leaked");
        addIf(latest.has(LadderDay.PlannedAgainst.HEAVY), "heaviness, new or more than before");
        Pain pain = latest.pain();
        if (placeOf(latest) != Pain.PainRegion.ELSEWHERE) {
            addIf(
                    pain.now() > PAIN_TELLS_ABOVE && pain.isMore(),
                    (placeOf(latest) == Pain.PainRegion.SCAR ? "scar" : "pelvic floor") + " pain " + pain.now()
                            + " of 10, before " + pain.before());
        } else {
            addIf(
                    pain.now() - pain.before() >= PAIN_TELLS_ABOVE && !pain.isBackNextMorning(),
                    "pain " + pain.now() + " of 10, before " + pain.before()
                            + (pain.nextMorning().isPresent()
                                    ? ", not gone next morning"
                                    : ", next morning not asked"));
        }
        addIf(
                days.size() > 1
                        && latest.isStrained()
                        && days.get(days.size() - 2).isStrained(),
                "breath held or another part compensated on the last two days");
        return !reasons.isEmpty();
    }

    private void addIf(boolean so, String reason) {
        if (so) {
            reasons.add(reason);
        }
    }

    private Proposal down(LadderDay latest) {
        boolean atTheBottom = latest.rung() == 1;
        if (atTheBottom) {
            reasons.add("there is no level below: another exercise of the same purpose is offered");
        }
        return new Proposal(
                Decision.DOWN, LadderDecision.below(latest.rung()), DoseStep.LOWEST, reasons, List.of(), atTheBottom);
    }

    private Optional<Proposal> afterAPause(LadderDay latest) {
        LocalDate last = latest.date().isAfter(lastSession) ? latest.date() : lastSession;
        long pause = ChronoUnit.DAYS.between(last, judgement.facts().day());
        if (pause < SHORT_PAUSE_DAYS) {
            return Optional.empty();
        }
        boolean isLong = pause >= LONG_PAUSE_DAYS;
        reasons.add(pause + " days without a session" + (isLong ? ": look again first" : ""));
        int rung = Math.max(1, latest.rung() - (isLong ? 2 : 1));
        boolean sameRung = rung == latest.rung();
        return Optional.of(decided(Decision.DOWN, rung, isLong || sameRung ? DoseStep.LOWEST : DoseStep.WRITTEN));
    }

    private Proposal forward(LadderDay latest) {
        Optional<LadderStatus.Working> hers = worksAbove(latest);
        if (hers.isPresent() && saysNothingAgainst(latest)) {
            reasons.add((isGood(latest) ? "a good day" : whyNotGood(latest))
                    + ", but on a level below hers: she stays on hers");
            return decided(Decision.STAY, hers.get().rung(), hers.get().step());
        }
        if (!isGood(latest)) {
            reasons.add(whyNotGood(latest));
            return decided(Decision.STAY, latest.rung(), latest.step());
        }
        if (latest.step() == DoseStep.LOWEST) {
            reasons.add("a good day: the whole dose next");
            return decided(Decision.UP, latest.rung(), DoseStep.WRITTEN);
        }
        Optional<LadderDay> before = goodDayBefore(latest);
        if (before.isEmpty()) {
            reasons.add("a good day: one more on another day earns the next level");
            return decided(Decision.STAY, latest.rung(), latest.step());
        }
        if (isTooSoonAfterDoming(latest)) {
            reasons.add("two good days, but less than " + 24 * Published.AFTER_DOMING.days() + " hours after doming");
            return decided(Decision.STAY, latest.rung(), latest.step());
        }
        reasons.add("two good days with the whole dose");
        return earned(latest, before.get());
    }

    /** The level that was decided, where a day was done below it: in a class, or as the gentler choice of a session. */
    private Optional<LadderStatus.Working> worksAbove(LadderDay day) {
        return Optional.ofNullable(
                        judgement.facts().client().standing().working().get(strand))
                .filter(hers -> hers.rung() > day.rung());
    }

    /** All done and nothing noted, felt or hurting against it; how hard it felt may not have been asked. */
    private boolean saysNothingAgainst(LadderDay day) {
        boolean hard = day.report().felt().filter(felt -> !felt.isManageable()).isPresent();
        return day.done().isAll() && day.noted().isEmpty() && !day.pain().isMore() && !isKeptByPain(day) && !hard;
    }

    private boolean isPassedOver(LadderDay day, LadderDay latest) {
        return worksAbove(day)
                .filter(hers -> hers.rung() == latest.rung() && day.date().isAfter(hers.since()))
                .filter(hers -> saysNothingAgainst(day))
                .isPresent();
    }

    /** A good day: nothing against it, and no pain that keeps a rung. */
    private boolean isGood(LadderDay day) {
        return day.isGood() && !isKeptByPain(day);
    }

    /** Pain of 4 and more keeps a rung even if it was there before; floor and scar already above 2. */
    private boolean isKeptByPain(LadderDay day) {
        boolean tells = day.pain().now() > PAIN_TELLS_ABOVE && placeOf(day) != Pain.PainRegion.ELSEWHERE;
        return tells || day.pain().now() >= PAIN_KEEPS_FROM;
    }

    private String whyNotGood(LadderDay day) {
        if (day.has(LadderDay.PlannedAgainst.DOMED_UNTIL_CUED)) {
            return "domed, corrected with a cue";
        }
        if (day.isStrained()) {
            return "breath held or another part compensated, once";
        }
        if (day.pain().isMore()) {
            return "a little more pain than before";
        }
        if (isKeptByPain(day)) {
            return "pain " + day.pain().now() + " of 10, as before: no level rises with it";
        }
        if (!day.done().isAll()) {
            return "less done than asked";
        }
        if (day.report().felt().isEmpty()) {
            return "done; how hard it felt was not asked";
        }
        return day.report().complete() ? "too hard" : "not everything was asked that day";
    }

    /**
     * Another good day with at least the whole dose since this rung was entered; only one of the two may be from home. A
     * gentler day between the two that went well is passed over while this rung is the one that was decided.
     */
    private Optional<LadderDay> goodDayBefore(LadderDay latest) {
        Optional<LadderDay> found = Optional.empty();
        List<LadderDay> since =
                days.stream().filter(day -> !isPassedOver(day, latest)).toList();
        for (int i = since.size() - 1; i >= 0 && since.get(i).rung() == latest.rung(); i--) {
            LadderDay day = since.get(i);
            boolean another = day.date().isBefore(latest.date());
            boolean counts = isGood(day)
                    && day.step() >= DoseStep.WRITTEN
                    && !(day.report().fromHome() && latest.report().fromHome());
            if (another && counts && found.isEmpty()) {
                found = Optional.of(day);
            }
        }
        return found;
    }

    private boolean isTooSoonAfterDoming(LadderDay latest) {
        return days.stream()
                .filter(LadderDay::domedAtAll)
                .anyMatch(domed -> ChronoUnit.DAYS.between(domed.date(), latest.date()) < DAYS_AFTER_DOMING);
    }

    private Proposal earned(LadderDay latest, LadderDay before) {
        Optional<Integer> next = judgement.catalogue().ladder(strand).stream()
                .map(Move::rung)
                .filter(rung -> rung > latest.rung())
                .findFirst();
        if (next.isEmpty()) {
            reasons.add("the top of this progression: one set more");
            return decided(Decision.STAY, latest.rung(), DoseStep.HIGHEST);
        }
        if (judgement
                .facts()
                .age()
                .filter(age -> age.isAtLeastWeeks(NO_RISE_FROM_WEEK))
                .isPresent()) {
            reasons.add("from " + NO_RISE_FROM_WEEK + " weeks no level rises");
            return decided(Decision.HELD, latest.rung(), latest.step());
        }
        List<Verdict> verdicts = onRung(next.get(), latest.rung());
        if (verdicts.stream().anyMatch(verdict -> verdict.kind().passes())) {
            boolean easy = feltTooEasy(latest) && feltTooEasy(before);
            addIf(easy, "both felt too easy: the next level begins with the whole dose");
            return decided(Decision.UP, next.get(), easy ? DoseStep.WRITTEN : DoseStep.LOWEST);
        }
        List<Gate> gates = verdicts.stream()
                .flatMap(verdict -> verdict.gates().stream())
                .filter(gate -> !gate.met())
                .distinct()
                .toList();
        reasons.add(
                gates.isEmpty()
                        ? "the next level does not pass for her today: one set more meanwhile"
                        : "the next level waits: one set more meanwhile");
        return new Proposal(Decision.HELD, latest.rung(), DoseStep.HIGHEST, reasons, gates, false);
    }

    private static boolean feltTooEasy(LadderDay day) {
        return day.report().felt().filter(PerceivedEffort.TOO_EASY::equals).isPresent();
    }

    /** The moves of a rung, judged as if the rung below were written down as hers: she has just earned it. */
    private List<Verdict> onRung(int rung, int done) {
        Client client = judgement.facts().client();
        Map<ExerciseGroup, Integer> rungs = new HashMap<>(client.standing().rungs());
        rungs.merge(strand, done, Math::max);
        Judgement earned = Judgement.of(
                judgement.catalogue(),
                client.but().rungs(rungs).build(),
                judgement.facts().day());
        return judgement.catalogue().ladder(strand).stream()
                .filter(move -> move.rung() == rung)
                .map(earned::of)
                .sorted(Comparator.comparing(Verdict::kind))
                .toList();
    }

    private int latestRung() {
        return days.isEmpty()
                ? StartingLevel.of(judgement, strand)
                : days.get(days.size() - 1).rung();
    }

    private int latestStep() {
        return days.isEmpty() ? DoseStep.LOWEST : days.get(days.size() - 1).step();
    }

    private Proposal decided(Decision decision, int rung, int step) {
        return new Proposal(decision, rung, step, reasons, List.of(), false);
    }
}
