package openbloom.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.core.DefaultParameterNameDiscoverer;
import org.springframework.core.MethodParameter;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Hostile input over every form, call and file of an instance of its own: no answer is a 500, no page shows a stack trace,
 * and nothing is kept in halves. 40 tries here; {@code ./bloom fuzz 50000} for more.
 */
@DemoServer
@DirtiesContext
class FuzzTest {
    private static final int TRIES = Integer.getInteger("bloom.fuzz", 40);
    private static final int COLLECT_AGAIN_AFTER = 400;
    private static final int TOLD_EVERY = 1_000;
    private static final List<String> NASTY = List.of(
            "",
            " ",
            "-1",
            "0",
            "3",
            "2.5",
            "1½",
            "99999999999999999999",
            "NaN",
            "1e308",
            "-1e308",
            "YES",
            "null",
            "NAVEL-0",
            "ABOVE--45",
            "OWN",
            "2026-13-45",
            "1900-01-01",
            "-999999999-01-01",
            "9999-12-31",
            "25:61",
            "<script>alert(1)</script>",
            "'; drop table woman; --",
            "\u202Eabc\u0000",
            "${T(java.lang.Runtime)}",
            "a,b,c,,",
            "../../etc/passwd",
            "%00",
            "é".repeat(3_000),
            "\uD800",
            "[]",
            "{}",
            "PREGNANT",
            "CHEST_PAIN");
    private static final List<String> NASTY_JSON = List.of(
            "null",
            "[]",
            "{}",
            "-1",
            "1e308",
            "\"\"",
            "\"x\"",
            "[null]",
            "true",
            "99999999999999999999",
            "\"2026-13-45\"",
            "\"-999999999-01-01\"",
            "[[[[[]]]]]",
            "{\"x\":1}",
            "\"\\u0000\"",
            "0.5",
            "\"VAGINAL\"",
            "[1,2]");

    private static final List<String> NASTY_YAML = List.of(
            "~",
            "[]",
            "{}",
            "[~]",
            "{a: ~}",
            "x",
            "-1",
            "1e308",
            ".nan",
            "99999999999999999999",
            "true",
            "\"\\0\"",
            "\"\\uD800\"",
            "2026-01-01",
            "[1, x, ~]",
            "&a [*a]",
            "*b",
            "!!binary aGk=",
            "|",
            ">-",
            "'",
            "\"",
            "[",
            "{",
            "? a",
            "<<: *a",
            "[{needs: ~}]",
            "{plain: ~}",
            "{from: hooklying, trunk: .nan}",
            "{from: ~}",
            "{all: {sets: ~}}",
            "\t");

    private static final Map<String, String> CALLS = calls();

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;

    private final Random random = new Random(20_261_125);
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final Map<Integer, Integer> statuses = new TreeMap<>();
    private String csrf = "";

    /** A form as it stands on a page: where it goes, whether it carries files, and what its fields hold. */
    private record Form(String action, boolean multipart, Map<String, String> fields) {}

    @Test
    void nothingAnswers500AndNothingIsKeptInHalves() throws Exception {
        signIn();
        List<Form> forms = List.of();
        for (int i = 0; i < TRIES; i++) {
            if (i > 0 && i % TOLD_EVERY == 0) {
                System.out.println("Hostile input, " + i + " tries so far: " + statuses);
            }
            if (i % COLLECT_AGAIN_AFTER == 0) {
                forms = forms();
                assertThat(forms).as("forms found").hasSizeGreaterThan(25);
            }
            switch (random.nextInt(12)) {
                case 0, 1, 2 -> call();
                case 3 -> address(forms);
                case 4 -> asked();
                case 5 -> ownMoves();
                default -> send(forms.get(random.nextInt(forms.size())));
            }
        }
        System.out.println("Hostile input: " + TRIES + " tries over " + forms.size() + " forms and " + CALLS.size()
                + " calls, answers by status " + statuses);
        assertThat(statuses).doesNotContainKey(500);
        nothingIsKeptInHalves();
    }

