package openbloom.app.session;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;
import openbloom.app.moves.MoveFigures;
import openbloom.core.breath.CueFamily;
import openbloom.core.moves.BreathPattern;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Teaching;
import openbloom.core.progress.DoseStep;
import openbloom.core.session.Counting;
import openbloom.core.session.Format;
import openbloom.core.session.Outline;
import openbloom.core.session.Part;
import openbloom.core.session.SessionItem;
import openbloom.core.session.Side;
import openbloom.core.session.Sided;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.VerdictKind;
import openbloom.core.verdict.Versions;
import org.jspecify.annotations.Nullable;

/**
 * One line of a composed session as it is kept, in the words it had when it was composed; where it is written, the fields
 * of every part stand side by side.
 *
 * @param because every rule that spoke; absent in sessions kept before this was
 * @param detail what came with the second composer; absent before
 */
public record SessionLine(
        String moveId,
        @JsonUnwrapped LineName named,
        @JsonUnwrapped Judged judged,
        @JsonUnwrapped LineDose amount,
        @JsonUnwrapped LinePace pace,
        @JsonUnwrapped LineTeaching taught,
        @Nullable List<SessionDocument.LineReason> because,
        @Nullable Detail detail)
        implements Sided {
    private static final int LET_GO_SECONDS = 3;
    private static final int LONGEST_LET_GO_SECONDS = 60;

    /** What it is called and where it stands. */
    public record LineName(String name, ExerciseGroup strand, int rung, String position) {
        static LineName of(Move move) {
            return new LineName(move.name(), move.strand(), move.rung(), move.where());
        }
    }

    /**
     * What was judged.
     *
     * @param insteadOf name of the move it stands for, or empty
     * @param why the leading fact, or empty where it was Go
     */
    public record Judged(VerdictKind verdict, List<String> adjustments, String insteadOf, String why) {
        static Judged of(SessionItem item, Judgement judgement) {
            return new Judged(
                    item.verdict(),
                    item.adjustments().stream()
                            .sorted()
                            .map(change -> Versions.words(change, item.move(), judgement))
                            .toList(),
                    item.insteadOf().map(Move::name).orElse(""),
                    why(item, judgement));
        }

        private static String why(SessionItem item, Judgement judgement) {
            if (item.verdict() == VerdictKind.GO) {
                return "";
            }
            Optional<Reason> reason =
                    judgement.of(item.insteadOf().orElse(item.move())).leading();
            return reason.map(Reason::fact).orElse("");
        }
    }

    /** How much of it, on which side; {@code dose} in words. */
    public record LineDose(
            String dose, Side side, int sets, int repetitions, int holdSeconds, int breaths, int restSeconds) {
        static LineDose of(SessionItem item, Format format) {
            Dose dose = item.dose();
            int clock = item.counting(format).clockSeconds();
            return new LineDose(
                    clock > 0 ? clock + " s" : item.doseWords(),
                    item.side(),
                    dose.sets(),
                    dose.repetitions(),
                    dose.holdSeconds(),
                    dose.breaths(),
                    dose.restSeconds());
        }
    }

    /** How fast, in which breath, and how long: seconds of work with its rests, and of setting up. */
    public record LinePace(int secondsPerRepetition, BreathPattern breath, int workSeconds, int setUpSeconds) {
        static LinePace of(SessionItem item) {
            BreathPattern breath = item.move().breath();
            return new LinePace(
                    item.dose().secondsPerRepetition(breath), breath, item.workSeconds(), item.setUpSeconds());
        }
    }

    /**
     * How it is taught.
     *
     * @param details what its position is worth saying, where it is met first in the session
     */
    public record LineTeaching(
            List<String> setup,
            String cue,
            List<String> watchFor,
            @Nullable List<String> details) {
        public LineTeaching {
            details = details == null ? List.of() : List.copyOf(details);
        }
    }

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
    public List<SessionDocument.LineReason> reasons() {
        return because == null ? List.of() : because;
    }

    public String name() {
        return named.name();
    }

    @Override
    public Side side() {
        return amount.side();
    }

    public int seconds() {
        return pace.workSeconds() + pace.setUpSeconds();
    }

    /** How it is counted while she does it. */
    public Counting counting(Format format) {
        return Counting.of(dose(), pace.breath(), side(), named.strand()).in(part(), format, pace.workSeconds());
    }

    public int doseStep() {
        return detail == null || detail.step() == 0 ? DoseStep.WRITTEN : detail.step();
    }

    @Override
    public int round() {
        return detail == null ? 0 : detail.round();
    }

    /** Her reason for a line that breaks a hard line, or empty. */
    public String overruled() {
        return detail == null || detail.overruled() == null ? "" : detail.overruled();
    }

    private Dose dose() {
        boolean held = amount.holdSeconds() > 0 && amount.repetitions() > 1;
        int letGo = held ? pace.secondsPerRepetition() - amount.holdSeconds() : LET_GO_SECONDS;
        return new Dose(
                amount.sets(),
                amount.repetitions(),
                amount.holdSeconds(),
                amount.breaths(),
                amount.restSeconds(),
                side() != Side.BOTH,
                Math.max(0, Math.min(LONGEST_LET_GO_SECONDS, letGo)));
    }

    /** As an entry that can be changed. */
    public Outline.OutlineLine entry(Move move) {
        return new Outline.OutlineLine(
                move, part(), dose(), detail == null ? DoseStep.WRITTEN : detail.step(), note(), overruled());
    }

    SessionLine noted(Outline.OutlineLine entry) {
        Detail was = detail == null ? new Detail(Part.WORK, 0, false, DoseStep.WRITTEN, "", "", "", "") : detail;
        Detail now = new Detail(
                was.part(),
                was.round(),
                was.isNew(),
                was.step(),
                was.worth(),
                entry.note(),
                entry.because(),
                was.version());
        return new SessionLine(moveId, named, judged, amount, pace, taught, because, now);
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

    @Override
    public Part part() {
        return detail == null ? Part.WORK : detail.part();
    }

    /** {@code 1:30}. */
    public String clock() {
        return SessionDocument.minutesAndSeconds(seconds());
    }

    /** What goes wrong, each with what to change. */
    private static List<String> toWatch(Move move) {
        return move.teaching().signs().mistakes().stream()
                .map(Teaching.Mistake::words)
                .toList();
    }

    /** As it is called out to several. */
    static SessionLine calledOut(SessionItem item, Format format, List<String> details) {
        Move move = item.move();
        return new SessionLine(
                move.id(),
                LineName.of(move),
                new Judged(VerdictKind.GO, List.of(), "", ""),
                LineDose.of(item, format),
                LinePace.of(item),
                new LineTeaching(
                        move.teaching().setup(), move.teaching().cueFor(CueFamily.PLAIN), toWatch(move), details),
                List.of(),
                new Detail(item.part(), item.round(), false, item.pick().step(), "", "", "", ""));
    }

    /** @param remark what stands beside it, or nothing */
    static SessionLine of(SessionItem item, String remark, Format format, Judgement judgement, List<String> details) {
        Move move = item.move();
        return new SessionLine(
                move.id(),
                LineName.of(move),
                Judged.of(item, judgement),
                LineDose.of(item, format),
                LinePace.of(item),
                new LineTeaching(move.teaching().setup(), judgement.cue(move), toWatch(move), details),
                judgement.of(item.insteadOf().orElse(move)).reasons().stream()
                        .map(SessionDocument.LineReason::of)
                        .toList(),
                new Detail(
                        item.part(),
                        item.round(),
                        item.part() == Part.WORK && item.pick().isNew(),
                        item.pick().step(),
                        item.pick().worth().words(),
                        remark,
                        "",
                        MoveFigures.address(item.adjustments())));
    }
}
