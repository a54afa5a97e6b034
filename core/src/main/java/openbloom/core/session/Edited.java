package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.moves.Move;
import openbloom.core.progress.DoseStep;
import openbloom.core.screening.SideCheck;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;

/**
 * An outline judged for a woman on a day and laid out in time, with every hard line it breaks.
 *
 * @param session as it would be done
 * @param broken what breaks a hard line, by its entry
 * @see BrokenLines
 * @see Flow
 */
public record Edited(Outline outline, Session session, List<Broken> broken) {
    public Edited {
        broken = List.copyOf(broken);
    }

    /**
     * A hard line that is broken.
     *
     * @param at number of the entry, from 0
     * @param words what is wrong, as a sentence
     * @param shut whether no reason opens it: a warning sign, a clearance, a clinician's limit, an open wound, pain that holds,
     *     or more lifts than are prescribed
     */
    public record Broken(int at, HardLine line, String words, boolean shut) {}

    public static Edited of(Outline outline, Judgement judgement) {
        SideCheck.Weaker weaker = judgement.facts().client().checks().sides().weaker();
        List<Pick> opening = new ArrayList<>();
        List<Pick> work = new ArrayList<>();
        List<Pick> release = new ArrayList<>();
        for (Outline.OutlineLine entry : outline.entries()) {
            List<Pick> part = switch (entry.part()) {
                case OPENING -> opening;
                case WORK -> work;
                case RELEASE -> release;
            };
            part.add(pick(entry, judgement));
        }
        Timetable timetable =
                Timetable.of(new Timetable.TimetableParts(opening, work, release), outline.format(), weaker);
        Session session = new Session(
                timetable.items(), timetable.transitions(), timetable.endsLying(), List.of(), "", 0, outline.format());
        return new Edited(outline, session, new BrokenLines(outline, session, judgement).all());
    }

    /** As she would do it: her verdict on the move, the dose that was chosen. */
    static Pick pick(Outline.OutlineLine entry, Judgement judgement) {
        Verdict verdict = judgement.of(entry.move());
        return new Pick(
                entry.move(),
                verdict.kind(),
                verdict.adjustments(),
                Optional.empty(),
                entry.dose(),
                entry.step(),
                false,
                CandidateScore.NONE);
    }

    /** What is still broken without a reason, or shut whatever the reason. */
    public List<Broken> open() {
        return broken.stream()
                .filter(line -> line.shut()
                        || outline.entries().get(line.at()).because().isBlank())
                .toList();
    }

    /** Moves of the same purpose that may stand in for an entry, those that pass first, the nearest rungs first. */
    public static List<Verdict> insteadOf(Judgement judgement, Move move) {
        return judgement.catalogue().moves().stream()
                .filter(other -> other.purpose() == move.purpose() && !other.equals(move))
                .map(judgement::of)
                .filter(Verdict::passes)
                .sorted((one, other) -> Integer.compare(away(one, move), away(other, move)))
                .limit(12)
                .collect(Collectors.toList());
    }

    private static int away(Verdict verdict, Move move) {
        int strand = verdict.move().strand() == move.strand() ? 0 : 100;
        return strand + Math.abs(verdict.move().rung() - move.rung());
    }

    /** An entry for a move at her dose; empty where the part takes no such move. */
    public static Outline.OutlineLine entry(Judgement judgement, Move move, Part part) {
        Dosing dosing = Dosing.of(judgement.of(move), judgement, DoseStep.WRITTEN);
        return new Outline.OutlineLine(move, part, dosing.dose(), dosing.step(), "", "");
    }

    /** The part a move belongs to. */
    public static Part partOf(Move move) {
        return switch (move.strand()) {
            case BREATH, CONNECT -> Part.OPENING;
            case RELEASE -> Part.RELEASE;
            default -> Part.WORK;
        };
    }
}
