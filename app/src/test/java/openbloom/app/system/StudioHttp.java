package openbloom.app.system;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;

/** Somebody at a browser without scripts: signed in over the wire, she opens pages and sends the forms they render. */
public final class StudioHttp {
    private static final String BOUNDARY = "bloom-form-boundary";

    private final int port;
    private final CookieManager kept;
    private final HttpClient http;

    private StudioHttp(int port, CookieManager kept) {
        this.port = port;
        this.kept = kept;
        this.http = HttpClient.newBuilder()
                .cookieHandler(kept)
                .followRedirects(HttpClient.Redirect.NEVER)
                .build();
    }

    /** Nobody yet. */
    public static StudioHttp at(int port) {
        return new StudioHttp(port, new CookieManager());
    }

    /** The same browser at another process of the same studio. */
    public StudioHttp movedTo(int other) {
        return other == port ? this : new StudioHttp(other, kept);
    }

    public static StudioHttp signedIn(int port, String email, String password)
            throws IOException, InterruptedException {
        StudioHttp one = at(port);
        one.signIn(email, password, "/");
        return one;
    }

    /** Signed in by password where a code is wanted as well. */
    public static StudioHttp halfSignedIn(int port, String email, String password)
            throws IOException, InterruptedException {
        StudioHttp one = at(port);
        one.signIn(email, password, "/sign-in/code");
        return one;
    }

    public void signIn(String email, String password, String leadsTo) throws IOException, InterruptedException {
        RenderedForm form = RenderedForm.to("/sign-in", get("/sign-in").body(), "/sign-in")
                .with("email", email)
                .with("password", password);
        HttpResponse<String> in = send(form);
        if (!in.headers().firstValue("Location").orElse("").endsWith(leadsTo)) {
            throw new AssertionError(
                    "Signing in led to " + in.statusCode() + " " + in.headers().map());
        }
    }

    /** What a browser would send as its cookies. */
    String cookies() {
        return kept.getCookieStore().getCookies().stream()
                .map(HttpCookie::toString)
                .collect(Collectors.joining("; "));
    }

    public HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return ask(HttpRequest.newBuilder(address(path)).GET());
    }

    /** The page behind an address, wherever it leads. */
    public Page open(String path) throws IOException, InterruptedException {
        String address = path;
        HttpResponse<String> answer = get(address);
        for (int hops = 0; hops < 5 && answer.headers().firstValue("Location").isPresent(); hops++) {
            address = address(address)
                    .resolve(answer.headers().firstValue("Location").orElseThrow())
                    .toString()
                    .replaceFirst("^http://[^/]+", "");
            answer = get(address);
        }
        return new Page(address, answer);
    }

    /** A page with the address it was found at. */
    public record Page(String address, HttpResponse<String> answer) {
        public List<RenderedForm> forms() {
            return RenderedForm.all(answer.body(), address);
        }

        public RenderedForm form(String action) {
            return RenderedForm.to(action, answer.body(), address);
        }

        /** Addresses of the studio that its links lead to, in their order; files that a page is made of are none. */
        public List<String> links() {
            return Jsoup.parse(answer.body(), "http://localhost" + address).select("a[href]").stream()
                    .map(link -> link.absUrl("href")
                            .replaceFirst("^http://localhost", "")
                            .replaceAll("#.*", ""))
                    .filter(href -> href.startsWith("/") && !href.matches("/(webjars|js|css)/.*"))
                    .toList();
        }

        public boolean isPage() {
            return answer.statusCode() == 200
                    && answer.headers().firstValue("Content-Type").orElse("").startsWith("text/html");
        }
    }

    public HttpResponse<String> send(RenderedForm form) throws IOException, InterruptedException {
        String body = form.body(BOUNDARY);
        if (!form.isPost()) {
            return get(form.action() + (form.action().contains("?") ? "&" : "?") + body);
        }
        String type =
                form.isMultipart() ? "multipart/form-data; boundary=" + BOUNDARY : "application/x-www-form-urlencoded";
        return ask(HttpRequest.newBuilder(address(form.action()))
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    private HttpResponse<String> ask(HttpRequest.Builder request) throws IOException, InterruptedException {
        return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private URI address(String path) {
        return URI.create("http://localhost:" + port + path);
    }
}
