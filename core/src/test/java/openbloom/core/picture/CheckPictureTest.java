package openbloom.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.io.StringReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import openbloom.core.Days;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.breath.Movement;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Outlook;
import openbloom.core.gap.Repeatability;
import openbloom.core.gap.RepeatabilityInUse;
import openbloom.core.gap.Series;
import openbloom.core.gap.Trend;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.Area;
import openbloom.core.pelvicfloor.DatedCheck;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.pelvicfloor.trace.Convention;
import openbloom.core.pelvicfloor.trace.Protocol;
import openbloom.core.pelvicfloor.trace.SensorProfile;
import openbloom.core.pelvicfloor.trace.SimulatedSensor;
import openbloom.core.pelvicfloor.trace.Trace;
import openbloom.core.pelvicfloor.trace.TraceAnalyser;
import openbloom.core.pelvicfloor.trace.TraceBuilder;
import openbloom.core.pelvicfloor.trace.TraceFindings;
import openbloom.core.pelvicfloor.trace.TraceUnit;
import openbloom.core.record.LoadCheck;
import openbloom.core.screening.EffortCheck;
import openbloom.core.screening.FeltIn;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.SideScore;
import openbloom.core.screening.SideTask;
import openbloom.core.screening.Symptom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.xml.sax.InputSource;

class CheckPictureTest {
    private static final LocalDate DAY = LocalDate.of(2026, 6, 1);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    @Test
    void everyPictureIsWellFormedAndChangesWithWhatWasFound() throws Exception {
        List<String> empty = List.of(
                RibSection.of(Map.of()),
                ConnectSteps.of(ConnectCheck.NOT_CHECKED),
                SideBars.of(SideCheck.NOT_CHECKED),
                LoadLadders.of(LoadCheck.NOT_CHECKED, CATALOGUE),
                EffortScale.of(EffortCheck.NOT_CHECKED),
                chart(0, 0, Optional.empty()));
        SideScore strong = new SideScore(3, 3, FeltIn.RIGHT_PLACE);
        SideScore weak = new SideScore(1, 2, FeltIn.BACK);
        LoadCheck.LadderClimb climb = new LoadCheck.LadderClimb(3, LoadCheck.EndedBy.DOMED);
        List<String> filled = List.of(
                RibSection.of(Map.of(BreathZone.BELLY, Movement.FULL)),
                ConnectSteps.of(new ConnectCheck(Map.of(), Map.of(ConnectPosition.LYING, true), Set.of())),
                SideBars.of(SideCheck.of(Map.of(SideTask.STAND_ON_ONE_LEG, new SideCheck.BothSides(strong, weak)))),
                LoadLadders.of(new LoadCheck(Map.of(ExerciseGroup.LIMB_LOAD, climb)), CATALOGUE),
                EffortScale.of(new EffortCheck(YesNoUnknown.NO, Optional.of(16), Optional.empty())),
                chart(8, 5, Optional.of(new TrendChart.Limit(2, "two fingers"))));
        for (int i = 0; i < empty.size(); i++) {
            assertThat(name(filled.get(i))).isNotEqualTo(name(empty.get(i)));
            assertThat(filled.get(i)).isNotEqualTo(empty.get(i)).doesNotContain("style=");
        }
        assertThat(filled.get(2)).contains("3 weaker");
        assertThat(filled.get(3)).contains(">flat to 3<", ">domes<");
    }

    /** With no reading, one, two and forty, very narrow and very wide, everything drawn stays on the sheet. */
    @ParameterizedTest
    @CsvSource({"0, 0", "1, 0", "1, 10", "2, 0.5", "40, 10", "40, 0"})
    void keepsEveryPointOfATrendOnTheSheet(int readings, double first) throws Exception {
        var circles = parse(chart(readings, first, Optional.of(new TrendChart.Limit(2, "two fingers"))))
                .getElementsByTagName("circle");
        assertThat(circles.getLength()).isEqualTo(readings);
        for (int i = 0; i < circles.getLength(); i++) {
            assertThat(number(circles.item(i).getAttributes().getNamedItem("cx").getNodeValue()))
                    .isBetween(58.0, 616.0);
            assertThat(number(circles.item(i).getAttributes().getNamedItem("cy").getNodeValue()))
                    .isBetween(22.0, 248.0);
        }
    }

