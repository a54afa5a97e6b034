package openbloom.app.system;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import openbloom.app.PageTest;
import openbloom.app.studio.SignedIn;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every address of every controller that speaks of a woman, asked and sent to by another studio. */
class SecondStudioTest extends PageTest {
    private static final Pattern VARIABLE = Pattern.compile("\\{(\\w+)(?::[^{}]*(?:\\{[^}]*}[^{}]*)*)?}");
    /** Keys of forms, the token of a session, and the seed of the simulated sensor. */
    private static final Pattern CHANGING = Pattern.compile(
            "[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}|(name=\"_csrf\" value|name=\"_csrf\" content|name=\"seed\"\\s+value)=\"[^\"]*\"");

    private static final List<String> SHEETS =
            List.of("opening", "breath", "connect", "pelvic-floor", "load", "sides", "effort");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping addresses;

    @Autowired
    private JdbcClient store;

    /** Whoever is not signed in is led to the door at every address but those that are open by what they are. */
    @Test
    void nobodyComesInSignedOut() throws Exception {
        long hers = people.page(ines, "rhona", 0).women().get(0).id();
        List<String> open = new ArrayList<>();
        int asked = 0;
        for (var address : addresses.getHandlerMethods().keySet()) {
            for (String pattern : address.getPatternValues()) {
                for (RequestMethod method : address.getMethodsCondition().getMethods()) {
                    String path = VARIABLE.matcher(pattern).replaceAll(String.valueOf(hers));
                    MockHttpServletResponse answer = mvc.perform(request(HttpMethod.valueOf(method.name()), path)
                                    .with(csrf()))
                            .andReturn()
                            .getResponse();
                    boolean led =
                            String.valueOf(answer.getRedirectedUrl()).endsWith("/sign-in") || answer.getStatus() == 401;
                    if (!led) {
                        open.add(method + " " + pattern + " " + answer.getStatus());
                    }
                    asked++;
                }
            }
        }
        assertThat(asked).as("addresses tried").isGreaterThan(200);
        assertThat(open)
                .as("answered somebody who is not signed in")
                .allMatch(
                        answer -> answer.matches(
                                "(GET|POST) /(sign-in|first|error|join/\\{token}|home/.*|calendar/.*|operator/.*|explained/.*picture.*) \\d+"));
    }

    @Test
    void findsNothingOfHersAtAnyAddress() throws Exception {
        SignedIn stranger = stranger();
        long hers = people.page(ines, "rhona", 0).women().get(0).id();
        as(stranger, intake("Strange Sister"));
        long own = people.page(stranger, "strange sister", 0).women().get(0).id();
        List<String> open = new ArrayList<>();
        List<String> before = standing(hers);
        int asked = 0;
        for (var address : addresses.getHandlerMethods().keySet()) {
            for (String pattern : address.getPatternValues()) {
                if (!pattern.startsWith("/people/{womanId}")) {
                    continue;
                }
                for (RequestMethod method : address.getMethodsCondition().getMethods()) {
                    for (String path : filled(pattern, hers, hers)) {
                        asked += refuses(stranger, method, path, open);
                    }
                    if (pattern.contains("Id:") || pattern.contains("{id")) {
                        for (String path : filled(pattern, own, hers)) {
                            asked += refuses(stranger, method, path, open);
                        }
                    }
                }
            }
        }
        assertThat(asked).as("addresses tried").isGreaterThan(80);
        assertThat(open)
                .as("answered a stranger; to take away what is not there is no error, so that two clicks are one")
                .allMatch(answer -> answer.matches(
                        "POST /people/" + own + "/(visits/\\d+/delete|share/links/\\d+/take-back) → 302"));
        assertThat(standing(hers)).isEqualTo(before);
    }

