package openbloom.app.studio;

import static org.assertj.core.api.Assertions.assertThat;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.OptionalLong;
import javax.crypto.spec.SecretKeySpec;
import openbloom.app.PageTest;
import openbloom.app.system.RenderedForm;
import openbloom.app.system.StudioDay;
import openbloom.app.system.StudioHttp;
import org.apache.commons.codec.binary.Base32;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Codes beside the password, over the wire, by the forms the pages render. */
class SecondFactorTest extends PageTest {
    private static final String PASSWORD = "a-lantern-by-the-quay";
    private static final String SETTINGS = "/studio/second-factor";

    @LocalServerPort
    private int port;

    @Autowired
    private StudioDay day;

    private String email;

    @BeforeEach
    void openAStudio() {
        email = "oda-" + key() + "@factor.example";
        accounts.createStudio("Slipway", "Europe/London", new NewAccount("Oda", email, PASSWORD));
    }

    /** What her app shows so many seconds from now. */
    private String shown(String secret, int later) throws Exception {
        return new TimeBasedOneTimePasswordGenerator()
                .generateOneTimePasswordString(
                        new SecretKeySpec(new Base32().decode(secret), "HmacSHA1"),
                        day.instant().plusSeconds(later));
    }

    private static Document read(StudioHttp.Page page) {
        return Jsoup.parse(page.answer().body());
    }

    private static StudioHttp.Page sent(StudioHttp studio, String action, StudioHttp.Page page, String code)
            throws Exception {
        HttpResponse<String> answer = studio.send(page.form(action).with("code", code));
        return answer.statusCode() == 302
                ? studio.open(
                        answer.headers().firstValue("Location").orElseThrow().replaceFirst("^http://[^/]+", ""))
                : new StudioHttp.Page(page.address(), answer);
    }

    /** Sets one up by the key as it stands on the page; her codes to fall back on. */
    private List<String> setUp(StudioHttp studio, String[] secret) throws Exception {
        StudioHttp.Page page = studio.open(SETTINGS);
        secret[0] = read(page).selectFirst("#secret").text().replace(" ", "");
        assertThat(studio.get(SETTINGS + "/code.svg").body()).startsWith("<svg");
        StudioHttp.Page refused = sent(studio, SETTINGS, page, "000000");
        assertThat(refused.answer().statusCode()).isEqualTo(422);
        assertThat(read(refused).select(".problem").text()).contains("Your app shows another code");
        assertThat(read(refused).selectFirst("#secret").text().replace(" ", "")).isEqualTo(secret[0]);
        StudioHttp.Page on = sent(studio, SETTINGS, refused, shown(secret[0], 0));
        return read(on).select("#codes code").eachText();
    }

    @Test
    void asksForACodeThatOpensOnce() throws Exception {
        String[] secret = new String[1];
        StudioHttp first = StudioHttp.signedIn(port, email, PASSWORD);
        List<String> codes = setUp(first, secret);
        assertThat(codes).hasSize(10).doesNotHaveDuplicates().allMatch(one -> one.matches("[a-z2-9]{5}-[a-z2-9]{5}"));
        assertThat(read(first.open(SETTINGS)).select("#codes")).as("shown once").isEmpty();

        StudioHttp second = StudioHttp.halfSignedIn(port, email, PASSWORD);
        for (String page : List.of("/", "/people", "/studio", SETTINGS, "/studio/team", "/studio/tokens")) {
            assertThat(second.open(page).address()).as(page).isEqualTo("/sign-in/code");
        }
        StudioHttp.Page asked = second.open("/people");
        StudioHttp.Page again = sent(second, "/sign-in/code", asked, shown(secret[0], 0));
        assertThat(read(again).select(".problem").text())
                .as("used when it was set up")
                .contains("no code of yours");
        StudioHttp.Page in = sent(second, "/sign-in/code", again, " " + shown(secret[0], 30));
        assertThat(in.address()).isEqualTo("/");
        assertThat(in.answer().statusCode()).isEqualTo(200);

        StudioHttp third = StudioHttp.halfSignedIn(port, email, PASSWORD);
        StudioHttp.Page once =
                sent(third, "/sign-in/code", third.open("/"), codes.get(3).toUpperCase());
        assertThat(once.address()).isEqualTo("/");
        StudioHttp fourth = StudioHttp.halfSignedIn(port, email, PASSWORD);
        assertThat(sent(fourth, "/sign-in/code", fourth.open("/"), codes.get(3)).address())
                .as("a code to fall back on opens once")
                .isEqualTo("/sign-in/code");
        assertThat(read(third.open(SETTINGS)).select("#page strong").text()).isEqualTo("9");
    }

    @Test
    void wrongCodesBecomeSlowHoweverOftenThePasswordIsRight() throws Exception {
        String[] secret = new String[1];
        List<String> codes = setUp(StudioHttp.signedIn(port, email, PASSWORD), secret);
        for (int i = 0; i < 6; i++) {
            StudioHttp guessing = StudioHttp.halfSignedIn(port, email, PASSWORD);
            sent(guessing, "/sign-in/code", guessing.open("/"), "12345" + i);
        }
        StudioHttp late = StudioHttp.halfSignedIn(port, email, PASSWORD);
        StudioHttp.Page waits = sent(late, "/sign-in/code", late.open("/"), codes.get(0));
        assertThat(read(waits).select(".problem").text()).contains("Too many wrong codes");
    }

