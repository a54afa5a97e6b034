package openbloom.app.api.fhir;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.Goal;
import openbloom.core.screening.Condition;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import org.hl7.fhir.r4.model.BooleanType;
import org.hl7.fhir.r4.model.Bundle;
import org.hl7.fhir.r4.model.CarePlan;
import org.hl7.fhir.r4.model.CodeableConcept;
import org.hl7.fhir.r4.model.Coding;
import org.hl7.fhir.r4.model.DateTimeType;
import org.hl7.fhir.r4.model.DateType;
import org.hl7.fhir.r4.model.IntegerType;
import org.hl7.fhir.r4.model.Observation;
import org.hl7.fhir.r4.model.Organization;
import org.hl7.fhir.r4.model.Patient;
import org.hl7.fhir.r4.model.Practitioner;
import org.hl7.fhir.r4.model.Provenance;
import org.hl7.fhir.r4.model.Quantity;
import org.hl7.fhir.r4.model.Reference;
import org.hl7.fhir.r4.model.Resource;
import org.hl7.fhir.r4.model.StringType;
import org.hl7.fhir.r4.model.Type;

/** Writes a woman as a bundle: a document with its letter, or a collection of everything that is mapped. */
public final class FhirWriter {
    static final String LOINC = "http://loinc.org";
    static final String UCUM = "http://unitsofmeasure.org";
    static final String PREGNANCY_STATUS = "82810-3";
    static final String DUE_DATE = "11778-8";
    static final String GESTATIONAL_AGE = "18185-9";
    static final String PREGNANT = "LA15173-0";
    static final String NOT_PREGNANT = "LA26683-5";

    private final FhirSubject subject;
    private final Client client;
    private final Bundle bundle = new Bundle();
    private final Reference patient;
    private int number;

    private FhirWriter(FhirSubject subject) {
        this.subject = subject;
        this.client = subject.client();
        this.patient = new Reference(url("patient"));
    }

    /** A document if there is a letter, else a collection. */
    public static Bundle write(FhirSubject subject) {
        return new FhirWriter(subject).bundle();
    }

    private String url(String of) {
        return "urn:uuid:" + UUID.nameUUIDFromBytes((subject.key() + " " + of).getBytes(StandardCharsets.UTF_8));
    }

    private Bundle bundle() {
        boolean document = subject.letter().isPresent();
        bundle.setType(document ? Bundle.BundleType.DOCUMENT : Bundle.BundleType.COLLECTION);
        bundle.setTimestamp(Date.from(subject.at()));
        bundle.setIdentifier(new org.hl7.fhir.r4.model.Identifier()
                .setSystem("urn:ietf:rfc:3986")
                .setValue(url("bundle " + bundle.getType() + " " + subject.at())));
        List<Bundle.BundleEntryComponent> found = entries();
        if (document) {
            bundle.addEntry()
                    .setFullUrl(url("composition"))
                    .setResource(FhirLetter.of(subject, patient, author(), found));
        }
        bundle.getEntry().addAll(found);
        if (!document) {
            bundle.addEntry().setFullUrl(url("codes")).setResource(FhirFinding.codeSystem());
        }
        return bundle;
    }

    private List<Bundle.BundleEntryComponent> entries() {
        List<Bundle.BundleEntryComponent> entries = new ArrayList<>();
        add(entries, "patient", patient());
        subject.author().ifPresent(author -> {
            add(entries, "organization", new Organization().setName(author.studio()));
            Practitioner practitioner = new Practitioner();
            practitioner.addName().setText(author.name());
            add(entries, "practitioner", practitioner);
        });
        situation(entries);
        client.medical().known().all().stream()
                .sorted()
                .forEach(condition -> add(entries, "condition " + condition, condition(condition)));
        told(entries);
        client.medical().clearance().ifPresent(given -> add(entries, "clearance", clearance(given)));
        gap(entries);
        if (!client.checks().pelvicFloor().equals(PelvicFloorCheck.NOT_CHECKED)) {
            add(entries, "floor", floor(client.checks().pelvicFloor()));
        }
        client.checks()
                .straightLegRaise()
                .ifPresent(sum ->
                        add(entries, "raise", found(FhirFinding.LEG_RAISE).setValue(new IntegerType(sum))));
        plan(entries);
        provenance(entries);
        return entries;
    }

    private void add(List<Bundle.BundleEntryComponent> entries, String of, Resource resource) {
        entries.add(new Bundle.BundleEntryComponent().setFullUrl(url(of)).setResource(resource));
    }

    private Reference author() {
        return new Reference(url(subject.author().isPresent() ? "practitioner" : "patient"));
    }

    private Patient patient() {
        Patient her = new Patient().setActive(true);
        subject.name().ifPresent(name -> her.addName().setText(name));
        subject.bornIn().ifPresent(year -> her.setBirthDateElement(new DateType(String.valueOf(year))));
        return her;
    }

