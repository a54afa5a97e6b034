package openbloom.core.verdict;

import static openbloom.core.verdict.Compared.CATALOGUE;
import static openbloom.core.verdict.Compared.assertNoneWeaker;
import static openbloom.core.verdict.Compared.require;
import static openbloom.core.verdict.Compared.verdicts;
import static openbloom.core.verdict.Women.TODAY;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import net.jqwik.api.constraints.IntRange;
import openbloom.core.YesNoUnknown;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Client;
import openbloom.core.record.Falls;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Tear;

/** More that is bad never opens, what is written down never closes, a swap never asks for more, a later day opens. */
@Tag("long")
class MonotoneTest {
    private static final String SEED = "20261130";

    /** What the calendar closes by itself: a pregnancy that grows, a reading or an answer that grows old, two years after a birth. */
    private static final Pattern CALENDAR =
            Pattern.compile("PREG-.*|GAP-.*|ASK-SYMPTOMS|APP-EMPTY.*|STOP-(ABS|REL)-(PLACENTA-PRAEVIA|TWINS).*");

    @Property(seed = SEED)
    void aWorseFactNeverOpens(@ForAll Client woman) {
        List<Verdict> steady = verdicts(woman.but().falls(Falls.NONE).build());
        assertNoneWeaker(steady, woman.but().falls(Falls.UNSTEADY).build());
        assertNoneWeaker(steady, woman.but().falls(Falls.FELL).build());
        assertNoneWeaker(
                verdicts(woman.but().pessary(YesNoUnknown.YES).build()),
                woman.but().pessary(YesNoUnknown.NO).build());
        woman.situation().birth().ifPresent(birth -> {
            assertNoneWeaker(
                    verdicts(born(woman, birth, Tear.NONE, birth.woundClosed())),
                    born(woman, birth, birth.isCaesarean() ? Tear.NONE : Tear.THIRD, birth.woundClosed()));
            assertNoneWeaker(
                    verdicts(born(woman, birth, birth.tear(), YesNoUnknown.YES)),
                    born(woman, birth, birth.tear(), YesNoUnknown.NO));
        });
        if (woman.safety().symptoms() instanceof SymptomReport.Asked asked) {
            Set<Symptom> leaks = Women.withSymptom(asked, Symptom.LEAK_WITH_EFFORT) instanceof SymptomReport.Asked more
                    ? more.symptoms()
                    : Set.of();
            for (LeakWhen when : List.of(LeakWhen.COUGH, LeakWhen.LIFT, LeakWhen.JUMP, LeakWhen.RUN)) {
                assertNoneWeaker(
                        verdicts(leaking(woman, asked.on(), leaks, Set.of(when))),
                        leaking(woman, asked.on(), leaks, Set.of()));
            }
        }
        PelvicFloorCheck well =
                new PelvicFloorCheck(6, 6, 6, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO);
        PelvicFloorCheck tight =
                new PelvicFloorCheck(6, 6, 6, LettingGo.ABSENT, Tone.TIGHT, YesNoUnknown.YES, YesNoUnknown.NO);
        assertNoneWeaker(
                verdicts(woman.but().pelvicFloor(well).build()),
                woman.but().pelvicFloor(tight).build());
    }

    private static Client born(Client woman, Birth birth, Tear tear, YesNoUnknown closed) {
        return woman.but()
                .gaveBirth(new Birth(birth.date(), birth.kind(), tear, closed))
                .build();
    }

    private static Client leaking(Client woman, LocalDate on, Set<Symptom> symptoms, Set<LeakWhen> when) {
        return woman.but().symptoms(new SymptomReport.Asked(on, symptoms, when)).build();
    }

    /** Whoever writes a rung down, or asks whether she is steady and hears yes, never gets a stricter answer for it. */
    @Property(seed = SEED)
    void whatIsWrittenDownNeverCloses(
            @ForAll Client woman, @ForAll ExerciseGroup strand, @ForAll @IntRange(max = 9) int rung) {
        Map<ExerciseGroup, Integer> without = new EnumMap<>(ExerciseGroup.class);
        without.putAll(woman.standing().rungs());
        without.remove(strand);
        Map<ExerciseGroup, Integer> with = new EnumMap<>(without.isEmpty() ? Map.of(strand, rung) : without);
        with.put(strand, rung);
        assertNoneWeaker(
                verdicts(woman.but().rungs(with).build()),
                woman.but().rungs(without).build());
        assertNoneWeaker(
                verdicts(woman.but().falls(Falls.NONE).build()),
                woman.but().falls(Falls.NOT_ASKED).build());
        assertNoneWeaker(
                verdicts(woman.but().pessary(YesNoUnknown.NO).build()),
                woman.but().pessary(YesNoUnknown.UNKNOWN).build());
    }

    @Property(tries = 400, seed = SEED)
    void aSwapNeverAsksForMore(@ForAll Client woman) {
        for (Verdict verdict : verdicts(woman)) {
            verdict.swapTo().ifPresent(other -> {
                Move move = verdict.move();
                require(other.load() <= move.load(), verdict);
                require(other.demands().pressure() <= move.demands().pressure(), verdict);
                require(other.demands().impact() <= move.demands().impact(), verdict);
                require(!other.has(Demand.SINGLE_LEG) || move.has(Demand.SINGLE_LEG), verdict);
                require(!other.has(Demand.BALANCE) || move.has(Demand.BALANCE), verdict);
            });
        }
    }

    /** Asked again at each visit and saying the same: what closes is the calendar's, by a rule that says so. */
    @Property(tries = 400, seed = SEED)
    void aLaterDayOpensUnlessTheCalendarCloses(@ForAll Client woman, @ForAll @IntRange(min = 1, max = 60) int later) {
        boolean wordComes = woman.medical()
                .clearance()
                .filter(given -> given.date().isAfter(TODAY))
                .isPresent();
        Assume.that(!wordComes);
        LocalDate day = TODAY.plusDays(later);
        Client then =
                woman.but().symptoms(woman.safety().symptoms().askedAgain(day)).build();
        Client now = woman.but()
                .symptoms(woman.safety().symptoms().askedAgain(TODAY))
                .build();
        Judgement before = Judgement.of(CATALOGUE, now, TODAY);
        Judgement after = Judgement.of(CATALOGUE, then, day);
        for (Move move : CATALOGUE.moves()) {
            Verdict closed = after.of(move);
            boolean stricter = closed.kind().isStrongerThan(before.of(move).kind());
            require(
                    !stricter
                            || closed.reasons().stream()
                                    .anyMatch(reason ->
                                            CALENDAR.matcher(reason.code()).matches()),
                    closed);
        }
    }
}
