package openbloom.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The drawing in {@code docs/architecture.md} is how the code is: one way, nothing forgotten, nothing drawn for show. */
@AnalyzeClasses(packages = "openbloom", importOptions = ImportOption.DoNotIncludeTests.class)
class StructureTest {
    private static final Pattern ARROW = Pattern.compile("^\\s*(\\w+) --> (\\w+(?: & \\w+)*)$", Pattern.MULTILINE);

    @ArchTest
    static void theCoreIsAsDrawn(JavaClasses classes) throws IOException {
        isAsDrawn("openbloom.core", classes);
    }

    @ArchTest
    static void theApplicationIsAsDrawn(JavaClasses classes) throws IOException {
        isAsDrawn("openbloom.app", classes);
    }

    private static void isAsDrawn(String root, JavaClasses classes) throws IOException {
        Map<String, Set<String>> drawn = drawn(root);
        Map<String, Set<String>> real = real(root, classes);
        assertThat(drawn.keySet()).as("packages").containsExactlyInAnyOrderElementsOf(real.keySet());
        for (String room : drawn.keySet()) {
            Set<String> known = reachable(drawn, room);
            assertThat(known).as("an arrow back to " + room).doesNotContain(room);
            assertThat(known).as("what " + room + " knows").containsAll(real.get(room));
            assertThat(real.get(room)).as("arrows drawn from " + room).containsAll(drawn.get(room));
        }
    }

    private static Map<String, Set<String>> drawn(String root) throws IOException {
        String page = Files.readString(Path.of("../docs/architecture.md"));
        String drawing = page.substring(page.indexOf("%% " + root), page.indexOf("```", page.indexOf("%% " + root)));
        Map<String, Set<String>> arrows = new TreeMap<>();
        ARROW.matcher(drawing).results().forEach(arrow -> {
            for (String to : arrow.group(2).split(" & ")) {
                arrows.computeIfAbsent(arrow.group(1), from -> new TreeSet<>()).add(to);
                arrows.computeIfAbsent(to, none -> new TreeSet<>());
            }
        });
        return arrows;
    }

    private static Map<String, Set<String>> real(String root, JavaClasses classes) {
        return classes.stream()
                .filter(type -> !room(type, root).isEmpty())
                .collect(Collectors.toMap(
                        type -> room(type, root), type -> known(type, root), StructureTest::both, TreeMap::new));
    }

    private static Set<String> known(JavaClass type, String root) {
        return type.getDirectDependenciesFromSelf().stream()
                .map(Dependency::getTargetClass)
                .map(target -> room(target, root))
                .filter(room -> !room.isEmpty() && !room.equals(room(type, root)))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> both(Set<String> one, Set<String> other) {
        return Stream.concat(one.stream(), other.stream()).collect(Collectors.toCollection(TreeSet::new));
    }

    /** The package right below the root; empty for what stands elsewhere or in the root itself. */
    private static String room(JavaClass type, String root) {
        String name = type.getBaseComponentType().getPackageName();
        return name.startsWith(root + ".") ? name.substring(root.length() + 1).split("\\.")[0] : "";
    }

    private static Set<String> reachable(Map<String, Set<String>> arrows, String from) {
        Set<String> seen = new TreeSet<>();
        Deque<String> open = new ArrayDeque<>(arrows.get(from));
        while (!open.isEmpty()) {
            String next = open.pop();
            if (seen.add(next)) {
                open.addAll(arrows.get(next));
            }
        }
        return seen;
    }
}
