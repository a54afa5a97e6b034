package openbloom.app.language;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.breath.CueFamily;
import openbloom.core.care.CareCard;
import openbloom.core.care.CareCards;
import openbloom.core.care.DailyActivity;
import openbloom.core.care.HabitPrompt;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.Effort;
import openbloom.core.pelvicfloor.Pacer;
import openbloom.core.record.Goal;
import openbloom.core.record.PainSite;
import openbloom.core.review.GoalOutcome;
import openbloom.core.screening.Urgency;
import openbloom.core.screening.WarningSign;
import openbloom.core.session.Counting;
import openbloom.core.session.Side;
import openbloom.core.verdict.Adjustment;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Both languages whole: no key missing, none unused, and sentences that read as they should. */
class HerWordsTest {
    private static final HerWords ENGLISH = HerWords.in(HerLanguage.ENGLISH);
    private static final HerWords GERMAN = HerWords.in(HerLanguage.GERMAN);
    private static final Set<String> KEYS = bundle("hers", Locale.ENGLISH).keySet();

    private static ResourceBundle bundle(String name, Locale locale) {
        return ResourceBundle.getBundle(
                "openbloom.app.language." + name,
                locale,
                ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
    }

    private static Stream<String> keys(String kind, Enum<?>... constants) {
        return Arrays.stream(constants).map(one -> kind + "." + one.name());
    }

    private static Set<String> ofConstants() {
        return Stream.of(
                        keys("sign", WarningSign.values()),
                        keys("urgency", Urgency.values()),
                        keys("stops.group", Urgency.values()),
                        keys("step", Counting.CountStepKind.values()),
                        keys("side", Side.values()),
                        keys("place", PainSite.values()),
                        keys("ease", PainSite.values()),
                        keys("day", DailyActivity.values()),
                        keys("prompt", HabitPrompt.values()),
                        keys("effort", Effort.values()),
                        keys("said", Pacer.PhaseSaid.values()),
                        keys("change", Adjustment.values()),
                        keys("equipment", Equipment.values()),
                        keys("goal", Goal.values()),
                        keys("state", GoalOutcome.State.values()),
                        keys("group", ExerciseGroup.values()))
                .flatMap(all -> all)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void bothLanguagesHaveTheSameKeysAndEveryConstantHasOne() {
        assertThat(bundle("hers", Locale.GERMAN).keySet()).isEqualTo(KEYS);
        assertThat(KEYS).containsAll(ofConstants());
    }

    /** Whatever stands in {0} in one language stands in the other, too. */
    @Test
    void bothLanguagesPutTheSameInto() {
        ResourceBundle english = bundle("hers", Locale.ENGLISH);
        ResourceBundle german = bundle("hers", Locale.GERMAN);
        Pattern put = Pattern.compile("\\{(\\d)[,}]");
        assertThat(KEYS)
                .allSatisfy(key -> assertThat(places(put, german.getString(key)))
                        .as(key)
                        .isEqualTo(places(put, english.getString(key))));
        assertThat(KEYS).noneMatch(key -> (english.getString(key) + german.getString(key)).contains("'"));
    }

    private static Set<String> places(Pattern put, String sentence) {
        return put.matcher(sentence).results().map(found -> found.group(1)).collect(Collectors.toSet());
    }

    /** A key nothing says is a sentence nobody ever reads. */
    @Test
    void everyKeyIsSaidSomewhere() throws IOException {
        String code = written("src/main/java", ".java") + written("src/main/resources/templates", ".html");
        Set<String> built = ofConstants();
        assertThat(KEYS.stream()
                        .filter(key -> !built.contains(key) && !code.contains(key))
                        .filter(key -> !key.matches("(how|wrong)\\.[A-Z_]+(\\.do)?|sign\\.own\\.\\w+|breath\\.[A-Z]+"))
                        .filter(key ->
                                !key.matches("(floor\\.release|stops\\.exercise)\\.\\d|(gone|broken)\\.(title|words)")))
                .isEmpty();
    }

    private static String written(String folder, String end) throws IOException {
        try (Stream<Path> all = Files.walk(Path.of(folder))) {
            List<Path> files = all.filter(path -> path.toString().endsWith(end)).toList();
            StringBuilder text = new StringBuilder();
            for (Path file : files) {
                text.append(Files.readString(file));
            }
            return text.toString();
        }
    }

    @Test
    void everyShippedExerciseIsToldInGermanWithEveryLineAndCue() {
        for (Move move : new CatalogueLoader().shipped().moves()) {
            assertThat(GERMAN.name(move)).as(move.id()).isNotEqualTo(move.name());
            assertThat(GERMAN.setup(move))
                    .as(move.id())
                    .hasSameSizeAs(move.teaching().setup());
            assertThat(Arrays.stream(CueFamily.values())
                            .filter(family -> GERMAN.said(move, family).isPresent()))
                    .as(move.id())
                    .containsExactlyInAnyOrderElementsOf(move.teaching().cues().keySet());
        }
        for (CareCard card : CareCards.shipped().all()) {
            assertThat(GERMAN.title(card)).isNotEqualTo(card.title());
            assertThat(GERMAN.lines(card)).hasSameSizeAs(card.lines());
            assertThat(GERMAN.stop(card)).isNotEqualTo(card.stop());
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1 | 8 | 0 | 0 | 0 | 8 times | 8-mal
            1 | 1 | 0 | 0 | 0 | once | einmal
            1 | 5 | 10 | 0 | 0 | 5 times, hold 10 seconds each | 5-mal je 10 Sekunden halten
            1 | 1 | 20 | 0 | 0 | hold for 20 seconds | 20 Sekunden halten
            1 | 1 | 300 | 0 | 0 | for 5 minutes | 5 Minuten lang
            1 | 1 | 0 | 10 | 0 | 10 breaths | 10 Atemzüge
            1 | 2 | 0 | 5 | 0 | twice, 5 breaths each | zweimal je 5 Atemzüge
            3 | 8 | 0 | 0 | 0 | 8 times; 3 rounds | 8-mal; 3 Runden
            2 | 12 | 0 | 0 | 30 | 12 times; 2 rounds, rest 30 seconds between | 12-mal; 2 Runden, dazwischen 30 Sekunden Pause
            """)
    void tellsADoseInWords(int sets, int repetitions, int hold, int breaths, int rest, String english, String german) {
        HerWords.DoseGiven dose = new HerWords.DoseGiven(sets, repetitions, hold, breaths, rest);
        assertThat(ENGLISH.dose(dose)).isEqualTo(english);
        assertThat(GERMAN.dose(dose)).isEqualTo(german);
    }

    /**
     * Read by somebody of twelve: the Flesch-Kincaid grade, 0.39 words a sentence + 11.8 syllables a word − 15.59 (from memory),
     * is at most 7 over all she is told, and no sentence has over 26 words.
     */
    @Test
    void isReadByATwelveYearOld() {
        List<String> sentences = KEYS.stream()
                .filter(key -> !key.startsWith("date."))
                .map(key -> bundle("hers", Locale.ENGLISH).getString(key).replaceAll("\\{[^}]*}?", "x"))
                .flatMap(text -> Arrays.stream(text.split("[.!?:;]\\s*")))
                .filter(sentence -> sentence.split("\\s+").length > 4)
                .toList();
        List<String> words = sentences.stream()
                .flatMap(sentence -> Arrays.stream(sentence.split("[^\\p{L}’]+")))
                .filter(word -> !word.isBlank())
                .toList();
        double syllables = words.stream().mapToInt(HerWordsTest::syllables).sum();
        double grade = 0.39 * words.size() / sentences.size() + 11.8 * syllables / words.size() - 15.59;
        assertThat(grade).isLessThan(7);
        assertThat(sentences).allMatch(sentence -> sentence.split("\\s+").length <= 26);
    }

    private static int syllables(String word) {
        String plain = word.toLowerCase(Locale.ROOT).replaceAll("e$|es$|ed$", "");
        return Math.max(1, plain.split("[^aeiouy]+").length - (plain.matches("[^aeiouy].*") ? 1 : 0));
    }
}
