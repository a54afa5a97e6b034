package openbloom.app.api.fhir;

import ca.uhn.fhir.context.FhirContext;
import ca.uhn.fhir.parser.DataFormatException;
import ca.uhn.fhir.parser.IParser;
import ca.uhn.fhir.parser.LenientErrorHandler;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import org.hl7.fhir.r4.model.Bundle;
import org.hl7.fhir.r4.model.Resource;

/** Bundles as text, JSON or XML. */
public final class FhirText {
    /** Larger ones are refused. */
    public static final int LARGEST_BYTES = 10_000_000;

    private static final int MOST_ENTRIES = 20_000;
    private static final int DEEPEST = 60;

    /** Knows every kind of resource; made once. */
    private static final class Context {
        static final FhirContext R4 = FhirContext.forR4Cached();
    }

    private FhirText() {}

    /** How one is written. */
    public enum FhirFormat {
        JSON,
        XML
    }

    public static String write(Resource resource, FhirFormat format) {
        IParser parser = format == FhirFormat.JSON ? Context.R4.newJsonParser() : Context.R4.newXmlParser();
        return parser.setPrettyPrint(true).encodeResourceToString(resource);
    }

    /** A bundle and what of it the standard does not know. */
    record Parsed(Bundle bundle, List<String> strange) {}

    /** Reads a bundle, or one resource as a bundle of one. */
    static Outcome<Parsed> parse(String text) {
        String begun = text.strip();
        if (begun.length() > LARGEST_BYTES) {
            return refused("fhir.tooLarge", LARGEST_BYTES / 1_000_000);
        }
        boolean xml = begun.startsWith("<");
        if (!xml && !begun.startsWith("{")) {
            return refused("fhir.neither");
        }
        if (xml && (begun.contains("<!DOCTYPE") || begun.contains("<!ENTITY"))) {
            return refused("fhir.entities");
        }
        if (isTooDeep(begun, xml)) {
            return refused("fhir.deep", DEEPEST);
        }
        Strangers strangers = new Strangers();
        try {
            IParser parser = xml ? Context.R4.newXmlParser() : Context.R4.newJsonParser();
            parser.setParserErrorHandler(strangers);
            Resource resource = (Resource) parser.parseResource(begun);
            Bundle bundle = resource instanceof Bundle whole ? whole : of(resource);
            return bundle.getEntry().size() > MOST_ENTRIES
                    ? refused("fhir.tooMany", MOST_ENTRIES)
                    : Outcome.accepted(new Parsed(bundle, strangers.found));
        } catch (DataFormatException | ClassCastException | IllegalArgumentException | IllegalStateException wrong) {
            return refused("fhir.unreadable", firstLine(wrong));
        }
    }

    private static Bundle of(Resource one) {
        Bundle bundle = new Bundle();
        bundle.addEntry().setResource(one);
        return bundle;
    }

    private static <T> Outcome<T> refused(String key, Object... arguments) {
        return Outcome.refused(Problem.of("file", key, arguments));
    }

    private static String firstLine(RuntimeException wrong) {
        String said = String.valueOf(wrong.getMessage()).lines().findFirst().orElse("");
        return said.length() > 200 ? said.substring(0, 200) + "…" : said;
    }

    /** A text made to exhaust a reader; counted before it is read, in words and brackets as they come. */
    private static boolean isTooDeep(String text, boolean xml) {
        int depth = 0;
        for (int at = 0; at < text.length(); at++) {
            char sign = text.charAt(at);
            if (xml && sign == '<' && at + 1 < text.length()) {
                char next = text.charAt(at + 1);
                depth += next == '/' ? -1 : next == '!' || next == '?' ? 0 : 1;
            } else if (xml && sign == '/' && at + 1 < text.length() && text.charAt(at + 1) == '>') {
                depth--;
            } else if (!xml && (sign == '{' || sign == '[')) {
                depth++;
            } else if (!xml && (sign == '}' || sign == ']')) {
                depth--;
            }
            if (depth > DEEPEST) {
                return true;
            }
        }
        return false;
    }

    /** Elements and values that are none of the standard’s: told, and left out. */
    private static final class Strangers extends LenientErrorHandler {
        private static final int MOST = 50;
        private final List<String> found = new ArrayList<>();

        Strangers() {
            super(false);
        }

        private void strange(String what) {
            if (found.size() < MOST) {
                found.add(what);
            }
        }

        @Override
        public void unknownElement(IParseLocation where, String element) {
            strange("“" + element + "”: no such element" + at(where));
        }

        @Override
        public void unknownAttribute(IParseLocation where, String attribute) {
            strange("“" + attribute + "”: no such attribute" + at(where));
        }

        @Override
        public void invalidValue(IParseLocation where, String value, String why) {
            strange("“" + value + "” is no value here" + at(where));
        }

        @Override
        public void incorrectJsonType(
                IParseLocation where,
                String element,
                ca.uhn.fhir.parser.json.BaseJsonLikeValue.ValueType expected,
                ca.uhn.fhir.parser.json.BaseJsonLikeValue.ScalarType scalar,
                ca.uhn.fhir.parser.json.BaseJsonLikeValue.ValueType was,
                ca.uhn.fhir.parser.json.BaseJsonLikeValue.ScalarType wasScalar) {
            strange("“" + element + "”: " + expected.name().toLowerCase(Locale.ROOT) + " expected" + at(where));
        }

        private static String at(IParseLocation where) {
            return where == null || where.getParentElementName() == null ? "" : ", in " + where.getParentElementName();
        }
    }
}