    private void nothingIsKeptInHalves() {
        assertNone("select count(*) from kept_form where answer_status is null");
        assertNone("select count(*) from gap_check c where reason = '' and not exists"
                + " (select 1 from gap_reading where check_id = c.id)");
        assertNone("select count(*) from session where plan not like '{%}'");
        assertNone("select count(*) from sheet where found not like '{%}'");
        assertNone("select count(*) from woman where situation = 'PREGNANT' and dating_given_on is null");
        assertNone(
                "select count(*) from woman where situation = 'AFTER_BIRTH' and (birth_on is null or birth_kind is null)");
        assertNone("select count(*) from life_event e where kind = 'BIRTH' and not exists"
                + " (select 1 from earlier_intake i where i.woman_id = e.woman_id)");
        assertThat(jdbc.queryForObject("select count(*) from studio", Integer.class))
                .isEqualTo(1);
    }

    private void assertNone(String question) {
        assertThat(jdbc.queryForObject(question, Integer.class)).as(question).isZero();
    }

    // --- forms

    private void signIn() throws Exception {
        Document page = Jsoup.parse(get("/sign-in").body());
        csrf = page.selectFirst("[name=_csrf]").attr("content");
        HttpResponse<String> in = post(
                "/sign-in",
                "application/x-www-form-urlencoded",
                encoded(Map.of("_csrf", csrf, "email", "ines@boathouse.example", "password", "tarnmouth-demo")));
        assertThat(in.headers().firstValue("Location").orElse("")).isEqualTo("/");
        csrf = Jsoup.parse(get("/").body()).selectFirst("meta[name=_csrf]").attr("content");
    }

    /** Every form of every page of one woman, or four when there is time, and of the studio. */
    private List<Form> forms() throws Exception {
        List<Long> women = jdbc.queryForList(
                "select id from woman order by rand() limit " + (TRIES < COLLECT_AGAIN_AFTER ? 1 : 4), Long.class);
        List<String> pages = new ArrayList<>(
                List.of("/", "/people", "/people/new", "/people/file", "/moves/own", "/studio", "/reasons"));
        for (long woman : women) {
            String her = "/people/" + woman;
            for (String page : List.of(
                    "/edit",
                    "/birth",
                    "/close-pregnancy",
                    "/safe?again=yes",
                    "/checks/gap",
                    "/checks/breath",
                    "/checks/connect",
                    "/checks/pelvic-floor",
                    "/checks/load",
                    "/checks/sides",
                    "/checks/effort",
                    "/exercise-check",
                    "/journey",
                    "/floor",
                    "/floor/practice",
                    "/bench",
                    "/approach",
                    "/checks",
                    "/checks/opening",
                    "/checks/gap/readings",
                    "/program",
                    "/review",
                    "/response",
                    "/held",
                    "/flows",
                    "/wanted",
                    "/can")) {
                pages.add(her + page);
            }
            jdbc.queryForList("select id from session where woman_id = ? limit 1", Long.class, woman)
                    .forEach(id -> pages.addAll(List.of(
                            her + "/sessions/" + id,
                            her + "/sessions/" + id + "/edit",
                            her + "/sessions/" + id + "/teach")));
            jdbc.queryForList("select id from recording where woman_id = ? limit 1", Long.class, woman)
                    .forEach(id -> pages.add(her + "/bench/" + id));
            jdbc.queryForList("select id from gap_check where woman_id = ? limit 1", Long.class, woman)
                    .forEach(id -> pages.add(her + "/checks/gap/" + id + "/correct"));
            jdbc.queryForList("select id from sheet where woman_id = ? and kind = 'BREATH' limit 1", Long.class, woman)
                    .forEach(id -> pages.add(her + "/checks/breath/" + id + "/correct"));
        }
        List<Form> forms = new ArrayList<>();
        for (String page : pages) {
            HttpResponse<String> answer = get(page);
            assertThat(answer.statusCode()).as(page).isNotEqualTo(500);
            Document shown = Jsoup.parse(answer.body(), "http://localhost");
            shown.select("form[method=post]").forEach(form -> forms.addAll(read(form)));
            shown.select("[data-responses]")
                    .forEach(runner -> forms.add(new Form(
                            runner.attr("data-responses"),
                            false,
                            new LinkedHashMap<>(Map.of("item", "0", "told", "DONE", "formKey", "")))));
        }
        return forms.stream()
                .filter(form -> !form.action().matches("/sign-out|/studio/password"))
                .toList();
    }

