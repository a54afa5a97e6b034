package openbloom.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import openbloom.core.record.ImpactTests;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Contraindication;
import openbloom.core.screening.WarningSign;
import openbloom.core.verdict.RuleBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The registry holds what the sources say; every value here is from memory of the source named. */
class EvidenceTest {
    @ParameterizedTest
    @CsvSource({
        "PREGNANCY_FROM_LAST_PERIOD, E-DATE, 280, days",
        "PREGNANCY_FROM_CONCEPTION, E-DATE, 266, days",
        "REDATE_TO_8W6D, E-REDATE, 5, days",
        "REDATE_FROM_28W0D, E-REDATE, 21, days",
        "PLACENTA_PRAEVIA_LIMIT, E-CONTRA, 28, weeks",
        "IMPACT_AFTER_BIRTH, E-RUN, 12, weeks",
        "BOISSONNAULT_FINGERS, E-BOISS, 2, fingers",
        "BOISSONNAULT_SITE, E-BOISS, 45, mm",
        "RATH_NAVEL, E-RATH, 27, mm",
        "STRAIGHT_LEG_RAISE_MAX, E-ASLR, 10, points",
        "GAP_RECHECK, common practice, 7, days",
        "SCAR_DEEP, common practice, 12, weeks",
        "SHORT_HOLD, common practice, 10, s"
    })
    void holdsTheNumberWithItsUnitAndSource(Published number, String source, int amount, String unit) {
        assertThat(number.source().key()).isEqualTo(source);
        assertThat(number.amount()).isEqualTo(amount);
        assertThat(number.unit()).isEqualTo(unit);
        assertThat(Source.parse(source).orElseThrow().numbers()).contains(number);
    }

    /** A number in a sentence comes from the registry: with it the sentence moves, and the reason says what the rule does. */
    @Test
    void noSentenceOfARuleTypesANumberOfTheRegistry() throws IOException {
        Pattern typed = Pattern.compile("\"[^\"]*\\b\\d+ (weeks|days|s|times|hours|of 10)\\b[^\"]*\"");
        try (Stream<Path> rules = Files.list(Path.of("src/main/java/openbloom/core/verdict"))) {
            for (Path rule : rules.toList()) {
                assertThat(Files.readAllLines(rule))
                        .as(rule.getFileName().toString())
                        .noneMatch(line -> typed.matcher(line).find());
            }
        }
        assertThat(RuleBook.rules())
                .isNotEmpty()
                .allSatisfy(
                        rule -> assertThat(rule.instructor() + rule.client()).doesNotContain("{"));
    }

    @Test
    void keysAreUniqueAndEverySourceSaysWhatItSupports() {
        List<String> keys = Arrays.stream(Source.values()).map(Source::key).toList();
        assertThat(keys).doesNotHaveDuplicates();
        assertThat(Source.values()).allSatisfy(source -> {
            assertThat(source.citation()).isNotBlank();
            assertThat(source.supports()).isNotBlank();
        });
    }

    /** Mottola et al. 2018, Canadian guideline. */
    @Test
    void holdsThePublishedListsItemByItem() {
        assertThat(Contraindication.listed(Contraindication.ABSOLUTE))
                .hasSize(12)
                .contains(Condition.PLACENTA_PRAEVIA, Condition.CERVICAL_INSUFFICIENCY, Condition.TRIPLETS_OR_MORE);
        assertThat(Contraindication.listed(Contraindication.RELATIVE))
                .hasSize(9)
                .contains(Condition.TWINS, Condition.EATING_DISORDER, Condition.RECURRENT_LOSS);
        assertThat(WarningSign.askedOf(true)).contains(WarningSign.VAGINAL_BLEEDING, WarningSign.CALF_PAIN_OR_SWELLING);
        assertThat(WarningSign.askedOf(false)).contains(WarningSign.FEVER, WarningSign.THOUGHTS_OF_HARM);
        assertThat(ImpactTests.Test.values()).hasSize(11);
    }

    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.EnumSource(Source.class)
    void everySourceSaysWhatItDoesNotSay(Source source) {
        assertThat(source.doesNotSay()).endsWith(".").hasSizeGreaterThan(10);
    }
}