    /** Every page of a woman, and a stranger's, stays as it is while rows of every table come to another woman's record. */
    @Test
    @Transactional
    void whatIsKeptOfOneWomanChangesNoPageOfAnother() throws Exception {
        long other = askedWoman("Other").id();
        long own = askedWoman("Own").id();
        as(stranger(), intake("Strange Niece"));
        long strange =
                people.page(stranger(), "strange niece", 0).women().get(0).id();
        Map<String, String> before = pages(own, strange);
        assertThat(before.keySet()).as("pages compared").hasSizeGreaterThan(40);
        String hers = "/people/" + other;
        List<MockHttpServletRequestBuilder> told = List.of(
                intake(hers, "Other, changed").param("version", "1"),
                post(hers + "/wanted")
                        .param("move", "Squat")
                        .param("kind", "USUAL")
                        .param("kilograms", "12"),
                post(hers + "/visits")
                        .param("formKey", key())
                        .param("on", TODAY.plusDays(1).toString())
                        .param("at", "10:00"),
                post(hers + "/floor/practice")
                        .param("formKey", key())
                        .param("track", "ENDURANCE")
                        .param("holdSeconds", "6")
                        .param("holds", "4")
                        .param("flicks", "7")
                        .param("holdsDone", "4")
                        .param("flicksDone", "7"));
        for (MockHttpServletRequestBuilder form : told) {
            assertThat(send(form).getStatus()).isEqualTo(302);
        }
        List<String> tables = store.sql("""
                select lower(table_name) from information_schema.columns
                where column_name = 'WOMAN_ID' and table_schema = 'PUBLIC' order by table_name
                """).query(String.class).list();
        List<String> filled =
                tables.stream().filter(table -> copied(table, other) > 0).toList();
        assertThat(filled).as("tables").hasSizeGreaterThan(7);
        store.sql("update response set session_id = (select max(id) from session where woman_id = ?) where id in "
                        + "(select id from response order by id desc limit 5)")
                .param(other)
                .update();
        Map<String, String> after = pages(own, strange);
        before.forEach((path, page) -> assertThat(after.get(path)).as(path).isEqualTo(page));
    }

    /** Colleagues, refused sign-ins, visits and saved flows are a studio's own; what one takes away the other keeps. */
    @Test
    @Transactional
    void aStudiosOwnPagesShowNothingOfAnother() throws Exception {
        long hers = people.page(ines, "rhona", 0).women().get(0).id();
        String rhona = "/people/" + hers;
        String session = store.sql("select max(id) from session where woman_id = ?")
                .param(hers)
                .query(String.class)
                .single();
        send(post(rhona + "/sessions/" + session + "/flow").param("name", "Ours alone"));
        send(post(rhona + "/wanted").param("move", "Squat").param("kind", "PIN"));
        send(post(rhona + "/visits")
                .param("formKey", key())
                .param("on", TODAY.toString())
                .param("at", "00:05"));
        send(post("/sign-in").param("email", "tove@boathouse.example").param("password", "wrong, for once"));
        assertThat(page("/studio")).contains("Mara", "tove@boathouse.example");
        assertThat(page("/")).contains("00:05");
        as(stranger(), intake("Strange Aunt"));
        String strange = "/people/"
                + people.page(stranger(), "strange aunt", 0).women().get(0).id();
        List<String> ours = new ArrayList<>(store.sql(
                        "select name from woman where studio_id = ? union all select email from account where studio_id = ?")
                .params(ines.studioId(), ines.studioId())
                .query(String.class)
                .list());
        ours.addAll(List.of("Mara", "Ours alone", "00:05"));
        for (String path : List.of("/", "/people", "/studio", "/moves", "/moves/own", strange + "/flows")) {
            String theirs = as(stranger(), request(HttpMethod.GET, path)).getContentAsString();
            assertThat(ours).as(path).noneMatch(theirs::contains);
        }
        as(stranger(), post(strange + "/flows/remove").param("flow", "Ours alone"));
        as(stranger(), post(strange + "/wanted").param("move", "Squat").param("kind", "BAN"));
        assertThat(page(rhona + "/flows")).contains("Ours alone");
        assertThat(store.sql("select kind from wanted_move where woman_id = ? and move_id = 'squat'")
                        .param(hers)
                        .query(String.class)
                        .list())
                .contains("PIN");
    }

