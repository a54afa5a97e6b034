package openbloom.app.people;

import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import openbloom.app.studio.SignedIn;
import openbloom.app.studio.TourMapper;
import openbloom.app.system.FormKeys;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** What stands round every page: studio, day, person, and the stage strip when a woman is open. */
@ControllerAdvice(annotations = Controller.class)
class PageFrame {
    private final WomanArgument women;
    private final RecordReader records;
    private final NextSteps next;
    private final TourMapper tours;
    private final StudioDay day;

    PageFrame(WomanArgument women, RecordReader records, NextSteps next, TourMapper tours, StudioDay day) {
        this.tours = tours;
        this.women = women;
        this.records = records;
        this.next = next;
        this.day = day;
    }

    @ModelAttribute
    void frame(HttpServletRequest request, Model model) {
        SignedIn.current().ifPresent(me -> {
            LocalDate today = day.today(me);
            model.addAttribute("me", me);
            model.addAttribute("keys", new FormKeys());
            model.addAttribute("today", today);
            model.addAttribute("todayWords", Days.words(today));
            if (namesAWoman(request)) {
                Woman woman = women.womanOf(request);
                model.addAttribute("woman", woman);
                if (isWholePage(request)) {
                    StageStrip strip = records.stripOn(woman, today);
                    model.addAttribute("strip", strip);
                    if (strip.isReadable()) {
                        model.addAttribute("tour", !tours.isClosed(me.accountId()));
                        List<NextSteps.NextStep> left = next.of(woman, today).stream()
                                .filter(step -> !isAt(request, woman, step))
                                .toList();
                        model.addAttribute("next", left.isEmpty() ? null : left.get(0));
                        model.addAttribute("afterNext", left.size() < 2 ? null : left.get(1));
                    }
                }
            }
        });
    }

    /** A part of a page and a file have no strip round them. */
    /** A page does not send her to itself. */
    private static boolean isAt(HttpServletRequest request, Woman woman, NextSteps.NextStep step) {
        return request.getRequestURI().equals("/people/" + woman.id() + "/" + step.path());
    }

    private static boolean isWholePage(HttpServletRequest request) {
        boolean part = request.getHeader("HX-Request") != null;
        return !part && !request.getRequestURI().matches(".*(\\.(csv|json|yaml)|/responses)");
    }

    private static boolean namesAWoman(HttpServletRequest request) {
        Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        return variables instanceof Map<?, ?> map && map.containsKey("womanId");
    }

    /** Lets controllers ask for a {@link Woman}. */
    @Configuration
    static class Arguments implements WebMvcConfigurer {
        private final WomanArgument women;

        Arguments(WomanArgument women) {
            this.women = women;
        }

        @Override
        public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
            resolvers.add(women);
        }
    }
}
