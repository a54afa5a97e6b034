package openbloom.app.store;

import java.io.IOException;
import java.io.PrintStream;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;

/**
 * What {@code ./bloom} does with a studio besides starting it: {@code backup [FILE]}, {@code restore FILE [--replace]},
 * {@code encrypt}, {@code verify}, {@code db}, {@code studio add NAME ZONE OWNER EMAIL}, {@code second-factor-off EMAIL}. Says what it did, or why not, in one sentence.
 */
public final class Operator {
    /** The first words it understands. */
    public static final List<String> WORDS =
            List.of("backup", "restore", "encrypt", "verify", "studio", "second-factor-off", "db");

    private static final String REPLACE = "--replace";
    private static final int DATABASE_PORT = 9092;
    private static final int HIGHEST_PORT = 65_535;

    private final Map<String, String> environment;
    private final Clock clock;
    private final PrintStream out;

    public Operator(Map<String, String> environment, Clock clock, PrintStream out) {
        this.environment = environment;
        this.clock = clock;
        this.out = out;
    }

    /** 0 when it was done, 1 when it was not possible, 2 when it was not understood. */
    public int run(List<String> words) {
        try {
            StudioStore store = StudioStore.of(
                    Path.of(environment.getOrDefault("BLOOM_HOME", "./data")),
                    environment.getOrDefault("BLOOM_KEY_FILE", ""),
                    environment.getOrDefault("BLOOM_DB", ""));
            List<String> rest = words.subList(1, words.size());
            return switch (words.get(0)) {
                case "backup" ->
                    rest.size() > 1 ? unclear() : backUp(store, rest.stream().findFirst());
                case "restore" -> restore(store, rest);
                case "verify" -> rest.isEmpty() ? verify(store) : unclear();
                case "studio" -> rest.size() == 5 && rest.get(0).equals("add") ? addStudio(store, rest) : unclear();
                case "second-factor-off" -> rest.size() == 1 ? factorOff(store, rest.get(0)) : unclear();
                case "db" -> rest.isEmpty() ? serve(store.itself()) : unclear();
                default -> rest.isEmpty() ? encrypt(store) : unclear();
            };
        } catch (NotPossible why) {
            out.println(why.getMessage());
            return 1;
        }
    }

    private int unclear() {
        out.println("Say ./bloom backup [FILE], ./bloom restore FILE [--replace], ./bloom encrypt, ./bloom verify,"
                + " ./bloom db, ./bloom studio add NAME ZONE OWNER EMAIL or ./bloom second-factor-off EMAIL.");
        return 2;
    }

    private int backUp(StudioStore store, Optional<String> file) {
        Optional<Path> target = file.map(name -> Path.of(name).toAbsolutePath().normalize());
        String query = target.map(path -> "?file=" + code(path.toString())).orElse("");
        Optional<String> asked = running(store).flatMap(running -> ask(running, "backup" + query));
        out.println(asked.orElseGet(() -> OperatorController.said(closed(store, target))));
        return 0;
    }

    /** Whoever may open a file that is served opens it, too, and asks nobody. */
    private static Optional<RunningMark.Running> running(StudioStore store) {
        return store.isServed() ? Optional.empty() : RunningMark.Running.in(store.folder());
    }

