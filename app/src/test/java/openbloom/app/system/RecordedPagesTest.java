package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import openbloom.app.DemoServer;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/**
 * What the pages of the demonstration say, word for word, and what its forms answer when they are sent as they stand: what
 * they said yesterday they say today, unless somebody wrote the difference down. {@code -Dbloom.record} writes it anew; the
 * change then shows which sentence of which page is another one. Whether a number is right is asked elsewhere; here it is seen
 * to arrive: in its unit, its order, on its day, beside its name.
 */
@DemoServer
@TestPropertySource(properties = "spring.datasource.url=jdbc:h2:mem:recorded-pages;WRITE_DELAY=0;DB_CLOSE_DELAY=-1")
class RecordedPagesTest {
    private static final Path FOLDER = Path.of("src/test/resources/openbloom/app/pages");
    private static final Set<String> LEFT_OUT = Set.of("/sign-out", "/studio/team/N/leave");
    /** Pages of one kind that are read: of different women, sessions, days. */
    private static final int OF_A_KIND = 2;
    /** A list of everything is read once: so many letters of HTML. */
    private static final int LONG = 200_000;

    /** Keys, and the numbers of sessions: the stories of the demonstration are told several at once. */
    private static final Pattern BY_CHANCE = Pattern.compile("[0-9a-f]{8}-[0-9a-f-]{27}|(?<=[/=:])[A-Za-z0-9_-]{22,}"
            + "|\\b[A-Z2-7]{4}( [A-Z2-7]{4}){3,}|localhost:\\d+|(?<=seed=)\\d+|(?<=/teachings/)\\d+|(?<=/people/\\d{1,3}/[a-z/-]{1,30}/)\\d+"
            + "|(?m)^\\d+(?=,20\\d\\d-)");

    @LocalServerPort
    private int port;

    @Test
    void pagesSayWhatTheySaid() throws Exception {
        StudioHttp studio = StudioHttp.signedIn(port, "ines@boathouse.example", "tarnmouth-demo");
        Map<String, StringBuilder> rooms = new TreeMap<>();
        List<RenderedForm> forms = new ArrayList<>();
        for (StudioHttp.Page page : crawled(studio)) {
            add(rooms, "GET " + page.address(), said(page.answer()));
            forms.addAll(page.isPage() ? page.forms() : List.of());
        }
        Set<String> sent = new HashSet<>();
        for (RenderedForm form : forms) {
            if (!LEFT_OUT.contains(kind(form.action()))
                    && sent.add(kind(form.action()) + form.fields().keySet())) {
                add(rooms, "POST " + form.action() + " " + form.fields().keySet(), answered(studio, studio.send(form)));
            }
        }
        compare(rooms);
    }

    private static String kind(String address) {
        return address.replaceAll("\\?.*", "")
                .replaceAll("/\\d+", "/N")
                .replaceAll("(/moves/)(?!own|figures|compare)[a-z0-9-]+", "$1move");
    }

    /** In the order in which links lead to them. */
    private static List<StudioHttp.Page> crawled(StudioHttp studio) throws Exception {
        Deque<String> left = new ArrayDeque<>(List.of("/"));
        Set<String> seen = new HashSet<>(left);
        Map<String, Integer> ofAKind = new HashMap<>();
        List<StudioHttp.Page> pages = new ArrayList<>();
        while (!left.isEmpty()) {
            String address = left.poll();
            if (ofAKind.getOrDefault(kind(address), 0) >= OF_A_KIND) {
                continue;
            }
            StudioHttp.Page page = studio.open(address);
            if (ofAKind.getOrDefault(kind(page.address()), 0) >= OF_A_KIND) {
                continue;
            }
            boolean isLong = page.answer().body().length() > LONG;
            ofAKind.merge(kind(page.address()), isLong ? OF_A_KIND : 1, Integer::sum);
            pages.add(page);
            if (page.isPage()) {
                page.links().stream().filter(seen::add).forEach(left::add);
            }
        }
        return pages;
    }

