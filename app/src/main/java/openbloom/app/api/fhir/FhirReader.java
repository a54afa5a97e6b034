package openbloom.app.api.fhir;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import openbloom.core.Days;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.dating.GestationalAge;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.hl7.fhir.r4.model.BooleanType;
import org.hl7.fhir.r4.model.Bundle;
import org.hl7.fhir.r4.model.CodeableConcept;
import org.hl7.fhir.r4.model.DateTimeType;
import org.hl7.fhir.r4.model.IntegerType;
import org.hl7.fhir.r4.model.Observation;
import org.hl7.fhir.r4.model.Patient;
import org.hl7.fhir.r4.model.Quantity;
import org.hl7.fhir.r4.model.Reference;
import org.hl7.fhir.r4.model.Resource;
import org.hl7.fhir.r4.model.StringType;
import org.hl7.fhir.r4.model.Type;
import org.jspecify.annotations.Nullable;

/**
 * Reads a bundle: who she is, her pregnancy or birth, conditions, what she told, a clinician's word, a gap and a pelvic floor check.
 * Everything else is told as not understood. References are compared and never followed.
 */
public final class FhirReader {
    private static final int DAYS_OF_A_WEEK = 7;
    private static final int TERM_DAYS = 280;
    private static final int DAY_LENGTH = 10;
    private static final Set<String> CARRIED =
            Set.of("CodeSystem", "Provenance", "Practitioner", "Organization", "Composition");

    private final FhirText.Parsed parsed;
    private final FhirTold told = new FhirTold();
    private final List<String> read = new ArrayList<>();
    private final List<String> strange = new ArrayList<>();
    private Optional<Patient> her = Optional.empty();
    private String hersAt = "";

    private FhirReader(FhirText.Parsed parsed) {
        this.parsed = parsed;
    }

    /** What a bundle, or one resource, says; refused where it is no such thing, or speaks of two people. */
    public static Outcome<FhirRead> read(String text) {
        Outcome<FhirText.Parsed> parsed = FhirText.parse(text);
        if (!parsed.problems().isEmpty()) {
            return Outcome.refused(parsed.problems().get(0));
        }
        return new FhirReader(parsed.value()).read();
    }

    private Outcome<FhirRead> read() {
        strange.addAll(parsed.strange());
        List<Bundle.BundleEntryComponent> people = parsed.bundle().getEntry().stream()
                .filter(entry -> entry.getResource() instanceof Patient)
                .toList();
        if (people.size() > 1) {
            return Outcome.refused(Problem.of("file", "fhir.twoPeople", people.size()));
        }
        people.forEach(entry -> {
            her = Optional.of((Patient) entry.getResource());
            hersAt = String.valueOf(entry.getFullUrl());
        });
        parsed.bundle().getEntry().stream()
                .map(Bundle.BundleEntryComponent::getResource)
                .filter(Objects::nonNull)
                .forEach(this::take);
        pregnancy();
        return Outcome.accepted(new FhirRead(name(), bornIn(), read, strange, told.client()));
    }

    private void take(Resource resource) {
        String kind = resource.fhirType();
        if (resource instanceof Patient) {
            name().ifPresent(name -> read.add("Name: " + name));
            bornIn().ifPresent(year -> read.add("Born in " + year));
        } else if (resource instanceof Observation observation) {
            if (isHers(observation.getSubject(), kind)) {
                observation(observation);
            }
        } else if (resource instanceof org.hl7.fhir.r4.model.Condition condition) {
            if (isHers(condition.getSubject(), kind)) {
                condition(condition);
            }
        } else if (resource instanceof org.hl7.fhir.r4.model.Goal goal) {
            if (isHers(goal.getSubject(), kind)) {
                goal(goal);
            }
        } else if (!CARRIED.contains(kind)) {
            strange.add(kind + ": not read here");
        }
    }

    /** One that names another woman is left out, whoever she is. */
    private boolean isHers(Reference subject, String kind) {
        String reference = String.valueOf(subject.getReference());
        boolean unsaid = subject.getReference() == null || her.isEmpty();
        boolean hers = unsaid
                || reference.equals(hersAt)
                || reference.equals("Patient/" + her.get().getIdElement().getIdPart());
        if (!hers) {
            strange.add(kind + " about " + cut(reference) + ": somebody else");
        }
        return hers;
    }

    private Optional<String> name() {
        return her.filter(Patient::hasName)
                .map(patient -> patient.getNameFirstRep())
                .map(name -> name.getText() == null ? name.getNameAsSingleString() : name.getText())
                .map(String::strip)
                .filter(name -> !name.isEmpty());
    }

    private Optional<Integer> bornIn() {
        return her.map(Patient::getBirthDateElement).map(day -> day.getYear()).filter(Objects::nonNull);
    }

    // --- conditions and goals

