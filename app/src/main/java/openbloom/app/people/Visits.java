package openbloom.app.people;

import java.time.LocalDateTime;
import java.util.List;
import openbloom.app.studio.SignedIn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Visits of a studio. Two women may be expected at one minute: an instructor may see two at once; one woman may not twice. */
@Service
public class Visits {
    private final VisitMapper visits;
    private final WomanMapper women;

    Visits(VisitMapper visits, WomanMapper women) {
        this.visits = visits;
        this.women = women;
    }

    /** Books a visit; false if she is expected at that minute already, however fast it was pressed twice. */
    @Transactional
    public boolean book(Woman woman, String formKey, LocalDateTime at) {
        women.aloneWith(woman.id());
        return visits.insertUnlessThere(woman.id(), formKey, at) == 1;
    }

    /** Her visits from a moment on. */
    public List<Visit> ahead(Woman woman, LocalDateTime from) {
        return visits.ahead(woman.id(), from);
    }

    /** Who else is expected at that minute, by name. */
    public List<String> beside(SignedIn me, Woman woman, LocalDateTime at) {
        return visits.namesAt(me.studioId(), woman.id(), at);
    }

    public void cancel(Woman woman, long visitId) {
        visits.delete(woman.id(), visitId);
    }
}
