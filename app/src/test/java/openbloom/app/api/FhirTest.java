package openbloom.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import ca.uhn.fhir.context.FhirContext;
import ca.uhn.fhir.context.support.DefaultProfileValidationSupport;
import ca.uhn.fhir.validation.FhirValidator;
import ca.uhn.fhir.validation.ResultSeverityEnum;
import ca.uhn.fhir.validation.SingleValidationMessage;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.app.DemoServer;
import openbloom.core.record.Goal;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import org.hl7.fhir.common.hapi.validation.support.CommonCodeSystemsTerminologyService;
import org.hl7.fhir.common.hapi.validation.support.InMemoryTerminologyServerValidationSupport;
import org.hl7.fhir.common.hapi.validation.support.PrePopulatedValidationSupport;
import org.hl7.fhir.common.hapi.validation.support.ValidationSupportChain;
import org.hl7.fhir.common.hapi.validation.validator.FhirInstanceValidator;
import org.hl7.fhir.r4.model.Bundle;
import org.hl7.fhir.r4.model.CodeSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Bundles as the standard wants them, read back as they were written, and bundles of others read with a truthful list of what was
 * not understood. Codes from memory: LOINC 82810-3, 11778-8, 18185-9; ICD-10 O14, N81. {@code -Dbloom.bundles=200} for more women.
 */
@DemoServer
class FhirTest {
    static final int GENERATED = Integer.getInteger("bloom.bundles", 4);
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final String DAY = "2026-11-24";
    private static final FhirContext R4 = FhirContext.forR4Cached();
    private static FhirValidator validator;

    @LocalServerPort
    private int port;

