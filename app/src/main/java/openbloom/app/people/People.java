package openbloom.app.people;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import openbloom.app.accounts.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.verdict.Choice;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;

/** The women of a studio. */
@Service
public class People {
    private final WomanMapper women;
    private final StudioDay day;

    People(WomanMapper women, StudioDay day) {
        this.women = women;
        this.day = day;
    }

    /** One of the studio's own women; empty for everybody else's. */
    public Optional<Woman> find(SignedIn me, long id) {
        return women.find(me.studioId(), id);
    }

    public List<Woman> search(SignedIn me, String part) {
        String pattern = part.strip()
                .toLowerCase(Locale.ROOT)
                .replace("\\", "\\\\")
                .replace("%", "\\%")
                .replace("_", "\\_");
        return women.search(me.studioId(), pattern);
    }

    /** Keeps a new woman; the same form sent twice keeps her once. */
    public Outcome<Woman> add(SignedIn me, IntakeForm form) {
        Intake.Owner owner = new Intake.Owner(0, me.studioId(), me.accountId(), 0, "");
        Outcome<Woman> read = Intake.read(form, owner, day.today(me.studio().zone()));
        return read.map(woman -> {
            try {
                long id = women.insert(woman, day.instant());
                return women.find(me.studioId(), id).orElseThrow();
            } catch (DuplicateKeyException sentTwice) {
                return women.byFormKey(me.studioId(), woman.formKey()).orElseThrow(() -> sentTwice);
            }
        });
    }

    /** Keeps an approach of her own; false if somebody else changed her record meanwhile. */
    public boolean follow(SignedIn me, Woman woman, Set<Choice> choices, int version) {
        return women.update(woman.following(choices, me.accountId(), version), day.instant()) == 1;
    }

    /**
     * Changes her intake.
     *
     * @param version the version the form was made from; another means that somebody else was quicker
     */
    public Outcome<Woman> change(SignedIn me, Woman kept, int version, IntakeForm form) {
        Intake.Owner owner = new Intake.Owner(kept.id(), me.studioId(), me.accountId(), version, kept.approach());
        Outcome<Woman> read = Intake.read(form, owner, day.today(me.studio().zone()));
        if (read.problems().isEmpty() && women.update(read.value(), day.instant()) == 0) {
            return Outcome.refused(Problem.of("version", "intake.stale", kept.version()));
        }
        return read;
    }
}
