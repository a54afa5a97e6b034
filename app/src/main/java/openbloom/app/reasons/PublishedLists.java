package openbloom.app.reasons;

import java.util.Arrays;
import java.util.List;
import openbloom.core.evidence.Source;
import openbloom.core.record.ImpactTests;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Contraindication;
import openbloom.core.screening.WarningSign;

/** The published lists, item by item, as the rules use them. */
record PublishedLists(String title, Source source, List<String> items) {
    static List<PublishedLists> all() {
        return List.of(
                new PublishedLists("Stop signs in pregnancy", Source.E_WARN, signs(true)),
                new PublishedLists("Urgent signs up to a year after birth", Source.E_URGENT, signs(false)),
                new PublishedLists(
                        "Absolute contraindications", Source.E_CONTRA, conditions(Contraindication.ABSOLUTE)),
                new PublishedLists(
                        "Relative contraindications", Source.E_CONTRA, conditions(Contraindication.RELATIVE)),
                new PublishedLists(
                        "Return-to-impact tests, without symptoms",
                        Source.E_RUN,
                        Arrays.stream(ImpactTests.Test.values())
                                .map(ImpactTests.Test::words)
                                .toList()));
    }

    private static List<String> signs(boolean pregnant) {
        return WarningSign.askedOf(pregnant).stream().map(WarningSign::words).toList();
    }

    private static List<String> conditions(Contraindication kind) {
        return Contraindication.listed(kind).stream().map(Condition::words).toList();
    }
}