    private void condition(org.hl7.fhir.r4.model.Condition condition) {
        String words = words(condition.getCode());
        if (condition.getVerificationStatus().getCoding().stream()
                .anyMatch(coding -> Set.of("refuted", "entered-in-error").contains(coding.getCode()))) {
            strange.add("Condition “" + words + "”: taken back there");
            return;
        }
        if (condition.getClinicalStatus().getCoding().stream()
                .anyMatch(coding -> Set.of("resolved", "inactive", "remission").contains(coding.getCode()))) {
            strange.add("Condition “" + words + "”: over there");
            return;
        }
        ConditionCodes.of(condition.getCode())
                .ifPresentOrElse(
                        known -> {
                            Optional<LocalDate> since = day(condition.getOnset());
                            told.condition(known, since);
                            read.add("Condition “" + words + "” → " + known.words()
                                    + since.map(on -> ", since " + Days.words(on))
                                            .orElse(""));
                        },
                        () -> strange.add("Condition “" + words + "”: none of the codes known here"));
    }

    private void goal(org.hl7.fhir.r4.model.Goal goal) {
        FhirFinding.constant(goal.getDescription(), openbloom.core.record.Goal.class)
                .ifPresentOrElse(
                        aim -> {
                            told.aim(aim);
                            read.add("Aim: " + aim.words());
                        },
                        () -> strange.add("Goal “" + words(goal.getDescription()) + "”: none of the aims here"));
    }

    // --- observations

    private void observation(Observation observation) {
        Optional<FhirFinding> ours = FhirFinding.of(observation.getCode());
        if (ours.isPresent()) {
            if (!ours(ours.get(), observation)) {
                strange.add("“" + words(observation.getCode()) + "”: its value cannot be read");
            }
            return;
        }
        String loinc = observation.getCode().getCoding().stream()
                .filter(coding -> FhirWriter.LOINC.equals(coding.getSystem()))
                .map(coding -> String.valueOf(coding.getCode()))
                .findFirst()
                .orElse("");
        boolean understood = switch (loinc) {
            case FhirWriter.DUE_DATE -> due(observation);
            case FhirWriter.GESTATIONAL_AGE -> age(observation);
            case FhirWriter.PREGNANCY_STATUS -> status(observation);
            default -> false;
        };
        if (!understood) {
            strange.add("Observation “" + words(observation.getCode()) + "”: "
                    + (loinc.isEmpty() ? "none of the codes known here" : "LOINC " + cut(loinc) + " is not read here"));
        }
    }

    private boolean due(Observation observation) {
        Optional<LocalDate> due = day(observation.getValue());
        due.ifPresent(on -> {
            told.due = on;
            read.add("Due date: " + Days.words(on));
        });
        return due.isPresent();
    }

    private boolean age(Observation observation) {
        Optional<LocalDate> on = day(observation.getEffective());
        if (!(observation.getValue() instanceof Quantity quantity) || quantity.getValue() == null || on.isEmpty()) {
            return false;
        }
        int unit = Set.of("wk", "weeks", "week").contains(String.valueOf(quantity.getCode())) ? DAYS_OF_A_WEEK : 1;
        int days = quantity.getValue().multiply(BigDecimal.valueOf(unit)).intValue();
        if (days < 0 || days > GestationalAge.LONGEST_DAYS) {
            return false;
        }
        told.dueByAge = on.get().plusDays(TERM_DAYS - days);
        read.add("Weeks on " + Days.words(on.get()) + ": " + new GestationalAge(days).words());
        return true;
    }

    private boolean status(Observation observation) {
        if (!(observation.getValue() instanceof CodeableConcept value)) {
            return false;
        }
        boolean pregnant = value.getCoding().stream().anyMatch(coding -> FhirWriter.PREGNANT.equals(coding.getCode()));
        boolean not = value.getCoding().stream().anyMatch(coding -> FhirWriter.NOT_PREGNANT.equals(coding.getCode()));
        told.pregnant = pregnant ? Boolean.TRUE : not ? Boolean.FALSE : null;
        if (pregnant || not) {
            read.add(pregnant ? "Pregnant" : "Not pregnant");
        }
        return pregnant || not;
    }

    /** Two dates that differ by more than a week are told, and the due date that was given counts. */
    private void pregnancy() {
        if (told.due != null
                && told.dueByAge != null
                && Math.abs(ChronoUnit.DAYS.between(told.due, told.dueByAge)) > DAYS_OF_A_WEEK) {
            strange.add("Due date " + Days.words(told.due) + " and weeks that lead to " + Days.words(told.dueByAge)
                    + " contradict each other: the due date is taken; look at both");
        }
        if (Boolean.FALSE.equals(told.pregnant) && (told.due != null || told.dueByAge != null)) {
            strange.add("Not pregnant, but with a due date: neither is taken; ask her");
            told.due = null;
            told.dueByAge = null;
        }
        if (Boolean.TRUE.equals(told.pregnant) && told.due == null && told.dueByAge == null) {
            strange.add("Pregnant, but neither a due date nor weeks: ask her");
        }
    }