    /** Until it is stopped from outside. */
    private int serve(StudioStore store) {
        DatabaseServer server = DatabaseServer.start(store, port());
        Runtime.getRuntime().addShutdownHook(new Thread(server::close));
        out.println("The studio in " + store.folder()
                + " is served to this machine. Start the others with BLOOM_DB=127.0.0.1:" + server.port() + ".");
        try {
            new CountDownLatch(1).await();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        return 0;
    }

    private int port() {
        String typed = environment.getOrDefault("BLOOM_DB_PORT", String.valueOf(DATABASE_PORT));
        try {
            int port = Integer.parseInt(typed.strip());
            if (port >= 0 && port <= HIGHEST_PORT) {
                return port;
            }
        } catch (NumberFormatException none) {
            // Said below.
        }
        throw new NotPossible(
                "BLOOM_DB_PORT is \"" + typed + "\", but must be a whole number from 0 to " + HIGHEST_PORT + ".");
    }

    private static String code(String word) {
        return URLEncoder.encode(word, StandardCharsets.UTF_8);
    }

    private int addStudio(StudioStore store, List<String> rest) {
        NewStudio wanted = new NewStudio(rest.get(1), rest.get(2), rest.get(3), rest.get(4));
        String query = "studio?name=" + code(wanted.name()) + "&zone=" + code(wanted.zone()) + "&owner="
                + code(wanted.owner()) + "&email=" + code(wanted.email());
        return said(store, query, opened -> wanted.said(wanted.made(opened, clock.instant())));
    }

    private int factorOff(StudioStore store, String email) {
        return said(store, "second-factor-off?email=" + code(email), opened -> FactorOff.of(opened, email));
    }

    /** Done by the running application if there is one, and here otherwise. */
    private int said(StudioStore store, String query, Work here) {
        out.println(running(store).flatMap(running -> ask(running, query)).orElseGet(() -> done(store, here)));
        return 0;
    }

    /** Something done with the store. */
    interface Work {
        String on(Connection opened) throws SQLException;
    }

    private static String done(StudioStore store, Work work) {
        opening(store);
        try (Connection opened = store.open()) {
            return work.on(opened);
        } catch (SQLException refused) {
            throw new NotPossible("There is no studio in " + store.folder() + ", or it cannot be opened.", refused);
        }
    }

    /** Empty if nobody answers: the mark was left behind by one that was killed. */
    private static Optional<String> ask(RunningMark.Running running, String what) {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://" + running.address() + "/operator/" + what))
                .header(OperatorController.SECRET, running.secret())
                .POST(HttpRequest.BodyPublishers.noBody())
                .build();
        try {
            HttpResponse<String> answer =
                    HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() == 409) {
                throw new NotPossible(answer.body());
            }
            return answer.statusCode() == 200 ? Optional.of(answer.body()) : Optional.empty();
        } catch (IOException nobody) {
            return Optional.empty();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new NotPossible("The backup was interrupted.");
        }
    }

    private Backups.BackupMade closed(StudioStore store, Optional<Path> target) {
        opening(store);
        Backups backups = new Backups(
                store,
                Path.of(environment.getOrDefault(
                        "BLOOM_BACKUPS", store.folder().resolve("backups").toString())));
        try (Connection opened = store.open()) {
            return target.isPresent() ? backups.into(opened, target.get()) : backups.madeAt(opened, now());
        } catch (SQLException refused) {
            throw new NotPossible("There is no studio in " + store.folder() + ", or it cannot be opened.", refused);
        }
    }

    private int restore(StudioStore store, List<String> rest) {
        List<String> files = rest.stream().filter(word -> !word.equals(REPLACE)).toList();
        if (files.size() != 1) {
            return unclear();
        }
        closedOnly(store);
        Restoring.Restored done = new Restoring(store).restore(Path.of(files.get(0)), rest.contains(REPLACE), now());
        out.println("Restored into " + store.folder() + ": " + done.rows() + " rows."
                + done.replaced()
                        .map(kept -> " What was there before lies in " + kept + ".")
                        .orElse(""));
        return 0;
    }

    /** What is wrong is said line by line; the result is 1 then. */
    private int verify(StudioStore store) {
        Optional<String> asked = running(store).flatMap(running -> ask(running, "verify"));
        if (asked.isPresent()) {
            out.println(asked.get());
            return 0;
        }
        opening(store);
        try (Connection opened = store.open()) {
            List<String> problems = Verification.problems(opened);
            out.println(OperatorController.said(problems));
            return problems.isEmpty() ? 0 : 1;
        } catch (SQLException refused) {
            throw new NotPossible("There is no studio in " + store.folder() + ", or it cannot be opened.", refused);
        }
    }

    private static void opening(StudioStore store) {
        new StartupChecks(store).problem().ifPresent(problem -> {
            throw new NotPossible(problem);
        });
    }

    /** What moves the file itself needs it closed. */
    private static void closedOnly(StudioStore store) {
        if (store.isServed()) {
            throw new NotPossible("The studio is served at " + store.served()
                    + ". Stop ./bloom db first and leave BLOOM_DB away; nothing was changed.");
        }
    }

    private int encrypt(StudioStore store) {
        closedOnly(store);
        new Restoring(store).encrypt();
        out.println(
                "The studio in " + store.folder() + " is encrypted. Keep the key file where the studio is not: without"
                        + " it nobody can open the studio or a backup of it.");
        return 0;
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneId.systemDefault());
    }
}
