package openbloom.core.program;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.dating.GestationalAge;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Birth;
import openbloom.core.verdict.Facts;

/**
 * Which aims a woman's record suggests, each with the fact that suggests it.
 *
 * @see BlockPlanner
 * @see Program
 */
public final class Goals {
    public static final int MOST = 3;
    private static final List<Integer> WORTH = List.of(30, 20, 10);
    private static final int READY_FROM_WEEK = Published.NO_RISE_PREGNANT.amount();

    private final Facts facts;
    private final Map<Goal, String> why = new EnumMap<>(Goal.class);

    private Goals(Facts facts) {
        this.facts = facts;
    }

    /** @param why the fact, in words */
    public record Suggested(Goal aim, String why) {}

    /** At most three, in the order in which they come first; something can always be suggested. */
    public static List<Suggested> suggest(Facts facts) {
        return new Goals(facts).all().stream().limit(MOST).toList();
    }

    /** The aims chosen, each with its fact or that she chose it. */
    public static List<Suggested> chosen(Facts facts, List<Goal> aims) {
        Map<Goal, String> known = new EnumMap<>(Goal.class);
        new Goals(facts).all().forEach(suggested -> known.put(suggested.aim(), suggested.why()));
        return aims.stream()
                .distinct()
                .map(aim -> new Suggested(aim, known.getOrDefault(aim, aim.isWish() ? "her wish" : "chosen")))
                .toList();
    }

    /** What each strand is worth to a session that serves these aims in their order: 30, 20 or 10, the highest counts. */
    public static Map<ExerciseGroup, Integer> worth(List<Goal> aims) {
        Map<ExerciseGroup, Integer> worth = new EnumMap<>(ExerciseGroup.class);
        for (int i = 0; i < aims.size(); i++) {
            int points = WORTH.get(Math.min(i, WORTH.size() - 1));
            aims.get(i).strands().forEach(strand -> worth.merge(strand, points, Math::max));
        }
        return worth;
    }

    private List<Suggested> all() {
        Client client = facts.client();
        floor(client.checks().pelvicFloor());
        told(Goal.EASE_HEAVINESS, Symptom.HEAVINESS);
        if (client.has(Condition.PROLAPSE)) {
            why.putIfAbsent(Goal.EASE_HEAVINESS, Condition.PROLAPSE.words());
        }
        told(Goal.STOP_LEAKING, Symptom.LEAK_WITH_EFFORT);
        told(Goal.EASE_PELVIS, Symptom.PELVIC_GIRDLE_PAIN);
        told(Goal.EASE_BACK, Symptom.BACK_PAIN);
        midline();
        Optional<Birth> birth = facts.recentBirth();
        birth.filter(Birth::isCaesarean).ifPresent(born -> why.put(Goal.SCAR_AT_EASE, "a caesarean"));
        if (client.has(Condition.OSTEOPOROSIS)) {
            why.put(Goal.STRONG_BONES, Condition.OSTEOPOROSIS.words());
        }
        Optional<GestationalAge> age = facts.age();
        age.filter(weeks -> weeks.isAtLeastWeeks(READY_FROM_WEEK))
                .ifPresent(weeks -> why.put(Goal.READY_FOR_BIRTH, weeks.words()));
        why.put(Goal.KEEP_ACTIVE, "always worth while");
        List<Suggested> all = new ArrayList<>();
        why.forEach((aim, fact) -> all.add(new Suggested(aim, fact)));
        all.sort(Comparator.comparing(Suggested::aim));
        return all;
    }

    private void floor(PelvicFloorCheck floor) {
        if (floor.isTight()) {
            why.put(Goal.LET_GO, "a tight pelvic floor");
        } else if (facts.isFloorPainful()) {
            why.put(Goal.LET_GO, "pain deep in the pelvis or with lifts");
        } else if (floor.lettingGo() == LettingGo.PARTIAL) {
            why.put(Goal.LET_GO, "letting go in part");
        }
    }

    private void midline() {
        if (facts.isPregnant()) {
            why.put(Goal.SUPPORT_MIDLINE, "pregnant");
        } else if (facts.recentBirth().isPresent() && facts.hasGapOrDoming()) {
            why.put(Goal.REBUILD_MIDLINE, "a gap that is not recovered, or doming");
        }
    }

    private void told(Goal aim, Symptom symptom) {
        if (facts.client().has(symptom)) {
            why.put(aim, symptom.words());
        }
    }
}