    /** The form itself and, where it has one, the preview it asks for while it is filled in. */
    private static List<Form> read(Element form) {
        Map<String, String> fields = new LinkedHashMap<>();
        for (Element field : form.select("[name]")) {
            Element option = field.selectFirst("option[value]:not([value=''])");
            boolean skipped = field.attr("type").matches("radio|checkbox") && !field.hasAttr("checked");
            String value = option == null ? field.val() : option.val();
            fields.merge(field.attr("name"), skipped ? "" : value, (one, other) -> one.isEmpty() ? other : one);
        }
        boolean multipart = form.attr("enctype").startsWith("multipart");
        List<Form> read = new ArrayList<>(List.of(new Form(form.attr("action"), multipart, fields)));
        if (form.hasAttr("hx-post")) {
            read.add(new Form(form.attr("hx-post"), false, fields));
        }
        return read;
    }

    private void send(Form form) throws Exception {
        Map<String, String> filled = new LinkedHashMap<>(form.fields());
        int share = 1 + random.nextInt(6);
        filled.replaceAll((field, value) -> random.nextInt(share) == 0 ? nasty() : value);
        if (random.nextInt(10) == 0) {
            filled.put(
                    List.of("name[0]", "x", "conditions[999999]", "a.b.c", "formKey")
                            .get(random.nextInt(5)),
                    nasty());
        }
        if (filled.getOrDefault("formKey", "x").isEmpty() || random.nextInt(4) > 0) {
            filled.put("formKey", UUID.randomUUID().toString());
        }
        filled.put("_csrf", csrf);
        HttpResponse<String> answer = form.multipart() || random.nextInt(12) == 0
                ? post(form.action(), "multipart/form-data; boundary=fuzz", multipart(filled))
                : post(form.action(), "application/x-www-form-urlencoded", encoded(filled));
        judge(form.action() + " " + filled, answer);
    }

    private String multipart(Map<String, String> fields) {
        StringBuilder body = new StringBuilder();
        fields.forEach((name, value) -> body.append("--fuzz\r\nContent-Disposition: form-data; name=\"")
                .append(name)
                .append(
                        name.equals("file") != (random.nextInt(15) == 0 && !name.equals("_csrf"))
                                ? "\"; filename=\"f.csv\"\r\nContent-Type: text/csv\r\n\r\n"
                                : "\"\r\n\r\n")
                .append(name.equals("file") ? file() : value)
                .append("\r\n"));
        return body.append("--fuzz--\r\n").toString();
    }

    /** Almost a file of its kind. */
    private String file() {
        String head = List.of(
                        "time_s,value\n",
                        "date,examiner,method,site,offset_mm,state,width_fingers,depth,firmness\n",
                        "moves:\n  - {id: x",
                        "")
                .get(random.nextInt(4));
        String marks = "0123456789.,;-eNa\n\":{}[]é\u0000";
        return head
                + random.ints(random.nextInt(400), 0, marks.length())
                        .mapToObj(at -> String.valueOf(marks.charAt(at)))
                        .collect(Collectors.joining());
    }

    private void address(List<Form> forms) throws Exception {
        String action = forms.get(random.nextInt(forms.size())).action();
        String hostile = action.replaceFirst(
                        "\\d+",
                        List.of("0", "-1", "99999999999999999999", "1", "x").get(random.nextInt(5)))
                + "?"
                + List.of("at", "week", "q", "page", "wish", "move", "only", "then", "woman")
                        .get(random.nextInt(9)) + "="
                + URLEncoder.encode(nasty(), StandardCharsets.UTF_8);
        judge(hostile, get(hostile));
    }

