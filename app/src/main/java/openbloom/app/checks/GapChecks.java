package openbloom.app.checks;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapCheck;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The gap checks of a woman; kept whole or not at all, never changed. */
@Service
public class GapChecks {
    private final GapCheckMapper mapper;

    GapChecks(GapCheckMapper mapper) {
        this.mapper = mapper;
    }

    /** A check with who did it. */
    public record Examined(long id, String examiner, Optional<FingerWidths> fingers, GapCheck check) {}

    /** Latest first. */
    public List<Examined> of(long womanId) {
        Map<Long, List<KeptReading>> readings =
                mapper.readingsOf(womanId).stream().collect(Collectors.groupingBy(KeptReading::checkId));
        return mapper.of(womanId).stream()
                .map(kept -> new Examined(
                        kept.id(),
                        kept.examiner(),
                        kept.fingers(),
                        new GapCheck(
                                kept.checkedOn(),
                                readings.getOrDefault(kept.id(), List.of()).stream()
                                        .map(KeptReading::reading)
                                        .toList())))
                .toList();
    }

    public Optional<GapCheck> latest(long womanId, LocalDate day) {
        return of(womanId).stream()
                .map(Examined::check)
                .filter(check -> !check.date().isAfter(day))
                .findFirst();
    }

    /** Keeps a check; the same form sent twice keeps it once. */
    @Transactional
    public void keep(long womanId, String formKey, long examinerId, GapCheck check, Instant at) {
        long id;
        try {
            id = mapper.insert(womanId, formKey, check.date(), examinerId, at);
        } catch (DuplicateKeyException sentTwice) {
            return;
        }
        check.readings().forEach(reading -> mapper.insertReading(KeptReading.of(id, reading)));
    }
}
