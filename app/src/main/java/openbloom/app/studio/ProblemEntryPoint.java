package openbloom.app.studio;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;

/** Tells a program that it has to sign in, as a problem document. */
final class ProblemEntryPoint implements AuthenticationEntryPoint {
    /** @param why a sentence without quotation marks */
    static void forbid(HttpServletResponse response, String why) throws IOException {
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        response.getWriter().write("""
                        {"type":"about:blank","title":"Forbidden","status":403,"detail":"%s"}""".formatted(why));
    }

    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException refused)
            throws IOException {
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        if (refused instanceof TooManyTries) {
            response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            response.setHeader("Retry-After", String.valueOf(SignInGuard.PAUSE.toSeconds()));
            response.getWriter().write("""
                            {"type":"about:blank","title":"Too Many Requests","status":429,\
                            "detail":"Too many wrong passwords. Wait a few minutes, then try again."}""");
            return;
        }
        response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
        response.setHeader("WWW-Authenticate", "Basic realm=\"Open Bloom\"");
        response.getWriter().write("""
                        {"type":"about:blank","title":"Unauthorized","status":401,\
                        "detail":"Sign in with HTTP Basic, the email and password of an account, or with a token."}""");
    }
}
