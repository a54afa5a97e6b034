package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Every form of the check room and the pelvic floor, filled with what nobody should type: never an error of ours. */
class HostileFormsTest extends PageTest {
    private static final Pattern FIELD = Pattern.compile("name=\"([A-Za-z][A-Za-z0-9_-]*)\"");
    private static final List<String> NASTY = List.of(
            "",
            " ",
            "-1",
            "999999999999999999999",
            "2.5",
            "NaN",
            "Infinity",
            "1e9",
            "YES",
            "0",
            "3",
            "NAVEL-0",
            "ABOVE--45",
            "OWN",
            "2026-13-45",
            "<script>alert(1)</script>",
            "'; drop table woman; --",
            "\u202Eabc\u0000",
            "${T(java.lang.Runtime)}",
            "a,b,c,,",
            "é".repeat(5_000));

    private Woman woman;

    @BeforeEach
    void askHer() throws Exception {
        woman = askedWoman("Hostile");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/checks/gap",
                "/checks/gap/look",
                "/checks/gap/sites",
                "/checks/breath",
                "/checks/breath/look",
                "/checks/connect",
                "/checks/pelvic-floor",
                "/checks/pelvic-floor/look",
                "/checks/load",
                "/checks/load/look",
                "/checks/sides",
                "/checks/sides/look",
                "/checks/effort",
                "/floor/practice",
                "/bench/simulated",
                "/checks/gap/readings/look",
                "/checks/gap/readings"
            })
    void answersWhateverIsTyped(String form) throws Exception {
        Random random = new Random(form.hashCode());
        List<String> fields = fieldsOf(form);
        assertThat(fields).hasSizeGreaterThan(1);
        for (int run = 0; run < 25; run++) {
            MockHttpServletRequestBuilder filled = post(at(form));
            for (String field : fields) {
                if (random.nextInt(3) > 0) {
                    filled.param(field, field.equals("formKey") && run % 2 == 0 ? key() : nasty(random));
                }
            }
            MockHttpServletResponse answer = send(filled);
            assertThat(answer.getStatus()).as(form + ", run " + run).isIn(200, 302, 422);
            assertThat(answer.getContentAsString()).doesNotContain("<script>alert", "Exception", "class java.lang");
        }
    }

    /** Fields as they stand on the page the form is sent from. */
    private List<String> fieldsOf(String form) throws Exception {
        String shown = form.replaceFirst("/(look|sites|simulated)$", "");
        Matcher field = FIELD.matcher(page(at(shown)));
        Set<String> fields = new LinkedHashSet<>(List.of("formKey", "then", "reason", "ownMm", "spots", "state"));
        while (field.find()) {
            fields.add(field.group(1));
        }
        fields.removeAll(List.of("_csrf", "viewport", "file", "q"));
        return List.copyOf(fields);
    }

    private static String nasty(Random random) {
        return NASTY.get(random.nextInt(NASTY.size()));
    }

    /** Bytes of any kind as a trace and as readings: told what is wrong, or kept. */
    @Test
    void readsAnyBytesAsAFile() throws Exception {
        Random random = new Random(20_261_125);
        for (int run = 0; run < 60; run++) {
            byte[] bytes = run % 2 == 0 ? noise(random) : nearly(random);
            MockHttpServletResponse trace = send(multipart(at("/bench/file"))
                    .file(new MockMultipartFile("file", "t.csv", "text/csv", bytes))
                    .param("unit", "cmH2O")
                    .param("protocol", "SHORT")
                    .param("formKey", key()));
            assertThat(trace.getStatus()).as("trace, run " + run).isIn(302, 422);
            MockHttpServletResponse readings = send(multipart(at("/checks/gap/readings/look"))
                    .file(new MockMultipartFile("file", "r.csv", "text/csv", bytes)));
            assertThat(readings.getStatus()).as("readings, run " + run).isIn(200, 422);
        }
        assertThat(page(at("/checks"))).contains("not checked yet");
    }

    private static byte[] noise(Random random) {
        byte[] bytes = new byte[random.nextInt(2_000)];
        random.nextBytes(bytes);
        return bytes;
    }

    /** Almost a file: the right first line, then lines made of the right characters in any order. */
    private static byte[] nearly(Random random) {
        StringBuilder text = new StringBuilder("time_s,value\n");
        String marks = "0123456789.,;-eNa\n\"";
        for (int i = 0; i < 400; i++) {
            text.append(marks.charAt(random.nextInt(marks.length())));
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/checks?at=%00",
                "/checks?at=LIFT-NAVEL-9999",
                "/checks/gap/readings?kept=many",
                "/checks/gap/readings?kept=-7",
                "/bench/live?profile=X&protocol=SHORT&seed=1",
                "/bench/live?profile=TYPICAL&protocol=SHORT&seed=0",
                "/bench/0",
                "/checks/gap/99999999999999999999/correct",
                "/checks/breath/-1/correct",
                "/checks/gap/1/again"
            })
    void answersAnyAddress(String address) throws Exception {
        assertThat(send(get(java.net.URI.create(at(address)))).getStatus()).isIn(200, 404);
    }

    private String at(String page) {
        return "/people/" + woman.id() + page;
    }
}
