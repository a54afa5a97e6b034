package openbloom.core.record;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.Enums;

/**
 * The return-to-impact tests (E-RUN) she has passed without symptoms.
 *
 * @param on the day they were tried, empty if never
 * @param passed those done without a symptom
 * @see Client
 * @see Checks
 */
public record ImpactTests(Optional<LocalDate> on, Set<Test> passed) {
    public static final ImpactTests NOT_DONE = new ImpactTests(Optional.empty(), Set.of());

    /** One test. */
    public enum Test {
        WALK_30_MIN("walk 30 minutes", 30, false),
        BALANCE_10_S("single-leg balance 10 s each", 10, true),
        SINGLE_LEG_SQUAT_10("single-leg squat 10 each", 10, true),
        JOG_1_MIN("jog on the spot 1 minute", 1, false),
        FORWARD_BOUNDS_10("forward bounds 10", 10, false),
        HOP_10("hop on the spot 10 each", 10, true),
        RUNNING_ACTION_10("single-leg running action 10 each", 10, true),
        CALF_RAISE_20("calf raise 20 each", 20, true),
        BRIDGE_20("bridge 20", 20, false),
        SIT_TO_STAND_20("sit to stand 20", 20, false),
        SIDE_LEG_LIFT_20("side-lying leg lift 20 each", 20, true);

        private final String words;
        private final int asked;
        private final boolean eachSide;

        Test(String words, int asked, boolean eachSide) {
            this.words = words;
            this.asked = asked;
            this.eachSide = eachSide;
        }

        /** How many are asked: repetitions, seconds or minutes, on each side where it is done on each. */
        public int asked() {
            return asked;
        }

        public boolean isEachSide() {
            return eachSide;
        }

        public String words() {
            return words;
        }
    }

    public ImpactTests {
        passed = Enums.copyOf(passed);
    }

    public boolean allPassed() {
        return passed.size() == Test.values().length;
    }

    public List<Test> missing() {
        return Arrays.stream(Test.values())
                .filter(test -> !passed.contains(test))
                .toList();
    }
}
