package openbloom.app.studio;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.OptionalLong;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;

/** Codes of six digits that an app and this application make from the same secret and the time (RFC 6238). */
final class OneTimeCodes {
    private static final TimeBasedOneTimePasswordGenerator CODES = new TimeBasedOneTimePasswordGenerator();
    private static final long STEP_SECONDS = CODES.getTimeStep().toSeconds();
    private static final int SECRET_BYTES = 20;
    private static final SecureRandom RANDOM = new SecureRandom();

    private OneTimeCodes() {}

    /** A new secret, as apps take it by hand: 32 letters and digits. */
    static String newSecret() {
        byte[] secret = new byte[SECRET_BYTES];
        RANDOM.nextBytes(secret);
        return new Base32().encodeToString(secret);
    }

    /** The address apps read from a picture. */
    static String address(String secret, String email) {
        String who = URLEncoder.encode(email, StandardCharsets.UTF_8);
        return "otpauth://totp/Open%20Bloom:" + who + "?secret=" + secret + "&issuer=Open%20Bloom";
    }

    /** The step of time a code belongs to: this one, the last or the next, since clocks differ; empty if it is none of theirs. */
    static OptionalLong stepOf(String code, String secret, Instant now) {
        SecretKeySpec key = new SecretKeySpec(new Base32().decode(secret), CODES.getAlgorithm());
        OptionalLong found = OptionalLong.empty();
        for (long away = -1; away <= 1; away++) {
            Instant at = now.plusSeconds(away * STEP_SECONDS);
            if (code(key, at).equals(code)) {
                found = OptionalLong.of(at.getEpochSecond() / STEP_SECONDS);
            }
        }
        return found;
    }

    private static String code(SecretKeySpec key, Instant at) {
        try {
            return CODES.generateOneTimePasswordString(key, at);
        } catch (InvalidKeyException impossible) {
            throw new IllegalStateException("Every key of bytes is good for " + CODES.getAlgorithm(), impossible);
        }
    }
}
