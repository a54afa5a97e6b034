package openbloom.bench;

import java.net.http.HttpClient;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * Times of whole pages: a studio of 20 women beside one of 10,000 in the same run, fifty people at once on the
 * demonstration, and how long it takes from the start to the first page.
 */
public final class PageBench {
    private static final List<String> PAGES =
            List.of("/", "/people", "/people?q=00007", "/people/7/checks", "/people/7/journey");
    private static final int FEW = 20;
    private static final int MANY = 10_000;
    private static final int WARM_UP = 60;
    private static final int MEASURED = 60;
    private static final int USERS = 50;
    private static final int LOAD_SECONDS = 60;
    private static final int LOAD_WARM_UP_SECONDS = 20;
    private static final int STARTS = 5;
    private static final String OWNER = "owner@bench.example";
    private static final String PASSWORD = "a-bench-password";

    private final List<String> plain;
    private final List<String> unpacked;

    private PageBench(String jar, String unpackedJar, String archive) {
        this.plain = List.of("java", "-jar", jar);
        this.unpacked = List.of(
                "java",
                "-XX:SharedArchiveFile=" + archive,
                "-Xshare:auto",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-jar",
                unpackedJar);
    }

    /** @param args the plain jar, the unpacked one, its archive of classes, and studios, load or start for that alone */
    public static void main(String[] args) throws Exception {
        PageBench bench = new PageBench(args[0], args[1], args[2]);
        String only = args.length > 3 ? args[3] : "";
        if (only.isEmpty() || only.equals("studios")) {
            bench.fewBesideMany();
        }
        if (only.isEmpty() || only.equals("load")) {
            bench.fiftyAtOnce();
        }
        if (only.isEmpty() || only.equals("start")) {
            bench.startToFirstPage();
        }
    }

    // --- 20 and 10,000 women side by side

    private void fewBesideMany() throws Exception {
        Path few = filled(FEW, 18_081);
        Path many = filled(MANY, 18_082);
        try (Studio small = Studio.start(plain, home(few), 18_081);
                Studio large = Studio.start(plain, home(many), 18_082)) {
            HttpClient inSmall = small.signedIn(OWNER, PASSWORD);
            HttpClient inLarge = large.signedIn(OWNER, PASSWORD);
            say("| page | %d women, ms | %,d women, ms | ratio |", FEW, MANY);
            say("|---|---|---|---|");
            for (String page : PAGES) {
                double[] ofFew = new double[MEASURED];
                double[] ofMany = new double[MEASURED];
                for (int i = -WARM_UP; i < MEASURED; i++) {
                    double one = small.millis(inSmall, page);
                    double other = large.millis(inLarge, page);
                    if (i >= 0) {
                        ofFew[i] = one;
                        ofMany[i] = other;
                    }
                }
                double median = median(ofFew);
                say("| `%s` | %.1f | %.1f | %.2f |", page, median, median(ofMany), median(ofMany) / median);
            }
        }
    }

    /** A studio kept in a folder of its own, with so many women, each asked and checked once. */
    private Path filled(int women, int port) throws Exception {
        Path folder = Files.createTempDirectory("bloom-bench");
        try (Studio first = Studio.start(plain, home(folder), port)) {
            HttpClient browser = HttpClient.newBuilder()
                    .cookieHandler(new java.net.CookieManager())
                    .build();
            first.post(
                    browser,
                    "/first",
                    Map.of(
                            "studio",
                            "Bench",
                            "zone",
                            "Europe/London",
                            "name",
                            "Owner",
                            "email",
                            OWNER,
                            "password",
                            PASSWORD));
        }
        fill(folder, women);
        return folder;
    }

