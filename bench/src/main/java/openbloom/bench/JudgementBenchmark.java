package openbloom.bench;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import openbloom.core.classes.ClassComposer;
import openbloom.core.classes.ClassMember;
import openbloom.core.classes.ClassRequest;
import openbloom.core.classes.ClassSheet;
import openbloom.core.dating.Dating;
import openbloom.core.figure.BodyStage;
import openbloom.core.figure.FigureStyle;
import openbloom.core.figure.Figures;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.program.BlockPlanner;
import openbloom.core.program.Program;
import openbloom.core.program.Rhythm;
import openbloom.core.program.Season;
import openbloom.core.record.Client;
import openbloom.core.record.Training;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.session.Composer;
import openbloom.core.session.History;
import openbloom.core.session.Place;
import openbloom.core.session.Session;
import openbloom.core.session.SessionRequest;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Threads;
import org.openjdk.jmh.annotations.Warmup;

/** One woman, 24 weeks pregnant with sore wrists: every move judged, a session composed, a season of 1,000 days. */
@State(Scope.Benchmark)
@Fork(1)
@Threads(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class JudgementBenchmark {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private final Figures figures = Figures.shipped();
    private Catalogue catalogue;
    private Client woman;
    private List<Client> twelve;

    @Setup
    public void setUp() {
        catalogue = new CatalogueLoader().shipped();
        Map<ExerciseGroup, Integer> rungs = new EnumMap<>(ExerciseGroup.class);
        List.of(ExerciseGroup.values()).forEach(strand -> rungs.put(strand, 3));
        woman = Client.of(0, 1, 31)
                .pregnant(Dating.stated(DAY.minusWeeks(24).plusDays(280)))
                .symptoms(new SymptomReport.Asked(DAY, Set.of(Symptom.WRIST_PAIN)))
                .warningSigns(DAY, Set.of())
                .conditions(DAY, Set.of())
                .rungs(rungs)
                .equipment(Set.of(Equipment.CHAIR, Equipment.BAND))
                .build();
        twelve = IntStream.range(0, 12).mapToObj(JudgementBenchmark::ofAClass).toList();
    }

    /** Every third pregnant, 8 to 35 weeks; the others 30 to 63 years old, of all trainings. */
    private static Client ofAClass(int number) {
        Client.Builder one = Client.of(1, 1, 30 + 3 * number)
                .warningSigns(DAY, Set.of())
                .conditions(DAY, Set.of())
                .symptoms(new SymptomReport.Asked(DAY, Set.of()))
                .trained(Training.values()[number % Training.values().length])
                .equipment(Set.of(Equipment.CHAIR, Equipment.BAND));
        return number % 3 == 0
                ? one.pregnant(Dating.stated(DAY.minusWeeks(8L + 3 * number).plusDays(280)))
                        .build()
                : one.build();
    }

    /** All moves of the catalogue; divide the moves by the time for verdicts a second. */
    @Benchmark
    public List<Verdict> verdictsOfAllMoves() {
        return Judgement.of(catalogue, woman, DAY).all();
    }

    @Benchmark
    public Session sessionOf45Minutes() {
        return Composer.compose(
                Judgement.of(catalogue, woman, DAY), SessionRequest.of(45, Place.STUDIO, 7, History.NONE));
    }

    /** Twelve women in every stage, 45 minutes. */
    @Benchmark
    public ClassSheet classOf12() {
        List<ClassMember> members = new ArrayList<>();
        for (Client one : twelve) {
            members.add(new ClassMember(
                    "woman " + members.size(),
                    Judgement.of(catalogue, one, DAY),
                    SessionRequest.of(45, Place.STUDIO, 7, History.NONE)));
        }
        return ClassComposer.compose(new ClassRequest(45, members));
    }

    @Benchmark
    public List<Season.SeasonChange> seasonOf1000Days() {
        return Season.of(catalogue, woman, DAY, DAY.plusDays(1000));
    }

    /** A picture of every move, 30 weeks pregnant. */
    @Benchmark
    public int figuresOfAllMoves() {
        FigureStyle look =
                new FigureStyle(new BodyStage.Pregnant(30), false, "#3F6B57", "", "", Set.of(), Optional.empty());
        return catalogue.moves().stream()
                .mapToInt(
                        move -> figures.picture(move.teaching().figure(), look).length())
                .sum();
    }

    @Benchmark
    public Program blockOfWeeks() {
        return BlockPlanner.plan(
                Judgement.of(catalogue, woman, DAY),
                List.of(),
                new Rhythm(2, Set.of(DayOfWeek.SATURDAY), 10, List.of()));
    }

    /** Reading and checking every file of the catalogue, as at the start of the application. */
    @Benchmark
    public Catalogue loadingTheCatalogue() {
        return new CatalogueLoader().shipped();
    }
}
