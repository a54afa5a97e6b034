package openbloom.core.program;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Dose;
import openbloom.core.screening.SideCheck;

/** A session while it is being fitted to its time. */
final class Draft {
    private static final int LONGEST_RELEASE_SECONDS = 120;
    private static final int SHORTEST_RELEASE_SECONDS = 60;
    private static final int MOST_BREATHS = 15;
    private static final int FEWEST_BREATHS = 5;
    private static final int MOST_SETS = 3;
    private static final int FEWEST_REPETITIONS = 4;

    private final int target;
    private final SideCheck.Weaker weaker;
    private final List<Pick> opening;
    private final List<Pick> work = new ArrayList<>();
    private final List<Pick> closing;

    Draft(int targetSeconds, List<Pick> opening, List<Pick> closing, SideCheck.Weaker weaker) {
        this.target = targetSeconds;
        this.weaker = weaker;
        this.opening = new ArrayList<>(opening);
        this.closing = new ArrayList<>(closing);
    }

    Timetable timetable() {
        return Timetable.of(opening, work, closing, weaker);
    }

    /** Seconds still free; negative when the session is too long. */
    int free() {
        return target - timetable().seconds();
    }

    void addWorkIfItFits(Pick pick) {
        addIfItFits(work, pick);
    }

    void addReleaseIfItFits(Pick pick) {
        addIfItFits(closing, pick);
    }

    void addBreathIfItFits(Pick pick) {
        addIfItFits(opening, pick);
    }

    private void addIfItFits(List<Pick> part, Pick pick) {
        part.add(pick);
        if (free() < 0) {
            part.remove(part.size() - 1);
        }
    }

    /** Takes away until it fits: shorter release, fewer repetitions and breaths, then the last of the release. */
    void shrink() {
        change(closing, dose -> dose.withHoldSeconds(Math.min(dose.holdSeconds(), SHORTEST_RELEASE_SECONDS)));
        change(opening, Draft::smaller);
        while (free() < 0 && closing.size() > 1) {
            closing.remove(closing.size() - 1);
        }
    }

    private void change(List<Pick> part, UnaryOperator<Dose> change) {
        for (int i = 0; i < part.size() && free() < 0; i++) {
            part.set(i, part.get(i).withDose(change.apply(part.get(i).dose())));
        }
    }

    private static Dose smaller(Dose dose) {
        if (dose.breaths() > 0) {
            return dose.withBreaths(Math.min(dose.breaths(), FEWEST_BREATHS));
        }
        return dose.withRepetitions(Math.min(dose.repetitions(), FEWEST_REPETITIONS));
    }

    /** Uses up what is free: one more set of the work, more breaths, longer release. */
    void stretch() {
        for (int i = 0; i < work.size(); i++) {
            grow(work, i, dose -> dose.sets() < MOST_SETS ? dose.withSets(dose.sets() + 1) : dose);
        }
        for (int i = 0; i < opening.size(); i++) {
            grow(opening, i, this::moreBreaths);
        }
        for (int i = 0; i < closing.size(); i++) {
            grow(closing, i, this::longer);
        }
    }

    private void grow(List<Pick> part, int i, UnaryOperator<Dose> change) {
        Pick before = part.get(i);
        part.set(i, before.withDose(change.apply(before.dose())));
        if (free() < 0) {
            part.set(i, before);
        }
    }

    private Dose moreBreaths(Dose dose) {
        boolean counted = dose.breaths() > 0 && dose.repetitions() == 1;
        int more = Math.max(0, free()) / Published.BREATH.amount();
        return counted
                ? dose.withBreaths(Math.max(dose.breaths(), Math.min(MOST_BREATHS, dose.breaths() + more)))
                : dose;
    }

    private Dose longer(Dose dose) {
        int share = Math.max(0, free()) / (dose.perSide() ? 2 : 1);
        int seconds = Math.min(LONGEST_RELEASE_SECONDS, dose.holdSeconds() + share);
        return dose.holdSeconds() > 0 && dose.repetitions() == 1 && seconds > dose.holdSeconds()
                ? dose.withHoldSeconds(seconds)
                : dose;
    }
}
