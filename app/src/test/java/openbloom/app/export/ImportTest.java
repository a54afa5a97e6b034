package openbloom.app.export;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.RenderedForm;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A record taken out of one studio and into another is the same there, field by field; a file that is none is refused whole. */
class ImportTest extends PageTest {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final String FORM = "/people/take-in";
    private static final int GENERATED = Integer.getInteger("bloom.records", 20);

    private SignedIn quay;

    @BeforeEach
    void openAnother() {
        String email = "una-" + key() + "@import.example";
        accounts.createStudio("Quay", "Europe/London", new NewAccount("Una", email, "far-away-studio-1"));
        quay = (SignedIn) accounts.loadUserByUsername(email);
    }

    private MockHttpServletResponse sent(SignedIn who, byte[] file, String twinsToo) throws Exception {
        String page = as(who, get(FORM)).getContentAsString();
        RenderedForm form = RenderedForm.to(FORM, page, FORM);
        assertThat(form.isMultipart()).isTrue();
        var request = multipart(form.action())
                .file(new MockMultipartFile(
                        Jsoup.parse(page).selectFirst("input[type=file]").attr("name"), "r.zip", null, file));
        form.fields().forEach((name, values) -> request.param(name, values.toArray(String[]::new)));
        if (!twinsToo.isEmpty()) {
            request.param("twinsToo", twinsToo);
        }
        return as(who, request);
    }

    private byte[] exported(SignedIn who, long woman) throws Exception {
        MockHttpServletResponse answer = as(who, get("/people/" + woman + "/share/everything.zip"));
        assertThat(answer.getStatus()).isEqualTo(200);
        return answer.getContentAsByteArray();
    }

