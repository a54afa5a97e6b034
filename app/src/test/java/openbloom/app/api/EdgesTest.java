package openbloom.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import openbloom.app.PageTest;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.json.JsonMapper;

/**
 * Each limit of the interface at its edge: the most that is allowed is answered, one more is refused and named. {@code [one|N]}
 * stands for N of them, {@code [x~N]} for a word of N letters, {@code [day+N]} for a day so much later. Limits from {@code api.md}
 * and, where it is silent, from what the interface tells of itself.
 */
class EdgesTest extends PageTest {
    private static final String W = "\"births\":1,\"babies\":1,\"ageYears\":31,\"conditions\":[]";
    private static final LocalDate DAY = LocalDate.of(2025, 4, 9);

    @ParameterizedTest(name = "{0} {1}: {2}, not {3}")
    @CsvSource(
            delimiter = '!',
            value = {
                "/season ! {'from':'2025-04-09','to':'[day+N]','client':{W}} ! 1200 ! 1201 ! to",
                "/season ! {'from':'2025-04-09','to':'[day+N]','client':{W}} ! 0 ! -1 ! to",
                "/verdicts ! {'onDate':'2025-04-09','client':{W},'moves':[['bridge'|N]]} ! 2000 ! 2001 ! moves",
                "/verdicts ! {'onDate':'2025-04-09','client':{W,'clearance':{'date':'2025-04-01','by':'x','limits':[['calmly'|N]]}},'moves':[]}"
                        + " ! 50 ! 51 ! client.clearance.limits",
                "/verdicts ! {'onDate':'2025-04-09','client':{W,'clearance':{'date':'2025-04-01','by':'x','limits':['[x~N]']}},'moves':[]}"
                        + " ! 500 ! 501 ! client.clearance.limits",
                "/verdicts ! {'onDate':'2025-04-09','client':{W,'gap':{'date':'2025-04-01','readings':[[{'site':'NAVEL','state':'LIFT','widthMm':9}|N]]}},'moves':[]}"
                        + " ! 100 ! 101 ! client.gap.readings",
                "/verdicts ! {'onDate':'2025-04-09','client':{W,'gap':{'date':'2025-04-01','readings':[{'site':'NAVEL','state':'LIFT','widthMm':N}]}},'moves':[]}"
                        + " ! 200 ! 201 ! client.gap.readings[0].widthMm",
                "/verdicts ! {'onDate':'2025-04-09','client':{W,'gap':{'date':'2025-04-01','readings':[{'site':'NAVEL','state':'LIFT','widthFingers':N}]}},'moves':[]}"
                        + " ! 10 ! 10.5 ! client.gap.readings[0].widthFingers",
                "/verdicts ! {'onDate':'2025-04-09','client':{W,'gap':{'date':'2025-04-01','readings':[{'site':'NAVEL','state':'LIFT','widthFingers':N}]}},'moves':[]}"
                        + " ! 2.5 ! 2.25 ! client.gap.readings[0].widthFingers",
                "/verdicts ! {'onDate':'2025-04-09','client':{W,'rungs':{'BRIDGE':N}},'moves':[]} ! 40 ! 41 ! client.rungs.BRIDGE",
                "/sessions ! {'onDate':'2025-04-09','minutes':N,'client':{W}} ! 120 ! 121 ! minutes",
                "/sessions ! {'onDate':'2025-04-09','minutes':N,'client':{W}} ! 5 ! 4 ! minutes",
                "/sessions ! {'onDate':'2025-04-09','minutes':5,'client':{W},'recent':[[[]|N]]} ! 300 ! 301 ! recent",
                "/class-sheet ! {'onDate':'2025-04-09','minutes':20,'members':[[{'name':'A#','client':{W}}|N]]} ! 16 ! 17 ! members",
                "/class-sheet ! {'onDate':'2025-04-09','minutes':20,'members':[{'name':'[x~N]','client':{W}}]} ! 80 ! 81 ! members[0].name",
                "/class-sheet ! {'onDate':'2025-04-09','minutes':N,'members':[{'name':'A','client':{W}}]} ! 20 ! 19 ! minutes",
                "/class-sheet ! {'onDate':'2025-04-09','minutes':N,'members':[{'name':'A','client':{W}}]} ! 90 ! 91 ! minutes",
                "/program ! {'onDate':'2025-04-09','client':{W},'aims':[['RUN'|N]]} ! 4 ! 5 ! aims",
                "/program ! {'onDate':'2025-04-09','client':{W},'rhythm':{'visits':[[{'date':'2025-04-10','minutes':45}|N]]}} ! 100 ! 101 ! rhythm.visits",
                "/program ! {'onDate':'2025-04-09','client':{W},'decisions':[[{'strand':'BRIDGE','date':'2025-04-01','rung':1}|N]]}"
                        + " ! 5000 ! 5001 ! decisions",
                "/return-to-running ! {'onDate':'2025-04-09','client':{W},'history':[[{'date':'2025-04-01','week':1}|N]]} ! 500 ! 501 ! history",
                "/gap/repeatability ! {'pairs':[[[20,22]|N]]} ! 2000 ! 2001 ! pairs",
                "/gap/change ! {'readings':[{'date':'2026-01-01','widthMm':30},[{'date':'2026-01-02','widthMm':30}|N]],'repeatabilityMm':5}"
                        + " ! 199 ! 2000 ! readings",
                "/pelvic-floor/prescription ! {'check':{'holdSeconds':N},'effort':'GENTLE','stage':'OTHER'} ! 60 ! 61 ! check.holdSeconds",
                "/progress ! {'onDate':'2025-04-09','client':{W},'strand':'BRIDGE','history':[[{'date':'2025-04-01','rung':1,'repetitionsDone':8,'repetitionsAsked':8}|N]]}"
                        + " ! 5000 ! 5001 ! history"
            })
    void theMostIsAllowedAndOneMoreIsNot(String path, String body, String most, String more, String field)
            throws Exception {
        MockHttpServletResponse allowed = call(path, body, most);
        assertThat(allowed.getStatus()).as(allowed.getContentAsString()).isEqualTo(200);
        MockHttpServletResponse refused = call(path, body, more);
        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(JsonMapper.shared()
                        .readTree(refused.getContentAsString())
                        .path("errors")
                        .path(0)
                        .path("field")
                        .asString())
                .isEqualTo(field);
    }

