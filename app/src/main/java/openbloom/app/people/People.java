package openbloom.app.people;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.app.system.UnreadableRecord;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Clearance;
import openbloom.core.stage.Birth;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.UncategorizedDataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The women of a studio. */
@Service
public class People {
    /** Women on one page of a list. */
    static final int PAGE = 25;

    private static final int MOST_OFFERED = 20;
    private static final int MOST_LISTED = 100;

    private static final Logger LOG = LoggerFactory.getLogger(People.class);

    private final WomanMapper women;
    private final EarlierIntakes earlier;
    private final StudioDay day;

    People(WomanMapper women, EarlierIntakes earlier, StudioDay day) {
        this.women = women;
        this.earlier = earlier;
        this.day = day;
    }

    /**
     * One of the studio's own women; empty for everybody else's.
     *
     * @throws UnreadableRecord if her intake is kept in a way this version does not understand
     */
    public Optional<Woman> find(SignedIn me, long id) {
        try {
            return women.find(me.studioId(), id);
        } catch (UncategorizedDataAccessException broken) {
            String name = women.named(me.studioId(), List.of(id)).stream()
                    .map(WomanMapper.WomanName::name)
                    .findFirst()
                    .orElse("");
            throw new UnreadableRecord(name, "the intake of woman " + id, broken);
        }
    }

    /**
     * One page of a search.
     *
     * @param women those whose intake can be read
     * @param unreadable those whose intake cannot
     */
    public record Page(List<Woman> women, List<WomanMapper.WomanName> unreadable, int total) {}

    /** The women of one page, {@link #PAGE} at most. */
    public Page page(SignedIn me, String part, int page) {
        List<WomanMapper.WomanName> names = women.names(me.studioId(), pattern(part), page * PAGE, PAGE);
        Page found = of(me, names.stream().map(WomanMapper.WomanName::id).toList());
        return new Page(found.women(), found.unreadable(), women.count(me.studioId(), pattern(part)));
    }

    /** One page of the women of some numbers, by name. */
    public Page page(SignedIn me, List<Long> ids, int page) {
        List<Long> sorted =
                named(me, ids).stream().map(WomanMapper.WomanName::id).toList();
        int from = Math.min(page * PAGE, sorted.size());
        Page found = of(me, sorted.subList(from, Math.min(from + PAGE, sorted.size())));
        return new Page(found.women(), found.unreadable(), sorted.size());
    }

    /**
     * Whom a page is about, and who can be picked there.
     *
     * @param women those offered: everybody of a small studio; otherwise those found by name, or seen last
     * @param isLarge whether there are more than can be offered at once, so that one searches
     * @param who what was searched for and is called by nobody, or by several
     */
    public record Picked(Optional<Woman> her, List<WomanMapper.WomanName> women, boolean isLarge, String who) {}

    /** Whom a name alone tells; otherwise her who was chosen already. */
    public Picked picked(SignedIn me, Optional<Woman> chosen, String who) {
        boolean large = count(me) > MOST_OFFERED;
        boolean searched = large && !who.isBlank();
        List<WomanMapper.WomanName> found = !large || searched
                ? women.names(me.studioId(), pattern(who.strip()), 0, MOST_OFFERED)
                : women.named(me.studioId(), seenLast(me, MOST_OFFERED));
        if (searched && found.size() == 1) {
            return new Picked(find(me, found.get(0).id()), found, true, "");
        }
        return new Picked(chosen, withHer(found, chosen), large, who);
    }

    /** Who is picked is always among those offered. */
    private static List<WomanMapper.WomanName> withHer(List<WomanMapper.WomanName> found, Optional<Woman> her) {
        return Stream.concat(
                        her.stream().map(woman -> new WomanMapper.WomanName(woman.id(), woman.name())), found.stream())
                .distinct()
                .toList();
    }

    /** The women of some numbers, by name. */
    public Page of(SignedIn me, List<Long> ids) {
        List<WomanMapper.WomanName> names = named(me, ids);
        List<Woman> readable =
                names.isEmpty() ? List.of() : readable(me, names, () -> women.findAll(me.studioId(), ids));
        return new Page(readable, without(names, readable), names.size());
    }

    /** The names of some numbers. */
    public List<WomanMapper.WomanName> named(SignedIn me, List<Long> ids) {
        return ids.isEmpty() ? List.of() : women.named(me.studioId(), ids);
    }

