package openbloom.core.picture;

/** The tones of the product, as they are drawn. */
final class Palette {
    static final String PAPER = "#FBF8F2";
    static final String INK = "#22313F";
    static final String MUTED = "#5C6670";
    static final String LINE = "#DAD3C5";
    static final String MOSS = "#3F6B57";
    static final String MOSS_PALE = "#C5D5CB";
    static final String BAND = "#EFE6D3";
    static final String CLAY = "#A9502F";
    static final String SAFFRON = "#C98A1B";
    static final String PLUM = "#5B4B66";
    static final String SLATE = "#4A6A86";
    static final String SKIN = "#F3E9DA";
    static final String SKIN_LINE = "#CDBFA6";

    private Palette() {}
}
