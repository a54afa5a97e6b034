package openbloom.app.studio;

import java.util.Set;

/** What a program may do with a token. */
public enum ApiScope {
    /** Look up: moves, reasons, evidence, vocabulary, figures. */
    READ("look up", Set.of("GET", "HEAD")),
    /** Look up, and calculate what it sends. */
    CALCULATE("look up and calculate", Set.of("GET", "HEAD", "POST")),
    /** The same, and the figures of the installation if whoever made it is an owner. */
    EVERYTHING("everything: also, for owners, how the installation does", Set.of("GET", "HEAD", "POST"));

    private final String words;
    private final Set<String> methods;

    ApiScope(String words, Set<String> methods) {
        this.words = words;
        this.methods = methods;
    }

    public String words() {
        return words;
    }

    boolean allows(String method) {
        return methods.contains(method);
    }
}
