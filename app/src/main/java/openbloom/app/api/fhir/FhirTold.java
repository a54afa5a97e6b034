package openbloom.app.api.fhir;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import openbloom.app.api.ClientRequest;
import openbloom.core.Days;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Method;
import openbloom.core.gap.Site;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Goal;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.hl7.fhir.r4.model.BooleanType;
import org.hl7.fhir.r4.model.CodeableConcept;
import org.hl7.fhir.r4.model.IntegerType;
import org.hl7.fhir.r4.model.Observation;
import org.hl7.fhir.r4.model.Quantity;
import org.hl7.fhir.r4.model.Type;
import org.jspecify.annotations.Nullable;

/** Gathers what a bundle says into a described woman; what it does not say stays unknown. */
final class FhirTold {
    @Nullable
    LocalDate due;

    @Nullable
    LocalDate dueByAge;

    @Nullable
    Boolean pregnant;

    @Nullable
    Integer births;

    @Nullable
    Integer babies;

    @Nullable
    Boolean woundClosed;

    @Nullable
    List<Symptom> symptoms;

    final List<WarningSign> signs = new ArrayList<>();
    private final List<ClientRequest.ConditionTold> conditions = new ArrayList<>();
    private final List<Goal> aims = new ArrayList<>();
    private final List<ClientRequest.GapReadingTold> readings = new ArrayList<>();
    private @Nullable LocalDate bornOn;
    private @Nullable BirthKind birthKind;
    private @Nullable Integer tearDegree;
    private ClientRequest.@Nullable ClearanceTold clearance;
    private @Nullable LocalDate gapOn;
    private @Nullable Method gapMethod;
    private @Nullable String gapBy;
    private ClientRequest.@Nullable PelvicFloorTold floor;
    private ClientRequest.@Nullable RaiseTold raise;

    void condition(Condition known, Optional<LocalDate> since) {
        conditions.add(new ClientRequest.ConditionTold(known.name(), since.orElse(null)));
    }

    void aim(Goal aim) {
        aims.add(aim);
    }

    void birth(LocalDate on, BirthKind kind) {
        bornOn = on;
        birthKind = kind;
    }

    void tear(Tear tear) {
        tearDegree = IntStream.rangeClosed(0, Tear.WORST_DEGREE)
                .filter(degree -> Tear.of(degree) == tear)
                .boxed()
                .findFirst()
                .orElse(null);
    }

    void clearance(LocalDate on, String by, List<String> limits, List<Condition> answers) {
        clearance = new ClientRequest.ClearanceTold(on, by, limits, answers);
    }

    /** Kept as a sum: which leg is told by nobody. */
    void raise(int sum) {
        int left = Math.min(5, sum);
        raise = new ClientRequest.RaiseTold(left, sum - left);
    }

    boolean gap(Observation one, List<String> read) {
        Optional<LocalDate> on = FhirReader.day(one.getEffective());
        Optional<Site> site = FhirFinding.constant(one.getBodySite(), Site.class);
        if (on.isEmpty() || site.isEmpty() || !(one.getValue() instanceof Quantity width) || width.getValue() == null) {
            return false;
        }
        if (gapOn != null && !gapOn.equals(on.get())) {
            return false;
        }
        gapOn = on.get();
        gapMethod = FhirFinding.constant(one.getMethod(), Method.class).orElse(null);
        gapBy = one.getNote().isEmpty() ? null : one.getNoteFirstRep().getText().replace("read by ", "");
        boolean millimetres = "mm".equals(width.getCode());
        readings.add(new ClientRequest.GapReadingTold(
                site.get(),
                quantity(part(one, FhirFinding.GAP_OFFSET))
                        .map(BigDecimal::intValue)
                        .orElse(null),
                constant(part(one, FhirFinding.GAP_STATE), GapState.class),
                millimetres ? null : width.getValue(),
                millimetres ? width.getValue().intValue() : null,
                constant(part(one, FhirFinding.GAP_DEPTH), Depth.class),
                grade(constant(part(one, FhirFinding.GAP_FIRMNESS), Firmness.class)),
                flag(part(one, FhirFinding.GAP_DOMING))));
        read.add("Gap " + site.get().words() + ", " + Days.words(on.get()) + ": " + width.getValue() + " "
                + width.getUnit());
        return true;
    }

    private static @Nullable Integer grade(@Nullable Firmness firmness) {
        return firmness == null ? null : firmness.grade();
    }

    boolean floor(Observation one, List<String> read) {
        LettingGo letting = constant(part(one, FhirFinding.LETTING_GO), LettingGo.class);
        floor = new ClientRequest.PelvicFloorTold(
                quantity(part(one, FhirFinding.HOLD)).map(BigDecimal::intValue).orElse(null),
                whole(part(one, FhirFinding.HOLD_REPETITIONS)),
                whole(part(one, FhirFinding.FLICKS)),
                letting == null ? null : letting == LettingGo.FULL,
                constant(part(one, FhirFinding.TONE), Tone.class),
                null,
                flag(part(one, FhirFinding.FLOOR_PAIN)),
                flag(part(one, FhirFinding.FADES)));
        read.add("Pelvic floor check: hold " + floor.holdSeconds() + " s, " + floor.flicks() + " quick lifts");
        return true;
    }

    private static @Nullable Type part(Observation whole, FhirFinding of) {
        return whole.getComponent().stream()
                .filter(part ->
                        FhirFinding.of(part.getCode()).filter(of::equals).isPresent())
                .map(Observation.ObservationComponentComponent::getValue)
                .findFirst()
                .orElse(null);
    }

    private static Optional<BigDecimal> quantity(@Nullable Type value) {
        return value instanceof Quantity quantity ? Optional.ofNullable(quantity.getValue()) : Optional.empty();
    }

    private static @Nullable Integer whole(@Nullable Type value) {
        return value instanceof IntegerType whole ? whole.getValue() : null;
    }

    private static @Nullable Boolean flag(@Nullable Type value) {
        return value instanceof BooleanType flag ? flag.getValue() : null;
    }

    private static <E extends Enum<E>> @Nullable E constant(@Nullable Type value, Class<E> type) {
        return value instanceof CodeableConcept concept
                ? FhirFinding.constant(concept, type).orElse(null)
                : null;
    }

    ClientRequest client() {
        LocalDate counts = due == null ? dueByAge : due;
        return new ClientRequest(
                counts == null ? null : new ClientRequest.Pregnancy(counts),
                bornOn == null || counts != null
                        ? null
                        : new ClientRequest.BirthTold(bornOn, birthKind, tearDegree, woundClosed),
                null,
                new ClientRequest.BackgroundTold(births, babies, null, null, null, null),
                new ClientRequest.HealthTold(
                        conditions.isEmpty() ? null : List.copyOf(conditions),
                        symptoms == null ? null : List.copyOf(symptoms),
                        signs.isEmpty() ? null : List.copyOf(signs),
                        clearance,
                        null,
                        null,
                        null),
                new ClientRequest.ChecksTold(
                        gapOn == null
                                ? null
                                : new ClientRequest.GapTold(gapOn, List.copyOf(readings), gapMethod, gapBy),
                        floor,
                        null,
                        null,
                        null,
                        null,
                        null,
                        raise,
                        null),
                new ClientRequest.StandingTold(null, null),
                new ClientRequest.WishesTold(null, null, aims.isEmpty() ? null : List.copyOf(aims), null, null, null));
    }
}