    /** A page that is read, with every question it knows answered oddly, some more than once. */
    private void asked() throws Exception {
        List<RequestMappingInfo> pages = requestMappingHandlerMapping.getHandlerMethods().keySet().stream()
                .filter(info -> info.getMethodsCondition().getMethods().contains(RequestMethod.GET))
                .toList();
        RequestMappingInfo page = pages.get(random.nextInt(pages.size()));
        HandlerMethod handler = requestMappingHandlerMapping.getHandlerMethods().get(page);
        String path = page.getPatternValues().iterator().next();
        if (path.contains("*")) {
            return;
        }
        while (path.contains("{")) {
            path = path.replaceFirst(
                    "\\{[^{}]*(\\{[^}]*\\})?[^{}]*\\}",
                    random.nextInt(8) == 0 ? "0" : String.valueOf(1 + random.nextInt(14)));
        }
        List<String> names = new ArrayList<>();
        for (MethodParameter parameter : handler.getMethodParameters()) {
            parameter.initParameterNameDiscovery(new DefaultParameterNameDiscoverer());
            names.add(parameter.getParameterName());
            names.addAll(components(parameter.getParameterType()));
        }
        String question = names.stream()
                .filter(name -> name != null && random.nextInt(3) > 0)
                .flatMap(name -> Stream.of(name).limit(1 + random.nextInt(2)))
                .map(name -> name + "=" + URLEncoder.encode(odd(name), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        judge(path + "?" + question, get(path + "?" + question));
    }

    private String odd(String name) {
        return random.nextInt(4) > 0 ? nasty() : name.equals("woman") ? "3" : "1";
    }

    /** Names of the fields of a form that is a record, and of the records in it. */
    private static List<String> components(Class<?> type) {
        return !type.isRecord() || !type.getName().startsWith("openbloom.app")
                ? List.of()
                : Arrays.stream(type.getRecordComponents())
                        .flatMap(one -> Stream.concat(Stream.of(one.getName()), components(one.getType()).stream()))
                        .toList();
    }

    /** A good file of own moves with some values that are none. */
    private void ownMoves() throws Exception {
        List<String> lines = new ArrayList<>(Files.readAllLines(Path.of("../docs/own-moves.yaml")));
        for (int i = random.nextInt(4); i > 0; i--) {
            int at = random.nextInt(lines.size());
            String line = lines.get(at);
            int value = line.indexOf(": ");
            String odd = NASTY_YAML.get(random.nextInt(NASTY_YAML.size()));
            lines.set(at, value < 0 || random.nextInt(6) == 0 ? odd : line.substring(0, value + 2) + odd);
        }
        String file = String.join("\n", lines);
        Integer version = jdbc.query("select version from studio_moves", found -> found.next() ? found.getInt(1) : 0);
        judge(
                "/moves/own/yaml " + file,
                post(
                        "/moves/own/yaml",
                        "application/x-www-form-urlencoded",
                        encoded(Map.of("_csrf", csrf, "version", String.valueOf(version), "text", file))));
        List<String> pages =
                List.of("/moves/own", "/moves", "/moves/own.yaml", "/people/3/exercise-check", "/moves/studio-hover");
        String page = pages.get(random.nextInt(pages.size()));
        judge(page + " after " + file, get(page));
    }

    private String nasty() {
        return NASTY.get(random.nextInt(NASTY.size()));
    }

    // --- calls

    private static Map<String, String> calls() {
        String woman =
                "{\"births\":1,\"babies\":1,\"ageYears\":33,\"birth\":{\"date\":\"2026-06-01\",\"kind\":\"VAGINAL\","
                        + "\"tearDegree\":2,\"woundClosed\":true},\"conditions\":[\"ANAEMIA\"],\"symptoms\":[],\"rungs\":{\"BRIDGE\":3},"
                        + "\"gap\":{\"date\":\"2026-11-20\",\"readings\":[{\"site\":\"NAVEL\",\"state\":\"LIFT\",\"widthFingers\":2,"
                        + "\"depth\":\"SURFACE\",\"firmness\":2,\"domed\":false}]},\"approach\":{\"A1\":\"TWO_FINGERS\"}}";
        Map<String, String> calls = new LinkedHashMap<>();
        calls.put("/verdicts", "{\"client\":" + woman + ",\"onDate\":\"2026-11-25\",\"moves\":[\"heel-slide\"]}");
        calls.put(
                "/sessions",
                "{\"client\":" + woman
                        + ",\"onDate\":\"2026-11-25\",\"minutes\":20,\"seed\":1,\"recent\":[[\"bridge\"]]}");
        calls.put("/season", "{\"client\":" + woman + ",\"from\":\"2026-11-25\",\"to\":\"2026-12-05\"}");
        calls.put("/recovery-stage", "{\"client\":" + woman + ",\"onDate\":\"2026-11-25\"}");
        calls.put(
                "/dating",
                "{\"onDate\":\"2026-11-25\",\"lastPeriod\":\"2026-08-01\",\"ultrasound\":{\"date\":\"2026-10-01\",\"weeks\":8,\"days\":1}}");
        calls.put(
                "/gap/interpretation",
                "{\"readings\":[{\"site\":\"NAVEL\",\"state\":\"LIFT\",\"widthFingers\":2.5,\"depth\":\"SURFACE\",\"firmness\":2}],\"fingerWidthsMm\":[15,31,47,62],\"ageYears\":30}");
        calls.put("/gap/repeatability", "{\"pairs\":[[1,2],[3,3]]}");
        calls.put(
                "/gap/change",
                "{\"readings\":[{\"date\":\"2026-10-01\",\"widthMm\":30},{\"date\":\"2026-11-01\",\"widthMm\":20}],\"repeatabilityMm\":5}");
        calls.put(
                "/pelvic-floor/prescription",
                "{\"check\":{\"holdSeconds\":6,\"holdRepetitions\":4,\"flicks\":7,\"letsGoFully\":true,\"tone\":\"TYPICAL\"},\"effort\":\"GENTLE\",\"stage\":\"OTHER\"}");
        return calls;
    }

    private void call() throws Exception {
        List<String> paths = List.copyOf(CALLS.keySet());
        String path = paths.get(random.nextInt(paths.size()));
        String body = CALLS.get(path);
        for (int i = random.nextInt(4); i > 0; i--) {
            body = spoilt(body);
        }
        judge("/api/v1" + path + " " + body, post("/api/v1" + path, "application/json", body));
    }

    /** One value replaced, one letter lost, or one cut off. */
    private String spoilt(String body) {
        int from = body.indexOf(':', random.nextInt(Math.max(1, body.length())));
        if (from < 0 || random.nextInt(8) == 0) {
            return body.substring(0, random.nextInt(body.length() + 1));
        }
        int to = from + 1;
        while (to < body.length() && ",}]".indexOf(body.charAt(to)) < 0) {
            to++;
        }
        return body.substring(0, from + 1) + NASTY_JSON.get(random.nextInt(NASTY_JSON.size())) + body.substring(to);
    }

    // --- the wire

    private HttpResponse<String> get(String path) throws Exception {
        return http.send(HttpRequest.newBuilder(at(path)).build(), HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> post(String path, String type, String body) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(at(path))
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString(body));
        if (path.startsWith("/api/")) {
            String who = "ines@boathouse.example:tarnmouth-demo";
            request.header(
                    "Authorization",
                    "Basic " + Base64.getEncoder().encodeToString(who.getBytes(StandardCharsets.UTF_8)));
        }
        return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private URI at(String path) {
        return URI.create("http://localhost:" + port + path);
    }

    private static String encoded(Map<String, String> fields) {
        return fields.entrySet().stream()
                .map(field -> URLEncoder.encode(field.getKey(), StandardCharsets.UTF_8) + "="
                        + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }

    private void judge(String what, HttpResponse<String> answer) {
        statuses.merge(answer.statusCode(), 1, Integer::sum);
        String shown = what.length() > 2_000 ? what.substring(0, 2_000) : what;
        assertThat(answer.statusCode()).as(shown).isLessThan(500);
        assertThat(answer.body())
                .as(shown)
                .doesNotContain("<script>alert", "Exception:", "at openbloom.", "class java.");
    }
}
