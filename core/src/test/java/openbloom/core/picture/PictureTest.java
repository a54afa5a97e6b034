package openbloom.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.List;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.moves.ExerciseGroup;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;

class PictureTest {
    private static final List<GapState> SHOWN = List.of(GapState.LIFT, GapState.CONNECTED);

    @Test
    void drawsAWidthToTheScaleOfItsMillimetres() throws Exception {
        assertThat(barLength(new Width.Millimetres(40), Optional.empty())).isEqualTo(40);
        assertThat(barLength(Width.ofHalfFingers(5), Optional.empty())).isEqualTo(40);
        assertThat(barLength(Width.ofHalfFingers(4), Optional.of(new FingerWidths(List.of(14, 28, 43, 58)))))
                .isEqualTo(28);
    }

    @Test
    void changesWithEveryFactItShows() {
        String plain = map(reading(Depth.SURFACE, Firmness.NONE, YesNoUnknown.NO));
        assertThat(map(reading(Depth.DEEPER, Firmness.NONE, YesNoUnknown.NO))).isNotEqualTo(plain);
        assertThat(map(reading(Depth.SURFACE, Firmness.FIRM, YesNoUnknown.NO))).isNotEqualTo(plain);
        assertThat(map(reading(Depth.SURFACE, Firmness.NONE, YesNoUnknown.YES)))
                .contains("domes")
                .isNotEqualTo(plain);
        assertThat(MidlineMap.of(List.of(), Optional.empty(), SHOWN)).contains("not read yet");
    }

    @Test
    void isWellFormedWithoutStyleOrScriptWhateverIsDrawn() throws Exception {
        String strip = SessionStrip.of(
                List.of(new SessionStrip.StripBlock("A <b> & \"c\"", ExerciseGroup.BREATH, 60, "on the back")),
                List.of(new SessionStrip.StripPart("arriving & <b>", 0, 1)));
        for (String svg : List.of(
                map(reading(Depth.DEEPER, Firmness.FIRM, YesNoUnknown.YES)),
                strip,
                StageRing.of(41, 40, true),
                StageRing.plain())) {
            Document parsed = parse(svg);
            assertThat(parsed.getDocumentElement().getAttribute("aria-label")).isNotBlank();
            assertThat(svg).doesNotContain("style=").doesNotContain("<script");
        }
    }

    private static double barLength(Width width, Optional<FingerWidths> fingers) throws Exception {
        GapReading reading =
                new GapReading(Site.NAVEL, 0, GapState.LIFT, width, Depth.SURFACE, Firmness.NONE, YesNoUnknown.NO);
        Document svg = parse(MidlineMap.of(List.of(reading), fingers, SHOWN));
        var paths = svg.getElementsByTagName("path");
        for (int i = 0; i < paths.getLength(); i++) {
            var element = (org.w3c.dom.Element) paths.item(i);
            if (element.getAttribute("stroke-width").equals("2.6")) {
                String[] points = element.getAttribute("d").substring(1).split("[L,]");
                return Double.parseDouble(points[2]) - Double.parseDouble(points[0]);
            }
        }
        throw new AssertionError("no bar drawn");
    }

    private static GapReading reading(Depth depth, Firmness firmness, YesNoUnknown domed) {
        return new GapReading(Site.NAVEL, 0, GapState.LIFT, Width.ofHalfFingers(5), depth, firmness, domed);
    }

    private static String map(GapReading reading) {
        return MidlineMap.of(List.of(reading), Optional.empty(), SHOWN);
    }

    private static Document parse(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }
}
