package openbloom.app.checks.pelvicfloor;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import openbloom.core.pelvicfloor.Release;
import org.springframework.stereotype.Service;

/** What guided practices showed of letting go. */
@Service
public class Practices {
    private final PracticeMapper rows;

    Practices(PracticeMapper rows) {
        this.rows = rows;
    }

    /** Practices of several women, each oldest first. */
    public Map<Long, List<Release.ReleasePractice>> ofAll(List<Long> womanIds) {
        return womanIds.isEmpty()
                ? Map.of()
                : rows.lettingGoOf(womanIds).stream()
                        .collect(Collectors.groupingBy(
                                PracticeMapper.LetGo::womanId,
                                Collectors.mapping(Practices::practice, Collectors.toList())));
    }

    private static Release.ReleasePractice practice(PracticeMapper.LetGo row) {
        Integer ofTen = row.letGoOfTen();
        return new Release.ReleasePractice(
                row.practisedOn(), ofTen == null ? OptionalInt.empty() : OptionalInt.of(ofTen), row.hurt());
    }
}
