package openbloom.app.export;

import static openbloom.app.TestDay.TODAY;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.Random;
import java.util.UUID;
import openbloom.core.moves.Equipment;
import openbloom.core.screening.Condition;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Records made by chance: each woman and some of what is kept of her, sent by forms. */
final class GeneratedRecords {
    private static final List<String> NAMES = List.of(
            "Ada",
            "Zoë O’Neill",
            "=SUM(A1:A9)",
            "Łucja \"Lu\" Żak",
            "李 小龙",
            "Ṁáire, née Ní Bhriain",
            "<b>Bo</b>",
            "Ann; Bea",
            "\\Una\\",
            "𝕌na 🌊");
    private static final List<String> WORDS = List.of(
            "sleeps badly",
            "two\nlines",
            "\"quoted\", with comma",
            "{\"a\":[1]}",
            "ends with a backslash \\",
            "+31 6 12345678",
            "’ – …",
            "100 %");

    private final Random chance;

    GeneratedRecords(long seed) {
        this.chance = new Random(seed);
    }

    /** Where a form is sent to. */
    interface Studio {
        MockHttpServletResponse send(MockHttpServletRequestBuilder form) throws Exception;
    }

    private <T> T any(List<T> of) {
        return of.get(chance.nextInt(of.size()));
    }

    private static MockHttpServletRequestBuilder form(String address) {
        return post(address).param("formKey", UUID.randomUUID().toString());
    }

    /** How many forms were kept. */
    int into(Studio studio, int women) throws Exception {
        int kept = 0;
        for (int i = 0; i < women; i++) {
            MockHttpServletResponse answer = studio.send(intake(i));
            if (answer.getStatus() != 302) {
                throw new AssertionError("not taken in: " + answer.getContentAsString());
            }
            String her = answer.getRedirectedUrl().replaceAll("(/people/\\d+).*", "$1");
            kept++;
            for (MockHttpServletRequestBuilder form :
                    List.of(safe(her), gap(her), breath(her), visit(her), practice(her))) {
                kept += chance.nextInt(5) > 0 && studio.send(form).getStatus() == 302 ? 1 : 0;
            }
        }
        return kept;
    }

    private MockHttpServletRequestBuilder intake(int number) {
        MockHttpServletRequestBuilder intake = form("/people")
                .param("name", any(NAMES) + " " + number)
                .param("birthYear", String.valueOf(1970 + chance.nextInt(35)))
                .param("goals", any(WORDS))
                .param("babies", "1");
        if (chance.nextBoolean()) {
            intake.param("equipment", any(List.of(Equipment.values())).name());
        }
        if (chance.nextBoolean()) {
            intake.param("noCondition", "yes");
        } else {
            intake.param("conditions", any(List.of(Condition.values())).name());
        }
        return switch (chance.nextInt(3)) {
            case 0 ->
                intake.param("situation", "PREGNANT")
                        .param("births", "1")
                        .param("basis", "LAST_PERIOD")
                        .param("cycleLengthDays", String.valueOf(24 + chance.nextInt(10)))
                        .param(
                                "lastPeriod",
                                TODAY.minusDays(50 + chance.nextInt(200)).toString());
            case 1 ->
                intake.param("situation", "AFTER_BIRTH")
                        .param("births", "2")
                        .param("birthDate", TODAY.minusDays(chance.nextInt(400)).toString())
                        .param("birthKind", any(List.of("VAGINAL", "CAESAREAN")));
            default -> intake.param("situation", "NEITHER").param("births", "0");
        };
    }

    private MockHttpServletRequestBuilder safe(String her) {
        MockHttpServletRequestBuilder safe = form(her + "/safe").param("noSign", "yes");
        return chance.nextBoolean()
                ? safe.param("noSymptom", "yes")
                : safe.param("symptoms", any(List.of("BACK_PAIN", "HEAVINESS", "LEAK_ON_EFFORT")));
    }

    private MockHttpServletRequestBuilder gap(String her) {
        return form(her + "/checks/gap")
                .param("width-LIFT-NAVEL-0", String.valueOf(chance.nextInt(9) / 2.0))
                .param("depth-LIFT-NAVEL-0", "SURFACE")
                .param("firmness-LIFT-NAVEL-0", String.valueOf(1 + chance.nextInt(4)));
    }

    private MockHttpServletRequestBuilder breath(String her) {
        return form(her + "/checks/breath").param("zone-BELLY", any(List.of("FULL", "NONE")));
    }

    private MockHttpServletRequestBuilder visit(String her) {
        return form(her + "/visits")
                .param("on", TODAY.plusDays(1 + chance.nextInt(60)).toString())
                .param("at", "1" + chance.nextInt(9) + ":30");
    }

    private MockHttpServletRequestBuilder practice(String her) {
        return form(her + "/floor/practice")
                .param("track", "RELEASE")
                .param("holdSeconds", "0")
                .param("holds", "0")
                .param("flicks", "0")
                .param("holdsDone", "0")
                .param("flicksDone", "0")
                .param("letGoOfTen", String.valueOf(chance.nextInt(11)));
    }
}
