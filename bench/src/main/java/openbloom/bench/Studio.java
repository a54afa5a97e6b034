package openbloom.bench;

import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A running application, and somebody signed in to it. */
final class Studio implements AutoCloseable {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" content=\"([^\"]+)\"");
    private static final long LONGEST_START_MS = 120_000;

    private final Process process;
    private final int port;

    private Studio(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    /** Starts a command and waits for its first page. */
    static Studio start(List<String> command, Map<String, String> environment, int port) throws Exception {
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.to(new File("bench/target/studio-" + port + ".log")));
        builder.environment().putAll(environment);
        builder.environment().put("PORT", String.valueOf(port));
        Studio studio = new Studio(builder.start(), port);
        long until = System.currentTimeMillis() + LONGEST_START_MS;
        while (!studio.answers()) {
            if (System.currentTimeMillis() > until || !studio.process.isAlive()) {
                throw new IllegalStateException("The studio did not come up; see bench/target/studio-" + port + ".log");
            }
            Thread.sleep(20);
        }
        return studio;
    }

    private boolean answers() throws InterruptedException {
        try {
            HttpRequest first = HttpRequest.newBuilder(at("/sign-in")).build();
            return HttpClient.newHttpClient()
                            .send(first, HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    < 500;
        } catch (IOException notYet) {
            return false;
        }
    }

    URI at(String path) {
        return URI.create("http://127.0.0.1:" + port + path);
    }

    /** Somebody with a session of her own. */
    HttpClient signedIn(String email, String password) throws Exception {
        HttpClient browser =
                HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        post(browser, "/sign-in", Map.of("email", email, "password", password));
        return browser;
    }

    void post(HttpClient browser, String path, Map<String, String> fields) throws Exception {
        String page = browser.send(HttpRequest.newBuilder(at(path)).build(), HttpResponse.BodyHandlers.ofString())
                .body();
        Matcher token = TOKEN.matcher(page);
        if (!token.find()) {
            throw new IllegalStateException("No form at " + path);
        }
        String body = "_csrf=" + token.group(1) + "&"
                + fields.entrySet().stream()
                        .map(field ->
                                field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                        .collect(Collectors.joining("&"));
        HttpRequest form = HttpRequest.newBuilder(at(path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        int status = browser.send(form, HttpResponse.BodyHandlers.discarding()).statusCode();
        if (status >= 400) {
            throw new IllegalStateException(path + " answered " + status);
        }
    }

    /** Milliseconds until a page has come whole. */
    double millis(HttpClient browser, String path) throws Exception {
        long from = System.nanoTime();
        HttpResponse<byte[]> answer =
                browser.send(HttpRequest.newBuilder(at(path)).build(), HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + " answered " + answer.statusCode());
        }
        return (System.nanoTime() - from) / 1e6;
    }

    /** What a page says. */
    String text(HttpClient browser, String path) throws Exception {
        return browser.send(HttpRequest.newBuilder(at(path)).build(), HttpResponse.BodyHandlers.ofString())
                .body();
    }

    /** What an address sends, as it comes. */
    InputStream stream(HttpClient browser, String path) throws Exception {
        HttpResponse<InputStream> answer =
                browser.send(HttpRequest.newBuilder(at(path)).build(), HttpResponse.BodyHandlers.ofInputStream());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + " answered " + answer.statusCode());
        }
        return answer.body();
    }

    int status(HttpClient browser, String path) throws Exception {
        return browser.send(HttpRequest.newBuilder(at(path)).build(), HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    /** Milliseconds the processor has worked for it since it started. */
    double cpuMillis() {
        return process.info().totalCpuDuration().orElseThrow().toNanos() / 1e6;
    }

    @Override
    public void close() throws InterruptedException {
        process.destroy();
        if (!process.waitFor(20, TimeUnit.SECONDS)) {
            process.destroyForcibly();
        }
    }
}
