package openbloom.core.verdict;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.Width;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.ImpactTests;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;

/**
 * Who may not do a move as written, told by women who differ from a well one in a single fact.
 *
 * @param who the fact, in words
 * @param verdict what she gets
 * @param reason the strongest rule that speaks for her, when it does not speak for the well woman
 * @see YesNoUnknown
 * @see Client
 */
public record ExclusionSurvey(String who, Verdict verdict, Reason reason) {
    /** The rules look at differences between days only; any day serves. */
    private static final LocalDate DAY = LocalDate.of(2026, 1, 1);

    private static final int TOP = 40;

    /** Everyone for whom the move is not a plain Go, from the shared list of single facts. */
    public static List<ExclusionSurvey> of(Catalogue catalogue, Move move) {
        Verdict well = Judgement.of(catalogue, well().build(), DAY).of(move);
        List<ExclusionSurvey> all = new ArrayList<>();
        women().forEach((who, woman) -> {
            Verdict verdict = Judgement.of(catalogue, woman.build(), DAY).of(move);
            Optional<Reason> reason = verdict.leading().filter(given -> !well.hasReason(given.code()));
            if (verdict.kind() != VerdictKind.GO) {
                reason.ifPresent(given -> all.add(new ExclusionSurvey(who, verdict, given)));
            }
        });
        return all;
    }

    /**
     * A change that is made to the move, and for whom.
     *
     * @param adjustment the {@link Adjustment} that is made
     * @param who facts as they are said
     */
    public record ExclusionVersion(Adjustment adjustment, List<String> who) {}

    /** What changes the move for someone so that it is seen: another picture, or another move. */
    public static List<ExclusionVersion> versions(Catalogue catalogue, Move move, List<ExclusionSurvey> all) {
        Map<Adjustment, List<String>> found = new EnumMap<>(Adjustment.class);
        for (ExclusionSurvey one : all) {
            one.verdict().adjustments().stream()
                    .filter(adjustment -> Versions.seen(adjustment).isPresent()
                            || Versions.of(adjustment, move, catalogue).isPresent())
                    .forEach(adjustment -> found.computeIfAbsent(adjustment, any -> new ArrayList<>())
                            .add(one.who()));
        }
        return found.entrySet().stream()
                .map(entry -> new ExclusionVersion(entry.getKey(), List.copyOf(entry.getValue())))
                .toList();
    }

    private static Map<String, Client.Builder> women() {
        Map<String, Client.Builder> women = new LinkedHashMap<>();
        for (int weeks : new int[] {9, 14, 20, 28}) {
            women.put("from " + weeks + " weeks of pregnancy", pregnant(weeks));
        }
        women.put("in the first two weeks after birth", born(7, BirthKind.VAGINAL));
        women.put("two to six weeks after birth", born(28, BirthKind.VAGINAL));
        women.put("six to twelve weeks after birth", born(63, BirthKind.VAGINAL));
        women.put("seven weeks after a caesarean", born(49, BirthKind.CAESAREAN));
        women.put("a gap wider than her approach allows", well().gap(gap(6, YesNoUnknown.NO)));
        women.put("doming on a small head lift", well().gap(gap(3, YesNoUnknown.YES)));
        women.put("a tight pelvic floor", well().pelvicFloor(floor(Tone.TIGHT, YesNoUnknown.NO)));
        women.put("heaviness", told(Symptom.HEAVINESS));
        women.put("a leak with effort", told(Symptom.LEAK_WITH_EFFORT));
        women.put("pelvic girdle pain", told(Symptom.PELVIC_GIRDLE_PAIN));
        women.put("sore wrists", told(Symptom.WRIST_PAIN));
        women.put("high blood pressure, controlled", having(Condition.HIGH_BLOOD_PRESSURE_CONTROLLED));
        women.put("osteoporosis", having(Condition.OSTEOPOROSIS));
        return women;
    }

    /** Neither pregnant nor newly delivered, everything checked and nothing found, every rung done. */
    private static Client.Builder well() {
        Map<ExerciseGroup, Integer> rungs = new EnumMap<>(ExerciseGroup.class);
        Arrays.stream(ExerciseGroup.values()).forEach(strand -> rungs.put(strand, TOP));
        return Client.of(1, 1, 35)
                .symptoms(SymptomReport.none(DAY))
                .warningSigns(DAY, Set.of())
                .conditions(DAY, Set.of())
                .gap(gap(2, YesNoUnknown.NO))
                .rungs(rungs)
                .equipment(Set.of(Equipment.values()))
                .impactTests(new ImpactTests(Optional.of(DAY), Set.of(ImpactTests.Test.values())))
                .pelvicFloor(floor(Tone.TYPICAL, YesNoUnknown.YES));
    }

    private static Client.Builder pregnant(int weeks) {
        return well().pregnant(Dating.stated(DAY.minusWeeks(weeks).plusDays(280)));
    }

    private static Client.Builder born(int daysAgo, BirthKind kind) {
        return well().gaveBirth(new Birth(DAY.minusDays(daysAgo), kind, Tear.NONE, YesNoUnknown.YES))
                .cleared(Clearance.of(DAY, "clinician", List.of()));
    }

    private static Client.Builder told(Symptom symptom) {
        return well().symptoms(new SymptomReport.Asked(DAY, Set.of(symptom)));
    }

    private static Client.Builder having(Condition condition) {
        return well().conditions(DAY, Set.of(condition));
    }

    private static PelvicFloorCheck floor(Tone tone, YesNoUnknown letsGo) {
        return new PelvicFloorCheck(10, 10, 10, LettingGo.of(letsGo), tone, YesNoUnknown.NO, YesNoUnknown.NO);
    }

    private static GapCheck gap(int halves, YesNoUnknown domed) {
        return GapCheck.alike(
                DAY, Width.ofHalfFingers(halves), Optional.of(Depth.SURFACE), Optional.of(Firmness.FIRM), domed);
    }
}
