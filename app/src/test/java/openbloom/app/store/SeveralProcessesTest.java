package openbloom.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import openbloom.app.OpenBloom;
import openbloom.app.system.RenderedForm;
import openbloom.app.system.StudioHttp;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Two processes on one served file, killed in turn while women are taken in through both, and the server of the file once: what
 * was acknowledged is there, once, and who was signed in still is. {@code -Dbloom.kills=50} kills fifty times.
 */
class SeveralProcessesTest {
    private static final int KILLS = Integer.getInteger("bloom.kills", 1);
    private static final int KEPT_BETWEEN_KILLS = 12;
    private static final String OWNER = "una@harbour.example";
    private static final String PASSWORD = "a-lantern-by-the-quay";

    @TempDir
    private Path home;

    private final int database = free();
    private final List<Process> started = new ArrayList<>();
    private final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
    /** What each of those who send saw last, told if one of them never comes to an end. */
    private final Map<String, String> lastSeen = new ConcurrentHashMap<>();

    private final Map<Integer, StudioHttp> browsers = new ConcurrentHashMap<>();
    private final AtomicInteger keptUnanswered = new AtomicInteger();

    /** One that was started, and where it answers. */
    private record Started(Process process, int port) {}

    @AfterEach
    void stopAll() {
        started.forEach(process -> process.toHandle().destroyForcibly());
    }

    private static int free() {
        try (ServerSocket any = new ServerSocket(0)) {
            return any.getLocalPort();
        } catch (IOException none) {
            throw new AssertionError(none);
        }
    }

