package openbloom.app.studio;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import openbloom.app.system.StudioDay;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Makes guessing links hopeless: after twenty wrong ones within a minute an address has to wait one. Our own convention, no source. */
@Component
public class GuessGuard {
    /** Stands where a refused sign-in has an account. */
    static final String A_LINK = "a link";

    static final int WRONG_A_MINUTE = 20;
    static final Duration PAUSE = Duration.ofMinutes(1);
    private static final String GUESSED = "GUESSED";
    private static final int MOST_REMEMBERED = 20_000;
    private static final Logger LOG = LoggerFactory.getLogger(GuessGuard.class);

    private final AccountMapper accounts;
    private final StudioDay day;
    private final Cache<String, Guesses> byAddress = Caffeine.newBuilder()
            .maximumSize(MOST_REMEMBERED)
            .expireAfterWrite(Duration.ofHours(1))
            .build();

    GuessGuard(AccountMapper accounts, StudioDay day) {
        this.accounts = accounts;
        this.day = day;
    }

    /** Wrong links of one minute, and until when the next has to wait. */
    private record Guesses(Instant since, int wrong, Instant until) {
        Guesses oneMore(Instant now) {
            boolean sameMinute = now.isBefore(since.plus(PAUSE));
            int all = sameMinute ? wrong + 1 : 1;
            return new Guesses(sameMinute ? since : now, all, all >= WRONG_A_MINUTE ? now.plus(PAUSE) : until);
        }
    }

    /** Whether the next guess from an address has to wait. */
    public boolean mustWait(String address) {
        Guesses known = byAddress.getIfPresent(address);
        return known != null && known.until().isAfter(day.instant());
    }

    public void wrong(String address) {
        Instant now = day.instant();
        Guesses first = new Guesses(now, 1, Instant.EPOCH);
        Guesses all = byAddress.asMap().merge(address, first, (before, one) -> before.oneMore(now));
        if (all.wrong() == WRONG_A_MINUTE) {
            LOG.info("Links are being guessed from {}: it has to wait", address);
            accounts.noteRefused(A_LINK, address, now, GUESSED);
        }
    }
}
