package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import openbloom.core.dating.Block;
import openbloom.core.dating.Comparison;
import openbloom.core.dating.Dating;
import openbloom.core.dating.DatingBasis;
import openbloom.core.dating.GestationalAge;
import openbloom.core.dating.TermCategory;
import openbloom.core.dating.Trimester;
import org.jspecify.annotations.Nullable;

/** What {@code POST /api/v1/dating} answers. */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record DatingResponse(
        LocalDate dueDate,
        DatingBasis basis,
        Age gestationalAge,
        int trimester,
        String block,
        TermCategory termCategory,
        @JsonUnwrapped ScanResponse scan) {
    /** Completed weeks and the days beyond. */
    public record Age(int weeks, int days) {}

    /** What a scan said; no days without one. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record ScanResponse(
            boolean redated,
            @Nullable Integer ultrasoundDifferenceDays,
            @Nullable Integer redatingThresholdDays) {}

    static DatingResponse of(Dating dating, GestationalAge age) {
        return new DatingResponse(
                dating.dueDate(),
                dating.basis(),
                new Age(age.weeks(), age.daysBeyond()),
                Trimester.at(age).number(),
                Block.at(age).label(),
                TermCategory.at(age),
                new ScanResponse(
                        dating.redated(),
                        dating.scan().map(Comparison::differenceDays).orElse(null),
                        dating.scan().map(Comparison::thresholdDays).orElse(null)));
    }
}