    private boolean ours(FhirFinding finding, Observation one) {
        return switch (finding) {
            case BIRTHS -> number(one.getValue(), number -> told.births = number, "Births");
            case BABIES -> number(one.getValue(), number -> told.babies = number, "Babies");
            case LEG_RAISE -> number(one.getValue(), told::raise, "Straight leg raise");
            case BIRTH -> birth(one);
            case WARNING_SIGN ->
                value(one.getValue(), WarningSign.class, sign -> {
                    told.signs.add(sign);
                    read.add("Warning sign: " + sign.words());
                });
            case SYMPTOMS -> symptoms(one);
            case CLEARANCE -> clearance(one);
            case GAP -> told.gap(one, read);
            case PELVIC_FLOOR -> told.floor(one, read);
            default -> false;
        };
    }

    private boolean number(@Nullable Type value, java.util.function.IntConsumer into, String what) {
        if (value instanceof IntegerType whole && whole.getValue() != null) {
            into.accept(whole.getValue());
            read.add(what + ": " + whole.getValue());
            return true;
        }
        return false;
    }

    private static <E extends Enum<E>> boolean value(
            @Nullable Type value, Class<E> type, java.util.function.Consumer<E> into) {
        Optional<E> constant =
                value instanceof CodeableConcept concept ? FhirFinding.constant(concept, type) : Optional.empty();
        constant.ifPresent(into);
        return constant.isPresent();
    }

    private boolean birth(Observation one) {
        Optional<LocalDate> on = day(one.getEffective());
        return on.isPresent()
                && value(one.getValue(), BirthKind.class, kind -> {
                    told.birth(on.get(), kind);
                    one.getComponent()
                            .forEach(part -> FhirFinding.of(part.getCode()).ifPresent(of -> {
                                if (of == FhirFinding.TEAR) {
                                    value(part.getValue(), Tear.class, told::tear);
                                } else if (of == FhirFinding.WOUND_CLOSED
                                        && part.getValue() instanceof BooleanType closed) {
                                    told.woundClosed = closed.getValue();
                                }
                            }));
                    read.add("Birth: " + kind.words() + ", " + Days.words(on.get()));
                });
    }

    private boolean symptoms(Observation one) {
        told.symptoms = new ArrayList<>();
        one.getComponent()
                .forEach(part -> value(part.getValue(), Symptom.class, symptom -> {
                    told.symptoms.add(symptom);
                    read.add("Symptom: " + symptom.words());
                }));
        if (told.symptoms.isEmpty()) {
            read.add("Symptoms: asked, none reported");
        }
        return true;
    }

    private boolean clearance(Observation one) {
        Optional<LocalDate> on = day(one.getEffective());
        if (on.isEmpty() || !(one.getValue() instanceof StringType by) || by.getValue() == null) {
            return false;
        }
        List<String> limits = new ArrayList<>();
        List<Condition> answers = new ArrayList<>();
        one.getComponent()
                .forEach(part -> FhirFinding.of(part.getCode()).ifPresent(of -> {
                    if (of == FhirFinding.CLEARANCE_LIMIT && part.getValue() instanceof StringType words) {
                        limits.add(words.getValue());
                    } else if (of == FhirFinding.CLEARANCE_LIMIT) {
                        value(part.getValue(), ClinicalRestriction.class, limit -> limits.add(limit.name()));
                    } else if (of == FhirFinding.CLEARANCE_FOR) {
                        value(part.getValue(), Condition.class, answers::add);
                    }
                }));
        told.clearance(on.get(), by.getValue(), limits, answers);
        read.add("A clinician’s word: " + by.getValue() + ", " + Days.words(on.get())
                + (limits.isEmpty() ? "" : ", with " + limits.size() + " limits"));
        return true;
    }

    // --- words and days

    /** A day that is told as a day; a month or a year is none. */
    static Optional<LocalDate> day(@Nullable Type value) {
        String text = value instanceof DateTimeType moment ? String.valueOf(moment.getValueAsString()) : "";
        return text.length() >= DAY_LENGTH
                ? Optional.of(LocalDate.parse(text.substring(0, DAY_LENGTH)))
                : Optional.empty();
    }

    private static String words(CodeableConcept concept) {
        String text = concept.getText();
        if (text == null && concept.hasCoding()) {
            text = Optional.ofNullable(concept.getCodingFirstRep().getDisplay())
                    .orElse(concept.getCodingFirstRep().getCode());
        }
        return cut(Objects.toString(text, "no code"));
    }

    private static String cut(String words) {
        return words.length() > 80 ? words.substring(0, 80) + "…" : words;
    }
}
