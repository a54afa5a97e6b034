package openbloom.app.system;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/** How much may be sent: refused before it is read, whoever sends it. */
@Configuration
class RequestLimits {
    static final long LARGEST_JSON = 2_000_000;
    static final long LARGEST_FORM = 1_000_000;
    /** A bundle of another system, and the form around it. */
    static final long LARGEST_BUNDLE = 10_200_000;

    /** A file of readings or moves is at most 1 MB; the form around it needs a little more. */
    static final long LARGEST_UPLOAD = 1_200_000;

    static final int MOST_FIELDS = 600;
    static final int LONGEST_FIELD_NAME = 80;

    /** Names such as ours; in brackets the key of a field that is a map, never a number. */
    private static final Pattern FIELD_NAME =
            Pattern.compile("[A-Za-z0-9_.-]{1," + LONGEST_FIELD_NAME + "}(\\[[A-Za-z][A-Za-z0-9_-]{0,39}])?");

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> limitsBeforeAnythingIsRead() {
        FilterRegistrationBean<OncePerRequestFilter> first = new FilterRegistrationBean<>(new SizeFilter());
        first.setOrder(Ordered.HIGHEST_PRECEDENCE + 10);
        return first;
    }

    /** The most a body may hold; traces are read as a stream and have no limit here. */
    static Optional<Long> largest(String contentType, String path) {
        String type = contentType.toLowerCase(Locale.ROOT);
        if (path.endsWith("/fhir/read") || path.endsWith("/people/from-fhir")) {
            return Optional.of(LARGEST_BUNDLE);
        }
        if (type.startsWith("multipart/")) {
            return path.endsWith("/bench/file") ? Optional.empty() : Optional.of(LARGEST_UPLOAD);
        }
        if (type.startsWith("text/csv") && path.startsWith("/api/")) {
            return Optional.empty();
        }
        return Optional.of(type.contains("json") ? LARGEST_JSON : LARGEST_FORM);
    }

    private static final class SizeFilter extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            String type = Optional.ofNullable(request.getContentType()).orElse("");
            Optional<Long> most = largest(type, request.getRequestURI());
            if (most.isPresent() && request.getContentLengthLong() > most.get()) {
                response.setHeader("Connection", "close");
                refuse(request, response, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
                return;
            }
            boolean form = type.toLowerCase(Locale.ROOT).startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE);
            if ((form || request.getQueryString() != null) && !hasReadableFields(request)) {
                refuse(request, response, HttpServletResponse.SC_BAD_REQUEST);
                return;
            }
            boolean counted = most.isPresent() && !form && request.getContentLengthLong() < 0;
            chain.doFilter(counted ? new Counted(request, most.get()) : request, response);
        }

        /** Few fields, with names such as ours; a broken escape makes the container throw. */
        private static boolean hasReadableFields(HttpServletRequest request) {
            try {
                var names = request.getParameterMap().keySet();
                return names.size() <= MOST_FIELDS
                        && names.stream()
                                .allMatch(name -> FIELD_NAME.matcher(name).matches());
            } catch (RuntimeException unreadable) {
                return false;
            }
        }

        private static void refuse(HttpServletRequest request, HttpServletResponse response, int status)
                throws IOException {
            if (request.getRequestURI().startsWith("/api/")) {
                String detail = status == HttpServletResponse.SC_BAD_REQUEST
                        ? "The fields of the address cannot be read."
                        : "The body is too long: JSON may have 2 MB.";
                response.setStatus(status);
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.getWriter()
                        .write("{\"type\":\"about:blank\",\"status\":" + status + ",\"detail\":\"" + detail + "\"}");
            } else {
                response.sendError(status);
            }
        }
    }

    /** A body without a length given: read up to the limit and not further. */
    private static final class Counted extends HttpServletRequestWrapper {
        private final long most;

        Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream(), most);
        }
    }

    private static final class CountedStream extends ServletInputStream {
        private final ServletInputStream inner;
        private long left;

        CountedStream(ServletInputStream inner, long most) {
            this.inner = inner;
            this.left = most;
        }

        @Override
        public int read() throws IOException {
            int one = inner.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int read = inner.read(bytes, from, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int read) throws BodyTooLong {
            left -= read;
            if (left < 0) {
                throw new BodyTooLong();
            }
        }

        @Override
        public boolean isFinished() {
            return inner.isFinished();
        }

        @Override
        public boolean isReady() {
            return inner.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            inner.setReadListener(listener);
        }
    }
}
