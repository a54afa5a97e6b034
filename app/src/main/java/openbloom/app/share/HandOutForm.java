package openbloom.app.share;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import openbloom.app.system.FormReader;

/** A hand-out as its words were typed: a heading and lines for each part, numbered from 0. */
record HandOutForm(Map<String, String> typed) {
    static final int LONGEST_TITLE = 200;
    static final int LONGEST_HEADING = 160;
    static final int LONGEST_LINES = 2_000;

    boolean isLarge() {
        return typed.containsKey("large");
    }

    boolean wantsCode() {
        return typed.containsKey("code");
    }

    /** What was typed over a draft; a form made from another draft is refused. */
    Draft over(Draft draft, FormReader problems) {
        if (!String.valueOf(draft.parts().size()).equals(typed.get("parts"))) {
            problems.refuse("parts", "handOut.stale");
        }
        String title = problems.requiredText("title", typed.get("title"), LONGEST_TITLE);
        String under = problems.text("under", typed.get("under"), LONGEST_LINES);
        List<String> headings = new ArrayList<>();
        List<String> lines = new ArrayList<>();
        for (int at = 0; at < draft.parts().size(); at++) {
            headings.add(problems.text("heading-" + at, typed.get("heading-" + at), LONGEST_HEADING));
            lines.add(problems.text("lines-" + at, typed.get("lines-" + at), LONGEST_LINES));
        }
        return draft.saying(new Draft.Typed(title, under, headings, lines));
    }
}
