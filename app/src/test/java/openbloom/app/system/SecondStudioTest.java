package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import openbloom.app.PageTest;
import openbloom.app.studio.SignedIn;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every address of every controller that speaks of a woman, asked and sent to by another studio. */
class SecondStudioTest extends PageTest {
    private static final Pattern VARIABLE = Pattern.compile("\\{(\\w+)(?::[^{}]*(?:\\{[^}]*}[^{}]*)*)?}");
    private static final List<String> SHEETS =
            List.of("opening", "breath", "connect", "pelvic-floor", "load", "sides", "effort");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping addresses;

    @Autowired
    private JdbcClient store;

    @Test
    void findsNothingOfHersAtAnyAddress() throws Exception {
        SignedIn stranger = stranger();
        long hers = people.search(ines, "rhona").get(0).id();
        as(stranger, intake("Strange Sister"));
        long own = people.search(stranger, "strange sister").get(0).id();
        List<String> open = new ArrayList<>();
        List<String> before = visitsOf(hers);
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
                .as("answered a stranger; taking out a visit that is not there is no error, so that two clicks are one")
                .allMatch(answer -> answer.matches("POST /people/" + own + "/visits/\\d+/delete → 302"));
        assertThat(visitsOf(hers)).isEqualTo(before);
    }

    private List<String> visitsOf(long woman) {
        return store.sql("select id from visit where woman_id = ? order by id")
                .param(woman)
                .query(String.class)
                .list();
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
