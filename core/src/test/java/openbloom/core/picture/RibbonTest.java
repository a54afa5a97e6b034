package openbloom.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.xml.sax.InputSource;

class RibbonTest {
    private static final LocalDate FROM = LocalDate.of(2026, 1, 1);
    private static final List<Ribbon.Band> BANDS = List.of(
            new Ribbon.Band(FROM, FROM.plusDays(100), "first", "#111111", false),
            new Ribbon.Band(FROM.plusDays(100), FROM.plusDays(400), "second & last", "#222222", true));

    @Test
    void drawsBandsToTheScaleOfTheirDays() throws Exception {
        List<Element> boxes = all(parse(ribbon(FROM.plusDays(50))), "rect");
        double first = width(boxes.get(0));
        double second = width(boxes.get(1));
        assertThat((second + 1) / (first + 1)).isBetween(2.98, 3.02);
        assertThat(boxes.get(1).getAttribute("stroke-dasharray")).isNotEmpty();
    }

    @Test
    void movesItsLineWithTheDayShownAndLeavesOutWhatLiesOutside() {
        assertThat(ribbon(FROM.plusDays(50))).isNotEqualTo(ribbon(FROM.plusDays(51)));
        assertThat(ribbon(FROM.plusDays(50))).contains("gap check, 10 Feb 2026").doesNotContain("long ago");
    }

    @Test
    void readsAloudWhereItStands() throws Exception {
        assertThat(parse(ribbon(FROM.plusDays(9))).getDocumentElement().getAttribute("aria-label"))
                .isEqualTo("Season from 1 Jan 2026 to 5 Feb 2027, standing on 10 Jan 2026");
    }

    private static String ribbon(LocalDate shown) {
        List<Ribbon.Mark> marks = List.of(
                new Ribbon.Mark(FROM.plusDays(40), "gap check", Ribbon.RibbonKind.CHECK),
                new Ribbon.Mark(FROM.plusDays(41), "session", Ribbon.RibbonKind.SESSION),
                new Ribbon.Mark(FROM.plusDays(100), "birth", Ribbon.RibbonKind.BIRTH),
                new Ribbon.Mark(FROM.plusDays(120), "change", Ribbon.RibbonKind.CHANGE),
                new Ribbon.Mark(FROM.plusDays(142), "6 wk", Ribbon.RibbonKind.TICK),
                new Ribbon.Mark(FROM.minusDays(5), "long ago", Ribbon.RibbonKind.CHECK));
        return Ribbon.of(BANDS, marks, FROM.plusDays(30), shown);
    }

    private static double width(Element box) {
        return Double.parseDouble(box.getAttribute("width"));
    }

    private static List<Element> all(Document svg, String tag) {
        List<Element> elements = new ArrayList<>();
        var nodes = svg.getElementsByTagName(tag);
        for (int i = 0; i < nodes.getLength(); i++) {
            elements.add((Element) nodes.item(i));
        }
        return elements;
    }

    private static Document parse(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }
}
