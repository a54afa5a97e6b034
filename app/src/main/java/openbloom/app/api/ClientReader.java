package openbloom.app.api;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.dating.Statement;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.Spot;
import openbloom.core.gap.Width;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Answer;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Background;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.Conditions;
import openbloom.core.record.Contradictions;
import openbloom.core.record.Question;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.jspecify.annotations.Nullable;

/** Turns a described woman into the client the rules read; what makes no sense is told with its path. */
final class ClientReader {
    private static final int TOP_RUNG = 40;
    private static final int MOST_READINGS = 100;
    private static final int MOST_LIMITS = 50;
    private static final int LONGEST_WORDS = 500;
    private static final BigDecimal HALVES = BigDecimal.valueOf(2);

    private final JsonFieldReader reading;
    private final LocalDate onDate;

    ClientReader(JsonFieldReader reading, LocalDate onDate) {
        this.reading = reading;
        this.onDate = onDate;
    }

    /**
     * Reads her.
     *
     * @throws Refusal if anything refused so far or here makes no sense
     */
    static Client read(@Nullable ClientRequest told, LocalDate onDate, JsonFieldReader reading) {
        ClientReader reader = new ClientReader(reading, onDate);
        Client client = reading.required("client", told).map(reader::client).orElse(null);
        reading.orRefuse();
        return Objects.requireNonNull(client);
    }

    private Client client(ClientRequest told) {
        Background background = told.background().background(reading);
        Client.Builder client = Client.of(background)
                .equipment(set("equipment", told.wishes().equipment()))
                .domingCeiling(rungs("client.domingCeiling", told.standing().domingCeiling()))
                .flat(onDate, rungs("client.domingCeiling", told.standing().domingCeiling()))
                .rungs(rungs("client.rungs", told.standing().rungs()))
                .approach(approach(told.wishes().approach()));
        conditions(told.health()).ifPresent(conditions -> client.conditions(Answer.given(onDate, conditions)));
        if (Boolean.TRUE.equals(told.background().feeding())) {
            client.knownBesides(Conditions.of(Set.of(Condition.BREASTFEEDING)));
        }
        if (told.health().warningSigns() != null) {
            client.warningSigns(onDate, set("warningSigns", told.health().warningSigns()));
        }
        if (told.health().symptoms() != null || told.health().leaksWhen() != null) {
            client.symptoms(symptoms(told.health()));
        }
        pregnancy(told).ifPresent(client::pregnant);
        birth(told, background).ifPresent(client::gaveBirth);
        clearance(told.health()).ifPresent(client::cleared);
        client.operated(told.health().operations(reading, onDate));
        client.pessary(told(told.health().pessary()));
        gap(told.checks().gap(), told.standing().domingCeiling()).ifPresent(client::gap);
        floor(told.checks().pelvicFloor()).ifPresent(client::pelvicFloor);
        new CheckReader(reading, onDate).addTo(client, told);
        return client.build();
    }

    private SymptomReport symptoms(ClientRequest.HealthTold told) {
        Set<Symptom> symptoms = set("symptoms", told.symptoms());
        Set<LeakWhen> when = set("leaksWhen", told.leaksWhen());
        reading.refuseAll(Contradictions.leaksWhen("client.leaksWhen", when, symptoms));
        return new SymptomReport.Asked(onDate, symptoms, when);
    }

    /** Absent: not asked. */
    private Optional<Conditions> conditions(ClientRequest.HealthTold told) {
        if (told.conditions() == null) {
            return Optional.empty();
        }
        Map<Condition, LocalDate> since = new EnumMap<>(Condition.class);
        Set<Condition> all = EnumSet.noneOf(Condition.class);
        for (int i = 0; i < told.conditions().size(); i++) {
            ClientRequest.ConditionTold one = told.conditions().get(i);
            String path = "client.conditions[" + i + "]";
            if (reading.required(path, one).isEmpty()) {
                continue;
            }
            Optional<Condition> name = reading.oneOf(path, one.name(), Condition.class);
            name.ifPresent(all::add);
            if (one.since() != null) {
                Optional<LocalDate> from = reading.past(path + ".since", one.since(), onDate);
                name.ifPresent(known -> from.ifPresent(day -> since.put(known, day)));
            }
        }
        return Optional.of(new Conditions(all, since));
    }