    private static void fill(Path folder, int women) throws SQLException {
        String url = "jdbc:h2:file:" + folder.resolve("bloom") + ";WRITE_DELAY=0";
        try (Connection store = DriverManager.getConnection(url, "bloom", "");
                Statement sql = store.createStatement()) {
            sql.execute(
                    "insert into woman (studio_id, form_key, version, changed_by, changed_at, name, birth_year, goals,"
                            + " situation, dating_basis, dating_given_on, cycle_length_days, births, babies, conditions, equipment,"
                            + " clearance_limits) select 1, 'w' || x, 1, 1, current_timestamp, 'Woman ' || lpad(x, 5, '0'), 1990, '', 'PREGNANT',"
                            + " 'LAST_PERIOD', dateadd(day, -70 - mod(x, 180), current_date), 28, 1, 1, '', 'CHAIR', ''"
                            + " from system_range(1, " + women + ")");
            sql.execute("insert into safety_answer (woman_id, form_key, asked_on, asked_by, stored_at, warning_signs,"
                    + " symptoms, what_to_do) select id, 's' || id, current_date, 1, current_timestamp, '', '', ''"
                    + " from woman");
            sql.execute(
                    "insert into gap_check (woman_id, form_key, checked_on, examiner_id, stored_at, kept_by, method)"
                            + " select id, 'g' || id, dateadd(day, -3, current_date), 1, current_timestamp, 1, 'FINGERS'"
                            + " from woman");
            sql.execute(
                    "insert into gap_reading (check_id, site, offset_mm, state, width_half_fingers, depth, firmness,"
                            + " domed) select id, 'NAVEL', 0, 'LIFT', 5, 'SURFACE', 2, 'NO' from gap_check");
            sql.execute("insert into visit (woman_id, form_key, starts_at) select id, 'v' || id,"
                    + " dateadd(hour, 9 + mod(id, 8), cast(current_date as timestamp)) from woman where id <= 8");
        }
    }

    private static Map<String, String> home(Path folder) {
        return Map.of("BLOOM_HOME", folder.toString());
    }

    // --- fifty people at once

    private void fiftyAtOnce() throws Exception {
        List<String> command = new ArrayList<>(plain);
        command.add("--spring.profiles.active=demo");
        try (Studio demo = Studio.start(command, Map.of(), 18_083)) {
            List<Callable<List<Double>>> people = new ArrayList<>();
            for (int i = 0; i < USERS; i++) {
                HttpClient browser = demo.signedIn("ines@boathouse.example", "tarnmouth-demo");
                Random random = new Random(i);
                people.add(() -> {
                    walk(demo, browser, random, LOAD_WARM_UP_SECONDS);
                    return walk(demo, browser, random, LOAD_SECONDS);
                });
            }
            ExecutorService atOnce = Executors.newFixedThreadPool(USERS);
            List<Double> all = new ArrayList<>();
            int errors = 0;
            for (Future<List<Double>> walked : atOnce.invokeAll(people)) {
                for (double millis : walked.get()) {
                    errors += millis < 0 ? 1 : 0;
                    all.add(millis);
                }
            }
            atOnce.shutdown();
            Collections.sort(all);
            say(
                    "%n%d people for %d s on the demonstration: %.0f requests a second, 95th percentile %.0f ms, %d errors",
                    USERS,
                    LOAD_SECONDS,
                    all.size() / (double) LOAD_SECONDS,
                    all.get((int) (all.size() * 0.95)),
                    errors);
        }
    }

    /** One person going from page to page; an answer that is no page counts as −1. */
    private static List<Double> walk(Studio demo, HttpClient browser, Random random, int seconds) {
        List<String> pages = List.of(
                "/",
                "/people",
                "/people/{w}/journey",
                "/people/{w}/checks",
                "/people/{w}/plan",
                "/people/{w}/floor",
                "/moves",
                "/reasons",
                "/people?q=a",
                "/people/{w}/can");
        List<Double> times = new ArrayList<>();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        while (System.nanoTime() < until) {
            String page =
                    pages.get(random.nextInt(pages.size())).replace("{w}", String.valueOf(1 + random.nextInt(14)));
            try {
                times.add(demo.millis(browser, page));
            } catch (Exception broken) {
                times.add(-1.0);
            }
        }
        return times;
    }

    // --- from the start to the first page

    private void startToFirstPage() throws Exception {
        double[] ofPlain = new double[STARTS];
        double[] ofUnpacked = new double[STARTS];
        for (int i = 0; i < STARTS; i++) {
            ofPlain[i] = seconds(plain);
            ofUnpacked[i] = seconds(unpacked);
        }
        double[] ratios = new double[STARTS];
        Arrays.setAll(ratios, i -> ofUnpacked[i] / ofPlain[i]);
        say(
                "%nStart to first page of the demonstration: plain jar %.1f s, as ./bloom starts it %.1f s, ratio %.2f"
                        + " (medians of %d pairs)",
                median(ofPlain), median(ofUnpacked), median(ratios), STARTS);
    }

    private static double seconds(List<String> command) throws Exception {
        List<String> demo = new ArrayList<>(command);
        demo.add("--spring.profiles.active=demo");
        long from = System.nanoTime();
        try (Studio started = Studio.start(demo, Map.of(), 18_084)) {
            return (System.nanoTime() - from) / 1e9;
        }
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private static void say(String words, Object... values) {
        System.out.println(String.format(Locale.ROOT, words, values));
    }
}