    private MockHttpServletResponse call(String path, String body, String amount) throws Exception {
        return mvc.perform(post("/api/v1" + path)
                        .with(user(ines))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(written(body, amount)))
                .andReturn()
                .getResponse();
    }

    private static String written(String body, String amount) {
        String text = body.replace('\'', '"').replace("{W", "{" + W);
        int open = text.indexOf("|N]");
        if (open >= 0) {
            int from = opening(text, open);
            String one = text.substring(from + 1, open);
            String all = IntStream.range(0, Integer.parseInt(amount))
                    .mapToObj(at -> one.replace("#", String.valueOf(at)))
                    .collect(Collectors.joining(","));
            return text.substring(0, from) + all + text.substring(open + 3);
        }
        if (text.contains("[x~N]")) {
            return text.replace("[x~N]", "x".repeat(Integer.parseInt(amount)));
        }
        return text.contains("[day+N]")
                ? text.replace("[day+N]", DAY.plusDays(Integer.parseInt(amount)).toString())
                : text.replaceFirst("\\bN\\b", amount);
    }

    /** Where the bracket opens that {@code |N]} closes. */
    private static int opening(String text, int close) {
        int depth = 0;
        for (int at = close - 1; at >= 0; at--) {
            char here = text.charAt(at);
            depth += here == ']' ? 1 : here == '[' ? -1 : 0;
            if (depth < 0) {
                return at;
            }
        }
        throw new IllegalArgumentException(text);
    }
}
