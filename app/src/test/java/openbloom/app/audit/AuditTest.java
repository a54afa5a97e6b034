package openbloom.app.audit;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.sql.Connection;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import openbloom.core.Days;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Who saw or changed what of whom: one row each, read by the owner alone; what is done to the rows is found. */
class AuditTest extends PageTest {
    @Autowired
    private JdbcClient store;

    @Autowired
    private DataSource data;

    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;

    private SignedIn owner;
    private Woman nessa;
    private String her;

    /** A studio of its own, with a woman taken in and asked: rows 1 and 2. */
    @BeforeEach
    void openAStudio() throws Exception {
        String email = "orla-" + key() + "@audit.example";
        accounts.createStudio("Slipway", "Europe/London", new NewAccount("Orla", email, "a-lantern-by-the-quay"));
        owner = (SignedIn) accounts.loadUserByUsername(email);
        as(owner, intake("Nessa Holt"));
        nessa = people.page(owner, "Nessa", 0).women().get(0);
        her = "/people/" + nessa.id();
        as(
                owner,
                post(her + "/safe")
                        .param("formKey", key())
                        .param("noSign", "yes")
                        .param("noSymptom", "yes"));
    }

    private String open(String address) throws Exception {
        return as(owner, get(address)).getContentAsString();
    }

    /** Who, did, whose and what of each line, the latest first. */
    private List<String> lines(String query) throws Exception {
        return Jsoup.parse(open("/studio/audit" + query)).select("tbody tr").stream()
                .map(row -> String.join(
                        " | ",
                        row.select("td").subList(1, 5).stream()
                                .map(cell -> cell.text())
                                .toList()))
                .toList();
    }

    /** No address of ours is read by an owner: whatever can be opened or sent has a name there. */
    @Test
    void namesEveryPageInWords() {
        assertThat(requestMappingHandlerMapping.getHandlerMethods().keySet().stream()
                        .flatMap(info -> info.getPatternValues().stream())
                        .filter(pattern -> !pattern.matches("/api/.*|/home.*|/calendar.*|.*\\.(svg|json)|.*/look"))
                        .filter(pattern ->
                                pattern.contains("{womanId}") || pattern.matches("/(studio|classes|teachings).*"))
                        .map(AuditInterceptor::page)
                        .filter(page -> AuditPages.words(page).equals(page) && page.matches(".*[/…{.-].*")))
                .isEmpty();
        assertThat(AuditPages.words("letters/evidence/…")).isEqualTo("numbers of a letter");
        assertThat(AuditPages.words("share/given/….pdf")).isEqualTo("hand-out as it was given");
    }

    @Test
    void keepsOneRowForAPageAndForWhatIsKept() throws Exception {
        open(her + "/journey");
        open(her + "/checks/gap");
        as(owner, post(her + "/checks/gap/look").param("width-LIFT-NAVEL-0", "2"));
        as(owner, get(her + "/journey/week").param("week", "30").header("HX-Request", "true"));
        as(owner, post(her + "/safe").param("formKey", key()));
        as(owner, get("/people"));
        as(owner, get("/people/" + nessa.id()));
        open("/studio/everything.zip");
        assertThat(lines(""))
                .as("a drawing, a part of a page, what was refused, what leads on and a list add none")
                .containsExactly(
                        "Orla | saw |  | every record, as a file",
                        "Orla | saw | Nessa Holt | gap check",
                        "Orla | saw | Nessa Holt | journey",
                        "Orla | changed | Nessa Holt | safety check",
                        "Orla | changed |  | new woman");
        assertThat(open("/studio/audit")).contains("127.0.0.1", Days.words(TODAY));
        assertThat(problems()).isEmpty();
    }

    @Test
    void isFoundByWomanPersonAndDayAndExported() throws Exception {
        as(owner, intake("=Rhea"));
        open("/people/" + people.page(owner, "Rhea", 0).women().get(0).id() + "/journey");
        assertThat(lines("?name=RHEA")).containsExactly("Orla | saw | =Rhea | journey");
        assertThat(lines("?account=" + owner.accountId() + "&from=" + TODAY + "&to=" + TODAY))
                .hasSize(4);
        assertThat(lines("?account=" + ines.accountId())).isEmpty();
        assertThat(lines("?to=" + TODAY.minusDays(1))).isEmpty();
        assertThat(open("/studio/audit?from=" + TODAY + "&to=" + TODAY.minusDays(2)))
                .contains("The last day lies before the first one");
        assertThat(open("/studio/audit?from=yesterday")).contains("yesterday");
        assertThat(open("/studio/audit.csv?name=rhea"))
                .startsWith("when,who,did,whom,what,from\r\n")
                .contains("Orla,saw,'=Rhea,journey,127.0.0.1");
    }

    @Test
    void isTheOwnersAlone() throws Exception {
        SignedIn mara = (SignedIn) accounts.loadUserByUsername("mara@boathouse.example");
        for (String address : List.of("/studio/audit", "/studio/audit.csv")) {
            assertThat(as(mara, get(address)).getStatus()).isEqualTo(403);
            assertThat(as(ines, get(address + "?name=nessa")).getContentAsString())
                    .doesNotContain("Nessa Holt");
        }
    }

    /** Twenty pages at once are twenty rows in one chain. */
    @Test
    void staysOneChainUnderManyAtOnce() throws Exception {
        ExecutorService many = Executors.newFixedThreadPool(6);
        try {
            List<Callable<String>> pages = IntStream.range(0, 20)
                    .<Callable<String>>mapToObj(i -> () -> open(her + "/journey"))
                    .toList();
            for (Future<String> page : many.invokeAll(pages)) {
                assertThat(page.get()).contains("Nessa Holt");
            }
        } finally {
            many.shutdownNow();
        }
        assertThat(store.sql("select count(*) from audit where studio_id = ?")
                        .param(owner.studioId())
                        .query(Integer.class)
                        .single())
                .isEqualTo(22);
        assertThat(problems()).isEmpty();
    }

    private List<String> problems() throws Exception {
        Connection opened = DataSourceUtils.getConnection(data);
        try {
            return AuditChain.problems(opened).stream()
                    .filter(problem -> problem.startsWith("Audit of studio " + owner.studioId() + ":"))
                    .map(problem -> problem.substring(problem.indexOf(": ") + 2))
                    .toList();
        } finally {
            DataSourceUtils.releaseConnection(opened, data);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "update audit set page = 'checks' where number = 3 and studio_id = ?                       | row 3 was changed",
                "update audit set account_id = account_id + 1 where number = 1 and studio_id = ?           | row 1 was changed",
                "update audit set happened_at = happened_at - interval '1' second where number = 2 and studio_id = ? | row 2 was changed",
                "delete from audit where number = 2 and studio_id = ?                                      | row 2 is missing",
                "delete from audit where number = 4 and studio_id = ?                                      | it ends at row 3, but row 4 was the last",
                "delete from audit where studio_id = ?                                                     | it ends at row 0, but row 4 was the last",
                "update audit set number = 7 - number where number in (3, 4) and studio_id = ?             | row 3 was changed, or stands where another stood"
            })
    void namesARowThatWasChangedTakenOutOrSwapped(String damage, String said) throws Exception {
        open(her + "/journey");
        open(her + "/checks");
        assertThat(problems()).isEmpty();
        store.sql(damage).param(owner.studioId()).update();
        assertThat(problems()).isNotEmpty();
        assertThat(problems().get(0)).contains(said);
    }
}
