package openbloom.core;

import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.dataformat.yaml.YAMLFactory;
import tools.jackson.dataformat.yaml.YAMLMapper;

/**
 * How every YAML file is read: no field unknown, no key twice, and at most a million characters.
 *
 * @see Problem
 */
public final class Yaml {
    /** What a parser says beyond this is about itself. */
    private static final int LONGEST_SAID = 60;

    public static final int LONGEST = 1_000_000;
    public static final YAMLMapper MAPPER = YAMLMapper.builder(YAMLFactory.builder()
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private Yaml() {}

    /** Text that is no YAML of the kind expected, with its line. */
    public static Problem broken(String owner, JacksonException broken) {
        int line = broken.getLocation() == null ? 0 : broken.getLocation().getLineNr();
        String what = broken.getOriginalMessage().lines().findFirst().orElse("unreadable");
        String said = what.length() > LONGEST_SAID ? what.substring(0, LONGEST_SAID) + "…" : what;
        return Problem.of(owner, "yaml.broken", Math.max(line, 0), said);
    }
}
