package openbloom.core.moves;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.core.Yaml;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * Finds exercises by what they are called here or usually elsewhere. Hyphens, plurals and, where nothing else is found, one wrong letter
 * of a word of five or more are forgiven.
 *
 * @see Catalogue
 */
public final class UsualNames {
    private static final String FILE = "/openbloom/catalogue/usual-names.yaml";
    private static final List<UsualName> NAMES = read();
    private static final LevenshteinDistance ONE_LETTER = new LevenshteinDistance(1);
    private static final int SHORTEST_FORGIVEN = 5;

    /** What is only a part of a name stands behind every whole one. */
    private static final int A_PART = 100;

    private static final int NOT_CALLED_SO = Integer.MAX_VALUE;

    private UsualNames() {}

    /**
     * A name of general use.
     *
     * @param exercises ids of what is meant by it, the first first
     */
    public record UsualName(String name, List<String> exercises) {}

    /** How exactly a name has to be spelt: the whole of it, or a part. */
    private enum Spelling {
        AS_TYPED(
                (label, asked) -> joined(label).equals(joined(asked)),
                (label, asked) -> joined(label).contains(joined(asked))),
        ONE_LETTER_OFF((label, asked) -> ONE_LETTER.apply(label, asked) >= 0, UsualNames::isOneLetterOff);

        private final BiPredicate<String, String> whole;
        private final BiPredicate<String, String> part;

        Spelling(BiPredicate<String, String> whole, BiPredicate<String, String> part) {
            this.whole = whole;
            this.part = part;
        }
    }

    private record NamesFile(List<UsualName> names) {}

    /** All of them, in the order of the file. */
    public static List<UsualName> all() {
        return NAMES;
    }

    /**
     * The exercises somebody means: what is called just so, then what a usual name means in its order, then what has it as a part of
     * its name; empty where nothing is called so, everything where nothing was typed.
     */
    public static List<Move> meant(String typed, Collection<Move> among) {
        String asked = plain(typed);
        if (asked.isEmpty()) {
            return List.copyOf(among);
        }
        List<Move> called = called(among, asked, Spelling.AS_TYPED);
        return called.isEmpty() && asked.length() >= SHORTEST_FORGIVEN
                ? called(among, asked, Spelling.ONE_LETTER_OFF)
                : called;
    }

    /** Only what is called just so, here or usually: nothing is taken for what has it as a part, or is spelt like it. */
    static Optional<Move> calledJustSo(String typed, Collection<Move> among) {
        String asked = plain(typed);
        return meant(typed, among).stream()
                .filter(move -> Stream.concat(
                                Stream.of(move.name(), move.teaching().shortName()),
                                NAMES.stream()
                                        .filter(one -> one.exercises().contains(move.id()))
                                        .map(UsualName::name))
                        .anyMatch(label -> Spelling.AS_TYPED.whole.test(plain(label), asked)))
                .findFirst();
    }

    private static List<Move> called(Collection<Move> among, String asked, Spelling spelling) {
        List<UsualName> names = NAMES.stream()
                .filter(one -> spelling.part.test(plain(one.name()), asked))
                .toList();
        return among.stream()
                .filter(move -> place(move, asked, names, spelling) != NOT_CALLED_SO)
                .sorted(Comparator.comparingInt(move -> place(move, asked, names, spelling)))
                .toList();
    }

    private static int place(Move move, String asked, List<UsualName> names, Spelling spelling) {
        List<String> own = Stream.of(move.name(), move.teaching().shortName())
                .map(UsualNames::plain)
                .toList();
        if (own.stream().anyMatch(label -> spelling.whole.test(label, asked))) {
            return 0;
        }
        int usual = names.stream()
                .filter(one -> one.exercises().contains(move.id()))
                .mapToInt(one -> one.exercises().indexOf(move.id())
                        + (spelling.whole.test(plain(one.name()), asked) ? 1 : A_PART))
                .min()
                .orElse(NOT_CALLED_SO);
        boolean isPartOfItsOwn = own.stream().anyMatch(label -> spelling.part.test(label, asked));
        return Math.min(usual, isPartOfItsOwn ? A_PART : NOT_CALLED_SO);
    }

    private static boolean isOneLetterOff(String label, String asked) {
        List<String> words = List.of(label.split(" "));
        int length = asked.split(" ").length;
        return IntStream.rangeClosed(0, words.size() - length)
                .mapToObj(from -> String.join(" ", words.subList(from, from + length)))
                .anyMatch(part -> ONE_LETTER.apply(part, asked) >= 0);
    }

    /** {@code Press-ups} is {@code press up}. */
    private static String plain(String label) {
        String words = label.toLowerCase(Locale.ROOT).replaceAll("['’]", "").replaceAll("[^\\p{L}\\p{N}]+", " ");
        return Arrays.stream(words.strip().split(" "))
                .map(word -> word.length() > 2 && word.endsWith("s") && !word.endsWith("ss")
                        ? word.substring(0, word.length() - 1)
                        : word)
                .collect(Collectors.joining(" "));
    }

    private static String joined(String words) {
        return words.replace(" ", "");
    }

    private static List<UsualName> read() {
        try (InputStream in = Objects.requireNonNull(UsualNames.class.getResourceAsStream(FILE), "No " + FILE)) {
            return List.copyOf(
                    Yaml.MAPPER.readValue(in.readAllBytes(), NamesFile.class).names());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
