package openbloom.bench;

import java.io.OutputStream;
import java.net.http.HttpClient;
import java.nio.file.Files;
import java.nio.file.Path;
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
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * Times of whole pages: the demonstration beside a studio as rich and 715 times as large in the same run, fifty people at once on the
 * demonstration, and how long it takes from the start to the first page.
 */
public final class PageBench {
    /** Each of the fourteen women of the demonstration so many times more. */
    private static final int COPIES = 714;

    /** One with a long record. */
    private static final long HER = 13;

    private static final String LAST_PAGE = "/people?page=0";

    /** Finds one woman: in the grown studio her copies carry a number. */
    private static final String SEARCH = "/people?q=marlowe";

    private static final int WARM_UP = 25;
    private static final int MEASURED = 25;
    private static final int USERS = 50;
    private static final int LOAD_SECONDS = 60;
    private static final int LOAD_WARM_UP_SECONDS = 20;
    private static final int STARTS = 5;
    private static final String OWNER = "ines@boathouse.example";
    private static final String PASSWORD = "tarnmouth-demo";

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

    /** @param args the plain jar, the unpacked one, its archive of classes, and studios, load, start or export for that alone */
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
        if (only.isEmpty() || only.equals("export")) {
            bench.everyRecord();
        }
    }

    // --- the demonstration and the same 715 times over, side by side

    private void fewBesideMany() throws Exception {
        Path few = demonstration(18_081);
        Path many = Files.createTempDirectory("bloom-bench");
        Files.copy(few.resolve("bloom.mv.db"), many.resolve("bloom.mv.db"));
        say("Rows of the large studio: %s", GrownStudio.grow(many, COPIES));
        try (Studio small = Studio.start(plain, home(few), 18_081);
                Studio large = Studio.start(plain, home(many), 18_082)) {
            HttpClient inSmall = small.signedIn(OWNER, PASSWORD);
            HttpClient inLarge = large.signedIn(OWNER, PASSWORD);
            say("| page | 14 women, ms (cpu) | %,d women, ms (cpu) | ratio (cpu) |", 14 * (COPIES + 1));
            say("|---|---|---|---|");
            for (String page : pages(small, inSmall)) {
                String last = page.equals(LAST_PAGE)
                        ? "/people?page=" + 14 * COPIES / 25
                        : page.equals(SEARCH) ? SEARCH + "+0700" : page;
                Measured one = measure(small, inSmall, page);
                Measured other = measure(large, inLarge, last);
                say(
                        "| `%s` | %.1f (%.1f) | %.1f (%.1f) | %.2f (%.2f) |",
                        last, one.wall, one.cpu, other.wall, other.cpu, other.wall / one.wall, other.cpu / one.cpu);
            }
        }
    }

    private record Measured(double wall, double cpu) {}

    private static Measured measure(Studio studio, HttpClient browser, String page) throws Exception {
        for (int i = 0; i < WARM_UP; i++) {
            studio.millis(browser, page);
        }
        double[] times = new double[MEASURED];
        double from = studio.cpuMillis();
        for (int i = 0; i < MEASURED; i++) {
            times[i] = studio.millis(browser, page);
        }
        return new Measured(median(times), (studio.cpuMillis() - from) / MEASURED);
    }

    /** Every page of the menu, and every page of one woman that stands in her menu. */
    private static List<String> pages(Studio studio, HttpClient browser) throws Exception {
        List<String> pages = new ArrayList<>(List.of(
                "/",
                "/people",
                LAST_PAGE,
                SEARCH,
                "/people/new",
                "/people/file",
                "/moves",
                "/moves?woman=" + HER,
                "/moves/curl-up?woman=" + HER,
                "/moves/own",
                "/reasons",
                "/reasons/what-if",
                "/reasons/what-if?woman=" + HER,
                "/studio"));
        Matcher hers = Pattern.compile("href=\"(/people/" + HER + "(?:/[a-z0-9/-]+)?)[\"?]")
                .matcher(studio.text(browser, "/people/" + HER + "/journey")
                        + studio.text(browser, "/people/" + HER + "/checks")
                        + studio.text(browser, "/people/" + HER + "/exercise-check"));
        while (hers.find()) {
            if (!pages.contains(hers.group(1)) && studio.status(browser, hers.group(1)) == 200) {
                pages.add(hers.group(1));
            }
        }
        return pages;
    }

    /** The demonstration, kept in a folder. */
    private Path demonstration(int port) throws Exception {
        Path folder = Files.createTempDirectory("bloom-bench");
        List<String> command = new ArrayList<>(plain);
        command.addAll(List.of("--spring.profiles.active=demo", "--spring.datasource.url=" + GrownStudio.url(folder)));
        try (Studio told = Studio.start(command, home(folder), port)) {
            return folder;
        }
    }

    private static Map<String, String> home(Path folder) {
        return Map.of("BLOOM_HOME", folder.toString());
    }

    // --- every record of a large studio, in a small heap

    private void everyRecord() throws Exception {
        Path many = demonstration(18_081);
        GrownStudio.grow(many, COPIES);
        List<String> command = new ArrayList<>(plain);
        command.add(1, "-Xmx512m");
        try (Studio large = Studio.start(command, home(many), 18_082)) {
            HttpClient owner = large.signedIn(OWNER, PASSWORD);
            long from = System.nanoTime();
            long bytes = 0;
            int records = 0;
            try (ZipInputStream zip = new ZipInputStream(large.stream(owner, "/studio/everything.zip"))) {
                for (ZipEntry one = zip.getNextEntry(); one != null; one = zip.getNextEntry()) {
                    records += one.getName().endsWith("/record.json") ? 1 : 0;
                    bytes += zip.transferTo(OutputStream.nullOutputStream());
                }
            }
            say(
                    "%,d records of %,d women, %,d MB unpacked, in %.0f s and a heap of 512 MB",
                    records, 14 * (COPIES + 1), bytes / 1_000_000, (System.nanoTime() - from) / 1e9);
        }
    }

    // --- fifty people at once

    private void fiftyAtOnce() throws Exception {
        List<String> command = new ArrayList<>(plain);
        command.add("--spring.profiles.active=demo");
        try (Studio demo = Studio.start(command, Map.of(), 18_083)) {
            List<Callable<List<Double>>> people = new ArrayList<>();
            for (int i = 0; i < USERS; i++) {
                HttpClient browser = demo.signedIn(OWNER, PASSWORD);
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
                "/people/{w}/exercise-check",
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