    private Process java(Map<String, String> environment, String... words) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Dspring.main.lazy-initialization=true",
                "-cp",
                System.getProperty("java.class.path"),
                OpenBloom.class.getName()));
        command.addAll(List.of(words));
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(new File(home.toFile(), "said.log")));
        builder.environment().put("BLOOM_HOME", home.toString());
        builder.environment().putAll(environment);
        Process process = builder.start();
        started.add(process);
        return process;
    }

    private Started served() throws Exception {
        int before = said().split("is served to this machine", -1).length;
        Process process = java(Map.of("BLOOM_DB_PORT", String.valueOf(database)), "db");
        until(() -> said().split("is served to this machine", -1).length > before);
        return new Started(process, database);
    }

    private Started instance() throws Exception {
        int port = free();
        Process process = java(Map.of("BLOOM_DB", "127.0.0.1:" + database, "PORT", String.valueOf(port)));
        return new Started(process, port);
    }

    private Started answering(Started one) throws Exception {
        until(() -> {
            try {
                return StudioHttp.at(one.port()).get("/actuator/health").statusCode() == 200;
            } catch (IOException notYet) {
                assertThat(one.process().isAlive()).as(said()).isTrue();
                return false;
            }
        });
        return one;
    }

    private String said() throws IOException {
        Path log = home.resolve("said.log");
        return Files.exists(log) ? Files.readString(log) : "";
    }

    /** Something that is waited for. */
    private interface Waited {
        boolean isSo() throws Exception;
    }

    private static void until(Waited waited) throws Exception {
        Instant end = Instant.now().plus(Duration.ofMinutes(10));
        while (!waited.isSo()) {
            assertThat(Instant.now()).isBefore(end);
            TimeUnit.MILLISECONDS.sleep(100);
        }
    }

    @Test
    void whatWasAcknowledgedIsThereOnceWhoeverIsKilled() throws Exception {
        Started server = served();
        Started[] both = {instance(), instance()};
        assertThat(new StartupChecks(StudioStore.of(home, "")).problem().orElse(""))
                .contains("is open already", "BLOOM_DB");
        answering(both[0]);
        answering(both[1]);
        StudioHttp una = StudioHttp.at(both[0].port());
        una.send(RenderedForm.to("/first", una.get("/first").body(), "/first")
                .with("studio", "Harbour House")
                .with("name", "Una")
                .with("email", OWNER)
                .with("password", PASSWORD));
        una.signIn(OWNER, PASSWORD, "/");
        assertThat(browser(una, both[1]).get("/people").statusCode())
                .as("signed in at one, known at the other")
                .isEqualTo(200);

        AtomicBoolean goesOn = new AtomicBoolean(true);
        ExecutorService two = Executors.newFixedThreadPool(2);
        for (int thread = 0; thread < 2; thread++) {
            String name = "Woman " + thread + " ";
            int first = thread;
            two.submit(() -> takeIn(una, both, first, name, goesOn));
        }
        for (int kill = 0; kill < KILLS; kill++) {
            int enough = acknowledged.size() + KEPT_BETWEEN_KILLS;
            until(() -> acknowledged.size() >= enough);
            int which = kill % 2;
            both[which].process().toHandle().destroyForcibly();
            both[which] = kill < KILLS - 1 ? answering(instance()) : both[1 - which];
        }
        int enough = acknowledged.size() + KEPT_BETWEEN_KILLS;
        until(() -> acknowledged.size() >= enough);
        server.process().toHandle().destroyForcibly();
        server.process().waitFor();
        for (Started one : both) {
            HttpResponse<String> away = browser(una, one).get("/people");
            assertThat(away.statusCode()).as("no store, and no failure of ours").isEqualTo(503);
            assertThat(away.body()).contains("The store does not answer just now.");
        }
        served();
        int afterwards = acknowledged.size() + KEPT_BETWEEN_KILLS;
        until(() -> acknowledged.size() >= afterwards);
        goesOn.set(false);
        two.shutdown();
        assertThat(two.awaitTermination(2, TimeUnit.MINUTES))
                .as(() -> "still sending: " + lastSeen)
                .isTrue();

        Map<String, Integer> kept = kept();
        assertThat(kept.keySet()).containsAll(acknowledged);
        assertThat(kept.values())
                .as("each once")
                .allSatisfy(times -> assertThat(times).isEqualTo(1));
        for (Started one : both) {
            assertThat(browser(una, one).get("/people").statusCode())
                    .as("still signed in")
                    .isEqualTo(200);
        }
        try (Connection opened = store().open()) {
            assertThat(Verification.problems(opened)).isEmpty();
        }
        System.out.println("Killed " + KILLS + " times and the server once: " + acknowledged.size()
                + " women acknowledged, " + keptUnanswered + " of them kept before the answer was lost, " + kept.size()
                + " there.");
    }

    /** One woman after the other; a form whose answer was lost is sent again, at the other process, until it is answered. */
    private void takeIn(StudioHttp una, Started[] both, int first, String name, AtomicBoolean goesOn) {
        int at = first;
        for (int number = 0; goesOn.get(); number++) {
            RenderedForm form = null;
            while (true) {
                try {
                    StudioHttp here = browser(una, both[at]);
                    if (form == null) {
                        form = here.open("/people/new")
                                .form("/people")
                                .with("name", name + number)
                                .with("birthYear", "1990")
                                .with("situation", "NEITHER");
                    }
                    var answer = here.send(form);
                    lastSeen.put(
                            name,
                            answer.statusCode() + " "
                                    + Jsoup.parse(answer.body()).text());
                    boolean before = answer.body().contains("This was saved");
                    if (answer.statusCode() == 302
                                    && answer.headers()
                                            .firstValue("Location")
                                            .orElse("")
                                            .contains("/people/")
                            || before) {
                        keptUnanswered.addAndGet(before ? 1 : 0);
                        acknowledged.add(name + number);
                        pause();
                        break;
                    }
                    pause();
                } catch (IOException | AssertionError | RuntimeException gone) {
                    lastSeen.put(name, gone.toString());
                    at = 1 - at;
                    pause();
                } catch (InterruptedException stopped) {
                    Thread.currentThread().interrupt();
                    return;
                }
            }
        }
    }

    private StudioHttp browser(StudioHttp una, Started at) {
        return browsers.computeIfAbsent(at.port(), una::movedTo);
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(100);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private StudioStore store() {
        return StudioStore.of(home, "", "127.0.0.1:" + database);
    }

    private Map<String, Integer> kept() throws SQLException {
        Map<String, Integer> kept = new HashMap<>();
        try (Connection opened = store().open();
                Statement statement = opened.createStatement();
                ResultSet rows = statement.executeQuery("select name from woman")) {
            while (rows.next()) {
                kept.merge(rows.getString(1), 1, Integer::sum);
            }
        }
        return kept;
    }

    /** Nobody without the key of the folder is let in, and each thing that can be wrong is one sentence. */
    @Test
    void aServedFileOpensToItsKeyAlone(@TempDir Path elsewhere) throws Exception {
        StudioStore own = StudioStore.of(home, "");
        try (DatabaseServer server = DatabaseServer.start(own, 0)) {
            String at = "127.0.0.1:" + server.port();
            StudioStore served = StudioStore.of(home, "", at);
            assertThat(new StartupChecks(served).problem()).isEmpty();
            assertThat(new StartupChecks(StudioStore.of(elsewhere, "", at))
                            .problem()
                            .orElse(""))
                    .contains("key of the server", "cannot be read");
            Files.writeString(elsewhere.resolve(StudioStore.SERVER_KEY), "another-key-another-key");
            assertThat(new StartupChecks(StudioStore.of(elsewhere, "", at))
                            .problem()
                            .orElse(""))
                    .contains("serves another studio");
            Set<String> rights = new HashSet<>();
            Files.getPosixFilePermissions(served.serverKeyFile()).forEach(right -> rights.add(right.toString()));
            assertThat(rights).containsExactlyInAnyOrder("OWNER_READ", "OWNER_WRITE");
        }
        assertThat(new StartupChecks(StudioStore.of(home, "", "127.0.0.1:" + free()))
                        .problem()
                        .orElse(""))
                .contains("No studio is served at");
        assertThat(new StartupChecks(own).problem()).as("closed again").isEmpty();
    }
}
