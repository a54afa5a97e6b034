package openbloom.app.people;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Visits of a studio. Two women may be expected at one minute: an instructor may see two at once; one woman may not twice. */
@Service
public class Visits {
    private final VisitMapper visits;
    private final WomanMapper women;
    private final StudioDay day;

    Visits(VisitMapper visits, WomanMapper women, StudioDay day) {
        this.day = day;
        this.visits = visits;
        this.women = women;
    }

    /** Books a visit; false if she is expected at that minute already, however fast it was pressed twice. */
    @Transactional
    public boolean book(Woman woman, String formKey, LocalDateTime at) {
        women.aloneWith(woman.id());
        return visits.insertUnlessThere(woman.id(), formKey, at) == 1;
    }

    /** A visit and who else is expected at that minute, by name. */
    public record BookedVisits(Visit visit, List<String> beside) {}

    /** Her visits from a moment on. */
    public List<BookedVisits> ahead(SignedIn me, Woman woman, LocalDateTime from) {
        Map<Long, List<String>> others = visits.beside(me.studioId(), woman.id(), from).stream()
                .collect(Collectors.groupingBy(
                        VisitMapper.VisitOfAnother::visitId,
                        Collectors.mapping(VisitMapper.VisitOfAnother::name, Collectors.toList())));
        return visits.ahead(woman.id(), from).stream()
                .map(visit -> new BookedVisits(visit, others.getOrDefault(visit.id(), List.of())))
                .toList();
    }

    /** What became of moving a visit. */
    public enum VisitMoved {
        YES,
        TAKEN,
        NO_SUCH_VISIT
    }

    /** Moves a visit of hers to another time. */
    @Transactional
    public VisitMoved move(Woman woman, long visitId, LocalDateTime to) {
        women.aloneWith(woman.id());
        if (visits.move(woman.id(), visitId, to) == 1) {
            return VisitMoved.YES;
        }
        return stands(woman, visitId) ? VisitMoved.TAKEN : VisitMoved.NO_SUCH_VISIT;
    }

    /** Whether a visit is hers and not cancelled. */
    public boolean stands(Woman woman, long visitId) {
        return visits.standing(woman.id(), visitId) == 1;
    }

    /** Cancels a visit; one that is none of hers, or cancelled already, is left as it is. */
    public void cancel(Woman woman, long visitId) {
        visits.cancel(woman.id(), visitId, day.instant());
    }
}