    private Observation found(CodeableConcept code) {
        Observation observation = new Observation();
        observation.setStatus(Observation.ObservationStatus.FINAL);
        observation.setCode(code);
        observation.setSubject(patient);
        observation.setEffective(day(subject.on()));
        if (subject.author().isPresent()) {
            observation.addPerformer(new Reference(url("practitioner")));
        }
        return observation;
    }

    private Observation found(FhirFinding finding) {
        return found(finding.concept());
    }

    private static DateTimeType day(LocalDate day) {
        return new DateTimeType(day.toString());
    }

    static CodeableConcept loinc(String code, String display) {
        return new CodeableConcept(new Coding(LOINC, code, display));
    }

    private void situation(List<Bundle.BundleEntryComponent> entries) {
        client.background()
                .births()
                .ifPresent(births ->
                        add(entries, "births", found(FhirFinding.BIRTHS).setValue(new IntegerType(births))));
        client.background()
                .babies()
                .ifPresent(babies ->
                        add(entries, "babies", found(FhirFinding.BABIES).setValue(new IntegerType(babies))));
        client.situation().pregnancy().ifPresent(dating -> {
            add(entries, "pregnant", status(PREGNANT, "Pregnant"));
            add(
                    entries,
                    "due",
                    found(loinc(DUE_DATE, "Delivery date Estimated")).setValue(day(dating.dueDate())));
            dating.ageOn(subject.on())
                    .ifPresent(age -> add(
                            entries,
                            "age",
                            found(loinc(GESTATIONAL_AGE, "Gestational age")).setValue(quantity(age.days(), "d", "d"))));
        });
        client.situation().birth().ifPresent(birth -> {
            add(entries, "pregnant", status(NOT_PREGNANT, "Not pregnant"));
            add(entries, "birth", birth(birth));
        });
    }

    private Observation status(String code, String words) {
        return found(loinc(PREGNANCY_STATUS, "Pregnancy status")).setValue(loinc(code, words));
    }

    private static Quantity quantity(double value, String unit, String code) {
        return new Quantity()
                .setValue(BigDecimal.valueOf(value).stripTrailingZeros())
                .setUnit(unit)
                .setSystem(UCUM)
                .setCode(code);
    }

    private Observation birth(Birth birth) {
        Observation told = found(FhirFinding.BIRTH);
        told.setEffective(day(birth.date()));
        told.setValue(FhirFinding.value(birth.kind(), birth.kind().words()));
        part(
                told,
                FhirFinding.TEAR,
                FhirFinding.value(birth.tear(), birth.tear().words()));
        known(told, FhirFinding.WOUND_CLOSED, birth.woundClosed());
        return told;
    }

    private static void part(Observation whole, FhirFinding of, Type value) {
        whole.addComponent().setCode(of.concept()).setValue(value);
    }

    /** What nobody knows is left out. */
    private static void known(Observation whole, FhirFinding of, YesNoUnknown answer) {
        if (answer != YesNoUnknown.UNKNOWN) {
            part(whole, of, new BooleanType(answer == YesNoUnknown.YES));
        }
    }

    /** Told by her: nobody here has confirmed it. */
    private org.hl7.fhir.r4.model.Condition condition(Condition told) {
        org.hl7.fhir.r4.model.Condition condition = new org.hl7.fhir.r4.model.Condition();
        condition.setSubject(patient);
        condition.setCode(FhirFinding.value(told, told.words()));
        condition.setVerificationStatus(new CodeableConcept(new Coding(
                "http://terminology.hl7.org/CodeSystem/condition-ver-status", "unconfirmed", "Unconfirmed")));
        condition.setClinicalStatus(new CodeableConcept(
                new Coding("http://terminology.hl7.org/CodeSystem/condition-clinical", "active", "Active")));
        client.medical().known().since(told).ifPresent(since -> condition.setOnset(day(since)));
        return condition;
    }

    private void told(List<Bundle.BundleEntryComponent> entries) {
        client.safety().standing().entrySet().stream()
                .sorted(java.util.Map.Entry.comparingByKey())
                .forEach(sign -> {
                    Observation told = found(FhirFinding.WARNING_SIGN);
                    told.setEffective(day(sign.getValue()));
                    told.setValue(FhirFinding.value(sign.getKey(), sign.getKey().words()));
                    add(entries, "sign " + sign.getKey(), told);
                });
        if (client.safety().symptoms() instanceof SymptomReport.Asked asked) {
            Observation told = found(FhirFinding.SYMPTOMS);
            told.setEffective(day(asked.on()));
            asked.symptoms().stream()
                    .sorted()
                    .forEach(symptom -> part(told, FhirFinding.SYMPTOM, FhirFinding.value(symptom, symptom.words())));
            if (asked.symptoms().isEmpty()) {
                told.setValue(new StringType("asked, none reported"));
            }
            add(entries, "symptoms", told);
        }
    }

