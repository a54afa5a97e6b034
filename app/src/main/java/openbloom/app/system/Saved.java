package openbloom.app.system;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.ResponseCookie;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.servlet.ModelAndView;

/**
 * A form that was kept: where it leads, and the one line its next page says about what happened. The line travels in a cookie of that
 * page alone: two forms of one browser at once would get in each other's way in its session.
 */
@ControllerAdvice
public final class Saved {
    private static final String LINE = "saved";
    private static final String KEYS = LINE + ".";
    private static final Duration UNTIL_THE_NEXT_PAGE = Duration.ofMinutes(1);

    Saved() {}

    /**
     * @param redirect {@code redirect:/…}
     * @param line key of the messages file, {@code saved.…}
     */
    public static ModelAndView then(String redirect, String line) {
        return new ModelAndView(address(redirect, line));
    }

    /** As {@link #then}, as the name of a view. */
    public static String address(String redirect, String line) {
        ServletRequestAttributes now = (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
        HttpServletResponse response = now.getResponse();
        if (response != null) {
            String page = redirect.replaceFirst("^redirect:", "").replaceAll("[?#].*", "");
            String last = line.substring(KEYS.length());
            put(now.getRequest(), response, page, last, UNTIL_THE_NEXT_PAGE);
        }
        return redirect;
    }

    /** The key of the line for the page that is asked for; it is said once. */
    @ModelAttribute(LINE)
    @Nullable
    String line(
            HttpServletRequest request,
            HttpServletResponse response,
            @CookieValue(name = LINE, required = false) @Nullable String line) {
        if (line == null || !HttpMethod.GET.matches(request.getMethod())) {
            return null;
        }
        put(request, response, request.getRequestURI(), "", Duration.ZERO);
        return KEYS + line;
    }

    private static void put(
            HttpServletRequest request, HttpServletResponse response, String page, String line, Duration lasts) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(LINE, line)
                        .path(page)
                        .maxAge(lasts)
                        .httpOnly(true)
                        .sameSite("Strict")
                        .secure(request.isSecure())
                        .build()
                        .toString());
    }
}
