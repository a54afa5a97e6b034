package openbloom.core.verdict;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.RandomGenerator;
import net.jqwik.api.Tuple;
import net.jqwik.api.arbitraries.SetArbitrary;
import net.jqwik.api.providers.ArbitraryProvider;
import net.jqwik.api.providers.TypeUsage;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.Breathing;
import openbloom.core.dating.Dating;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.Falls;
import openbloom.core.record.ImpactTests;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;

/** Generated women, all on {@link #TODAY}; each fact shrinks towards absent. */
public final class Women implements ArbitraryProvider {
    public static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

    static final PelvicFloorCheck TYPICAL_FLOOR =
            new PelvicFloorCheck(10, 10, 10, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO);

    @Override
    public boolean canProvideFor(TypeUsage type) {
        return type.isOfType(Client.class);
    }

    @Override
    public Set<Arbitrary<?>> provideFor(TypeUsage type, SubtypeProvider subtypes) {
        return Set.of(any());
    }

    /** The same women for the same seed, for a test that looks at all of them together. */
    public static List<Client> some(int count, long seed) {
        RandomGenerator<Client> generator = any().generator(1000);
        Random random = new Random(seed);
        return Stream.generate(() -> generator.next(random).value())
                .limit(count)
                .toList();
    }

    static Arbitrary<Client> any() {
        Arbitrary<Client.Builder> lives = Combinators.combine(
                        Arbitraries.of("neither", "pregnant", "pregnant", "born", "born"),
                        Arbitraries.integers().between(0, 290),
                        Arbitraries.integers().between(0, 1000),
                        births(),
                        Arbitraries.integers().between(1, 3),
                        Arbitraries.integers().between(17, 70))
                .as(Women::life);
        Arbitrary<Client.Builder> told = Combinators.combine(
                        lives, few(Condition.class, 3), symptoms(), signs(), clearance())
                .as((woman, conditions, symptoms, signs, clearance) -> {
                    clearance.ifPresent(woman::cleared);
                    return woman.conditions(TODAY, conditions)
                            .symptoms(symptoms)
                            .warningSigns(TODAY, signs);
                });
        Arbitrary<Client.Builder> looked = Combinators.combine(
                        told,
                        gap().optional(0.7),
                        ladder(0.3),
                        ladder(0.8),
                        floor(),
                        approach(),
                        few(Equipment.class, 10),
                        Combinators.combine(Arbitraries.integers().between(0, 60), ladder(0.3))
                                .as(Looked::new))
                .as((woman, gap, ceilings, rungs, floor, approach, kit, load) -> {
                    gap.ifPresent(woman::gap);
                    return woman.domingCeiling(ceilings)
                            .flat(TODAY.minusDays(load.daysAgo), load.flat)
                            .rungs(rungs)
                            .pelvicFloor(floor)
                            .approach(approach)
                            .equipment(kit);
                });
        return Combinators.combine(
                        looked,
                        Arbitraries.integers().between(0, 10).optional(0.2),
                        impactTests(),
                        breathing(),
                        Arbitraries.of(Falls.class),
                        Arbitraries.of(Training.class).optional(0.6),
                        Arbitraries.of(YesNoUnknown.class))
                .as((woman, raise, tests, breath, falls, trained, pessary) -> {
                    raise.ifPresent(woman::straightLegRaise);
                    trained.ifPresent(woman::trained);
                    return woman.impactTests(tests)
                            .breath(breath)
                            .falls(falls)
                            .pessary(pessary)
                            .build();
                });
    }

    private static Arbitrary<Breathing> breathing() {
        return Combinators.combine(
                        Arbitraries.of(BreathFinding.class),
                        Arbitraries.of(BreathZone.class).set().ofMaxSize(2))
                .as((finding, still) ->
                        new Breathing(finding, finding == BreathFinding.UNEVEN ? still : Set.<BreathZone>of()));
    }

    /** A load check: how long ago, and how far each ladder was flat. */
    private record Looked(int daysAgo, Map<ExerciseGroup, Integer> flat) {}

    private static Client.Builder life(String kind, int far, int since, Birth birth, int babies, int age) {
        Client.Builder woman = Client.of(kind.equals("neither") ? 0 : 1, babies, age);
        if (kind.equals("pregnant")) {
            woman.pregnant(Dating.stated(TODAY.minusDays(far).plusDays(280)));
        }
        if (kind.equals("born")) {
            woman.gaveBirth(new Birth(TODAY.minusDays(since), birth.kind(), birth.tear(), birth.woundClosed()));
        }
        return woman;
    }

    private static Arbitrary<Birth> births() {
        return Combinators.combine(
                        Arbitraries.of(BirthKind.class), Arbitraries.of(Tear.class), Arbitraries.of(YesNoUnknown.class))
                .as((kind, tear, wound) ->
                        new Birth(TODAY, kind, kind == BirthKind.CAESAREAN ? Tear.NONE : tear, wound));
    }

