package openbloom.app.system;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.security.Principal;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;
import org.springframework.util.DigestUtils;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.multipart.MultipartHttpServletRequest;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.util.WebUtils;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Claims the key of a form before it is read, and remembers where the answer led. */
@Component
class IdempotencyInterceptor implements HandlerInterceptor {
    static final int LONGEST_KEY = 36;
    private static final String CLAIMED = IdempotencyInterceptor.class.getName();
    private static final Set<String> NOT_CONTENT = Set.of("formKey", "_csrf");
    private static final TypeReference<Map<String, String>> FIELDS = new TypeReference<>() {};
    private static final int TRIES = 50;
    private static final long BETWEEN_TRIES_NS = TimeUnit.MILLISECONDS.toNanos(100);

    private final IdempotencyKeys forms;
    private final StudioDay day;
    private final JsonMapper json;

    IdempotencyInterceptor(IdempotencyKeys forms, StudioDay day, JsonMapper json) {
        this.forms = forms;
        this.day = day;
        this.json = json;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        if (!isOnce(handler)) {
            return true;
        }
        String key = Optional.ofNullable(request.getParameter("formKey")).orElse("");
        Map<String, String> sent = sent(request);
        if (key.isBlank() || key.length() > LONGEST_KEY) {
            throw IdempotencyConflict.withoutKey(sent);
        }
        String path = request.getRequestURI();
        String by = Optional.ofNullable(request.getUserPrincipal())
                .map(Principal::getName)
                .orElse("");
        FormSent form = new FormSent(key, path, by, sent);
        if (!isClaimed(form) && isAnswered(form, response)) {
            return false;
        }
        request.setAttribute(CLAIMED, key);
        KeptWithItsForm.begins(key);
        return true;
    }

    private record FormSent(String key, String path, String by, Map<String, String> sent) {}

    private boolean isClaimed(FormSent form) {
        try {
            forms.claim(form.key(), form.path(), json.writeValueAsString(form.sent()), form.by(), day.instant());
            return true;
        } catch (DuplicateKeyException sentBefore) {
            return false;
        }
    }

    /**
     * Whether the form was answered before and that answer was given again. It has to be read (again) under its key only if the
     * first reading of it kept nothing, and let go of the key or never came to an end.
     */
    private boolean isAnswered(FormSent form, HttpServletResponse response) throws IOException {
        for (int tries = 0; tries < TRIES; tries++) {
            Optional<IdempotencyKeys.KeyRow> kept = forms.find(form.key());
            if (kept.isEmpty()) {
                if (isClaimed(form)) {
                    return false;
                }
                continue;
            }
            refuseOtherContent(kept.get(), form.path(), form.by(), form.sent());
            if (kept.get().answerStatus() != null) {
                repeat(kept.get(), response);
                return true;
            }
            LockSupport.parkNanos(BETWEEN_TRIES_NS);
        }
        if (forms.find(form.key()).filter(IdempotencyKeys.KeyRow::worked).isPresent()) {
            throw IdempotencyConflict.keptUnanswered(form.sent());
        }
        return false;
    }

    private void refuseOtherContent(IdempotencyKeys.KeyRow kept, String path, String by, Map<String, String> sent) {
        if (kept.sent().isEmpty() || !kept.sentBy().equals(by)) {
            throw IdempotencyConflict.unknown(sent);
        }
        Map<String, String> before = json.readValue(kept.sent(), FIELDS);
        if (!kept.path().equals(path) || !before.equals(sent)) {
            throw IdempotencyConflict.from(before, sent);
        }
    }

    private static void repeat(IdempotencyKeys.KeyRow kept, HttpServletResponse response) throws IOException {
        if (kept.answerLocation() == null) {
            response.setStatus(kept.answerStatus() == null ? HttpServletResponse.SC_NO_CONTENT : kept.answerStatus());
        } else {
            response.sendRedirect(kept.answerLocation());
        }
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception broken) {
        KeptWithItsForm.ends();
        if (request.getAttribute(CLAIMED) instanceof String key) {
            if (broken != null || response.getStatus() >= HttpServletResponse.SC_INTERNAL_SERVER_ERROR) {
                forms.releaseUnlessKept(key);
            } else if (response.getStatus() >= HttpServletResponse.SC_BAD_REQUEST) {
                forms.release(key);
            } else {
                forms.answered(key, response.getStatus(), response.getHeader("Location"));
            }
        }
    }

    private static boolean isOnce(Object handler) {
        return handler instanceof HandlerMethod method && method.hasMethodAnnotation(Idempotent.class);
    }

    /** Everything that was filled in, and the files by name, size and content. */
    private static Map<String, String> sent(HttpServletRequest request) throws IOException {
        Map<String, String> sent = new TreeMap<>();
        request.getParameterMap().forEach((field, values) -> sent.put(field, String.join(", ", values)));
        MultipartHttpServletRequest files = WebUtils.getNativeRequest(request, MultipartHttpServletRequest.class);
        if (files != null) {
            for (MultipartFile file : files.getFileMap().values()) {
                sent.put(file.getName(), inWords(file));
            }
        }
        sent.keySet().removeAll(NOT_CONTENT);
        sent.values().removeIf(String::isBlank);
        return sent;
    }

    /** Two recordings may have the same name and length: their bytes decide. */
    private static String inWords(MultipartFile file) throws IOException {
        try (InputStream bytes = file.getInputStream()) {
            return file.getOriginalFilename() + ", " + file.getSize() + " bytes, " + DigestUtils.md5DigestAsHex(bytes);
        }
    }
}