    private static String said(HttpResponse<String> answer) {
        String type = answer.headers().firstValue("Content-Type").orElse("");
        String body = answer.body();
        return answer.statusCode() + " " + type + "\n"
                + (type.startsWith("text/html")
                        ? PageText.of(body)
                        : type.matches("text/.*|application/(json|problem\\+json).*") ? body : "");
    }

    /** What is said after a form: on the page it leads to, or beside its fields. */
    private static String answered(StudioHttp studio, HttpResponse<String> answer) throws Exception {
        String to = answer.headers().firstValue("Location").orElse("");
        String body = to.isEmpty() ? answer.body() : studio.open(to).answer().body();
        List<String> lines = Jsoup.parse(body).select("main [role=status], main [role=alert], [id^=problem]").stream()
                .map(line -> line.text())
                .filter(line -> !line.isBlank())
                .toList();
        return answer.statusCode() + " " + to + "\n" + String.join("\n", lines);
    }

    private static void add(Map<String, StringBuilder> rooms, String heading, String words) {
        String room =
                heading.replaceFirst("\\S+ /", "").replaceAll("[?. ].*", "").replaceAll("\\d+", "N");
        String[] parts = room.split("/");
        String file = parts[0].isEmpty()
                ? "today"
                : parts[0].equals("people") && parts.length > 2 ? "her-" + parts[2] : parts[0];
        rooms.computeIfAbsent(file, any -> new StringBuilder())
                .append("== ")
                .append(BY_CHANCE.matcher(heading + "\n" + words).replaceAll("…"))
                .append("\n\n");
    }

    private static void compare(Map<String, StringBuilder> rooms) throws IOException {
        if (Boolean.getBoolean("bloom.record")) {
            Files.createDirectories(FOLDER);
            try (Stream<Path> old = Files.list(FOLDER)) {
                for (Path path : old.toList()) {
                    Files.delete(path);
                }
            }
            for (var room : rooms.entrySet()) {
                Files.writeString(FOLDER.resolve(room.getKey() + ".txt"), room.getValue());
            }
        }
        List<String> differences = new ArrayList<>();
        for (var room : rooms.entrySet()) {
            Path before = FOLDER.resolve(room.getKey() + ".txt");
            differences.addAll(differences(
                    room.getKey(),
                    Files.exists(before) ? Files.readString(before) : "",
                    room.getValue().toString()));
        }
        assertThat(differences).isEmpty();
    }

    /** The first lines that differ, page by page. */
    private static List<String> differences(String room, String before, String now) {
        Map<String, String> were = pages(before);
        Map<String, String> are = pages(now);
        List<String> differences = new ArrayList<>();
        Set<String> gone = new TreeSet<>(were.keySet());
        gone.removeAll(are.keySet());
        Set<String> come = new TreeSet<>(are.keySet());
        come.removeAll(were.keySet());
        if (!gone.isEmpty() || !come.isEmpty()) {
            differences.add(room + ": no longer found " + gone + ", found now " + come);
        }
        were.keySet().retainAll(are.keySet());
        for (var page : were.entrySet()) {
            List<String> was = page.getValue().lines().toList();
            List<String> is = are.get(page.getKey()).lines().toList();
            int same = 0;
            while (same < Math.min(was.size(), is.size()) && was.get(same).equals(is.get(same))) {
                same++;
            }
            if (same < Math.max(was.size(), is.size())) {
                differences.add(room + ": " + page.getKey() + ", line " + same + ": said “" + at(was, same)
                        + "”, says “" + at(is, same) + "”");
            }
        }
        return differences;
    }

    private static String at(List<String> lines, int line) {
        return line < lines.size() ? lines.get(line) : "nothing";
    }

    private static Map<String, String> pages(String room) {
        Map<String, String> pages = new TreeMap<>();
        for (String page : room.split("(?m)^== ")) {
            if (!page.isBlank()) {
                pages.merge(page.lines().findFirst().orElse(""), page, String::concat);
            }
        }
        return pages;
    }
}
