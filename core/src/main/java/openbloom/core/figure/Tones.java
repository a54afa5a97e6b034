package openbloom.core.figure;

/** Colours of a body: the nearer side, and the further one that is 44 % paper. */
record Tones(String skin, String top, String leggings, String hair, String ink) {
    static final String PAPER = "#FBF8F2";
    static final Tones NEAR = new Tones("#E2C0A6", "#C3CFC6", "#71879A", "#51474C", "#22313F");
    static final Tones FAR = NEAR.paler(0.44);
    static final Tones GHOST = NEAR.paler(0.72);

    private Tones paler(double share) {
        return new Tones(
                mixed(skin, share),
                mixed(top, share),
                mixed(leggings, share),
                mixed(hair, share),
                mixed(ink, share * 0.8));
    }

    private static String mixed(String tone, double share) {
        StringBuilder text = new StringBuilder("#");
        for (int i = 1; i < 7; i += 2) {
            int from = Integer.parseInt(tone.substring(i, i + 2), 16);
            int to = Integer.parseInt(PAPER.substring(i, i + 2), 16);
            text.append(String.format("%02X", Math.round(from + (to - from) * share)));
        }
        return text.toString();
    }
}
