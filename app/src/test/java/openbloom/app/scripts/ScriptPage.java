package openbloom.app.scripts;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Route;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.util.Map;
import openbloom.app.Chromium;

/** An empty page in Chromium that can import the application's scripts and those of test packages, without a server. */
final class ScriptPage implements AutoCloseable {
    private static final String ORIGIN = "http://scripts.test";
    private static final Map<String, String> TYPES =
            Map.of("js", "text/javascript", "mjs", "text/javascript", "css", "text/css");

    private final Playwright playwright = Chromium.playwright();
    private final Page page = Chromium.launchedBy(playwright).newPage();

    ScriptPage() {
        page.route("**/*", ScriptPage::answer);
        page.navigate(ORIGIN + "/");
    }

    /** What a function of one argument answers there; it may import from {@code /js/} and {@code /webjars/}. */
    Object ask(String function, Object argument) {
        return page.evaluate(function, argument);
    }

    private static void answer(Route route) {
        String path = URI.create(route.request().url()).getPath();
        if (path.equals("/")) {
            route.fulfill(new Route.FulfillOptions()
                    .setContentType("text/html; charset=utf-8")
                    .setBody("<!doctype html><title>scripts</title>"));
            return;
        }
        String from = path.startsWith("/webjars/") ? "/META-INF/resources" + path : "/static" + path;
        try (InputStream file = ScriptPage.class.getResourceAsStream(from)) {
            if (file == null) {
                route.fulfill(new Route.FulfillOptions().setStatus(404));
                return;
            }
            String ending = path.substring(path.lastIndexOf('.') + 1);
            route.fulfill(new Route.FulfillOptions()
                    .setContentType(TYPES.getOrDefault(ending, "text/plain") + "; charset=utf-8")
                    .setBodyBytes(file.readAllBytes()));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    @Override
    public void close() {
        playwright.close();
    }
}
