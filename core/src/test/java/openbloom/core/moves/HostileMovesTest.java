package openbloom.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import openbloom.core.Outcome;
import openbloom.core.Yaml;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever stands in a file of moves, it is taken or refused in words: every value replaced by every wrong one. */
class HostileMovesTest {
    private static final CatalogueLoader LOADER = new CatalogueLoader();
    private static final Catalogue SHIPPED = LOADER.shipped();
    private static final String GOOD = example();
    private static final List<String> WRONG = List.of(
            "~",
            "[]",
            "{}",
            "[~]",
            "[[]]",
            "[{}]",
            "{a: ~}",
            "{~: b}",
            "{a: [~]}",
            "x",
            "-1",
            "1e308",
            "99999999999999999999",
            "true",
            "'\\u0000'",
            "\"\\u0000\"",
            "\"\\uD800\"",
            "2026-01-01",
            "0.5",
            "[1, x, ~]",
            "{needs: ~}",
            "[{needs: block, substitute: ~}]");

    static Stream<String> spoilt() {
        JsonNode whole = Yaml.MAPPER.readTree(GOOD);
        List<String> files = new ArrayList<>();
        for (String wrong : WRONG) {
            JsonNode put = Yaml.MAPPER.readTree("v: " + wrong).get("v");
            int places = replaced(whole, put, Integer.MAX_VALUE, new int[1]).count;
            for (int at = 0; at < places; at++) {
                files.add(Yaml.MAPPER.writeValueAsString(replaced(whole, put, at, new int[1]).node));
            }
        }
        return files.stream();
    }

    private record Replaced(JsonNode node, int count) {}

    /** The same file with the value of one number replaced. */
    private static Replaced replaced(JsonNode node, JsonNode put, int at, int[] seen) {
        if (seen[0]++ == at) {
            return new Replaced(put, seen[0]);
        }
        if (node instanceof ObjectNode object) {
            ObjectNode copy = Yaml.MAPPER.createObjectNode();
            object.propertyStream()
                    .forEach(one -> copy.set(
                            one.getKey(),
                            replaced(one.getValue(), put, at, seen).node()));
            return new Replaced(copy, seen[0]);
        }
        if (node instanceof ArrayNode array) {
            ArrayNode copy = Yaml.MAPPER.createArrayNode();
            array.forEach(one -> copy.add(replaced(one, put, at, seen).node()));
            return new Replaced(copy, seen[0]);
        }
        return new Replaced(node, seen[0]);
    }

    @Test
    void theFileThatIsSpoiltIsGood() {
        assertThat(LOADER.add(SHIPPED, GOOD).problems()).isEmpty();
    }

    @Test
    void everySpoiltFileIsAnsweredInWords() {
        List<String> broken = new ArrayList<>();
        spoilt().forEach(file -> answer(file, broken));
        assertThat(broken).isEmpty();
    }

    private static void answer(String file, List<String> broken) {
        try {
            Outcome<Catalogue> outcome = LOADER.add(SHIPPED, file);
            assertThat(outcome.problems())
                    .allSatisfy(problem -> assertThat(problem.field()).isNotNull());
        } catch (RuntimeException | StackOverflowError thrown) {
            broken.add(thrown + " at " + thrown.getStackTrace()[0] + " for\n" + file);
        }
    }

    static Stream<String> oddFiles() {
        return Stream.of(
                "moves: &a [*a]",
                "&a moves: [*a]",
                "moves: [&x {id: a}, *x, *y]",
                "moves:\n  - <<: {id: a}\n",
                "moves: !!java.util.Date {}",
                "moves: !!binary aGk=",
                "? [a, b]\n: c\nmoves: []",
                "moves: []\n---\nmoves: []",
                "--- \n...\n",
                "%YAML 9.9\n---\nmoves: []",
                "\tmoves: []",
                "moves: " + "[".repeat(20_000),
                "moves: " + "[".repeat(900) + "]".repeat(900),
                "a: {".repeat(20_000),
                "x: &x [1,1]\ny: &y [*x,*x,*x,*x,*x]\nz: &z [*y,*y,*y,*y,*y]\nmoves: [*z]",
                "defaults: 3\nmoves: [{id: a}]",
                "defaults: [~]\nmoves: ~",
                "moves: {id: x}",
                "moves: \u0000",
                "\uFEFFmoves: []",
                "moves: '" + "é".repeat(100_000) + "'",
                "moves: |2147483648\n a",
                "moves: \"\\xZZ\"",
                "moves: !<tag:\u0007> x",
                "null",
                "3",
                "[]",
                "...",
                "- - - -",
                "moves: 1.e+999999999",
                "moves: 0x",
                "moves: 0b2",
                "moves: 1:60:99",
                "moves: 1_",
                "moves: -.inf");
    }

    @ParameterizedTest
    @MethodSource("oddFiles")
    void anOddFileIsAnsweredInWords(String file) {
        List<String> broken = new ArrayList<>();
        answer(file, broken);
        assertThat(broken).isEmpty();
    }

    /** The file that the guide shows. */
    private static String example() {
        try {
            return Files.readString(Path.of("../docs/own-moves.yaml"));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