    private static <E extends Enum<E>> SetArbitrary<E> few(Class<E> type, int most) {
        return Arbitraries.of(type).set().ofMaxSize(Math.min(most, type.getEnumConstants().length));
    }

    private static Arbitrary<Set<WarningSign>> signs() {
        Arbitrary<Set<WarningSign>> none = Arbitraries.just(Set.of());
        return Arbitraries.frequencyOf(Tuple.of(9, none), Tuple.of(1, few(WarningSign.class, 1)));
    }

    private static Arbitrary<SymptomReport> symptoms() {
        return Combinators.combine(few(Symptom.class, 3), Arbitraries.integers().between(0, 20), few(LeakWhen.class, 2))
                .as((symptoms, ago, leaks) ->
                        (SymptomReport) new SymptomReport.Asked(TODAY.minusDays(ago), symptoms, leaks))
                .injectNull(0.2)
                .map(report -> report == null ? new SymptomReport.NotAsked() : report);
    }

    private static Arbitrary<Optional<Clearance>> clearance() {
        return Combinators.combine(
                        Arbitraries.integers().between(-5, 120),
                        Arbitraries.of("NO_IMPACT", "NOTHING_ON_THE_BACK", "BREATH", "breath-seated", "keep it light")
                                .list()
                                .ofMaxSize(2))
                .as((ago, limits) -> Clearance.of(TODAY.minusDays(ago), "midwife", limits))
                .optional(0.6);
    }

    private static Arbitrary<GapCheck> gap() {
        Arbitrary<GapReading> reading = Combinators.combine(
                        Arbitraries.of(Site.EVERYDAY),
                        Arbitraries.of(GapState.class),
                        Arbitraries.integers().between(0, 10),
                        Arbitraries.of(Depth.class),
                        Arbitraries.of(Firmness.class),
                        Arbitraries.of(YesNoUnknown.class))
                .as((site, state, halves, depth, firmness, domed) -> new GapReading(
                        site, site.usualOffsetMm(), state, Width.ofHalfFingers(halves), depth, firmness, domed));
        return Combinators.combine(
                        reading.list().ofMinSize(1).ofMaxSize(6),
                        Arbitraries.integers().between(0, 30))
                .as((readings, ago) -> new GapCheck(TODAY.minusDays(ago), readings));
    }

    /** Rungs for some strands, low ones most often; written out from a seed so that a woman stays readable. */
    private static Arbitrary<Map<ExerciseGroup, Integer>> ladder(double share) {
        return Arbitraries.longs().between(0, 1_000_000).map(seed -> {
            Random random = new Random(seed);
            Map<ExerciseGroup, Integer> rungs = new HashMap<>();
            Arrays.stream(ExerciseGroup.values())
                    .filter(strand -> random.nextDouble() < share)
                    .forEach(strand -> rungs.put(strand, random.nextInt(10)));
            return rungs;
        });
    }

    private static Arbitrary<PelvicFloorCheck> floor() {
        return Combinators.combine(
                        Arbitraries.of(Tone.class),
                        Arbitraries.of(YesNoUnknown.class),
                        Arbitraries.of(YesNoUnknown.class))
                .as((tone, letsGo, pain) ->
                        new PelvicFloorCheck(5, 5, 5, LettingGo.of(letsGo), tone, pain, YesNoUnknown.NO));
    }

    private static Arbitrary<Approach> approach() {
        return few(ApproachChoice.class, 4).map(Approach::of);
    }

    private static Arbitrary<ImpactTests> impactTests() {
        return Arbitraries.of(
                ImpactTests.NOT_DONE, new ImpactTests(Optional.of(TODAY), Set.of(ImpactTests.Test.values())));
    }

    /** The same facts gathered in another order. */
    static Client reordered(Client woman) {
        return woman.but()
                .conditions(TODAY, backwards(woman.medical().known().all()))
                .warningSigns(TODAY, backwards(woman.safety().standing().keySet()))
                .equipment(backwards(woman.equipment()))
                .build();
    }

    private static <T> Set<T> backwards(Set<T> set) {
        List<T> list = new java.util.ArrayList<>(set);
        java.util.Collections.reverse(list);
        return new LinkedHashSet<>(list);
    }

    static SymptomReport withSymptom(SymptomReport report, Symptom symptom) {
        if (report instanceof SymptomReport.Asked asked) {
            Set<Symptom> more = new LinkedHashSet<>(asked.symptoms());
            more.add(symptom);
            return new SymptomReport.Asked(asked.on(), more, asked.leaksWhen());
        }
        return report;
    }
}