    private HttpResponse<String> post(String path, String body, String accept) throws Exception {
        String who = Base64.getEncoder()
                .encodeToString("ines@boathouse.example:tarnmouth-demo".getBytes(StandardCharsets.UTF_8));
        return HTTP.send(
                HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/v1" + path))
                        .header("Authorization", "Basic " + who)
                        .header("Content-Type", "application/json")
                        .header("Accept", accept)
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private String written(String client, String more, String accept) throws Exception {
        HttpResponse<String> answer =
                post("/fhir", "{\"onDate\":\"" + DAY + "\",\"client\":" + client + more + "}", accept);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return answer.body();
    }

    private JsonNode read(String bundle) throws Exception {
        HttpResponse<String> answer = post("/fhir/read", bundle, "application/json");
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return JSON.readTree(answer.body());
    }

    private static List<String> list(JsonNode answer, String field) {
        List<String> lines = new ArrayList<>();
        answer.path(field).forEach(line -> lines.add(line.asString()));
        return lines;
    }

    // --- women by chance, in the words of the interface

    private static final class Chance {
        private final Random random;

        Chance(long seed) {
            random = new Random(seed);
        }

        private String some(String... fields) {
            return Stream.of(fields).filter(field -> random.nextInt(3) > 0).collect(Collectors.joining(","));
        }

        private <E extends Enum<E>> String names(Class<E> type, int most) {
            List<E> all = List.of(type.getEnumConstants());
            return IntStream.range(0, random.nextInt(most + 1))
                    .mapToObj(i -> "\"" + all.get(random.nextInt(all.size())).name() + "\"")
                    .distinct()
                    .collect(Collectors.joining(",", "[", "]"));
        }

        private String situation() {
            return switch (random.nextInt(3)) {
                case 0 -> "\"pregnancy\":{\"dueDate\":\"2027-0" + (1 + random.nextInt(6)) + "-11\"}";
                case 1 ->
                    "\"birth\":{\"date\":\"2026-0" + (1 + random.nextInt(9))
                            + "-03\",\"kind\":\"VAGINAL\",\"tearDegree\":" + random.nextInt(5) + ",\"woundClosed\":"
                            + random.nextBoolean() + "}";
                default -> "\"babies\":1";
            };
        }

        private String gap() {
            return "\"gap\":{\"date\":\"2026-11-20\",\"method\":\"FINGERS\",\"by\":\"Ines\",\"readings\":[{\"site\":\"NAVEL\",\"offsetMm\":0,"
                    + "\"state\":\"LIFT\",\"widthFingers\":" + random.nextInt(9) / 2.0
                    + ",\"depth\":\"SURFACE\",\"firmness\":" + random.nextInt(4) + ",\"domed\":" + random.nextBoolean()
                    + "}]}";
        }

        private String floor() {
            return "\"pelvicFloor\":{\"holdSeconds\":" + random.nextInt(11) + ",\"holdRepetitions\":"
                    + random.nextInt(10)
                    + ",\"flicks\":" + random.nextInt(12) + ",\"letsGoFully\":true,\"tone\":\"TYPICAL\",\"pain\":"
                    + random.nextBoolean()
                    + ",\"fades\":false}";
        }

        private String client() {
            List<Condition> hers = List.of(Condition.ANAEMIA, Condition.PROLAPSE, Condition.EPILEPSY, Condition.HERNIA);
            Condition condition = hers.get(random.nextInt(hers.size()));
            String known = "\"conditions\":[{\"name\":\"" + condition + "\",\"since\":\"2026-10-01\"}]";
            String more = some(
                    known
                            + ",\"clearance\":{\"date\":\"2026-11-01\",\"by\":\"Dr Hale & <partner>\",\"limits\":[\"NO_IMPACT\",\"walk \\\"slowly\\\"\"],\"for\":[\""
                            + condition + "\"]}",
                    "\"symptoms\":" + names(Symptom.class, 3).replace("\"LOW_DAY\"", "\"REFLUX\""),
                    "\"warningSigns\":[\"FEVER\"]",
                    "\"births\":" + (1 + random.nextInt(3)),
                    gap(),
                    floor(),
                    "\"straightLegRaise\":{\"left\":2,\"right\":1}",
                    "\"aims\":[\"" + Goal.KEEP_ACTIVE + "\"]");
            return "{" + situation() + (more.isEmpty() ? "" : "," + more) + "}";
        }
    }

    // --- valid, and read back

    static synchronized List<String> errors(String bundle) {
        if (validator == null) {
            PrePopulatedValidationSupport ours = new PrePopulatedValidationSupport(R4);
            validator = R4.newValidator()
                    .registerValidatorModule(new FhirInstanceValidator(new ValidationSupportChain(
                            new DefaultProfileValidationSupport(R4),
                            new CommonCodeSystemsTerminologyService(R4),
                            new InMemoryTerminologyServerValidationSupport(R4),
                            ours)));
        }
        return validator.validateWithResult(bundle).getMessages().stream()
                .filter(message -> message.getSeverity() == ResultSeverityEnum.ERROR
                        || message.getSeverity() == ResultSeverityEnum.FATAL)
                .map(FhirTest::words)
                .distinct()
                .toList();
    }

    private static String words(SingleValidationMessage message) {
        return message.getLocationString() + ": " + message.getMessage();
    }

    /** Without what is of the moment it was written. */
    private static String timeless(String bundle) {
        Bundle whole = R4.newJsonParser().parseResource(Bundle.class, bundle);
        whole.setTimestamp(null);
        whole.setIdentifier(null);
        whole.getEntry().removeIf(entry -> entry.getResource().fhirType().matches("Provenance|Patient|CarePlan"));
        return R4.newJsonParser().encodeResourceToString(whole).replaceAll("urn:uuid:[0-9a-f-]{36}", "…");
    }

    @Test
    void generatedWomenAreValidAndComeBackAsTheyWentOut() throws Exception {
        for (int seed = 0; seed < GENERATED; seed++) {
            String client = new Chance(seed).client();
            String collection = written(client, "", "application/fhir+json");
            assertThat(errors(collection)).as(client).isEmpty();
            String document = written(
                    client,
                    ",\"name\":\"Zoë <Q> O’Neill\",\"bornIn\":1992,\"doing\":[\"Squat to a box\"],\"letter\":\"ASKING\"",
                    "application/fhir+json");
            assertThat(errors(document)).as(client).isEmpty();
            assertThat(R4.newJsonParser()
                            .parseResource(Bundle.class, document)
                            .getEntryFirstRep()
                            .getResource()
                            .fhirType())
                    .isEqualTo("Composition");

            JsonNode back = read(collection);
            assertThat(list(back, "notUnderstood")).as(client).allMatch(line -> line.startsWith("CarePlan"));
            assertThat(timeless(written(back.path("client").toString(), "", "application/fhir+json")))
                    .as(client)
                    .isEqualTo(timeless(collection));
            JsonNode xml = read(written(client, "", "application/fhir+xml"));
            assertThat(xml.path("client")).isEqualTo(back.path("client"));
            JsonNode named = read(document);
            assertThat(named.path("name").asString() + named.path("bornIn")).isEqualTo("Zoë <Q> O’Neill1992");
            assertThat(list(named, "notUnderstood")).allMatch(line -> line.startsWith("CarePlan"));
        }
    }

    @Test
    void everyOwnCodeThatIsUsedHasItsDefinition() throws Exception {
        Bundle bundle = R4.newJsonParser()
                .parseResource(Bundle.class, written(new Chance(3).client(), "", "application/fhir+json"));
        CodeSystem codes =
                (CodeSystem) bundle.getEntry().get(bundle.getEntry().size() - 1).getResource();
        assertThat(codes.getConcept())
                .hasSizeGreaterThan(20)
                .allSatisfy(one -> assertThat(one.getDefinition()).isNotBlank());
    }

    // --- bundles of others, by the field lists of the standard

    private static String others(String... resources) {
        return "{\"resourceType\":\"Bundle\",\"type\":\"collection\",\"entry\":["
                + Stream.of(resources).map(one -> "{\"resource\":" + one + "}").collect(Collectors.joining(",")) + "]}";
    }

    private static String observation(String loinc, String value) {
        return "{\"resourceType\":\"Observation\",\"status\":\"final\",\"code\":{\"coding\":[{\"system\":\"http://loinc.org\",\"code\":\""
                + loinc + "\"}]},\"effectiveDateTime\":\"2026-11-20T09:30:00+01:00\"," + value + "}";
    }

    private static String condition(String system, String code, String more) {
        return "{\"resourceType\":\"Condition\",\"code\":{\"coding\":[{\"system\":\"" + system + "\",\"code\":\"" + code
                + "\",\"display\":\"" + code + "\"}]},\"subject\":{\"reference\":\"Patient/7\"}" + more + "}";
    }

    private static final String ANNA =
            "{\"resourceType\":\"Patient\",\"id\":\"7\",\"name\":[{\"given\":[\"Anna\"],\"family\":\"Berg\"}],\"birthDate\":\"1991-04-02\"}";
    private static final String ICD = "http://hl7.org/fhir/sid/icd-10";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "due     | Due date: 14 Mar 2027                              | ",
                "weeks   | Weeks on 20 Nov 2026: 20 weeks + 3                 | ",
                "both    | Due date: 14 Mar 2027                              | contradict each other",
                "status  | Pregnant                                           | neither a due date nor weeks",
                "icd     | → pre-eclampsia, since 1 Nov 2026                  | ",
                "snomed  | → gestational diabetes                              | ",
                "strange |                                                    | none of the codes known here",
                "over    |                                                    | over there",
                "back    |                                                    | taken back there",
                "other   |                                                    | somebody else",
                "drug    |                                                    | MedicationStatement: not read here",
                "weight  |                                                    | LOINC 29463-7 is not read here",
                "single  | Born in 1991                                       | "
            })
    void bundlesOfOthersAreReadTruthfully(String which, String said, String not) throws Exception {
        String due = observation("11778-8", "\"valueDateTime\":\"2027-03-14\"");
        String weeks = observation(
                "18185-9",
                "\"valueQuantity\":{\"value\":143,\"unit\":\"days\",\"system\":\"http://unitsofmeasure.org\",\"code\":\"d\"}");
        String bundle = switch (which.strip()) {
            case "due" -> others(ANNA, due);
            case "weeks" -> others(ANNA, weeks);
            case "both" -> others(ANNA, due, weeks);
            case "status" ->
                others(
                        ANNA,
                        observation(
                                "82810-3",
                                "\"valueCodeableConcept\":{\"coding\":[{\"system\":\"http://loinc.org\",\"code\":\"LA15173-0\"}]}"));
            case "icd" -> others(ANNA, condition(ICD, "O14.1", ",\"onsetDateTime\":\"2026-11-01\""));
            case "snomed" -> others(ANNA, condition("http://snomed.info/sct", "11687002", ""));
            case "strange" -> others(ANNA, condition(ICD, "J06.9", ""));
            case "over" ->
                others(
                        ANNA,
                        condition(
                                ICD,
                                "O14",
                                ",\"clinicalStatus\":{\"coding\":[{\"system\":\"http://terminology.hl7.org/CodeSystem/condition-clinical\",\"code\":\"resolved\"}]}"));
            case "back" ->
                others(
                        ANNA,
                        condition(
                                ICD,
                                "O14",
                                ",\"verificationStatus\":{\"coding\":[{\"system\":\"http://terminology.hl7.org/CodeSystem/condition-ver-status\",\"code\":\"entered-in-error\"}]}"));
            case "other" -> others(ANNA, condition(ICD, "O14", "").replace("Patient/7", "Patient/8"));
            case "drug" ->
                others(
                        ANNA,
                        "{\"resourceType\":\"MedicationStatement\",\"status\":\"active\",\"medicationCodeableConcept\":{\"text\":\"iron\"},\"subject\":{\"reference\":\"Patient/7\"}}");
            case "weight" -> others(ANNA, observation("29463-7", "\"valueQuantity\":{\"value\":70}"));
            default -> ANNA;
        };
        JsonNode answer = read(bundle);
        assertThat(answer.path("name").asString()).isEqualTo("Anna Berg");
        assertThat(String.join("\n", list(answer, "read"))).contains(said == null ? "Name: Anna Berg" : said.strip());
        if (not == null) {
            assertThat(list(answer, "notUnderstood")).isEmpty();
        } else {
            assertThat(String.join("\n", list(answer, "notUnderstood"))).contains(not.strip());
        }
    }

