package openbloom.app.session;

import java.util.List;
import java.util.Optional;
import openbloom.app.moves.MoveFigures;
import openbloom.app.session.PlanDocument.Because;
import openbloom.core.moves.BreathPattern;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;
import openbloom.core.progress.DoseStep;
import openbloom.core.session.Format;
import openbloom.core.session.Outline;
import openbloom.core.session.Part;
import openbloom.core.session.SessionItem;
import openbloom.core.session.Side;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Kind;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Versions;
import org.jspecify.annotations.Nullable;

/** One line of a composed session as it is kept, in the words it had when it was composed. */
public record PlannedItem(
        String moveId,
        String name,
        Strand strand,
        int rung,
        String position,
        Kind verdict,
        List<String> adjustments,
        String insteadOf,
        String why,
        String dose,
        Side side,
        int sets,
        int repetitions,
        int holdSeconds,
        int breaths,
        int restSeconds,
        int secondsPerRepetition,
        BreathPattern breath,
        int workSeconds,
        int setUpSeconds,
        List<String> setup,
        String cue,
        List<String> watchFor,
        @Nullable List<Because> because,
        @Nullable Detail detail) {
    /**
     * What came to the plan with the second composer.
     *
     * @param step dose step, 0 where the prescription says the dose
     * @param overruled her reason for an item that breaks a hard line, or empty
     * @param version names of the changes, by which its figure is drawn
     */
    public record Detail(
            Part part,
            int round,
            boolean isNew,
            int step,
            String worth,
            @Nullable String note,
            @Nullable String overruled,
            @Nullable String version) {}

    /** Every rule that spoke when it was planned; empty in sessions kept before this was. */
    public List<Because> reasons() {
        return because == null ? List.of() : because;
    }

    public int seconds() {
        return workSeconds + setUpSeconds;
    }

    /** What is counted while she does it: repetitions, or the seconds of a single hold. */
    public int counts() {
        return repetitions == 1 && holdSeconds > 0 ? sets * holdSeconds : sets * repetitions * Math.max(1, breaths);
    }

    public int doseStep() {
        return detail == null || detail.step() == 0 ? DoseStep.WRITTEN : detail.step();
    }

    public int round() {
        return detail == null ? 0 : detail.round();
    }

    /** Her reason for a line that breaks a hard line, or empty. */
    public String overruled() {
        return detail == null || detail.overruled() == null ? "" : detail.overruled();
    }

    Outline.Entry entry(Move move) {
        boolean perSide = side != Side.BOTH;
        int letGo = holdSeconds > 0 && repetitions > 1 ? secondsPerRepetition - holdSeconds : 3;
        Dose dose = new Dose(
                sets, repetitions, holdSeconds, breaths, restSeconds, perSide, Math.max(0, Math.min(60, letGo)));
        return new Outline.Entry(
                move, part(), dose, detail == null ? DoseStep.WRITTEN : detail.step(), note(), overruled());
    }

    PlannedItem noted(Outline.Entry entry) {
        Detail was = detail == null ? new Detail(Part.WORK, 0, false, DoseStep.WRITTEN, "", "", "", "") : detail;
        return new PlannedItem(
                moveId,
                name,
                strand,
                rung,
                position,
                verdict,
                adjustments,
                insteadOf,
                why,
                dose,
                side,
                sets,
                repetitions,
                holdSeconds,
                breaths,
                restSeconds,
                secondsPerRepetition,
                breath,
                workSeconds,
                setUpSeconds,
                setup,
                cue,
                watchFor,
                because,
                new Detail(
                        was.part(),
                        was.round(),
                        was.isNew(),
                        was.step(),
                        was.worth(),
                        entry.note(),
                        entry.because(),
                        was.version()));
    }

    public boolean newToHer() {
        return detail != null && detail.isNew();
    }

    /** Why the composer took it, in parts; empty in sessions kept before this was. */
    public String worth() {
        return detail == null || detail.part() != Part.WORK ? "" : detail.worth();
    }

    /** By what its figure is changed, as an address says it; empty in sessions kept before this was. */
    public String version() {
        return detail == null || detail.version() == null ? "" : detail.version();
    }

    /** What the instructor noted beside it. */
    public String note() {
        return detail == null || detail.note() == null ? "" : detail.note();
    }

    public Part part() {
        return detail == null ? Part.WORK : detail.part();
    }

    /** {@code 1:30}. */
    public String clock() {
        return PlanDocument.minutesAndSeconds(seconds());
    }

    static PlannedItem of(SessionItem item, Format format, Judgement judgement) {
        Move move = item.move();
        return new PlannedItem(
                move.id(),
                move.name(),
                move.strand(),
                move.rung(),
                move.position().words(),
                item.verdict(),
                item.adjustments().stream()
                        .sorted()
                        .map(change -> Versions.words(change, move, judgement))
                        .toList(),
                item.insteadOf().map(Move::name).orElse(""),
                why(item, judgement),
                isByTheClock(item, format) ? item.workSeconds() + " s" : item.doseWords(),
                item.side(),
                item.dose().sets(),
                item.dose().repetitions(),
                item.dose().holdSeconds(),
                item.dose().breaths(),
                item.dose().restSeconds(),
                item.dose().secondsPerRepetition(move.breath()),
                move.breath(),
                item.workSeconds(),
                item.setUpSeconds(),
                move.teaching().setup(),
                move.teaching().cueFor(judgement.cueFamily()),
                move.teaching().watchFor(),
                judgement.of(item.insteadOf().orElse(move)).reasons().stream()
                        .map(Because::of)
                        .toList(),
                new Detail(
                        item.part(),
                        item.round(),
                        item.part() == Part.WORK && item.pick().isNew(),
                        item.pick().step(),
                        item.pick().worth().words(),
                        "",
                        "",
                        MoveFigures.address(item.adjustments())));
    }

    private static boolean isByTheClock(SessionItem item, Format format) {
        return item.part() == Part.WORK && format.kind() == Format.Kind.INTERVALS;
    }

    private static String why(SessionItem item, Judgement judgement) {
        if (item.verdict() == Kind.GO) {
            return "";
        }
        Optional<Reason> reason =
                judgement.of(item.insteadOf().orElse(item.move())).leading();
        return reason.map(Reason::fact).orElse("");
    }
}
