package openbloom.app.system;

import java.util.List;
import openbloom.core.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.ModelAndView;

/** A form that is refused: its page again, with everything typed, every problem beside its field, and 422. */
@Component
public class FormPages {
    private final MessageFormatter sentences;

    FormPages(MessageFormatter sentences) {
        this.sentences = sentences;
    }

    public ModelAndView refused(ModelAndView page, List<Problem> problems) {
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page.addObject("errors", sentences.byField(problems));
    }

    public ModelAndView refused(ModelAndView page, FormReader typed) {
        return refused(page, typed.problems());
    }
}
