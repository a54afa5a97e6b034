package openbloom.core.picture;

/**
 * How words in a drawing look.
 *
 * @param halo tone drawn round the letters so that they stand out from lines; empty for none
 */
record Letters(double size, String tone, boolean bold, String anchor, String halo) {
    static Letters of(double size, String tone) {
        return new Letters(size, tone, false, "start", "");
    }

    Letters strong() {
        return new Letters(size, tone, true, anchor, halo);
    }

    Letters centred() {
        return new Letters(size, tone, bold, "middle", halo);
    }

    Letters endingHere() {
        return new Letters(size, tone, bold, "end", halo);
    }

    Letters over(String ground) {
        return new Letters(size, tone, bold, anchor, ground);
    }

    String attributes() {
        return " font-size=\"" + Svg.number(size) + "\" fill=\"" + tone + "\" text-anchor=\"" + anchor + "\""
                + (bold ? " font-weight=\"600\"" : "")
                + (halo.isEmpty()
                        ? ""
                        : " paint-order=\"stroke\" stroke=\"" + halo
                                + "\" stroke-width=\"3\" stroke-linejoin=\"round\"");
    }
}