    /** An entry that is null names nothing and must not pass for "asked, none". */
    private <E extends Enum<E>> Set<E> set(String field, @Nullable List<E> list) {
        List<E> told = list == null ? List.of() : list;
        for (int i = 0; i < told.size(); i++) {
            reading.required("client." + field + "[" + i + "]", told.get(i));
        }
        return told.stream().filter(Objects::nonNull).collect(Collectors.toUnmodifiableSet());
    }

    private Optional<Dating> pregnancy(ClientRequest told) {
        if (told.pregnancy() == null) {
            return Optional.empty();
        }
        return reading.required("client.pregnancy.dueDate", told.pregnancy().dueDate())
                .flatMap(due -> {
                    var dating = Dating.from(new Statement.DueDate(due), Optional.empty(), onDate);
                    dating.problems()
                            .forEach(problem -> reading.refuse(
                                    "client.pregnancy.dueDate",
                                    problem.key(),
                                    problem.args().toArray()));
                    return dating.problems().isEmpty() ? Optional.of(dating.value()) : Optional.empty();
                });
    }

    private Optional<Birth> birth(ClientRequest told, Background background) {
        ClientRequest.BirthTold birth = told.birth();
        if (birth == null) {
            return Optional.empty();
        }
        reading.refuseAll(Contradictions.births("client.births", background.births()));
        int degree = reading.numberOr("client.birth.tearDegree", birth.tearDegree(), -1, 0, Tear.WORST_DEGREE);
        Tear tear = degree < 0 ? Tear.UNKNOWN : Tear.of(degree);
        var date = reading.past("client.birth.date", birth.date(), onDate);
        if (date.isEmpty()) {
            return Optional.empty();
        }
        BirthKind kind = birth.kind() == null ? BirthKind.UNKNOWN : birth.kind();
        Birth read = new Birth(date.get(), kind, tear, told(birth.woundClosed()));
        reading.refuseAll(Contradictions.tear("client.birth.tearDegree", kind, tear));
        if (told.pregnancy() != null && told.pregnancy().dueDate() != null) {
            reading.refuseAll(Contradictions.pregnantAtBirth(
                    "client.birth.date", read.date(), told.pregnancy().dueDate()));
        }
        return Optional.of(read);
    }

    private Optional<Clearance> clearance(ClientRequest.HealthTold woman) {
        ClientRequest.ClearanceTold told = woman.clearance();
        if (told == null) {
            return Optional.empty();
        }
        Set<Condition> answers = set("clearance.for", told.answers());
        List<ClientRequest.ConditionTold> has = woman.conditions() == null ? List.of() : woman.conditions();
        Set<Condition> hers = Arrays.stream(Condition.values())
                .filter(condition -> has.stream()
                        .anyMatch(one -> one != null && condition.name().equals(one.name())))
                .collect(Collectors.toSet());
        reading.refuseAll(Contradictions.clearedFor("client.clearance.for", answers, hers));
        List<String> limits = told.limits() == null ? List.of() : told.limits();
        if (limits.size() > MOST_LIMITS || limits.stream().anyMatch(l -> l == null || l.length() > LONGEST_WORDS)) {
            reading.refuse("client.clearance.limits", "api.limits", MOST_LIMITS, LONGEST_WORDS);
            return Optional.empty();
        }
        for (int i = 0; i < limits.size(); i++) {
            if (Clearance.isUnknownCode(limits.get(i))) {
                reading.refuse("client.clearance.limits[" + i + "]", "api.unknownLimit", limits.get(i));
            }
        }
        var date = reading.past("client.clearance.date", told.date(), onDate);
        var by = reading.required("client.clearance.by", told.by());
        return date.flatMap(day -> by.map(who -> new Clearance(day, who, limits, answers)));
    }

