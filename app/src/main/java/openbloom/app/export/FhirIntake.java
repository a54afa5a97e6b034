package openbloom.app.export;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import openbloom.app.api.ClientRequest;
import openbloom.app.api.fhir.FhirRead;
import openbloom.app.people.IntakeForm;
import openbloom.app.people.LifeSituation;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.screening.Condition;
import openbloom.core.stage.Tear;
import org.jspecify.annotations.Nullable;

/** What a bundle said, typed into an intake: whoever takes her in reads it and sends it, or changes it first. */
final class FhirIntake {
    private final FhirRead read;
    private final ClientRequest client;

    private FhirIntake(FhirRead read) {
        this.read = read;
        this.client = read.client();
    }

    static IntakeForm of(FhirRead read) {
        return new FhirIntake(read).form();
    }

    private IntakeForm form() {
        IntakeForm empty = IntakeForm.empty();
        return new IntakeForm(
                empty.kept(),
                new IntakeForm.PersonFields(
                        read.name().orElse(""),
                        read.bornIn().map(String::valueOf).orElse(""),
                        "",
                        "",
                        situation(),
                        text(client.background().births()),
                        text(client.background().babies()),
                        List.of()),
                client.pregnancy() == null ? empty.dated() : new IntakeForm.DatingFields("STATED", "", "", "", "", ""),
                client.pregnancy() == null
                        ? empty.stated()
                        : new IntakeForm.Stated(text(client.pregnancy().dueDate()), "", "", ""),
                empty.scan(),
                born(),
                conditions(),
                clearance());
    }

    private String situation() {
        if (client.pregnancy() != null) {
            return LifeSituation.PREGNANT.name();
        }
        return client.birth() == null ? "" : LifeSituation.AFTER_BIRTH.name();
    }

    private IntakeForm.Born born() {
        ClientRequest.BirthTold birth = client.birth();
        if (birth == null) {
            return new IntakeForm.Born("", "", "", "");
        }
        String closed = birth.woundClosed() == null ? "" : birth.woundClosed() ? "YES" : "NO";
        return new IntakeForm.Born(
                text(birth.date()),
                text(birth.kind()),
                birth.tearDegree() == null ? "" : Tear.of(birth.tearDegree()).name(),
                closed);
    }

    private IntakeForm.Has conditions() {
        List<String> names = new ArrayList<>();
        Map<String, String> since = new TreeMap<>();
        for (ClientRequest.ConditionTold told :
                Objects.requireNonNullElse(client.health().conditions(), List.<ClientRequest.ConditionTold>of())) {
            names.add(told.name());
            Optional.ofNullable(told.since()).ifPresent(day -> since.put(told.name(), day.toString()));
        }
        return new IntakeForm.Has(names, "", since, "", "", "", "");
    }

    private IntakeForm.Cleared clearance() {
        ClientRequest.ClearanceTold given = client.health().clearance();
        if (given == null) {
            return new IntakeForm.Cleared("", "", List.of(), "", List.of());
        }
        List<String> limits = Objects.requireNonNullElse(given.limits(), List.of());
        return new IntakeForm.Cleared(
                text(given.date()),
                Objects.requireNonNullElse(given.by(), ""),
                limits.stream()
                        .filter(limit -> ClinicalRestriction.parse(limit).isPresent())
                        .toList(),
                String.join(
                        "\n",
                        limits.stream()
                                .filter(limit ->
                                        ClinicalRestriction.parse(limit).isEmpty())
                                .toList()),
                Objects.requireNonNullElse(given.answers(), List.<Condition>of()).stream()
                        .map(Enum::name)
                        .toList());
    }

    /** The due date a bundle tells, if any. */
    static Optional<LocalDate> due(FhirRead read) {
        return Optional.ofNullable(read.client().pregnancy()).map(ClientRequest.Pregnancy::dueDate);
    }

    private static String text(@Nullable Object value) {
        return value == null ? "" : value.toString();
    }
}
