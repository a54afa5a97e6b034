package openbloom.core.progress;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.evidence.Published;
import openbloom.core.record.Noted;
import openbloom.core.record.PainSite;
import openbloom.core.record.SessionObservation;

/**
 * What was noted on one ladder in one session, and the pain that was told around it. The hardest rung counts, or the lowest
 * on which something sets her down, and the worst of what was noted about either side.
 *
 * @param in the session: whether it was taught to its end, and how hard it was all in all
 * @param before pain told before the session, by place; empty where nobody asked
 * @param nextMorning the worst of the morning after; empty when nobody asked
 * @see LadderDay
 * @see Noted
 */
public record TaughtDay(
        LocalDate on, List<Note> notes, SessionObservation.In in, Before before, Optional<Integer> nextMorning) {
    public TaughtDay {
        notes = List.copyOf(notes);
    }

    /**
     * Pain before the session, 0 to 10.
     *
     * @param floor pelvic floor or pelvis, 0 to 10, empty if not asked
     * @param scar 0 to 10, empty if not asked
     * @param elsewhere the most of any other place, 0 to 10, empty if not asked
     */
    public record Before(OptionalInt floor, OptionalInt scar, OptionalInt elsewhere) {
        public static final Before NOT_ASKED =
                new Before(OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty());

        int at(Pain.PainRegion place) {
            OptionalInt told = switch (place) {
                case FLOOR -> floor;
                case SCAR -> scar;
                case ELSEWHERE -> elsewhere;
            };
            return told.orElse(0);
        }
    }

    /**
     * One thing noted.
     *
     * @param pain 0 to 10, where a number was told
     * @param counted what was really done of what was asked, where somebody counted
     */
    public record Note(
            int rung,
            int step,
            Noted noted,
            Optional<PainSite> place,
            OptionalInt pain,
            Optional<LadderDay.DoseDone> counted) {}

    /** The day as the table of decisions reads it. */
    public LadderDay lineDay() {
        int rung = rung();
        int step = notes.stream()
                .filter(note -> note.rung() == rung)
                .mapToInt(Note::step)
                .min()
                .orElse(DoseStep.WRITTEN);
        return new LadderDay(on, rung, step, done(rung), against(), pain(), new LadderDay.Report(felt(), false, true));
    }

    /** The rung the day is about: where it went wrong first, otherwise the hardest. */
    private int rung() {
        return notes.stream()
                .filter(note -> note.noted().setsDown() || note.noted() == Noted.HURT)
                .mapToInt(Note::rung)
                .min()
                .orElseGet(() -> notes.stream().mapToInt(Note::rung).max().orElse(1));
    }

    private Set<Noted> noted() {
        return notes.stream().map(Note::noted).collect(Collectors.toSet());
    }

    private Set<LadderDay.PlannedAgainst> against() {
        Set<LadderDay.PlannedAgainst> against = EnumSet.noneOf(LadderDay.PlannedAgainst.class);
        noted().forEach(told -> {
            switch (told) {
                case DOMED -> against.add(LadderDay.PlannedAgainst.DOMED);
                case FLAT_ONCE_CUED -> against.add(LadderDay.PlannedAgainst.DOMED_UNTIL_CUED);
                case LEAKED -> against.add(LadderDay.PlannedAgainst.LEAKED);
                case HEAVY -> against.add(LadderDay.PlannedAgainst.HEAVY);
                case BREATH_HELD -> against.add(LadderDay.PlannedAgainst.BREATH_HELD);
                case TOOK_OVER -> against.add(LadderDay.PlannedAgainst.TOOK_OVER);
                default -> {
                    // the others say how much was done, how hard it was, or where it hurt
                }
            }
        });
        return against;
    }

    /** Done as far as the side that managed least; never whole in a session that was not taught to its end. */
    private LadderDay.DoseDone done(int rung) {
        List<Note> ofRung = notes.stream().filter(note -> note.rung() == rung).toList();
        Optional<LadderDay.DoseDone> least = ofRung.stream()
                .flatMap(note -> note.counted().stream())
                .min((one, other) ->
                        Double.compare(one.done() / (double) one.asked(), other.done() / (double) other.asked()));
        boolean told = ofRung.stream().anyMatch(note -> note.noted() == Noted.DONE)
                && ofRung.stream().noneMatch(note -> note.noted() == Noted.PARTLY || note.noted() == Noted.SKIPPED);
        if (!in.finished() || !told) {
            LadderDay.DoseDone counted = least.orElse(new LadderDay.DoseDone(0, 1));
            return counted.isAll() ? new LadderDay.DoseDone(0, 1) : counted;
        }
        return least.orElse(new LadderDay.DoseDone(1, 1));
    }

    private Pain pain() {
        Optional<Note> worst = notes.stream()
                .filter(note -> note.noted() == Noted.HURT)
                .max((one, other) -> Integer.compare(amount(one), amount(other)));
        return worst.map(note -> {
                    Pain.PainRegion place = note.place().map(TaughtDay::placeOf).orElse(Pain.PainRegion.ELSEWHERE);
                    return new Pain(amount(note), before.at(place), Optional.of(place), nextMorning);
                })
                .orElse(Pain.NONE);
    }

    /** Pain without a number counts as three of ten. */
    private static int amount(Note note) {
        return note.pain().orElse(Published.PAIN_WITHOUT_NUMBER.amount());
    }

    private static Pain.PainRegion placeOf(PainSite where) {
        return switch (where) {
            case PELVIC_FLOOR -> Pain.PainRegion.FLOOR;
            case SCAR -> Pain.PainRegion.SCAR;
            default -> Pain.PainRegion.ELSEWHERE;
        };
    }

    /** How hard it was, as it was told of a move or of all in all; the hardest counts, and empty when nobody asked, or
     * when it went well where nobody watched. */
    private Optional<PerceivedEffort> felt() {
        Set<Noted> told = noted();
        return Stream.of(Noted.TOO_HARD, Noted.RIGHT, Noted.TOO_EASY)
                .filter(told::contains)
                .findFirst()
                .or(in::effort)
                .flatMap(TaughtDay::felt)
                .filter(effort ->
                        effort == PerceivedEffort.TOO_HARD || in.occasion().isWatched());
    }

    private static Optional<PerceivedEffort> felt(Noted effort) {
        return switch (effort) {
            case TOO_HARD -> Optional.of(PerceivedEffort.TOO_HARD);
            case TOO_EASY -> Optional.of(PerceivedEffort.TOO_EASY);
            case RIGHT -> Optional.of(PerceivedEffort.RIGHT);
            default -> Optional.empty();
        };
    }
}
