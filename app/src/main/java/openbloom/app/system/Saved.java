package openbloom.app.system;

import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.support.RequestContextUtils;

/** A form that was kept: where it leads, and the one line its next page says about what happened. */
public final class Saved {
    /** Under which the page finds the key of the line. */
    private static final String LINE = "saved";

    private Saved() {}

    /**
     * @param redirect {@code redirect:/…}
     * @param line key of the messages file
     */
    public static ModelAndView then(String redirect, String line) {
        return new ModelAndView(address(redirect, line));
    }

    /** As {@link #then}, as the name of a view. */
    public static String address(String redirect, String line) {
        ServletRequestAttributes now = (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
        RequestContextUtils.getOutputFlashMap(now.getRequest()).put(LINE, line);
        return redirect;
    }
}
