package openbloom.app.classes;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The classes of a studio. */
@Service
public class Classes {
    private final ClassMapper rows;
    private final StudioDay day;

    Classes(ClassMapper rows, StudioDay day) {
        this.rows = rows;
        this.day = day;
    }

    /** By name. */
    public List<StudioClass> of(SignedIn me) {
        return rows.of(me.studioId());
    }

    /** One of the studio's own; empty for everybody else's. */
    public Optional<StudioClass> find(SignedIn me, long id) {
        return rows.find(me.studioId(), id);
    }

    /** Numbers of the members, by name. */
    public List<Long> members(StudioClass kept) {
        return rows.members(kept.id());
    }

    /** The same of several classes in one statement, by the number of the class. */
    Map<Long, List<Long>> membersOf(List<StudioClass> kept) {
        return kept.isEmpty()
                ? Map.of()
                : rows.membersOf(kept.stream().map(StudioClass::id).toList()).stream()
                        .collect(Collectors.groupingBy(
                                ClassMapper.MemberRow::classId,
                                Collectors.mapping(ClassMapper.MemberRow::womanId, Collectors.toList())));
    }

    /**
     * Keeps a class with its members.
     *
     * @param members numbers of women of the same studio, each once
     * @return its number; empty if somebody else changed it meanwhile
     */
    @Transactional
    public Optional<Long> keep(SignedIn me, StudioClass wanted, List<Long> members) {
        long id = wanted.id();
        if (id == 0) {
            id = rows.insert(wanted, me.accountId(), day.instant());
        } else if (rows.update(wanted, me.accountId(), day.instant()) == 0) {
            return Optional.empty();
        }
        rows.clear(id);
        for (long woman : members) {
            rows.join(id, woman);
        }
        return Optional.of(id);
    }
}