    @Test
    void marksWhatWasFoundOnATrace() throws Exception {
        SimulatedSensor sensor = new SimulatedSensor(SensorProfile.WEAK_FADING, Protocol.of(3, 8, 8, 4), 50, 28, 0, 3);
        TraceBuilder builder = new TraceBuilder(TraceUnit.CMH2O);
        while (sensor.hasNext()) {
            SimulatedSensor.Sample sample = sensor.next();
            builder.add(sample.seconds(), sample.value());
        }
        Trace trace = builder.build();
        TraceFindings found = TraceAnalyser.analyse(trace, TraceUnit.CMH2O, Convention.USUAL);
        String picture = TracePicture.of(trace, found, TraceUnit.CMH2O);
        assertThat(name(picture)).contains("3 holds, 4 flicks");
        assertThat(parse(picture).getElementsByTagName("rect").getLength()).isEqualTo(3);
        assertThat(picture)
                .contains("stroke-dasharray=\"5 4\"")
                .contains("cmH₂O")
                .doesNotContain("NaN");
        assertThat(picture.length()).isLessThan(60_000);
    }

    @Test
    void drawsTheFloorOverTheWeeksAndWhereSheDidNotLetGo() throws Exception {
        PelvicFloorCheck tight =
                new PelvicFloorCheck(3, 2, 4, LettingGo.ABSENT, Tone.TIGHT, YesNoUnknown.YES, YesNoUnknown.NO);
        PelvicFloorCheck better =
                new PelvicFloorCheck(6, 4, 7, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO);
        String picture = FloorTrend.of(
                List.of(
                        new DatedCheck(DAY, tight, Set.of(Area.LEFT)),
                        new DatedCheck(DAY.plusWeeks(4), better, Set.of())),
                List.of(
                        new FloorTrend.AskedFor(DAY.minusDays(1), Set.of(Symptom.HEAVINESS)),
                        new FloorTrend.AskedFor(DAY, Set.of(Symptom.LEAK_WITH_URGE, Symptom.WRIST_PAIN)),
                        new FloorTrend.AskedFor(DAY.plusWeeks(5), Set.of(Symptom.PAIN_WITH_LIFTS))));
        assertThat(name(picture)).contains("hold 6 s, 4 holds, 7 flicks, lets go fully; pain");
        assertThat(picture).containsOnlyOnce(Days.words(DAY) + ": leaking").contains(Days.words(DAY) + ": no pain");
        assertThat(picture.split(": no ")).hasSize(5);
        assertThat(picture).containsOnlyOnce(">L<").doesNotContain(">R<");
        assertThat(picture).containsOnlyOnce("does not let go").contains("best hold, s");
        assertThatIllegalArgumentException().isThrownBy(() -> FloorTrend.of(List.of(), List.of()));
        String dial = PelvicFloorMap.of(Set.of(Area.LEFT, Area.MIDDLE), Set.of(Area.LEFT));
        assertThat(name(dial)).isEqualTo("The pelvic floor from below, a lift felt left, middle; weaker left");
        assertThat(dial).isNotEqualTo(PelvicFloorMap.of(Set.of(Area.LEFT, Area.MIDDLE), Set.of()));
        assertThat(name(PelvicFloorMap.of(Set.of(), Set.of()))).contains("felt in none of its five areas yet");
    }

    private static String chart(int readings, double first, Optional<TrendChart.Limit> limit) {
        List<Trend.TrendPoint> all = new ArrayList<>();
        for (int week = 0; week < readings; week++) {
            all.add(new Trend.TrendPoint(DAY.plusWeeks(week), Math.max(0, first - week * 0.25)));
        }
        Series series = new Series(Method.FINGERS, new Measured.Examiner(1, "Ines"), all);
        RepeatabilityInUse oneFinger =
                RepeatabilityInUse.of(Method.FINGERS, Repeatability.Sums.NONE, Repeatability.Sums.NONE);
        Outlook outlook = Outlook.of(series, new Outlook.GapTarget.TargetReach(2, "2 fingers"), oneFinger);
        return TrendChart.of(new TrendChart.Data(series, List.of(), 1, limit, outlook.trend(), outlook.forecast()));
    }

