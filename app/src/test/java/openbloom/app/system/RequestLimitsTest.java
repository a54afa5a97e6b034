package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import openbloom.app.DemoServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Over the wire: what is too long is refused before it is read, what is garbled is said to be, and nothing answers 500. */
@DemoServer
class RequestLimitsTest {
    private static final String JSON = "application/json";
    private static final String WOMAN = "\"client\":{\"births\":1,\"babies\":1,\"ageYears\":33}";

    @LocalServerPort
    private int port;

    private final HttpClient http = HttpClient.newHttpClient();

    private HttpRequest.Builder at(String path) {
        String who = Base64.getEncoder()
                .encodeToString("ines@boathouse.example:tarnmouth-demo".getBytes(StandardCharsets.UTF_8));
        return HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                .header("Authorization", "Basic " + who);
    }

    private HttpResponse<String> post(String path, String type, BodyPublisher body) throws Exception {
        return http.send(
                at(path).header("Content-Type", type).POST(body).build(), HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> json(String path, String body) throws Exception {
        return post(path, JSON, BodyPublishers.ofString(body));
    }

    /** 60 MB with its length told: refused at once; the connection may be closed on what is still being sent. */
    @ParameterizedTest
    @CsvSource({"/api/v1/verdicts, application/json", "/sign-in, application/x-www-form-urlencoded"})
    void sixtyMegabytesCostARefusal(String path, String type) throws Exception {
        try {
            assertThat(post(path, type, BodyPublishers.ofByteArray(new byte[60_000_000]))
                            .statusCode())
                    .isEqualTo(413);
        } catch (IOException closed) {
            assertThat(closed).hasMessageMatching("(?s).*(reset|closed|EOF|Broken|bytes).*");
        }
        assertThat(json("/api/v1/verdicts", "{" + WOMAN + ",\"onDate\":\"2026-11-25\",\"moves\":[]}")
                        .statusCode())
                .isEqualTo(200);
    }

    @Test
    void aBodyWithoutALengthIsReadUpToItsLimit() throws Exception {
        byte[] blanks = " ".repeat(2_500_000).getBytes(StandardCharsets.UTF_8);
        BodyPublisher chunked = BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(blanks));
        try {
            assertThat(post("/api/v1/verdicts", JSON, chunked).statusCode()).isIn(400, 413);
        } catch (IOException closed) {
            assertThat(closed).isNotNull();
        }
    }

    @Test
    void namesAndNumberOfFieldsAreLimitedLikeValues() throws Exception {
        String longName = "a".repeat(900_000) + "=1";
        String many = IntStream.range(0, 900).mapToObj(i -> "f" + i + "=1").collect(Collectors.joining("&"));
        String form = "application/x-www-form-urlencoded";
        assertThat(post("/first", form, BodyPublishers.ofString(longName)).statusCode())
                .isEqualTo(400);
        assertThat(post("/first", form, BodyPublishers.ofString(many)).statusCode())
                .isEqualTo(400);
        assertThat(post("/first", form, BodyPublishers.ofString("name%5B0%5D=x&conditions%5B99999999%5D=y"))
                        .statusCode())
                .isEqualTo(400);
        assertThat(post("/first", form, BodyPublishers.ofString("a=%zz")).statusCode())
                .isEqualTo(400);
    }

    @Test
    void aMultipartWithoutBoundaryIsNoErrorOfOurs() throws Exception {
        assertThat(post("/people/1/bench/file", "multipart/form-data", BodyPublishers.ofString("x"))
                        .statusCode())
                .isBetween(300, 499);
        assertThat(post("/moves/own/yaml", "multipart/form-data; boundary=", BodyPublishers.ofString("x"))
                        .statusCode())
                .isBetween(300, 499);
    }

    @ParameterizedTest
    @ValueSource(strings = {"text/html", "garbled///;;q=x", "image/png", "*/*;q=0", "application/xml"})
    void whateverIsAcceptedTheAnswerIsAProblemOrJson(String accept) throws Exception {
        HttpResponse<String> answer = http.send(
                at("/api/v1/moves/heel-slide").header("Accept", accept).build(), HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isIn(200, 406);
        HttpResponse<String> page =
                http.send(at("/sign-in").header("Accept", accept).build(), HttpResponse.BodyHandlers.ofString());
        assertThat(page.statusCode()).isIn(200, 406);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/v1/verdicts|{WOMAN,'onDate':'2026-11-25','moves':[null]}|moves[0]",
                "/api/v1/verdicts|{WOMAN,'onDate':'-999999999-01-01'}|onDate",
                "/api/v1/verdicts|{WOMAN,'onDate':'+999999999-01-01'}|onDate",
                "/api/v1/verdicts|{'client':{'births':1,'babies':1,'ageYears':33,'pregnancy':{'dueDate':'-999999999-01-01'}},'onDate':'2026-11-25'}|client.pregnancy.dueDate",
                "/api/v1/season|{WOMAN,'from':'-999999999-01-01','to':'2026-11-25'}|from",
                "/api/v1/dating|{'onDate':'2026-11-25','lastPeriod':'9999-12-31'}|lastPeriod",
                "/api/v1/sessions|{WOMAN,'onDate':'2026-11-25','minutes':20,'recent':[null,[null]]}|recent[1]",
                "/api/v1/gap/change|{'readings':[null],'repeatabilityMm':1e308}|repeatabilityMm",
                "/api/v1/gap/interpretation|{'readings':[null]}|readings[0]"
            })
    void namesTheFieldOfWhatMakesNoSense(String path, String body, String field) throws Exception {
        HttpResponse<String> answer = json(path, body.replace("WOMAN", WOMAN).replace('\'', '"'));
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
        assertThat(answer.body()).contains("\"" + field + "\"");
    }

    @Test
    void aTraceWithImpossibleValuesIsRefusedWithItsLine() throws Exception {
        String trace = "time_s,value\n0,1\n0.1,1e308\n0.2,-1e308\n";
        HttpResponse<String> answer =
                post("/api/v1/pelvic-floor/trace?unit=cmH2O", "text/csv", BodyPublishers.ofString(trace));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("Line 3");
    }

    @Test
    void redirectsAreRelativeAndForwardedHeadersCountOnlyWhenSwitchedOn() throws Exception {
        HttpRequest page = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/people"))
                .header("X-Forwarded-Host", "evil.example")
                .header("X-Forwarded-Proto", "https")
                .build();
        HttpResponse<String> answer = http.send(page, HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(302);
        assertThat(answer.headers().firstValue("Location").orElse("")).isEqualTo("/sign-in");
        assertThat(answer.headers().firstValue("Strict-Transport-Security")).isEmpty();
    }
}