    /** Some rows of a table, made another woman's; what must be one of a kind is left out or made anew. */
    private int copied(String table, long woman) {
        List<String> columns = store.sql("""
                select lower(column_name) from information_schema.columns
                where table_name = upper(?) and table_schema = 'PUBLIC' and is_identity = 'NO' and column_name not in
                  ('CORRECTS', 'ROOT_ID', 'REPEATS', 'FIRST_REPETITION_OF', 'LIFTS') order by ordinal_position
                """).param(table).query(String.class).list();
        String taken = columns.stream()
                .map(column -> switch (column) {
                    case "woman_id" -> String.valueOf(woman);
                    case "form_key", "digest", "report_key" -> "cast(random_uuid() as varchar)";
                    default -> column;
                })
                .collect(Collectors.joining(", "));
        boolean oncePerWoman = store.sql("""
                select count(*) from information_schema.columns
                where table_name = upper(?) and table_schema = 'PUBLIC' and is_identity = 'YES'
                """).param(table).query(Integer.class).single() == 0;
        String fresh =
                oncePerWoman ? " and not exists (select 1 from " + table + " where woman_id = " + woman + ")" : "";
        return store.sql("insert into " + table + " (" + String.join(", ", columns) + ") select " + taken + " from "
                        + table + " where woman_id <> " + woman + fresh + " limit 1")
                .update();
    }

    private Map<String, String> pages(long own, long strange) throws Exception {
        Map<String, String> pages = new TreeMap<>();
        for (var address : addresses.getHandlerMethods().keySet()) {
            for (String pattern : address.getPatternValues()) {
                String hers = pattern.replace("{womanId}", "" + own);
                if (!VARIABLE.matcher(hers).find() && !hers.equals(pattern)) {
                    add(pages, ines, hers);
                    add(pages, stranger(), pattern.replace("{womanId}", "" + strange));
                }
            }
        }
        for (String any : List.of("/", "/people", "/studio", "/moves", "/people?q=o")) {
            add(pages, stranger(), any);
        }
        return pages;
    }

    private void add(Map<String, String> pages, SignedIn who, String path) throws Exception {
        MockHttpServletResponse answer = as(who, request(HttpMethod.GET, path));
        if (answer.getStatus() == 200 && String.valueOf(answer.getContentType()).startsWith("text/html")) {
            pages.put(
                    who.account().name() + " " + path,
                    CHANGING.matcher(answer.getContentAsString()).replaceAll(""));
        }
    }

    /** Her visits and links that stand: what a stranger could cancel. */
    private List<String> standing(long woman) {
        return store.sql("""
                        select 'visit ' || id from visit where woman_id = ? and cancelled_at is null
                        union all select 'link ' || id from home_link where woman_id = ? and taken_back_at is null order by 1
                        """).params(woman, woman).query(String.class).list();
    }

    private int refuses(SignedIn stranger, RequestMethod method, String path, List<String> open) throws Exception {
        MockHttpServletResponse answer =
                as(stranger, request(HttpMethod.valueOf(method.name()), path).param("formKey", key()));
        if (answer.getStatus() != 404 || answer.getContentAsString().contains("Rhona")) {
            open.add(method + " " + path + " → " + answer.getStatus());
        }
        return 1;
    }

    /** The address with a woman and with everything of the other's that could stand in it. */
    private List<String> filled(String pattern, long woman, long other) {
        List<String> paths = List.of(pattern.replace("{womanId}", "" + woman));
        while (VARIABLE.matcher(paths.get(0)).find()) {
            List<String> next = new ArrayList<>();
            for (String path : paths) {
                var variable = VARIABLE.matcher(path);
                variable.find();
                for (String value : values(variable.group(1), pattern, other)) {
                    next.add(path.substring(0, variable.start()) + value + path.substring(variable.end()));
                }
            }
            paths = next;
        }
        return paths;
    }

    private List<String> values(String variable, String pattern, long woman) {
        if (variable.equals("kind")) {
            return SHEETS;
        }
        String table = pattern.contains("/sessions/")
                ? "session"
                : pattern.contains("/visits/")
                        ? "visit"
                        : pattern.contains("/gap") ? "gap_check" : pattern.contains("/bench") ? "recording" : "sheet";
        List<String> ids = store.sql("select id from " + table + " where woman_id = ? order by id desc limit 1")
                .param(woman)
                .query(String.class)
                .list();
        return ids.isEmpty() ? List.of("1") : ids;
    }
}
