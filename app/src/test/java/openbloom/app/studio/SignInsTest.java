package openbloom.app.studio;

import static org.assertj.core.api.Assertions.assertThat;

import openbloom.app.PageTest;
import openbloom.app.system.StudioHttp;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Somebody sees where she is signed in and ends the others, over the wire. */
class SignInsTest extends PageTest {
    private static final String PASSWORD = "a-lantern-by-the-quay";

    @LocalServerPort
    private int port;

    private String email;

    @BeforeEach
    void openAStudio() {
        email = "orla-" + key() + "@sign-in.example";
        accounts.createStudio("Slipway", "Europe/London", new NewAccount("Orla", email, PASSWORD));
    }

    private static int rows(StudioHttp.Page page) {
        return Jsoup.parse(page.answer().body()).select("tbody tr").size();
    }

    @Test
    void endsEveryOtherAndGoesOnHere() throws Exception {
        StudioHttp studio = StudioHttp.signedIn(port, email, PASSWORD);
        StudioHttp phone = StudioHttp.signedIn(port, email, PASSWORD);
        StudioHttp.Page list = studio.open("/studio/sign-ins");
        assertThat(rows(list)).isEqualTo(2);
        assertThat(Jsoup.parse(list.answer().body()).select("tbody strong").eachText())
                .containsExactly("this one");
        assertThat(phone.open("/people").answer().statusCode()).isEqualTo(200);
        studio.send(list.forms().stream()
                .filter(form -> form.action().equals("/studio/sign-ins"))
                .findFirst()
                .orElseThrow());
        assertThat(rows(studio.open("/studio/sign-ins"))).isEqualTo(1);
        StudioHttp.Page gone = phone.open("/people");
        assertThat(gone.answer().uri().getPath() + " " + gone.answer().statusCode() + " "
                        + gone.answer().headers().firstValue("Location").orElse(""))
                .contains("/sign-in");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Mozilla/5.0 (X11; Linux x86_64; rv:128.0) Gecko/20100101 Firefox/128.0 | Firefox on Linux",
                "Mozilla/5.0 (Windows NT 10.0) AppleWebKit/537.36 Chrome/126.0 Safari/537.36 Edg/126.0 | Edge on Windows",
                "Mozilla/5.0 (iPhone; CPU iPhone OS 17_5 like Mac OS X) Version/17.5 Mobile Safari/604.1 | Safari on iPhone",
                "curl/8.0 | a browser"
            })
    void namesABrowserPeopleKnow(String told, String said) {
        assertThat(SignIns.browser(told)).isEqualTo(said);
    }
}
