package openbloom.app.checks;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.app.system.Typed;
import openbloom.core.Problem;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.stage.Told;
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
        Typed problems = new Typed();
        form.check(DAY, problems);
        assertThat(problems.problems()).extracting(Problem::field).containsExactly("width-LIFT-NAVEL");
        assertThat(form.at("width", GapState.LIFT, Site.NAVEL)).isEqualTo(typed);
    }

    @Test
    void needsDepthAndFloorBesideAWidthAndAWidthBesideThem() {
        Map<String, String> typed = row("LIFT", "NAVEL", "3");
        typed.remove("depth-LIFT-NAVEL");
        typed.put("firmness-LIFT-ABOVE", "2");
        Typed problems = new Typed();
        new GapForm(typed).check(DAY, problems);
        assertThat(problems.problems())
                .extracting(Problem::field, Problem::key)
                .containsExactlyInAnyOrder(
                        org.assertj.core.groups.Tuple.tuple("width-LIFT-ABOVE", "gap.widthMissing"),
                        org.assertj.core.groups.Tuple.tuple("width-LIFT-NAVEL", "gap.incomplete"));
    }

    @Test
    void opensAtTheStateOfItsFirstProblemAndElseAtTheSmallLift() {
        assertThat(new GapForm(Map.of()).state()).isEqualTo(GapState.LIFT);
        GapForm form = new GapForm(Map.of("state", "REST"));
        assertThat(form.state()).isEqualTo(GapState.REST);
        assertThat(form.openedAtProblem(Map.of("width-CONNECTED-NAVEL", "x")).state())
                .isEqualTo(GapState.CONNECTED);
        assertThat(form.openedAtProblem(Map.of("formKey", "x")).state()).isEqualTo(GapState.REST);
    }

    @Test
    void readsAWholeCheckWithDomingToldOrNot() {
        Map<String, String> typed = row("LIFT", "NAVEL", "3");
        typed.putAll(row("CONNECTED", "NAVEL", "2.5"));
        typed.put("domed-LIFT-NAVEL", "YES");
        typed.put("formKey", "key");
        Typed problems = new Typed();
        GapCheck check = new GapForm(typed).check(DAY, problems);
        assertThat(problems.isClean()).isTrue();
        assertThat(check.readings()).hasSize(2);
        assertThat(check.at(Site.NAVEL, GapState.LIFT).orElseThrow().domed()).isEqualTo(Told.YES);
        assertThat(check.at(Site.NAVEL, GapState.CONNECTED).orElseThrow().domed())
                .isEqualTo(Told.UNKNOWN);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6|6|same width; fingers cannot tell less than one finger apart",
                "6|5|½ finger narrower; fingers cannot tell less than one finger apart",
                "6|4|1 finger narrower; read by the same person it may be a change",
                "4|7|1½ fingers wider; read by the same person it may be a change"
            })
    void saysWhatChangedSinceTheLastCheckAndWhetherFingersCanTell(int before, int now, String words) {
        GapCheck last = new GapCheck(DAY.minusDays(7), List.of(lift(before)));
        GapView view =
                GapView.of(List.of(lift(now)), Optional.empty(), GapState.LIFT, DAY, 33, Optional.of(last), false);
        assertThat(view.lines()).extracting(GapView.Line::text).contains("at the navel: " + words);
    }

    @Test
    void praisesWhatConnectingChangesAndNothingInPregnancy() {
        GapReading connected = new GapReading(
                Site.NAVEL, 0, GapState.CONNECTED, Width.ofHalfFingers(5), Depth.SURFACE, Firmness.FIRM, Told.NO);
        GapView view = GapView.of(
                List.of(lift(6), connected),
                Optional.of(new openbloom.core.gap.FingerWidths(List.of(15, 31, 47, 62))),
                GapState.LIFT,
                DAY,
                33,
                Optional.empty(),
                true);
        assertThat(view.lines())
                .filteredOn(GapView.Line::better)
                .extracting(GapView.Line::heading)
                .containsExactly("Connected changes it");
        assertThat(view.lines()).extracting(GapView.Line::heading).contains("While pregnant");
        assertThat(view.map())
                .contains("connected")
                .contains("small lift")
                .contains("3 fingers · 47 mm")
                .contains("mm derived from your fingers");
        assertThat(view.schools()).hasSize(7).anyMatch(answer -> answer.detail().contains("wider than 2 fingers"));
    }

    private static GapReading lift(int halves) {
        return new GapReading(
                Site.NAVEL, 0, GapState.LIFT, Width.ofHalfFingers(halves), Depth.FIRST_KNUCKLE, Firmness.SOFT, Told.NO);
    }

    private static Map<String, String> row(String state, String site, String width) {
        Map<String, String> typed = new HashMap<>();
        typed.put("formKey", "key");
        typed.put("width-" + state + "-" + site, width);
        typed.put("depth-" + state + "-" + site, "FIRST_KNUCKLE");
        typed.put("firmness-" + state + "-" + site, "2");
        return typed;
    }
}
