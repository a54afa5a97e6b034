package openbloom.core.program;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tag;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.pelvicfloor.Track;
import openbloom.core.progress.Decision;
import openbloom.core.progress.LadderDay;
import openbloom.core.progress.Pain;
import openbloom.core.progress.PerceivedEffort;
import openbloom.core.progress.Progress;
import openbloom.core.progress.Proposal;
import openbloom.core.record.Client;
import openbloom.core.record.LadderStatus;
import openbloom.core.session.Composer;
import openbloom.core.session.Place;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Women;

/**
 * Twelve weeks of generated women, block after block, walked day by day with responses as they come: good, mixed, poor, or
 * with weeks away. {@code ./bloom soak} walks two thousand.
 */
@Tag("long")
class TwelveWeeksTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final LocalDate END = Women.TODAY.plusWeeks(12);
    private static final int TRIES = 40;

    /** How her days go. */
    enum Course {
        GOOD,
        MIXED,
        POOR,
        INTERRUPTED
    }

    @Provide
    Arbitrary<Rhythm> rhythms() {
        return Combinators.combine(
                        Arbitraries.integers().between(0, 5),
                        Arbitraries.of(DayOfWeek.class).set().ofMaxSize(4),
                        Arbitraries.of(5, 10, 20, 40))
                .as((visits, days, minutes) -> new Rhythm(visits, days, minutes, List.of()));
    }

    @Property(tries = TRIES, seed = "20261126", edgeCases = EdgeCasesMode.NONE)
    void plansWhatIsHersBlockAfterBlock(
            @ForAll Client woman, @ForAll("rhythms") Rhythm rhythm, @ForAll Course course, @ForAll Random chance) {
        new Walk(woman, rhythm, course, chance).twelveWeeks();
    }

    /** One woman's twelve weeks. */
    static final class Walk {
        private final Rhythm rhythm;
        private final Course course;
        private final Random chance;
        private final Map<ExerciseGroup, List<LadderDay>> history = new HashMap<>();
        private final Map<ExerciseGroup, LadderStatus.Working> working = new EnumMap<>(ExerciseGroup.class);
        private Client woman;
        private LocalDate lastSession = LocalDate.MIN;

        Walk(Client woman, Rhythm rhythm, Course course, Random chance) {
            this.woman = woman;
            this.rhythm = rhythm;
            this.course = course;
            this.chance = chance;
        }

        void twelveWeeks() {
            LocalDate day = Women.TODAY;
            while (day.isBefore(END)) {
                Judgement today = judged(day);
                Program program = BlockPlanner.plan(today, List.of(), rhythm);
                assertThat(program).as("the same again").isEqualTo(BlockPlanner.plan(today, List.of(), rhythm));
                assertThat(program.from()).isEqualTo(day);
                holds(program, today);
                live(program);
                day = program.to().plusDays(1);
            }
        }

        /** Her record on a day: what she told is told again, her working rungs are those decided. */
        private Judgement judged(LocalDate day) {
            Client.Builder now = woman.but();
            if (woman.safety().symptoms().isFreshOn(Women.TODAY)) {
                now.symptoms(woman.safety().symptoms().askedAgain(day));
            }
            LadderStatus standing = woman.standing();
            now.standing(new LadderStatus(
                    standing.rungs(),
                    standing.ceilings(),
                    standing.flat(),
                    working,
                    standing.barCurves(),
                    standing.against()));
            return Judgement.of(CATALOGUE, now.build(), day);
        }

        private void holds(Program program, Judgement today) {
            boolean signs = !today.facts().client().safety().standing().isEmpty();
            assertThat(program.weeks().isEmpty()).isEqualTo(signs);
            if (program.lines().isEmpty()) {
                assertThat(program.leftOut()).as("an empty program says why").isNotEmpty();
            }
            assertThat(program.leftOut()).allSatisfy(left -> {
                assertThat(left.what()).isNotBlank();
                assertThat(left.why()).isNotBlank();
            });
            Map<ExerciseGroup, LocalDate> last = new HashMap<>();
            for (Program.ProgramWeek week : program.weeks()) {
                floor(week, today);
                minutes(week, program.to(), today);
                week.sessions().forEach(session -> session(session, program, today, last));
                twiceAWeek(week, program, today);
                week.checksDue()
                        .forEach(due -> assertThat(due.date())
                                .isBetween(week.from(), week.from().plusDays(6)));
            }
        }

        private void session(
                Program.PlannedSession session, Program program, Judgement today, Map<ExerciseGroup, LocalDate> last) {
            Judgement then = Projection.of(today, session.date());
            assertThat(session.strands()).doesNotHaveDuplicates();
            for (ExerciseGroup strand : session.strands()) {
                Program.LadderPlan line = line(program, strand);
                List<Move> hers = CATALOGUE.ladder(strand).stream()
                        .filter(move -> move.rung() <= line.rung())
                        .toList();
                assertThat(hers)
                        .as(strand + " on " + session.date())
                        .anyMatch(
                                move -> then.of(move).kind().passes() && (session.minutes() > 10 || move.load() <= 2));
                boolean strong = hers.stream()
                        .filter(move -> move.rung() == line.rung())
                        .anyMatch(move -> move.load() >= 3 || move.has(Demand.HEAVY) || move.isImpact());
                LocalDate before = last.put(strand, session.date());
                if (strong && before != null) {
                    assertThat(ChronoUnit.DAYS.between(before, session.date()))
                            .as(strand + " rests a day")
                            .isGreaterThan(1);
                }
            }
        }

        /** Sets a day as the prescription of that week says, and none while letting go comes first. */
        private void floor(Program.ProgramWeek week, Judgement today) {
            PelvicFloorCheck check = today.facts().client().checks().pelvicFloor();
            if (check.equals(PelvicFloorCheck.NOT_CHECKED)) {
                assertThat(week.floorSetsPerDay()).isZero();
                return;
            }
            Prescription given = Projection.of(today, week.from()).facts().pelvicPractice(check);
            int most = given.track() == Track.RELEASE ? 0 : given.setsPerDay();
            assertThat(week.floorSetsPerDay()).isBetween(0, most);
        }

        private void minutes(Program.ProgramWeek week, LocalDate to, Judgement today) {
            for (Program.PlannedSession session : week.sessions()) {
                assertThat(session.date()).isBetween(week.from(), to);
                if (session.place() == Place.HOME) {
                    assertThat(rhythm.homeDays()).contains(session.date().getDayOfWeek());
                    boolean healing = Composer.isHealing(Projection.of(today, session.date()));
                    assertThat(session.minutes())
                            .isEqualTo(healing ? Math.min(20, rhythm.homeMinutes()) : rhythm.homeMinutes());
                }
            }
            long visits = week.sessions().stream()
                    .filter(session -> session.place() == Place.STUDIO)
                    .count();
            assertThat(visits).isLessThanOrEqualTo(rhythm.visitsPerWeek());
        }

        /** A line of the first aim comes twice in a week with room for it, unless it has to rest or the day says no. */
        private void twiceAWeek(Program.ProgramWeek week, Program program, Judgement today) {
            List<Program.PlannedSession> long_ = week.sessions().stream()
                    .filter(session -> session.minutes() >= 40)
                    .toList();
            if (long_.size() < 3 || program.lines().isEmpty()) {
                return;
            }
            List<ExerciseGroup> first = program.aims().get(0).aim().strands().stream()
                    .filter(strand -> program.lines().stream().anyMatch(line -> line.strand() == strand))
                    .filter(strand -> long_.stream().allMatch(session -> passes(today, session, program, strand)))
                    .limit(6)
                    .toList();
            for (ExerciseGroup strand : first) {
                assertThat(week.sessions().stream()
                                .filter(session -> session.strands().contains(strand))
                                .count())
                        .as(strand + " in the week of " + week.from() + " of " + program.lines())
                        .isGreaterThanOrEqualTo(2);
            }
        }

        private boolean passes(Judgement today, Program.PlannedSession session, Program program, ExerciseGroup strand) {
            Judgement then = Projection.of(today, session.date());
            return CATALOGUE.ladder(strand).stream()
                    .filter(move -> move.rung() <= line(program, strand).rung())
                    .anyMatch(move -> then.of(move).kind().passes());
        }

        private static Program.LadderPlan line(Program program, ExerciseGroup strand) {
            return program.lines().stream()
                    .filter(line -> line.strand() == strand)
                    .findFirst()
                    .orElseThrow();
        }

        /** The block as it was really done, and what was decided after each day. */
        private void live(Program program) {
            for (Program.ProgramWeek week : program.weeks()) {
                boolean away = course == Course.INTERRUPTED && chance.nextInt(2) == 0;
                for (Program.PlannedSession session : week.sessions()) {
                    if (!away) {
                        session.strands().forEach(strand -> day(session, line(program, strand)));
                        lastSession = session.date();
                    }
                }
            }
        }

        private void day(Program.PlannedSession session, Program.LadderPlan line) {
            ExerciseGroup strand = line.strand();
            LadderStatus.Working now = working.getOrDefault(strand, new LadderStatus.Working(line.rung(), line.step()));
            List<LadderDay> days = history.computeIfAbsent(strand, any -> new ArrayList<>());
            days.removeIf(day -> day.date().equals(session.date()));
            days.add(response(session.date(), now));
            Judgement then = judged(session.date());
            Proposal proposal = Progress.of(then, strand, days, lastSession);
            decided(then, line, now, proposal);
            working.put(strand, new LadderStatus.Working(Math.max(1, proposal.rung()), Math.max(1, proposal.step())));
        }

        private LadderDay response(LocalDate date, LadderStatus.Working now) {
            int bad = switch (course) {
                case GOOD -> 0;
                case MIXED, INTERRUPTED -> 3;
                case POOR -> 7;
            };
            boolean poor = chance.nextInt(10) < bad;
            Set<LadderDay.PlannedAgainst> against = poor && chance.nextBoolean()
                    ? Set.of(
                            LadderDay.PlannedAgainst.values()[chance.nextInt(LadderDay.PlannedAgainst.values().length)])
                    : Set.of();
            return new LadderDay(
                    date,
                    now.rung(),
                    now.step(),
                    new LadderDay.DoseDone(poor ? 5 : 8, 8),
                    against,
                    Pain.NONE,
                    new LadderDay.Report(
                            Optional.of(poor ? PerceivedEffort.TOO_HARD : PerceivedEffort.RIGHT), false, true));
        }

        /** No rung rises onto what does not pass, from 34 weeks none at all, and never by more than the next. */
        private void decided(Judgement then, Program.LadderPlan line, LadderStatus.Working now, Proposal proposal) {
            assertThat(proposal.reasons()).as("a reason").isNotEmpty();
            if (proposal.rung() > now.rung()) {
                assertThat(proposal.decision()).isEqualTo(Decision.UP);
                assertThat(then.facts().age().filter(age -> age.isAtLeastWeeks(34)))
                        .isEmpty();
                assertThat(CATALOGUE.ladder(line.strand()).stream()
                                .map(Move::rung)
                                .filter(rung -> rung > now.rung() && rung < proposal.rung()))
                        .as("no level is passed over")
                        .isEmpty();
            }
            if (course == Course.GOOD && proposal.decision() == Decision.DOWN) {
                assertThat(proposal.reasons()).as("down on a good day").anyMatch(why -> why.contains("without"));
            }
        }
    }
}
