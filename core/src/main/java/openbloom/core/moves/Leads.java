package openbloom.core.moves;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import openbloom.core.YamlFieldReader;
import openbloom.core.breath.CueFamily;

/**
 * How the middle begins, in each family of cue, before a move's own words follow: a family changes how the middle is found, never
 * what is done.
 */
final class Leads {
    private static final String USUAL = "middle";
    private static final String HELD = "held";

    private final Map<String, Map<String, String>> byName;

    /** @param byName as written: a name of the lead, then families with their words */
    Leads(Map<String, Map<String, String>> byName) {
        this.byName = byName;
    }

    /**
     * What is said in each family. Where the breath goes on through a hold or a count, the middle begins without an out-breath.
     *
     * @param name of the lead, or empty for the usual one
     * @return empty if there is no such lead
     */
    Optional<Map<CueFamily, String>> cues(String name, BreathPattern breath, String then) {
        String usual = name.isEmpty() ? USUAL : name;
        Map<String, String> leads = byName.get(usual.equals(USUAL) && breath != BreathPattern.OUT ? HELD : usual);
        if (leads == null) {
            return Optional.empty();
        }
        Map<CueFamily, String> cues = new EnumMap<>(CueFamily.class);
        for (CueFamily family : CueFamily.values()) {
            String lead = leads.get(YamlFieldReader.asWritten(family));
            if (lead != null) {
                cues.put(family, lead + ", then " + then + ".");
            }
        }
        return Optional.of(cues);
    }
}
