package openbloom.app.studio;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import openbloom.app.system.StudioDay;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Makes guessing slow: after five wrong tries for a name, or thirty from an address, the next has to wait, first for
 * seconds, then for minutes. Whether the name exists makes no difference. Our own convention, no source.
 */
@Component
class SignInGuard {
    static final int WRONG_FOR_A_NAME = 5;
    static final int WRONG_FROM_AN_ADDRESS = 30;
    static final Duration PAUSE = Duration.ofMinutes(5);
    static final String WRONG = "WRONG";
    static final String PAUSED = "PAUSED";
    static final String WRONG_CODE = "WRONG_CODE";
    private static final int TRIES_UNTIL_A_PAUSE = 5;
    private static final int MOST_REMEMBERED = 20_000;
    private static final int LONGEST_NAME = 200;
    private static final Logger LOG = LoggerFactory.getLogger(SignInGuard.class);

    private final AccountMapper accounts;
    private final StudioDay day;
    private final Cache<String, Tries> tries = Caffeine.newBuilder()
            .maximumSize(MOST_REMEMBERED)
            .expireAfterWrite(Duration.ofHours(1))
            .build();

    SignInGuard(AccountMapper accounts, StudioDay day) {
        this.accounts = accounts;
        this.day = day;
    }

    /** Wrong tries so far, and until when the next has to wait. */
    private record Tries(int wrong, Instant until) {
        static final Tries NONE = new Tries(0, Instant.EPOCH);

        Tries oneMore(int free, Instant now) {
            int beyond = wrong + 1 - free;
            Duration wait = beyond < 0
                    ? Duration.ZERO
                    : beyond < TRIES_UNTIL_A_PAUSE ? Duration.ofSeconds(2L << beyond) : PAUSE;
            return new Tries(wrong + 1, now.plus(wait));
        }
    }

    /** Whether the next try has to wait. */
    boolean mustWait(String name, String address) {
        Instant now = day.instant();
        return waits(nameKey(name), name, address, now);
    }

    /** The same of codes: her password is right already, and does not count as one. */
    boolean codeMustWait(String name, String address) {
        return waits(codeKey(name), name, address, day.instant());
    }

    private boolean waits(String key, String name, String address, Instant now) {
        boolean waits =
                of(key).until().isAfter(now) || of(addressKey(address)).until().isAfter(now);
        if (waits) {
            note(name, address, PAUSED);
        }
        return waits;
    }

    void wrong(String name, String address) {
        wrong(nameKey(name), name, address, WRONG);
    }

    void codeWrong(String name, String address) {
        wrong(codeKey(name), name, address, WRONG_CODE);
    }

    void codeRight(String name) {
        tries.invalidate(codeKey(name));
    }

    private void wrong(String key, String name, String address, String why) {
        Instant now = day.instant();
        tries.asMap()
                .merge(
                        key,
                        Tries.NONE.oneMore(WRONG_FOR_A_NAME, now),
                        (before, first) -> before.oneMore(WRONG_FOR_A_NAME, now));
        tries.asMap()
                .merge(
                        addressKey(address),
                        Tries.NONE.oneMore(WRONG_FROM_AN_ADDRESS, now),
                        (before, first) -> before.oneMore(WRONG_FROM_AN_ADDRESS, now));
        note(name, address, why);
    }

    void right(String name) {
        tries.invalidate(nameKey(name));
    }

    private Tries of(String key) {
        Tries kept = tries.getIfPresent(key);
        return kept == null ? Tries.NONE : kept;
    }

    private void note(String name, String address, String why) {
        LOG.info("A sign-in was refused ({}), from {}", why, address);
        accounts.noteRefused(shortened(name), address, day.instant(), why);
    }

    private static String nameKey(String name) {
        return "name " + shortened(name);
    }

    private static String codeKey(String name) {
        return "code " + shortened(name);
    }

    private static String addressKey(String address) {
        return "address " + address;
    }

    private static String shortened(String name) {
        String plain = name.strip().toLowerCase(Locale.ROOT);
        return plain.length() > LONGEST_NAME ? plain.substring(0, LONGEST_NAME) : plain;
    }
}
