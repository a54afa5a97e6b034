package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Purpose;
import openbloom.core.stage.GateKind;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;

/** Goes through an outline and finds the hard lines it breaks, each with the entry at which it is broken first. */
final class BrokenLines {
    /** Gates nobody but her clinician opens. */
    private static final Set<GateKind> HER_CLINICIANS = Set.of(
            GateKind.CLEARANCE,
            GateKind.CLINICIAN_ALLOWS,
            GateKind.NO_WARNING_SIGN,
            GateKind.BONE_SAFE,
            GateKind.WOUND_CLOSED,
            GateKind.PAIN_ANSWERED);

    private final List<Outline.OutlineLine> entries;
    private final Session session;
    private final Judgement judgement;
    private final List<Edited.Broken> broken = new ArrayList<>();

    BrokenLines(Outline outline, Session session, Judgement judgement) {
        this.entries = outline.entries();
        this.session = session;
        this.judgement = judgement;
    }

    List<Edited.Broken> all() {
        for (int at = 0; at < entries.size(); at++) {
            passes(at);
        }
        firstIsLight();
        wrists();
        frontSupports();
        floorLifts();
        onTheBack();
        fullSupports();
        impactLate();
        lettingGo();
        tooLongWhileHealing();
        return broken;
    }

    private void passes(int at) {
        Verdict verdict = judgement.of(entries.get(at).move());
        if (!verdict.passes()) {
            String why = ExclusionReason.of(judgement, verdict.move());
            String words = verdict.move().name() + " is " + verdict.kind().words() + ": " + why;
            broken.add(new Edited.Broken(at, HardLine.WHAT_PASSES, words, isShut(verdict)));
        }
    }

    /** Every gate that bears on the move counts, also where another rule swaps it. */
    private boolean isShut(Verdict verdict) {
        return judgement.gatesOf(verdict.move()).stream()
                        .anyMatch(gate -> !gate.met() && HER_CLINICIANS.contains(gate.kind()))
                || verdict.reasons().stream().anyMatch(reason -> reason.code().startsWith("STOP-"));
    }

    private void found(int at, HardLine line) {
        broken.add(new Edited.Broken(at, line, line.sentence(), false));
    }

    private void firstIsLight() {
        for (int at = 0; at < entries.size(); at++) {
            if (entries.get(at).part() == Part.WORK) {
                if (!HardLine.isLight(entries.get(at).move())) {
                    found(at, HardLine.LIGHT_FIRST);
                }
                return;
            }
        }
    }

    private void wrists() {
        int run = 0;
        for (int at = 0; at < entries.size(); at++) {
            run = entries.get(at).move().has(Demand.WRIST) ? run + 1 : 0;
            if (run == HardLine.MOST_ON_THE_WRISTS + 1) {
                found(at, HardLine.WRISTS);
            }
        }
    }

    private void frontSupports() {
        int seen = 0;
        for (int at = 0; at < entries.size() && judgement.facts().isPregnant(); at++) {
            seen += entries.get(at).move().purpose() == Purpose.FRONT_SUPPORT ? 1 : 0;
            if (seen == 2) {
                found(at, HardLine.ONE_FRONT_SUPPORT);
                return;
            }
        }
    }

    private void floorLifts() {
        int most = judgement
                .facts()
                .pelvicPractice(judgement.facts().client().checks().pelvicFloor())
                .contractionsPerDay();
        int sum = 0;
        for (int at = 0; at < entries.size(); at++) {
            Outline.OutlineLine entry = entries.get(at);
            if (entry.move().strand().isPelvicFloorLift()) {
                sum += entry.dose().sets() * entry.dose().repetitions();
                if (sum > most) {
                    String words = "More lifts of the pelvic floor than the " + most + " a day that are prescribed.";
                    broken.add(new Edited.Broken(at, HardLine.FLOOR_LIFTS, words, true));
                    return;
                }
            }
        }
    }

    private void onTheBack() {
        int seconds = 0;
        boolean limited = false;
        for (int at = 0; at < entries.size(); at++) {
            Outline.OutlineLine entry = entries.get(at);
            boolean back = entry.move().isOnTheBack();
            Set<Adjustment> changes = judgement.of(entry.move()).adjustments();
            seconds = back ? seconds + Edited.pick(entry, judgement).workSeconds() : 0;
            limited = back && (limited || changes.contains(Adjustment.SHORT_BOUTS_ON_THE_BACK));
            if (limited && seconds > HardLine.ON_THE_BACK_SECONDS) {
                found(at, HardLine.ON_THE_BACK);
                return;
            }
        }
    }

    private void fullSupports() {
        for (int at = 0; at < entries.size(); at++) {
            Outline.OutlineLine entry = entries.get(at);
            if (entry.move().isFullFrontSupport() && entry.dose().stillSeconds() > HardLine.FULL_SUPPORT_SECONDS) {
                found(at, HardLine.FULL_SUPPORT);
            }
        }
    }

    /** Impact that begins in the second half of the session. */
    private void impactLate() {
        session.lateImpact().ifPresent(item -> found(indexOf(item), HardLine.IMPACT_EARLY));
    }

    private int indexOf(SessionItem item) {
        for (int at = 0; at < entries.size(); at++) {
            if (entries.get(at).move().equals(item.move())) {
                return at;
            }
        }
        return entries.size() - 1;
    }

    private void lettingGo() {
        boolean works = entries.stream().anyMatch(entry -> entry.part() == Part.WORK);
        if (!judgement.facts().isFloorToLetGo() || !works) {
            return;
        }
        int restful = session.items().stream()
                .filter(item -> item.move().strand() == ExerciseGroup.BREATH
                        || item.move().strand() == ExerciseGroup.RELEASE)
                .mapToInt(SessionItem::workSeconds)
                .sum();
        if (restful < HardLine.LETTING_GO_SHARE * session.workSeconds()) {
            found(entries.size() - 1, HardLine.TIGHT_FLOOR);
        }
    }

    private void tooLongWhileHealing() {
        int most = (int) (HardLine.LONGEST_SHARE * 60 * HardLine.HEALING_MINUTES);
        if (Composer.isHealing(judgement) && session.seconds() > most && !entries.isEmpty()) {
            found(entries.size() - 1, HardLine.WHILE_HEALING);
        }
    }
}
