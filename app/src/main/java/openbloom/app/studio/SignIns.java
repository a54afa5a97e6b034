package openbloom.app.studio;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import openbloom.app.system.StudioDay;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Service;

/** Where somebody is signed in: begun, seen, and ended by herself from elsewhere. */
@Service
public class SignIns {
    private static final String ID = SignIns.class.getName();
    /** A session is idle so long at most. */
    private static final Duration LONGEST_IDLE = Duration.ofHours(8);

    private static final Duration SEEN_EVERY = Duration.ofMinutes(1);

    private final SignInMapper rows;
    private final StudioDay day;

    SignIns(SignInMapper rows, StudioDay day) {
        this.rows = rows;
        this.day = day;
    }

    /**
     * One that is open.
     *
     * @param browser a browser and a system, as far as they are told
     */
    public record OpenSignIn(long id, Instant begunAt, Instant seenAt, String address, String browser) {}

    /** Remembers in the session which it is. */
    void begin(SignedIn who, HttpServletRequest request) {
        String told =
                Optional.ofNullable(request.getHeader(HttpHeaders.USER_AGENT)).orElse("");
        String address = request.getRemoteAddr();
        long id = rows.begin(
                who.accountId(), day.instant(), address.substring(0, Math.min(60, address.length())), browser(told));
        request.getSession().setAttribute(ID, id);
    }

    /** A name people know and their system; what else a browser tells is not kept. */
    static String browser(String told) {
        String name = Stream.of("Edg", "Firefox", "Chrome", "Safari")
                .filter(told::contains)
                .findFirst()
                .map(known -> known.equals("Edg") ? "Edge" : known)
                .orElse("a browser");
        String system = Stream.of("iPhone", "iPad", "Android", "Windows", "Mac OS", "Linux")
                .filter(one -> Pattern.compile(Pattern.quote(one)).matcher(told).find())
                .findFirst()
                .map(one -> " on " + one)
                .orElse("");
        return name + system;
    }

    private static Optional<Long> of(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null && session.getAttribute(ID) instanceof Long id ? Optional.of(id) : Optional.empty();
    }

    /** Whether the sign-in of this request was not ended from elsewhere; it was seen now. */
    boolean isOpen(SignedIn who, HttpServletRequest request) {
        Optional<Long> id = of(request);
        if (id.isEmpty()) {
            return true;
        }
        Instant seen = rows.seenAt(who.accountId(), id.get());
        Instant now = day.instant();
        if (seen != null && seen.plus(SEEN_EVERY).isBefore(now)) {
            rows.seen(id.get(), now);
        }
        return seen != null;
    }

    /** Those of hers, the one seen last first. */
    List<OpenSignIn> open(SignedIn who) {
        return rows.open(who.accountId(), day.instant().minus(LONGEST_IDLE));
    }

    boolean isThis(OpenSignIn one, HttpServletRequest request) {
        return of(request).filter(id -> id == one.id()).isPresent();
    }

    void end(SignedIn who, HttpServletRequest request) {
        of(request).ifPresent(id -> rows.end(who.accountId(), id, day.instant()));
    }

    /** Ends every other of hers at its next page. */
    void endOthers(SignedIn who, HttpServletRequest request) {
        rows.endAllBut(who.accountId(), of(request).orElse(0L), day.instant());
    }
}
