package openbloom.app.audit;

import java.util.LinkedHashMap;
import java.util.Map;

/** What a page is called to who reads the audit. */
final class AuditPages {
    private static final Map<String, String> WORDS = words();

    private AuditPages() {}

    private static Map<String, String> words() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("journey", "journey");
        words.put("checks/gap", "gap check");
        words.put("checks", "checks");
        words.put("safe", "safety check");
        words.put("edit", "intake");
        words.put("program", "programme");
        words.put("exercise-check", "exercise check");
        words.put("can", "one exercise");
        words.put("session", "session");
        words.put("response", "session feedback");
        words.put("review", "review");
        words.put("erase", "erasing her");
        words.put("twin", "joining two records");
        words.put("share/everything", "everything of hers, as a file");
        words.put("share/paper", "hand-out");
        words.put("share/given", "hand-out as it was given");
        words.put("share/calendar", "her calendar");
        words.put("share/links", "home link");
        words.put("share/fhir", "her record as FHIR");
        words.put("share/spreadsheets", "spreadsheets of her sessions");
        words.put("share/sessions", "spreadsheets of her sessions");
        words.put("share/responses", "spreadsheets of her sessions");
        words.put("share/language", "her language");
        words.put("share", "share");
        words.put("letters/evidence", "numbers of a letter");
        words.put("letters", "letters to her clinician");
        words.put("flows", "session templates");
        words.put("from-home", "reported from home");
        words.put("approach", "approach");
        words.put("floor", "pelvic floor practice");
        words.put("held", "pain that holds");
        words.put("visits", "visit");
        words.put("bench", "sensor recordings");
        words.put("wanted", "preferences");
        words.put("birth", "birth");
        words.put("close", "end of a pregnancy");
        words.put("gym", "gym table");
        words.put("/studio/team", "who works here");
        words.put("/studio/everything", "every record, as a file");
        words.put("/studio/second-factor", "second factor");
        words.put("/studio", "settings of the studio");
        words.put("/classes", "class");
        words.put("/teachings", "class sheet");
        words.put("/moves", "exercises of the studio");
        words.put("/people/file", "women from a spreadsheet");
        words.put("/people/take-in", "records from another studio");
        words.put("/people", "new woman");
        return words;
    }

    /** The longest known beginning, or the address itself; an empty one is her record. */
    static String words(String page) {
        return page.isEmpty()
                ? "intake"
                : WORDS.entrySet().stream()
                        .filter(known -> page.startsWith(known.getKey()))
                        .map(Map.Entry::getValue)
                        .findFirst()
                        .orElse(page);
    }
}
