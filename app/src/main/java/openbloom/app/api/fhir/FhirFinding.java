package openbloom.app.api.fhir;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.hl7.fhir.r4.model.CodeSystem;
import org.hl7.fhir.r4.model.CodeableConcept;
import org.hl7.fhir.r4.model.Coding;
import org.hl7.fhir.r4.model.Enumerations;

/** What no common code list says exactly: our own codes, each with its definition. */
enum FhirFinding {
    GAP(
            "gap of the abdominal midline",
            "Distance between the two rectus muscles at one site in one state, in finger breadths or mm"),
    GAP_STATE("state of the gap reading", "At rest, on a small head lift, or connected and then lifting"),
    GAP_OFFSET("distance from the navel", "Distance of the site from the navel along the midline, in mm"),
    GAP_DEPTH("depth of the gap", "How far a fingertip sinks in"),
    GAP_FIRMNESS("firmness of the gap", "Resistance of the base under the fingertip, 0 to 3"),
    GAP_DOMING("doming", "Whether the midline bulges in that state"),
    GAP_SORE("soreness of the reading", "Whether the reading was uncomfortable"),
    PELVIC_FLOOR("pelvic floor check", "What a check of the pelvic floor found"),
    HOLD("best hold", "Longest hold of a pelvic floor lift, in seconds"),
    HOLD_REPETITIONS("holds of that length", "How often that hold was repeated"),
    FLICKS("quick lifts", "Quick lifts in a row with full letting go"),
    LETTING_GO("letting go", "Whether the pelvic floor lets go after a lift"),
    TONE("how it was felt", "Typical, tight, weak, uncoordinated, or no lift felt"),
    FLOOR_PAIN("pain at the check", "Whether the check of the pelvic floor hurt"),
    FADES("fading", "Whether a hold fades before its end"),
    LEG_RAISE("active straight leg raise", "Sum of both legs, each 0 (no trouble) to 5"),
    SYMPTOMS("symptoms", "What she reported when asked about symptoms; each one is a component"),
    SYMPTOM("symptom", "One symptom she reported"),
    WARNING_SIGN("warning sign", "A sign that stops exercise until a clinician has said so"),
    CONDITION("condition reported", "A condition as she reported it"),
    BIRTH("latest birth", "Her latest birth and its kind"),
    TEAR("tear", "Tear of that birth"),
    WOUND_CLOSED("wound closed", "Whether the wound of that birth has closed"),
    BIRTHS("number of births", "How often she has given birth"),
    BABIES("number of babies", "How many babies this pregnancy or the latest birth brought"),
    CLEARANCE("clinician's word about exercise", "What a clinician has said about exercise, and its limits"),
    CLEARANCE_LIMIT("limit", "A limit of that word"),
    CLEARANCE_FOR("given for", "A condition the word was expressly given for"),
    AIM("aim", "What she trains for");

    /** A self-assigned identifier: registered by nobody, the same everywhere. */
    static final String SYSTEM = "urn:oid:2.25.211634982113690211784603121954410022917";

    private final String words;
    private final String definition;

    FhirFinding(String words, String definition) {
        this.words = words;
        this.definition = definition;
    }

    String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static Optional<FhirFinding> of(CodeableConcept concept) {
        return concept.getCoding().stream()
                .filter(coding -> SYSTEM.equals(coding.getSystem()))
                .flatMap(coding ->
                        Arrays.stream(values()).filter(one -> one.code().equals(coding.getCode())))
                .findFirst();
    }

    CodeableConcept concept() {
        return new CodeableConcept(new Coding(SYSTEM, code(), words));
    }

    /** A constant of ours as a value: its code, and what it says. */
    static CodeableConcept value(Enum<?> constant, String words) {
        return new CodeableConcept(new Coding(SYSTEM, valueCode(constant), words)).setText(words);
    }

    private static String valueCode(Enum<?> constant) {
        return (constant.getDeclaringClass().getSimpleName() + "-" + constant.name())
                .toLowerCase(Locale.ROOT)
                .replace('_', '-');
    }

    /** The constant a value of ours stands for. */
    static <E extends Enum<E>> Optional<E> constant(CodeableConcept value, Class<E> type) {
        return value.getCoding().stream()
                .filter(coding -> SYSTEM.equals(coding.getSystem()))
                .flatMap(coding -> Arrays.stream(type.getEnumConstants())
                        .filter(one -> valueCode(one).equals(coding.getCode())))
                .findFirst();
    }

    /** The list of codes with their definitions, for whoever reads a bundle. */
    static CodeSystem codeSystem() {
        CodeSystem system = new CodeSystem();
        system.setId("open-bloom-findings");
        system.setUrl(SYSTEM);
        system.setName("OpenBloomFindings");
        system.setTitle("Findings of women's-health movement instruction");
        system.setStatus(Enumerations.PublicationStatus.ACTIVE);
        system.setExperimental(false);
        system.setCaseSensitive(true);
        system.setContent(CodeSystem.CodeSystemContentMode.FRAGMENT);
        system.setDescription(
                "Codes for what common lists do not say exactly. Values carry a code made of the kind of the value and its name.");
        for (FhirFinding finding : values()) {
            system.addConcept()
                    .setCode(finding.code())
                    .setDisplay(finding.words)
                    .setDefinition(finding.definition);
        }
        return system;
    }
}