    @Test
    void isRenewedAndSwitchedOffWithACodeAlone() throws Exception {
        String[] secret = new String[1];
        StudioHttp studio = StudioHttp.signedIn(port, email, PASSWORD);
        List<String> codes = setUp(studio, secret);
        StudioHttp.Page refused = sent(studio, SETTINGS + "/recovery-codes", studio.open(SETTINGS), "nothing-like-it");
        assertThat(refused.answer().statusCode()).isEqualTo(422);
        StudioHttp.Page renewed = sent(studio, SETTINGS + "/recovery-codes", refused, codes.get(0));
        List<String> fresh = read(renewed).select("#codes code").eachText();
        assertThat(fresh).hasSize(10).doesNotContainAnyElementsOf(codes);
        RenderedForm off =
                studio.open(SETTINGS).form(SETTINGS + "/recovery-codes").pressed(SETTINGS + "/off");
        assertThat(studio.send(off.with("code", codes.get(1))).statusCode()).isEqualTo(422);
        assertThat(studio.send(off.with("code", fresh.get(1))).statusCode()).isEqualTo(302);
        assertThat(StudioHttp.signedIn(port, email, PASSWORD).open("/people").address())
                .isEqualTo("/people");
    }

    @Test
    void aPasswordAloneOpensTheInterfaceNoMore() throws Exception {
        assertThat(asked("/api/v1/moves")).isEqualTo(200);
        setUp(StudioHttp.signedIn(port, email, PASSWORD), new String[1]);
        assertThat(asked("/api/v1/moves")).isEqualTo(403);
    }

    private int asked(String path) throws Exception {
        String basic = Base64.getEncoder().encodeToString((email + ":" + PASSWORD).getBytes(StandardCharsets.UTF_8));
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                                .header("Authorization", "Basic " + basic)
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .statusCode();
    }

    @Test
    void ownersSetOneUpFirstWhereTheStudioSaysSo() throws Exception {
        StudioHttp owner = StudioHttp.signedIn(port, email, PASSWORD);
        RenderedForm need = owner.open(SETTINGS).form("/studio/team/second-factor");
        HttpResponse<String> tooSoon = owner.send(need.with("ownersNeedOne", "true"));
        assertThat(tooSoon.statusCode()).isEqualTo(422);
        assertThat(Jsoup.parse(tooSoon.body()).select(".problem").text())
                .contains("Set up your own second factor first");
        setUp(owner, new String[1]);
        assertThat(owner.send(need.with("ownersNeedOne", "true")).statusCode()).isEqualTo(302);

        long studioId = ((SignedIn) accounts.loadUserByUsername(email)).studioId();
        String mate = "nan-" + key() + "@factor.example";
        accounts.addInstructor(studioId, new NewAccount("Nan", mate, PASSWORD));
        StudioHttp nan = StudioHttp.signedIn(port, mate, PASSWORD);
        assertThat(nan.open("/people").address()).as("no owner").isEqualTo("/people");
        assertThat(nan.open(SETTINGS).forms()).noneMatch(form -> form.action().equals("/studio/team/second-factor"));
        StudioHttp.Page team = owner.open("/studio/team");
        RenderedForm promoted = team.forms().stream()
                .filter(form -> form.action().endsWith("/role"))
                .filter(form -> form.fields().toString().contains("INSTRUCTOR"))
                .findFirst()
                .orElseThrow();
        owner.send(promoted.with("role", "OWNER"));
        assertThat(nan.open("/people").address()).isEqualTo(SETTINGS);
        setUp(nan, new String[1]);
        assertThat(nan.open("/people").address()).isEqualTo("/people");

        String offFor = owner.open("/studio/team").forms().stream()
                .map(RenderedForm::action)
                .filter(action -> action.endsWith("/second-factor-off"))
                .reduce((one, last) -> last)
                .orElseThrow();
        StudioHttp stranger = StudioHttp.signedIn(port, "ines@boathouse.example", "tarnmouth-demo");
        assertThat(stranger.send(owner.open("/studio/team").form(offFor)).statusCode())
                .as("of another studio")
                .isIn(403, 404);
    }

    /** RFC 6238, appendix B, for SHA-1 and the secret 12345678901234567890: the last six digits of its table (from memory). */
    @ParameterizedTest
    @CsvSource({
        "1970-01-01T00:00:59Z, 287082, 1",
        "2005-03-18T01:58:29Z, 081804, 37037036",
        "2009-02-13T23:31:30Z, 005924, 41152263",
        "2033-05-18T03:33:20Z, 279037, 66666666"
    })
    void makesTheCodesOfThePublishedTable(Instant at, String code, long step) {
        String secret = new Base32().encodeToString("12345678901234567890".getBytes(StandardCharsets.US_ASCII));
        assertThat(OneTimeCodes.stepOf(code, secret, at)).isEqualTo(OptionalLong.of(step));
        assertThat(OneTimeCodes.stepOf(code, secret, at.plusSeconds(30))).isEqualTo(OptionalLong.of(step));
        assertThat(OneTimeCodes.stepOf(code, secret, at.plusSeconds(90))).isEmpty();
    }
}
