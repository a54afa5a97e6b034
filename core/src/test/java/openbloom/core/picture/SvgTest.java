package openbloom.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A drawing is put into a page as it is: nothing written in it may be read as markup. */
class SvgTest {
    private static final String TYPED = "<i>\"&amp;\"</i>";
    private static final String WRITTEN = "&lt;i&gt;&quot;&amp;amp;&quot;&lt;/i&gt;";

    @Test
    void writesWhatItIsToldAsWords() {
        Svg svg = Svg.drawing(0, 0, 10, 10, TYPED, "test");
        svg.words(TYPED, 1, 1, Letters.of(14, Palette.INK));
        svg.named(TYPED);
        svg.close();
        String drawing = svg.finish();
        assertThat(drawing).doesNotContain("<i>").doesNotContain("\"&amp;\"");
        assertThat(drawing.split(java.util.regex.Pattern.quote(WRITTEN), -1)).hasSize(4);
    }
}
