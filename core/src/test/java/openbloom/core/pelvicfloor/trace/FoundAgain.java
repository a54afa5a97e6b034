package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;

/** What was done beside what was found: of all that was done, how much was found, and of all that was found, how much was done. */
final class FoundAgain {
    private int matched;
    private int missed;
    private int wrong;

    void add(List<MadeRecording.Truth> truths, List<Contraction> found) {
        add(truths, found, (truth, one) -> {});
    }

    void add(
            List<MadeRecording.Truth> truths,
            List<Contraction> found,
            BiConsumer<MadeRecording.Truth, Contraction> each) {
        List<Contraction> left = new ArrayList<>(found);
        for (MadeRecording.Truth truth : truths) {
            Optional<Contraction> match = left.stream()
                    .filter(one -> (one.start() + one.end()) / 2 > truth.start() - 0.2
                            && (one.start() + one.end()) / 2 < truth.end() + 0.2)
                    .findFirst();
            match.ifPresent(left::remove);
            match.ifPresent(one -> each.accept(truth, one));
            matched += match.isPresent() ? 1 : 0;
            missed += match.isPresent() ? 0 : 1;
        }
        wrong += left.size();
    }

    int wrong() {
        return wrong;
    }

    double precision() {
        return matched + wrong == 0 ? 1 : matched / (double) (matched + wrong);
    }

    double recall() {
        return matched + missed == 0 ? 1 : matched / (double) (matched + missed);
    }
}
