package openbloom.core.program;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.evidence.Published;
import openbloom.core.record.Goal;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.Facts;

/** Tiny practices tied to the day; a couple of times an hour at most (common practice, no source: P-PF-5). */
final class HabitPrompts {
    private static final int MOST = 3;

    private HabitPrompts() {}

    static List<String> of(Facts facts, List<Goals.Suggested> aims) {
        List<String> moments = new ArrayList<>();
        boolean letsGo = aims.stream().anyMatch(aim -> aim.aim() == Goal.LET_GO);
        if (letsGo) {
            moments.add("Each time you sit down: let jaw, belly and pelvic floor go.");
        } else if (facts.client().has(Symptom.LEAK_WITH_EFFORT)) {
            moments.add("A light lift just before a cough, a sneeze or a lift; let go after it.");
        }
        boolean newly = facts.recentBirth()
                .filter(birth -> birth.daysOn(facts.day()) < 7L * Published.STRENGTHEN_FLOOR.amount())
                .isPresent();
        if (newly) {
            moments.add("Roll to your side to lie down and to get up.");
            moments.add("Three easy breaths before each feed.");
        }
        moments.add("Breathe out as you stand up or lift.");
        moments.add("Once an hour: stand tall, three breaths into the side ribs.");
        return moments.stream().limit(MOST).toList();
    }
}
