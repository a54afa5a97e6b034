package openbloom.app;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, which asks nothing of the network by itself; the build of it without windows where there is one, since it takes half the time. */
public final class Chromium {
    private static final Path WITHOUT_WINDOWS = Path.of("/usr/bin/chromium-headless-shell");
    private static final Path WITH_WINDOWS = Path.of("/usr/bin/chromium");

    private static final List<String> QUIET = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private Chromium() {}

    public static Playwright playwright() {
        return Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    }

    public static Browser launchedBy(Playwright playwright) {
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Files.exists(WITHOUT_WINDOWS) ? WITHOUT_WINDOWS : WITH_WINDOWS)
                        .setArgs(QUIET));
    }
}
