package openbloom.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import openbloom.app.PageTest;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Three hundred made-up requests and the answers of the version before: what another program was told yesterday it is told
 * today, unless the change log says otherwise. {@code -Dbloom.record} writes the answers anew.
 */
class RecordedAnswersTest extends PageTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Path FOLDER = Path.of("src/test/resources/openbloom/app/api");
    private static final Path ANSWERS = FOLDER.resolve("answers.jsonl.gz");

    @Test
    void answersAsBefore() throws Exception {
        List<String> requests = Files.readAllLines(FOLDER.resolve("requests.jsonl"));
        List<String> answers = new ArrayList<>();
        for (String request : requests) {
            JsonNode asked = JSON.readTree(request);
            answers.add(answer(asked.path("path").asString(), asked.path("body").toString()));
        }
        if (Boolean.getBoolean("bloom.record")) {
            write(answers);
        }
        List<String> before = read();
        assertThat(answers).hasSameSizeAs(before).hasSizeGreaterThanOrEqualTo(300);
        for (int i = 0; i < answers.size(); i++) {
            JsonNode was = JSON.readTree(before.get(i));
            assertThat(known(JSON.readTree(answers.get(i)), was))
                    .as("request %d: %s", i + 1, requests.get(i))
                    .isEqualTo(was);
        }
    }

    /** An answer without the fields that were added since; nothing is taken away and nothing changes. */
    private static JsonNode known(JsonNode now, JsonNode before) {
        if (now instanceof ObjectNode fields && before instanceof ObjectNode were) {
            ObjectNode same = JSON.createObjectNode();
            fields.properties().stream()
                    .filter(field -> were.has(field.getKey()))
                    .forEach(field -> same.set(field.getKey(), known(field.getValue(), were.get(field.getKey()))));
            return same;
        }
        if (now instanceof ArrayNode list && before instanceof ArrayNode was && list.size() == was.size()) {
            ArrayNode same = JSON.createArrayNode();
            for (int i = 0; i < list.size(); i++) {
                same.add(known(list.get(i), was.get(i)));
            }
            return same;
        }
        return now;
    }

    private String answer(String path, String body) throws Exception {
        MockHttpServletResponse answer = send(MockMvcRequestBuilders.post("/api/v1" + path)
                .contentType("application/json")
                .content(body));
        answer.setCharacterEncoding("UTF-8");
        return "{\"status\":" + answer.getStatus() + ",\"body\":" + answer.getContentAsString() + "}";
    }

    private static void write(List<String> answers) throws IOException {
        try (var out = new GZIPOutputStream(Files.newOutputStream(ANSWERS))) {
            out.write(String.join("\n", answers).getBytes(StandardCharsets.UTF_8));
        }
    }

    private static List<String> read() throws IOException {
        try (var in = new GZIPInputStream(new ByteArrayInputStream(Files.readAllBytes(ANSWERS)))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        }
    }
}
