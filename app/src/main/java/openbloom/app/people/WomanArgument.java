package openbloom.app.people;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.Optional;
import openbloom.app.studio.SignedIn;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.HandlerMapping;

/** The one place where a number in an address becomes a woman: one of the studio's own, or a plain 404. */
@Component
public class WomanArgument implements HandlerMethodArgumentResolver {
    private static final String KEPT = WomanArgument.class.getName();
    private final People people;

    WomanArgument(People people) {
        this.people = people;
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Woman.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        return womanOf(request.getNativeRequest(HttpServletRequest.class));
    }

    /**
     * The woman an address names.
     *
     * @throws ResponseStatusException 404 if it names none of the studio's own
     */
    Woman womanOf(HttpServletRequest request) {
        if (request.getAttribute(KEPT) instanceof Woman woman) {
            return woman;
        }
        Woman woman = SignedIn.current()
                .flatMap(me -> numberIn(request).flatMap(id -> people.find(me, id)))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        request.setAttribute(KEPT, woman);
        return woman;
    }

    private static Optional<Long> numberIn(HttpServletRequest request) {
        Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        Object number = variables instanceof Map<?, ?> map ? map.get("womanId") : null;
        return number instanceof String text && text.matches("\\d{1,18}")
                ? Optional.of(Long.valueOf(text))
                : Optional.empty();
    }
}