    private Optional<GapCheck> gap(ClientRequest.GapTold told, @Nullable Map<ExerciseGroup, Integer> ceilings) {
        if (told == null) {
            return Optional.empty();
        }
        YesNoUnknown domed = domed(ceilings);
        var date = reading.past("client.gap.date", told.date(), onDate);
        List<ClientRequest.GapReadingTold> given = told.readings() == null ? List.of() : told.readings();
        if (given.size() > MOST_READINGS) {
            reading.refuse("client.gap.readings", "api.tooMany", MOST_READINGS, given.size());
            return Optional.empty();
        }
        List<GapReading> readings = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            reading("client.gap.readings[" + i + "]", given.get(i))
                    .map(read -> read.domed() == YesNoUnknown.UNKNOWN ? read.domedAs(domed) : read)
                    .ifPresent(readings::add);
        }
        return date.map(day -> new GapCheck(day, readings));
    }

    /** Absent: nobody looked. Told, even as empty: looked at, and flat on the head lift unless its ladder domed at once. */
    private static YesNoUnknown domed(@Nullable Map<ExerciseGroup, Integer> ceilings) {
        if (ceilings == null) {
            return YesNoUnknown.UNKNOWN;
        }
        return Integer.valueOf(0).equals(ceilings.get(ExerciseGroup.FLEXION)) ? YesNoUnknown.YES : YesNoUnknown.NO;
    }

    Optional<GapReading> reading(String path, ClientRequest.GapReadingTold told) {
        if (told == null) {
            reading.refuse(path, "api.missing");
            return Optional.empty();
        }
        var site = reading.required(path + ".site", told.site());
        var state = reading.required(path + ".state", told.state());
        Optional<Depth> depth = Optional.ofNullable(told.depth());
        Optional<Firmness> firmness = told.firmness() == null
                ? Optional.empty()
                : Optional.of(Firmness.of(reading.number(path + ".firmness", told.firmness(), 0, 3)));
        Optional<Width> width = width(path, told);
        if (site.isEmpty() || state.isEmpty() || width.isEmpty()) {
            return Optional.empty();
        }
        int offset =
                reading.numberOr(path + ".offsetMm", told.offsetMm(), site.get().usualOffsetMm(), 0, Spot.FURTHEST_MM);
        return Optional.of(new GapReading(
                new Spot(site.get(), offset), state.get(), width.get(), depth, firmness, told(told.domed()), false));
    }

    private Optional<Width> width(String path, ClientRequest.GapReadingTold told) {
        if ((told.widthFingers() == null) == (told.widthMm() == null)) {
            reading.refuse(path + ".widthFingers", "api.oneWidth");
            return Optional.empty();
        }
        if (told.widthMm() != null) {
            int mm = reading.number(path + ".widthMm", told.widthMm(), 0, Width.WIDEST_MM);
            return Optional.of(new Width.Millimetres(mm));
        }
        BigDecimal halves = told.widthFingers().multiply(HALVES);
        boolean fits = halves.signum() >= 0
                && halves.compareTo(BigDecimal.valueOf(Width.WIDEST_HALF_FINGERS)) <= 0
                && halves.stripTrailingZeros().scale() <= 0;
        if (!fits) {
            reading.refuse(
                    path + ".widthFingers", "api.fingers", told.widthFingers().toString());
            return Optional.empty();
        }
        return Optional.of(Width.ofHalfFingers(halves.intValueExact()));
    }

    private Optional<PelvicFloorCheck> floor(ClientRequest.PelvicFloorTold told) {
        if (told == null) {
            return Optional.empty();
        }
        return Optional.of(floor("client.pelvicFloor.", told));
    }

    /** A check of the pelvic floor, told under the path it stands at. */
    PelvicFloorCheck floor(String path, ClientRequest.PelvicFloorTold told) {
        return new PelvicFloorCheck(
                reading.numberOr(path + "holdSeconds", told.holdSeconds(), 0, 0, PelvicFloorCheck.LONGEST_HOLD),
                reading.numberOr(
                        path + "holdRepetitions", told.holdRepetitions(), 0, 0, PelvicFloorCheck.MOST_REPETITIONS),
                reading.numberOr(path + "flicks", told.flicks(), 0, 0, PelvicFloorCheck.MOST_FLICKS),
                LettingGo.of(told(told.letsGoFully())),
                told.tone() == null ? Tone.UNKNOWN : told.tone(),
                told(told.pain()),
                told(told.fades()));
    }

    private Map<ExerciseGroup, Integer> rungs(String path, @Nullable Map<ExerciseGroup, Integer> told) {
        if (told == null) {
            return Map.of();
        }
        told.forEach((strand, rung) -> reading.number(path + "." + strand, rung, 0, TOP_RUNG));
        return reading.isClean() ? told : Map.of();
    }

    private Approach approach(@Nullable Map<Question, ApproachChoice> told) {
        if (told == null) {
            return Approach.USUAL;
        }
        told.forEach((question, choice) -> {
            if (choice == null || choice.question() != question) {
                reading.refuse("client.approach." + question, "api.choice", String.valueOf(choice), question.name());
            }
        });
        return reading.isClean() ? Approach.of(told.values()) : Approach.USUAL;
    }

    private static YesNoUnknown told(@Nullable Boolean answer) {
        return answer == null ? YesNoUnknown.UNKNOWN : YesNoUnknown.of(answer);
    }
}