    private Observation clearance(Clearance given) {
        Observation word = found(FhirFinding.CLEARANCE);
        word.setEffective(day(given.date()));
        word.setValue(new StringType(given.by()));
        given.limits()
                .forEach(limit -> part(
                        word,
                        FhirFinding.CLEARANCE_LIMIT,
                        ClinicalRestriction.parse(limit)
                                .<Type>map(known -> FhirFinding.value(known, known.words()))
                                .orElseGet(() -> new StringType(limit))));
        given.answers().stream()
                .sorted()
                .forEach(condition ->
                        part(word, FhirFinding.CLEARANCE_FOR, FhirFinding.value(condition, condition.words())));
        return word;
    }

    private void gap(List<Bundle.BundleEntryComponent> entries) {
        Optional<GapCheck> check =
                subject.gap().map(Measured::check).or(() -> client.checks().gap());
        check.ifPresent(read -> {
            for (GapReading reading : read.readings()) {
                add(entries, "gap " + ++number, gap(read.date(), reading));
            }
        });
    }

    private Observation gap(LocalDate on, GapReading reading) {
        Observation gap = found(FhirFinding.GAP);
        gap.setEffective(day(on));
        gap.setBodySite(FhirFinding.value(reading.site(), reading.spot().words()));
        subject.gap().ifPresent(measured -> {
            gap.setMethod(FhirFinding.value(measured.method(), measured.method().words()));
            gap.addNote().setText("read by " + measured.by().name());
        });
        double amount = Method.amountOf(reading.width());
        gap.setValue(
                reading.width() instanceof openbloom.core.gap.Width.Fingers
                        ? quantity(amount, "fingers", "{finger}")
                        : quantity(amount, "mm", "mm"));
        part(
                gap,
                FhirFinding.GAP_STATE,
                FhirFinding.value(reading.state(), reading.state().words()));
        part(gap, FhirFinding.GAP_OFFSET, quantity(reading.offsetMm(), "mm", "mm"));
        reading.depth().ifPresent(depth -> part(gap, FhirFinding.GAP_DEPTH, FhirFinding.value(depth, depth.words())));
        reading.firmness()
                .ifPresent(firm -> part(gap, FhirFinding.GAP_FIRMNESS, FhirFinding.value(firm, firm.words())));
        known(gap, FhirFinding.GAP_DOMING, reading.domed());
        if (reading.sore()) {
            part(gap, FhirFinding.GAP_SORE, new BooleanType(true));
        }
        return gap;
    }

    private Observation floor(PelvicFloorCheck check) {
        Observation floor = found(FhirFinding.PELVIC_FLOOR);
        part(floor, FhirFinding.HOLD, quantity(check.holdSeconds(), "s", "s"));
        part(floor, FhirFinding.HOLD_REPETITIONS, new IntegerType(check.holdRepetitions()));
        part(floor, FhirFinding.FLICKS, new IntegerType(check.flicks()));
        if (check.lettingGo() != LettingGo.UNKNOWN) {
            part(
                    floor,
                    FhirFinding.LETTING_GO,
                    FhirFinding.value(check.lettingGo(), check.lettingGo().words()));
        }
        if (check.tone() != Tone.UNKNOWN) {
            part(
                    floor,
                    FhirFinding.TONE,
                    FhirFinding.value(check.tone(), check.tone().words()));
        }
        known(floor, FhirFinding.FLOOR_PAIN, check.pain());
        known(floor, FhirFinding.FADES, check.fades());
        return floor;
    }

    private void plan(List<Bundle.BundleEntryComponent> entries) {
        List<Reference> goals = new ArrayList<>();
        for (Goal aim : subject.aims()) {
            org.hl7.fhir.r4.model.Goal goal = new org.hl7.fhir.r4.model.Goal();
            goal.setLifecycleStatus(org.hl7.fhir.r4.model.Goal.GoalLifecycleStatus.ACTIVE);
            goal.setSubject(patient);
            goal.setDescription(FhirFinding.value(aim, aim.words()));
            add(entries, "goal " + aim, goal);
            goals.add(new Reference(url("goal " + aim)));
        }
        if (goals.isEmpty() && subject.doing().isEmpty()) {
            return;
        }
        CarePlan plan = new CarePlan();
        plan.setStatus(CarePlan.CarePlanStatus.ACTIVE);
        plan.setIntent(CarePlan.CarePlanIntent.PLAN);
        plan.setTitle("Exercise, guided by an instructor");
        plan.setSubject(patient);
        plan.setGoal(goals);
        subject.doing()
                .forEach(name -> plan.addActivity()
                        .getDetail()
                        .setStatus(CarePlan.CarePlanActivityStatus.INPROGRESS)
                        .setDescription(name));
        add(entries, "plan", plan);
    }

    private void provenance(List<Bundle.BundleEntryComponent> entries) {
        if (subject.author().isEmpty()) {
            return;
        }
        Provenance made = new Provenance();
        entries.forEach(entry -> made.addTarget(new Reference(entry.getFullUrl())));
        made.setRecorded(Date.from(subject.at()));
        made.addAgent().setWho(new Reference(url("practitioner"))).setOnBehalfOf(new Reference(url("organization")));
        add(entries, "provenance", made);
    }
}
