package openbloom.app.system;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** What opens something for whoever has it: made at random, and kept by its digest alone. */
public final class Secrets {
    private static final SecureRandom CHANCE = new SecureRandom();

    private Secrets() {}

    /** A fresh one, in letters that stand in an address as they are. */
    public static String fresh(int bytes) {
        byte[] random = new byte[bytes];
        CHANCE.nextBytes(random);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(random);
    }

    /** A fresh one of so many of some letters, for somebody to copy by hand. */
    public static String word(String letters, int length) {
        return CHANCE.ints(length, 0, letters.length())
                .collect(StringBuilder::new, (word, at) -> word.append(letters.charAt(at)), StringBuilder::append)
                .toString();
    }

    /** SHA-256 of a text, as 64 hexadecimal digits. */
    public static String digest(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java has SHA-256", impossible);
        }
    }
}
