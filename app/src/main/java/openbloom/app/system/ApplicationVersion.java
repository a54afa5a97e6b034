package openbloom.app.system;

import org.jspecify.annotations.Nullable;
import org.springframework.core.convert.converter.Converter;
import org.springframework.stereotype.Component;

/**
 * The version of a row that a form was made from; what is no number fits no row.
 *
 * @param number 0 or more, or −1 when the form told none
 */
public record ApplicationVersion(int number) {
    public static ApplicationVersion parse(@Nullable String typed) {
        return new ApplicationVersion(
                new FormReader().whole("version", typed, 0, Integer.MAX_VALUE).orElse(-1));
    }

    /** Lets controllers take it as it is typed. */
    @Component
    static final class Reader implements Converter<String, ApplicationVersion> {
        @Override
        public ApplicationVersion convert(String typed) {
            return parse(typed);
        }
    }
}