    /** Numbers of the women of a name; upper and lower case are alike. */
    public List<Long> called(SignedIn me, String name) {
        return women.names(me.studioId(), pattern(name), 0, MOST_OFFERED).stream()
                .filter(found -> found.name().equalsIgnoreCase(name.strip()))
                .map(WomanMapper.WomanName::id)
                .toList();
    }

    /** Names to choose from: everybody of a small studio, of a larger one those seen last. */
    public List<WomanMapper.WomanName> offered(SignedIn me) {
        return count(me) <= MOST_LISTED
                ? women.names(me.studioId(), "", 0, MOST_LISTED)
                : named(me, seenLast(me, MOST_LISTED));
    }

    /** Numbers of the women the studio has seen last. */
    public List<Long> seenLast(SignedIn me, int most) {
        return women.seenLast(me.studioId(), most);
    }

    public int count(SignedIn me) {
        return women.count(me.studioId(), "");
    }

    private static List<WomanMapper.WomanName> without(List<WomanMapper.WomanName> names, List<Woman> readable) {
        Set<Long> read = readable.stream().map(Woman::id).collect(Collectors.toSet());
        return names.stream().filter(named -> !read.contains(named.id())).toList();
    }

    /** All at once; if one of them cannot be read, one by one. */
    private List<Woman> readable(SignedIn me, List<WomanMapper.WomanName> names, Supplier<List<Woman>> atOnce) {
        try {
            return atOnce.get();
        } catch (DataAccessException oneIsBroken) {
            return names.stream()
                    .flatMap(named -> readable(me, named.id()).stream())
                    .toList();
        }
    }

    private Optional<Woman> readable(SignedIn me, long id) {
        try {
            return women.find(me.studioId(), id);
        } catch (DataAccessException broken) {
            LOG.error("The intake of woman {} cannot be read: {}", id, broken.getMessage());
            return Optional.empty();
        }
    }

    private static String pattern(String part) {
        return part.strip()
                .toLowerCase(Locale.ROOT)
                .replace("\\", "\\\\")
                .replace("%", "\\%")
                .replace("_", "\\_");
    }

    @Transactional
    public Outcome<Woman> add(SignedIn me, IntakeForm form) {
        IntakeReader.Owner owner = new IntakeReader.Owner(0, me.studioId(), me.accountId(), 0, "");
        Outcome<Woman> read = IntakeReader.read(form, owner, day.today(me));
        return read.map(woman ->
                women.find(me.studioId(), women.insert(woman, day.instant())).orElseThrow());
    }

    /** Keeps an approach of her own; false if somebody else changed her record meanwhile. */
    @Transactional
    public boolean follow(SignedIn me, Woman woman, Set<ApproachChoice> choices, int version) {
        boolean kept = women.update(woman.following(choices, me.accountId(), version), day.instant()) == 1;
        if (kept) {
            earlier.keep(woman, me, day.instant());
        }
        return kept;
    }

    /** Keeps what her clinician said; false if somebody else changed her record meanwhile. */
    @Transactional
    public boolean answered(SignedIn me, Woman woman, Clearance given) {
        boolean kept = women.update(woman.cleared(given, me.accountId()), day.instant()) == 1;
        if (kept) {
            earlier.keep(woman, me, day.instant());
        }
        return kept;
    }

    /**
     * Changes her intake.
     *
     * @param version the version the form was made from; another means that somebody else was quicker
     */
    @Transactional
    public Outcome<Woman> change(SignedIn me, Woman kept, int version, IntakeForm form) {
        IntakeReader.Owner owner =
                new IntakeReader.Owner(kept.id(), me.studioId(), me.accountId(), version, kept.approach());
        Outcome<Woman> read = IntakeReader.read(form, owner, day.today(me));
        if (read.problems().isEmpty()) {
            Optional<LocalDate> tooEarly =
                    read.value().birth().map(Birth::date).filter(born -> LifeEvents.isTooEarlyForABirth(kept, born));
            if (tooEarly.isPresent()) {
                return Outcome.refused(Problem.of("birthDate", "life.tooEarly", LifeEvents.EARLIEST_BIRTH_WEEKS));
            }
            if (women.update(read.value(), day.instant()) == 0) {
                return Outcome.refused(Problem.of("version", "intake.stale", kept.version()));
            }
            earlier.keep(kept, me, day.instant());
        }
        return read;
    }
}