    private static double number(String text) {
        return Double.parseDouble(text);
    }

    private static String name(String svg) throws Exception {
        return parse(svg).getDocumentElement().getAttribute("aria-label");
    }

    private static org.w3c.dom.Document parse(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }

    /** A ladder's line begins on the day it was first decided, steps where it changes, and ends with its rung. */
    @Test
    void drawsLaddersOverTime() throws Exception {
        List<RungsPicture.RungBar> steps = List.of(
                new RungsPicture.RungBar(ExerciseGroup.BRIDGE, DAY.minusDays(40), 2, 7),
                new RungsPicture.RungBar(ExerciseGroup.BRIDGE, DAY.minusDays(20), 3, 7),
                new RungsPicture.RungBar(ExerciseGroup.LIMB_LOAD, DAY.minusDays(20), 5, 10));
        String picture = RungsPicture.of(steps, DAY);
        DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(picture)));
        assertThat(picture).contains("Bridge 2 to 3", "Limb load 5 to 5", "3 of 7", "5 of 10");
        assertThat(picture).contains(Days.words(DAY.minusDays(40)), Days.words(DAY));
        assertThat(picture).as("two and three sevenths of its height").contains("M190,75.7H560V72.6H930");
        assertThat(RungsPicture.of(steps.subList(0, 1), DAY))
                .doesNotContain("Limb load")
                .isNotEqualTo(picture);
    }

    /** Two done, one she works on, one likely, three ahead; a bar where the next is held. */
    @Test
    void drawsALadderAsBeads() {
        String free = LadderBeads.of(ExerciseGroup.BRIDGE, new LadderBeads.Levels(3, 4, 7, false));
        assertThat(free).contains("Bridge: level 3 of 7, likely 4 by the end").doesNotContain("held");
        assertThat(free.split("<circle", -1)).as("a bead a level").hasSize(8);
        assertThat(free.split("r=\"6\"", -1)).as("done and now").hasSize(4);
        assertThat(free.split("r=\"2.5\"", -1)).as("ahead").hasSize(4);
        assertThat(free.split("stroke-dasharray", -1)).as("likely").hasSize(2);
        String held = LadderBeads.of(ExerciseGroup.BRIDGE, new LadderBeads.Levels(3, 3, 7, true));
        assertThat(held).contains("level 3 of 7, the next is held").contains("M60,2L60,18");
        assertThat(LadderBeads.of(ExerciseGroup.BRIDGE, new LadderBeads.Levels(7, 7, 7, true)))
                .doesNotContain("M140,");
    }

    /** Coughs, jumps and holes are drawn where they are, and only there. */
    @Test
    void drawsWhatATraceShowsAside() {
        String typical = trace(SensorProfile.TYPICAL);
        assertThat(typical).doesNotContain("<circle", "no samples");
        assertThat(trace(SensorProfile.COUGHING).split("<circle", -1)).hasSizeGreaterThan(2);
        assertThat(trace(SensorProfile.LOST_CONTACT)).contains("no samples");
        assertThat(trace(SensorProfile.MOVING)).isNotEqualTo(typical).contains("2 4");
    }

    private static String trace(SensorProfile profile) {
        SimulatedSensor sensor = new SimulatedSensor(profile, Protocol.of(4, 6, 8, 6), 50, 26, 0.1, 3);
        TraceBuilder builder = new TraceBuilder(TraceUnit.CMH2O);
        while (sensor.hasNext()) {
            SimulatedSensor.Sample sample = sensor.next();
            if (!Double.isNaN(sample.value())) {
                builder.add(sample.seconds(), sample.value());
            }
        }
        Trace trace = builder.build();
        return TracePicture.of(trace, TraceAnalyser.analyse(trace, TraceUnit.CMH2O, Convention.USUAL), TraceUnit.CMH2O);
    }
}