    @Test
    void whatWasReadCountsAsWhatItIs() throws Exception {
        JsonNode due = read(others(ANNA, observation("11778-8", "\"valueDateTime\":\"2027-03-14\"")))
                .path("client");
        assertThat(due.path("pregnancy").path("dueDate").asString()).isEqualTo("2027-03-14");
        JsonNode weeks = read(others(observation("18185-9", "\"valueQuantity\":{\"value\":20,\"code\":\"wk\"}")))
                .path("client");
        assertThat(weeks.path("pregnancy").path("dueDate").asString())
                .as("20 weeks on 20 Nov 2026: 140 more days")
                .isEqualTo("2027-04-09");
        JsonNode prolapse = read(others(ANNA, condition(ICD, "N81.1", ""))).path("client");
        assertThat(prolapse.path("conditions").get(0).path("name").asString()).isEqualTo("PROLAPSE");
        JsonNode month = read(others(ANNA, observation("11778-8", "\"valueDateTime\":\"2027-03\"")));
        assertThat(month.path("client").has("pregnancy"))
                .as("a month is no due date")
                .isFalse();
        assertThat(list(month, "notUnderstood")).hasSize(1);
        assertThat(prolapse.has("symptoms")).as("nobody asked").isFalse();
    }

    // --- what is hostile or none

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "text     | as JSON or XML",
                "dtd      | entities and document types",
                "deep     | levels within each other",
                "half     | This is no FHIR R4",
                "unknown  | This is no FHIR R4",
                "two      | one woman, but there are 2 patients"
            })
    void whatIsNoneIsRefusedInWords(String which, String says) throws Exception {
        String body = switch (which.strip()) {
            case "text" -> "name,year";
            case "dtd" ->
                "<?xml version=\"1.0\"?><!DOCTYPE a [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><Patient xmlns=\"http://hl7.org/fhir\"><id value=\"&x;\"/></Patient>";
            case "deep" -> "{\"a\":".repeat(5_000) + "1" + "}".repeat(5_000);
            case "half" -> others(ANNA).substring(0, 60);
            case "unknown" -> "{\"resourceType\":\"Wagon\"}";
            default -> others(ANNA, ANNA.replace("\"7\"", "\"8\""));
        };
        HttpResponse<String> answer = post("/fhir/read", body, "application/json");
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
        assertThat(answer.body()).contains(says.strip()).doesNotContain("Exception", "root:");
    }

    @Test
    void strangeElementsAndWrongTypesAreToldAndTheRestIsRead() throws Exception {
        JsonNode answer = read(ANNA.replace(
                "\"birthDate\":\"1991-04-02\"", "\"shoeSize\":41,\"active\":\"maybe\",\"birthDate\":\"1991\""));
        assertThat(list(answer, "read")).contains("Name: Anna Berg", "Born in 1991");
        assertThat(String.join("\n", list(answer, "notUnderstood"))).contains("shoeSize");
        HttpResponse<String> large = post("/fhir/read", " ".repeat(10_300_000), "application/json");
        assertThat(large.statusCode()).isEqualTo(413);
        String circle = others(
                ANNA,
                condition(ICD, "O14", ",\"evidence\":[{\"detail\":[{\"reference\":\"Condition/1\"}]}],\"id\":\"1\""));
        assertThat(list(read(circle), "read")).hasSize(3);
    }
}
