package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Move;
import openbloom.core.moves.Purpose;
import openbloom.core.screening.SideCheck;
import openbloom.core.stage.GateKind;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;

/**
 * An outline judged for a woman on a day and laid out in time, with every hard line it breaks.
 *
 * @param session as it would be done
 * @param broken what breaks a hard line, by its entry
 */
public record Edited(Outline outline, Session session, List<Broken> broken) {
    private static final int MOST_WRISTS = 2;
    private static final int ON_THE_BACK_SECONDS = 60 * Published.SUPINE_BOUT.amount();
    private static final int LIGHT = 2;

    /** Gates nobody but her clinician opens. */
    private static final Set<GateKind> HER_CLINICIANS = Set.of(
            GateKind.CLEARANCE,
            GateKind.CLINICIAN_ALLOWS,
            GateKind.NO_WARNING_SIGN,
            GateKind.BONE_SAFE,
            GateKind.WOUND_CLOSED,
            GateKind.PAIN_ANSWERED);

    public Edited {
        broken = List.copyOf(broken);
    }

    /**
     * A hard line that is broken.
     *
     * @param at number of the entry, from 0
     * @param shut whether no reason opens it: a warning sign, a clearance, a clinician's limit, an open wound, pain that holds,
     *     or more lifts than are prescribed
     */
    public record Broken(int at, String words, boolean shut) {}

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
        return new Edited(outline, session, new Lines(outline, judgement).broken());
    }

    /** As she would do it: her verdict on the move, the dose that was chosen. */
    private static Pick pick(Outline.OutlineLine entry, Judgement judgement) {
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

    /** Goes through the entries once and looks for every line. */
    private static final class Lines {
        private final Outline outline;
        private final Judgement judgement;
        private final List<Broken> broken = new ArrayList<>();

        Lines(Outline outline, Judgement judgement) {
            this.outline = outline;
            this.judgement = judgement;
        }

        List<Broken> broken() {
            for (int at = 0; at < outline.entries().size(); at++) {
                passes(at);
            }
            firstIsLight();
            wrists();
            frontSupports();
            contractions();
            onTheBack();
            longSupports();
            return broken;
        }

        private void passes(int at) {
            Verdict verdict = judgement.of(outline.entries().get(at).move());
            if (!verdict.passes()) {
                String why = ExclusionReason.of(judgement, verdict.move());
                broken.add(new Broken(
                        at, verdict.move().name() + " is " + verdict.kind().words() + ": " + why, isShut(verdict)));
            }
        }

        /** Every gate that bears on the move counts, also where another rule swaps it. */
        private boolean isShut(Verdict verdict) {
            return verdict.kind() == VerdictKind.STOP
                    || judgement.gatesOf(verdict.move()).stream()
                            .anyMatch(gate -> !gate.met() && HER_CLINICIANS.contains(gate.kind()))
                    || verdict.reasons().stream()
                            .anyMatch(reason -> reason.code().startsWith("STOP-"));
        }

        private void line(int at, String words) {
            broken.add(new Broken(at, words, false));
        }

        private void firstIsLight() {
            for (int at = 0; at < outline.entries().size(); at++) {
                Outline.OutlineLine entry = outline.entries().get(at);
                if (entry.part() == Part.WORK) {
                    if (entry.move().demands().midlineLoad() > LIGHT) {
                        line(at, "The first work is light: midline load 2 at most.");
                    }
                    return;
                }
            }
        }

        private void wrists() {
            int run = 0;
            for (int at = 0; at < outline.entries().size(); at++) {
                run = outline.entries().get(at).move().has(Demand.WRIST) ? run + 1 : 0;
                if (run == MOST_WRISTS + 1) {
                    line(at, "Three moves on the wrists one after the other; two are the most.");
                }
            }
        }

        private void frontSupports() {
            int seen = 0;
            for (int at = 0; at < outline.entries().size() && judgement.facts().isPregnant(); at++) {
                seen += outline.entries().get(at).move().purpose() == Purpose.FRONT_SUPPORT ? 1 : 0;
                if (seen == 2) {
                    line(at, "One front support a session while she is pregnant.");
                    return;
                }
            }
        }

        private void contractions() {
            int most = judgement
                    .facts()
                    .pelvicPractice(judgement.facts().client().checks().pelvicFloor())
                    .contractionsPerDay();
            int sum = 0;
            for (int at = 0; at < outline.entries().size(); at++) {
                Outline.OutlineLine entry = outline.entries().get(at);
                if (entry.move().strand().isPelvicFloorLift()) {
                    sum += entry.dose().sets() * entry.dose().repetitions();
                    if (sum > most) {
                        broken.add(new Broken(
                                at,
                                "More lifts of the pelvic floor than the " + most + " a day that are prescribed.",
                                true));
                        return;
                    }
                }
            }
        }

        private void onTheBack() {
            int seconds = 0;
            boolean limited = false;
            for (int at = 0; at < outline.entries().size(); at++) {
                Outline.OutlineLine entry = outline.entries().get(at);
                boolean back = entry.move().isOnTheBack();
                Set<Adjustment> changes = judgement.of(entry.move()).adjustments();
                seconds = back ? seconds + pick(entry, judgement).workSeconds() : 0;
                limited = back && (limited || changes.contains(Adjustment.SHORT_BOUTS_ON_THE_BACK));
                if (limited && seconds > ON_THE_BACK_SECONDS) {
                    line(
                            at,
                            Published.said(
                                    "More than {} minutes on the back at a stretch while that time is limited.",
                                    Published.SUPINE_BOUT));
                    return;
                }
            }
        }

        private void longSupports() {
            for (int at = 0; at < outline.entries().size(); at++) {
                Outline.OutlineLine entry = outline.entries().get(at);
                if (entry.move().isFullFrontSupport() && entry.dose().stillSeconds() > Dosing.LONGEST_FULL_SUPPORT) {
                    line(at, "A full front support is held for " + Dosing.LONGEST_FULL_SUPPORT + " s at most.");
                }
            }
        }
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
        Dosing dosing = Dosing.of(judgement.of(move), judgement, openbloom.core.progress.DoseStep.WRITTEN);
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
