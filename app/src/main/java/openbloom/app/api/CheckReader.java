package openbloom.app.api;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.Breathing;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.breath.CueFamily;
import openbloom.core.evidence.Published;
import openbloom.core.record.Client;
import openbloom.core.record.ImpactTests;
import openbloom.core.screening.EffortCheck;
import openbloom.core.screening.FeltIn;
import openbloom.core.screening.PostureCheck;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.SideScore;
import openbloom.core.screening.SideTask;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads the checks of the body as other programs tell them; a check that is absent was not made. */
final class CheckReader {
    private static final int HARDEST_RAISE = Published.STRAIGHT_LEG_RAISE_MAX.amount() / 2;

    private final JsonFieldReader reading;
    private final LocalDate onDate;

    CheckReader(JsonFieldReader reading, LocalDate onDate) {
        this.reading = reading;
        this.onDate = onDate;
    }

    void addTo(Client.Builder client, ClientRequest told) {
        Optional.ofNullable(told.checks().breath()).map(this::breath).ifPresent(client::breath);
        Optional.ofNullable(told.checks().connect()).map(this::connect).ifPresent(client::connect);
        Optional.ofNullable(told.checks().posture())
                .map(posture -> PostureCheck.of(Set.copyOf(listed(posture.found()))))
                .ifPresent(client::posture);
        Optional.ofNullable(told.checks().sides()).map(this::sides).ifPresent(client::sides);
        if (told.bump() != null && Boolean.TRUE.equals(told.bump().barCurves())) {
            client.barCurves();
        }
        Optional.ofNullable(told.checks().effort()).map(this::effort).ifPresent(client::effort);
        Optional.ofNullable(told.checks().straightLegRaise()).map(this::raise).ifPresent(client::straightLegRaise);
        Optional.ofNullable(told.checks().returnTests())
                .map(tests -> testsAt("client.returnTests", tests))
                .ifPresent(client::impactTests);
    }

    /** Zones alone are a finding: not every one moves freely. */
    private Breathing breath(ClientRequest.BreathTold told) {
        Set<BreathZone> still = Set.copyOf(listed(told.still()));
        BreathFinding unsaid = still.isEmpty() ? BreathFinding.UNKNOWN : BreathFinding.UNEVEN;
        BreathFinding finding = told.finding() == null
                ? unsaid
                : reading.oneOf("client.breath", told.finding(), BreathFinding.class)
                        .orElse(unsaid);
        if (finding == BreathFinding.EVEN && !still.isEmpty()) {
            reading.refuse("client.breath.still", "api.evenAndStill");
        }
        return new Breathing(finding, still);
    }

    private ConnectCheck connect(ClientRequest.ConnectTold told) {
        Map<CueFamily, Boolean> cues = new EnumMap<>(CueFamily.class);
        if (told.works() != null && !CueFamily.FOUND.contains(told.works())) {
            reading.refuse("client.connect.works", "api.oneOf", CueFamily.FOUND, told.works());
        } else if (told.works() != null) {
            cues.put(told.works(), true);
        }
        Map<ConnectPosition, Boolean> positions = new EnumMap<>(ConnectPosition.class);
        listed(told.positions()).forEach(position -> positions.put(position, true));
        return new ConnectCheck(cues, positions, Set.copyOf(listed(told.faults())));
    }

    private static <T> List<T> listed(@Nullable List<T> told) {
        return told == null ? List.of() : told.stream().filter(Objects::nonNull).toList();
    }

    private SideCheck sides(ClientRequest.SidesTold told) {
        Map<SideTask, SideCheck.BothSides> tasks = new EnumMap<>(SideTask.class);
        Map<SideTask, ClientRequest.TaskTold> given = told.tasks() == null ? Map.of() : told.tasks();
        given.forEach((task, both) -> {
            String path = "client.sides.tasks." + task;
            Optional<ClientRequest.TaskTold> scored = reading.required(path, both);
            scored.ifPresent(score -> tasks.put(
                    task,
                    new SideCheck.BothSides(
                            score(path + ".left", score.left()), score(path + ".right", score.right()))));
        });
        SideCheck check = new SideCheck(tasks, Optional.ofNullable(told.weaker()));
        if (told.weaker() != null && !tasks.isEmpty() && check.weaker() != told.weaker()) {
            reading.refuse("client.sides.weaker", "api.weaker", check.weaker().words());
        }
        return check;
    }

    private SideScore score(String path, @Nullable Integer control) {
        int points = reading.number(path, control, 0, SideScore.BEST);
        return new SideScore(points, points, FeltIn.NOT_ASKED);
    }

    private EffortCheck effort(ClientRequest.EffortTold told) {
        Optional<Integer> rating = Optional.ofNullable(told.rating())
                .map(given -> reading.number(
                        "client.effort.rating", given, EffortCheck.LEAST_EXERTION, EffortCheck.MOST_EXERTION));
        YesNoUnknown talks = told.talk() == null ? YesNoUnknown.UNKNOWN : YesNoUnknown.of(told.talk());
        return new EffortCheck(talks, rating, Optional.empty());
    }

    private int raise(ClientRequest.RaiseTold told) {
        return reading.number("client.straightLegRaise.left", told.left(), 0, HARDEST_RAISE)
                + reading.number("client.straightLegRaise.right", told.right(), 0, HARDEST_RAISE);
    }

    /** The return tests as they stand at a path of the request. */
    ImpactTests testsAt(String path, Map<ImpactTests.Test, ClientRequest.TestTold> told) {
        EnumSet<ImpactTests.Test> passed = EnumSet.noneOf(ImpactTests.Test.class);
        told.forEach((test, result) -> {
            if (result != null && isPassed(path + "." + test, test, result)) {
                passed.add(test);
            }
        });
        return new ImpactTests(told.isEmpty() ? Optional.empty() : Optional.of(onDate), passed);
    }

    /** Everything asked was done, on each side where it is done on each, and brought no leak, heaviness or pain. */
    private boolean isPassed(String path, ImpactTests.Test test, ClientRequest.TestTold told) {
        Optional<Integer> left = count(path + ".left", test, told.left());
        Optional<Integer> right = count(path + ".right", test, told.right());
        Optional<Integer> done = done(path + ".done", test, told.done());
        List<Optional<Integer>> counts =
                test.isEachSide() && done.isEmpty() ? List.of(left, right) : List.of(done.or(() -> left));
        boolean enough = counts.stream()
                .allMatch(count -> count.filter(c -> c >= test.asked()).isPresent());
        return enough && !brought(path + ".symptoms", told.symptoms());
    }

    private Optional<Integer> count(String path, ImpactTests.Test test, @Nullable Integer told) {
        return Optional.ofNullable(told).map(count -> reading.number(path, count, 0, test.asked()));
    }

    private Optional<Integer> done(String path, ImpactTests.Test test, @Nullable JsonNode told) {
        if (told == null || told.isNull()) {
            return Optional.empty();
        }
        if (told.isBoolean()) {
            return Optional.of(told.asBoolean() ? test.asked() : 0);
        }
        if (told.isInt()) {
            return count(path, test, told.intValue());
        }
        reading.refuse(path, "api.done", test.asked());
        return Optional.empty();
    }

    private boolean brought(String path, @Nullable JsonNode told) {
        if (told == null || told.isNull()) {
            return false;
        }
        if (told.isBoolean()) {
            return told.asBoolean();
        }
        if (!told.isArray()) {
            reading.refuse(path, "api.testSymptoms");
        }
        return !told.isEmpty();
    }
}
