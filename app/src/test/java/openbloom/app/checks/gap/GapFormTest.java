package openbloom.app.checks.gap;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import openbloom.app.system.FormReader;
import openbloom.core.Problem;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Spot;
import openbloom.core.gap.Width;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class GapFormTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"0|0", "2|4", "2.5|5", "2,5|5", " 3 |6", "2.0|4", "2.50|5", "10|20"})
    void readsFingersInHalves(String typed, int halves) {
        assertThat(new GapForm(row("LIFT", "NAVEL", typed)).sketch())
                .singleElement()
                .satisfies(reading -> assertThat(reading.width()).isEqualTo(Width.ofHalfFingers(halves)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"12.3", "10.5", "two", "-1", "2.3", "1/2", "2.", "999", "2 fingers"})
    void refusesOtherWidthsAndLeavesThemOutOfTheSketch(String typed) {
        GapForm form = new GapForm(row("LIFT", "NAVEL", typed));
        assertThat(form.sketch()).isEmpty();
        FormReader problems = new FormReader();
        form.check(DAY, problems);
        assertThat(problems.problems()).extracting(Problem::field).containsExactly("width-LIFT-NAVEL-0");
        assertThat(form.at("width", GapState.LIFT, Spot.usual(Site.NAVEL))).isEqualTo(typed);
    }

    @Test
    void needsDepthAndFloorBesideAWidthAndAWidthBesideThem() {
        Map<String, String> typed = row("LIFT", "NAVEL", "3");
        typed.remove("depth-LIFT-NAVEL-0");
        typed.put("firmness-LIFT-ABOVE-45", "2");
        FormReader problems = new FormReader();
        new GapForm(typed).check(DAY, problems);
        assertThat(problems.problems())
                .extracting(Problem::field, Problem::key)
                .containsExactlyInAnyOrder(
                        org.assertj.core.groups.Tuple.tuple("width-LIFT-ABOVE-45", "gap.widthMissing"),
                        org.assertj.core.groups.Tuple.tuple("width-LIFT-NAVEL-0", "gap.incomplete"));
    }

    @Test
    void opensAtTheStateOfItsFirstProblemAndElseAtTheSmallLift() {
        assertThat(new GapForm(Map.of()).state()).isEqualTo(GapState.LIFT);
        GapForm form = new GapForm(Map.of("state", "REST"));
        assertThat(form.state()).isEqualTo(GapState.REST);
        assertThat(form.openedAtProblem(Map.of("width-CONNECTED-NAVEL-0", "x")).state())
                .isEqualTo(GapState.CONNECTED);
        assertThat(form.openedAtProblem(Map.of("formKey", "x")).state()).isEqualTo(GapState.REST);
    }

    @Test
    void readsAWholeCheckWithDomingToldOrNot() {
        Map<String, String> typed = row("LIFT", "NAVEL", "3");
        typed.putAll(row("CONNECTED", "NAVEL", "2.5"));
        typed.put("domed-LIFT-NAVEL-0", "YES");
        typed.put("formKey", "key");
        FormReader problems = new FormReader();
        GapCheck check = new GapForm(typed).check(DAY, problems);
        assertThat(problems.isClean()).isTrue();
        assertThat(check.readings()).hasSize(2);
        assertThat(check.at(Spot.usual(Site.NAVEL), GapState.LIFT).orElseThrow().domed())
                .isEqualTo(YesNoUnknown.YES);
        assertThat(check.at(Spot.usual(Site.NAVEL), GapState.CONNECTED)
                        .orElseThrow()
                        .domed())
                .isEqualTo(YesNoUnknown.UNKNOWN);
    }

    @Test
    void readsWholeMillimetresByCalipersAndNothingElse() {
        Map<String, String> typed = row("REST", "NAVEL", "27");
        typed.put("method", "CALIPERS");
        FormReader problems = new FormReader();
        GapCheck check = new GapForm(typed).check(DAY, problems);
        assertThat(problems.isClean()).isTrue();
        assertThat(check.readings())
                .singleElement()
                .extracting(GapReading::width)
                .isEqualTo(new Width.Millimetres(27));
        typed.put("width-REST-NAVEL-0", "27.5");
        new GapForm(typed).check(DAY, problems);
        assertThat(problems.problems()).extracting(Problem::key).containsExactly("gap.widthMm");
    }

    @Test
    void readsAtTheSpotsItIsGivenAndKeepsThoseWithSomethingTyped() {
        Map<String, String> typed = row("LIFT", "NAVEL", "3");
        typed.put("spots", "BELOW-20,NAVEL-0,nonsense,ABOVE-999");
        GapForm form = new GapForm(typed);
        assertThat(form.spots()).extracting(Spot::toString).containsExactly("NAVEL-0", "BELOW-20");
        assertThat(form.at(GapPage.preset("BEER_2009")).spots())
                .extracting(Spot::toString)
                .containsExactly("XIPHOID-150", "ABOVE-30", "NAVEL-0", "BELOW-20");
        assertThat(new GapForm(Map.of("spots", "")).spots()).isEqualTo(Spot.everyday());
    }

    private static Map<String, String> row(String state, String site, String width) {
        Map<String, String> typed = new HashMap<>();
        typed.put("formKey", "key");
        String spot = state + "-" + Spot.usual(Site.valueOf(site));
        typed.put("width-" + spot, width);
        typed.put("depth-" + spot, "FIRST_KNUCKLE");
        typed.put("firmness-" + spot, "2");
        return typed;
    }
}