    private static Map<String, byte[]> entries(byte[] zip) throws IOException {
        Map<String, byte[]> entries = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry one = in.getNextEntry(); one != null; one = in.getNextEntry()) {
                entries.put(one.getName(), in.readAllBytes());
            }
        }
        return entries;
    }

    private static byte[] zipped(String name, byte[] content) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(content);
        }
        return out.toByteArray();
    }

    /**
     * A record without what differs by its place: rows are numbered by their order, who wrote them stands by name, what makes a form be
     * kept once by the order of its rows, and her place in classes is left out.
     */
    private static Map<String, List<Map<String, String>>> plain(byte[] json) {
        JsonNode record = JSON.readTree(json);
        Map<String, String> writers = new HashMap<>();
        record.path("writtenBy")
                .properties()
                .forEach(one -> writers.put(one.getKey(), one.getValue().asString()));
        Map<String, String> once = new HashMap<>();
        Map<String, Map<String, String>> ranks = new HashMap<>();
        Map<String, List<Map<String, String>>> tables = new TreeMap<>();
        record.path("tables").properties().forEach(table -> {
            List<Map<String, String>> rows = new ArrayList<>();
            table.getValue().forEach(row -> rows.add(plain(table.getKey(), row, writers, once, ranks)));
            tables.put(table.getKey(), rows);
        });
        tables.remove("class_member");
        return tables;
    }

    private static Map<String, String> plain(
            String table,
            JsonNode row,
            Map<String, String> writers,
            Map<String, String> once,
            Map<String, Map<String, String>> ranks) {
        Map<String, String> plain = new TreeMap<>();
        row.properties().forEach(field -> {
            String column = field.getKey();
            String value = field.getValue().toString();
            boolean number = field.getValue().isNumber();
            if (number && (column.endsWith("_by") || column.equals("examiner_id"))) {
                value = writers.get(value);
            } else if (number && (column.equals("id") || column.endsWith("_id") || isOfItsTable(column))) {
                Map<String, String> seen = ranks.computeIfAbsent(
                        isOfItsTable(column) ? table + ".id" : table + "." + column, none -> new HashMap<>());
                value = seen.computeIfAbsent(value, none -> "row " + seen.size());
            } else if (column.equals("form_key") || column.equals("report_key") || column.equals("instead_of")) {
                value = value.equals("null") ? value : once.computeIfAbsent(value, none -> "key " + once.size());
            }
            plain.put(column, value);
        });
        return plain;
    }

    private static boolean isOfItsTable(String column) {
        return List.of("root_id", "corrects", "repeats", "first_repetition_of", "lifts")
                .contains(column);
    }

    @Test
    void everyRecordOfTheDemonstrationIsTheSameElsewhere() throws Exception {
        List<Woman> women = people.page(ines, "", 0).women();
        assertThat(women).hasSizeGreaterThan(10);
        for (Woman woman : women) {
            byte[] file = exported(ines, woman.id());
            Document done = Jsoup.parse(sent(quay, file, "").getContentAsString());
            assertThat(done.select(".problem").text()).as(woman.name()).isEmpty();
            assertThat(done.select("[role=status] a").text()).isEqualTo(woman.name());
            String there = done.selectFirst("[role=status] a").attr("href");
            byte[] again = exported(quay, Long.parseLong(there.replaceAll("\\D", "")));
            assertThat(plain(entries(again).get("record.json")))
                    .as(woman.name())
                    .isEqualTo(plain(entries(file).get("record.json")));
            for (String page : List.of("journey", "checks")) {
                assertThat(as(quay, get(there.replace("journey", page))).getStatus())
                        .as(woman.name() + " " + page)
                        .isIn(200, 302);
            }
            assertThat(as(ines, get(there)).getStatus())
                    .as("nothing of it stands in the studio it came from")
                    .isEqualTo(404);
        }
    }

    /** Made by chance, with names and words that files trip over: out, in, out again, and the two are the same. {@code -Dbloom.records=200} for more. */
    @Test
    void generatedRecordsOfAWholeStudioAreTheSameElsewhere() throws Exception {
        SignedIn here = quay;
        int kept = new GeneratedRecords(20_261_201).into(request -> as(here, request), GENERATED);
        assertThat(kept).as("forms that were kept").isGreaterThan(3 * GENERATED);
        Map<String, byte[]> first =
                entries(as(here, get("/studio/everything.zip")).getContentAsByteArray());
        openAnother();
        Document done = Jsoup.parse(sent(quay, zippedAll(first), "").getContentAsString());
        assertThat(done.select(".problem").text()).isEmpty();
        assertThat(done.select("[role=status] a")).hasSize(GENERATED);
        Map<String, byte[]> second =
                entries(as(quay, get("/studio/everything.zip")).getContentAsByteArray());
        assertThat(byName(second)).isEqualTo(byName(first));
    }

    /** Somebody keeps visits while records come in: every visit is there, and every record whole. */
    @Test
    void goesOnWhileSomebodyWrites() throws Exception {
        byte[] file =
                exported(ines, people.page(ines, "rhona", 0).women().get(0).id());
        Woman woman = newWoman("Meanwhile");
        String visits = "/people/" + woman.id() + "/visits";
        ExecutorService both = Executors.newFixedThreadPool(2);
        try {
            Future<Integer> kept = both.submit(() -> {
                int written = 0;
                for (int day = 1; day <= 40; day++) {
                    written += send(post(visits)
                                                    .param("formKey", key())
                                                    .param(
                                                            "on",
                                                            TODAY.plusDays(day).toString())
                                                    .param("at", "10:00"))
                                            .getStatus()
                                    == 302
                            ? 1
                            : 0;
                }
                return written;
            });
            Future<Integer> taken = both.submit(() -> {
                int whole = 0;
                for (int copy = 0; copy < 3; copy++) {
                    whole += sent(quay, file, "true").getStatus() == 200 ? 1 : 0;
                }
                return whole;
            });
            assertThat(kept.get()).isEqualTo(40);
            assertThat(taken.get()).isEqualTo(3);
        } finally {
            both.shutdownNow();
        }
        for (Woman copy : people.page(quay, "rhona", 0).women()) {
            assertThat(plain(entries(exported(quay, copy.id())).get("record.json")))
                    .isEqualTo(plain(entries(file).get("record.json")));
        }
    }

    private static byte[] zippedAll(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> one : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(one.getKey()));
                zip.write(one.getValue());
            }
        }
        return out.toByteArray();
    }

    private static Map<String, Map<String, List<Map<String, String>>>> byName(Map<String, byte[]> entries) {
        Map<String, Map<String, List<Map<String, String>>>> records = new TreeMap<>();
        entries.forEach((file, json) -> {
            if (!file.endsWith("record.json")) {
                return;
            }
            Map<String, List<Map<String, String>>> record = plain(json);
            records.put(record.get("woman").get(0).get("name"), record);
        });
        return records;
    }

    @Test
    void aTwinIsLeftOutUnlessSheIsSomebodyElse() throws Exception {
        byte[] file =
                exported(ines, people.page(ines, "rhona", 0).women().get(0).id());
        sent(quay, file, "");
        Document twin = Jsoup.parse(sent(quay, file, "").getContentAsString());
        assertThat(twin.select("[role=status]").text()).contains("Nobody.", "is here already: Rhona Vale");
        assertThat(people.page(quay, "rhona", 0).women()).hasSize(1);
        sent(quay, file, "true");
        assertThat(people.page(quay, "rhona", 0).women()).hasSize(2);
    }

    @Test
    void everyRecordOfAStudioComesAsOneFile() throws Exception {
        for (Woman woman : people.page(ines, "", 0).women().subList(0, 3)) {
            sent(quay, exported(ines, woman.id()), "");
        }
        byte[] all = as(quay, get("/studio/everything.zip")).getContentAsByteArray();
        Map<String, byte[]> files = entries(all);
        assertThat(files.keySet().stream().filter(name -> name.endsWith("/record.json")))
                .hasSize(3);
        assertThat(files.keySet().stream().filter(name -> name.endsWith("/tables/woman.csv")))
                .as("what stands in the file of one stands in that of all")
                .hasSize(3);
        openAnother();
        Document done = Jsoup.parse(sent(quay, all, "").getContentAsString());
        assertThat(done.select("[role=status] a")).hasSize(3);
        assertThat(people.page(quay, "", 0).women()).hasSize(3);
        SignedIn mara = (SignedIn) accounts.loadUserByUsername("mara@boathouse.example");
        assertThat(as(mara, get("/studio/everything.zip")).getStatus()).isEqualTo(403);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"format\":\"open-bloom-record\" | \"format\":\"other\" | cannot be read",
                "\"version\":1 | \"version\":99 | newer than this one",
                "\"schema\": | \"schema\":9 | newer than this one",
                "\"tables\":{ | \"tables\":{\"account\":[{\"email\":\"x@y.z\"}], | rows of “account”, which is nothing",
                "\"tables\":{ | \"tables\":{\"studio\":[{\"name\":\"x\"}], | rows of “studio”, which is nothing",
                "\"birth_year\": | \"shoe_size\":41,\"birth_year\": | “shoe_size” in “woman”, which is not known",
                "\"birth_year\":1 | \"birth_year\":7777777771 | cannot be kept",
                "\"woman\":[{ | \"woman\":[{},{ | cannot be read",
                "\"birth_year\": | \"birth_year\":{\"a\":1},\"births\": | cannot be read",
                "\"woman\":[{\"id\": | \"woman\":[{\"id\":-1,\"births\": | cannot be read",
                "} | ]] | cannot be read"
            })
    void aRecordThatIsNoneIsRefusedWhole(String part, String instead, String says) throws Exception {
        byte[] file =
                exported(ines, people.page(ines, "rhona", 0).women().get(0).id());
        String json = new String(entries(file).get("record.json"), StandardCharsets.UTF_8);
        assertThat(json).contains(part);
        String spoilt = json.replaceFirst(Pattern.quote(part), Matcher.quoteReplacement(instead));
        MockHttpServletResponse refused =
                sent(quay, zipped("record.json", spoilt.getBytes(StandardCharsets.UTF_8)), "");
        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(Jsoup.parse(refused.getContentAsString()).select(".problem").text())
                .contains(says);
        assertThat(people.page(quay, "", 0).women()).isEmpty();
        assertThat(accounts.ofStudio(quay.studioId())).as("nobody was added").hasSize(1);
    }

    @Test
    void aFileThatIsNoneIsRefused() throws Exception {
        byte[] file =
                exported(ines, people.page(ines, "rhona", 0).women().get(0).id());
        Map<String, byte[]> files = new TreeMap<>(Map.of(
                "Choose a file first", new byte[0],
                "no file of Open Bloom", "name,year".getBytes(StandardCharsets.UTF_8),
                "called “../record.json”", zipped("../record.json", new byte[] {'{'}),
                "larger than 64 MB", zipped("record.json", new byte[65 * 1024 * 1024]),
                "cannot be read", zipped("record.json", new byte[] {'{'})));
        for (Map.Entry<String, byte[]> one : files.entrySet()) {
            MockHttpServletResponse refused = sent(quay, one.getValue(), "");
            assertThat(refused.getStatus()).as(one.getKey()).isEqualTo(422);
            assertThat(Jsoup.parse(refused.getContentAsString())
                            .select(".problem")
                            .text())
                    .contains(one.getKey());
        }
        MockHttpServletResponse half = sent(quay, Arrays.copyOf(file, 400), "");
        assertThat(half.getStatus()).isEqualTo(422);
        assertThat(people.page(quay, "", 0).women()).isEmpty();
    }
}
