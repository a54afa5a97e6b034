package openbloom.app.moves;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import openbloom.app.studio.SignedIn;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.figure.Figures;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Dose;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;

/** The shipped catalogue with each studio's own moves beside it. */
@Service
public class Catalogues {
    private static final Logger LOG = LoggerFactory.getLogger(Catalogues.class);
    static final int MOST_OWN_MOVES = 300;
    static final int LARGEST_YAML = 1_000_000;
    private final Figures figures;
    private final CatalogueLoader loader;
    private final Catalogue shipped;
    private final StudioMovesMapper mapper;
    private final OwnWordsShelf words;
    private final Map<Long, KeptCatalogue> cache = new ConcurrentHashMap<>();
    private final Map<Said, KeptSaid> said = new ConcurrentHashMap<>();

    Catalogues(Catalogue shipped, Figures figures, StudioMovesMapper mapper, OwnWordsShelf words) {
        this.words = words;
        this.figures = figures;
        this.loader = new CatalogueLoader(figures);
        this.shipped = shipped;
        this.mapper = mapper;
    }

    private record KeptCatalogue(int version, Catalogue catalogue) {}

    /** In whose words: a studio's, or those of an instructor of it; nobody is 0. */
    private record Said(long studioId, long accountId) {}

    /** A catalogue in somebody's words, as long as neither words nor moves change. */
    private record KeptSaid(long latestWords, Catalogue base, Catalogue catalogue) {}

    /** The moves a studio works with, in the words of whoever is signed in there, else in the studio's. */
    public Catalogue of(long studioId) {
        Catalogue base = moves(studioId);
        long latest = words.latest(studioId);
        if (latest == 0) {
            return base;
        }
        OptionalLong account = SignedIn.current()
                .filter(me -> me.studioId() == studioId)
                .map(me -> OptionalLong.of(me.accountId()))
                .orElseGet(OptionalLong::empty);
        Said who = new Said(studioId, account.orElse(0));
        KeptSaid kept = said.get(who);
        if (kept == null || kept.latestWords() != latest || kept.base() != base) {
            kept = new KeptSaid(latest, base, base.saying(words.counting(studioId, account)));
            said.put(who, kept);
        }
        return kept.catalogue();
    }

    /** The catalogue as it ships. */
    Catalogue shipped() {
        return shipped;
    }

    private Catalogue moves(long studioId) {
        Optional<StudioMoves> own =
                mapper.of(studioId).filter(moves -> !moves.yaml().isBlank());
        if (own.isEmpty()) {
            return shipped;
        }
        KeptCatalogue kept = cache.get(studioId);
        if (kept == null || kept.version() != own.get().version()) {
            kept = new KeptCatalogue(own.get().version(), withOwn(own.get()));
            cache.put(studioId, kept);
        }
        return kept.catalogue();
    }

    /** Moves kept before a stricter checker came are left out, not fatal; their page still shows and checks them. */
    private Catalogue withOwn(StudioMoves own) {
        Outcome<Catalogue> larger = loader.add(shipped, own.yaml());
        if (larger.problems().isEmpty()) {
            return larger.value();
        }
        LOG.warn("The own exercises of studio {} no longer pass the checker: {}", own.studioId(), larger.problems());
        return shipped;
    }

    StudioMoves own(long studioId) {
        return mapper.of(studioId).orElse(StudioMoves.NONE);
    }

    /** Figures a move may be shown by. */
    Set<String> figures() {
        return figures.ids();
    }

    Map<String, Dose> doseSchemes() {
        return loader.doseSchemes();
    }

    boolean isShipped(String moveId) {
        return shipped.find(moveId).isPresent();
    }

    /**
     * Keeps a studio's own moves in place of those it had; nothing is kept unless all of it passes the checker.
     *
     * @param version the version the change was made from
     */
    Outcome<Catalogue> keep(long studioId, int version, String yaml) {
        if (yaml.length() > LARGEST_YAML) {
            return Outcome.refused(Problem.of("file", "yaml.tooLong", LARGEST_YAML, yaml.length()));
        }
        Outcome<Catalogue> checked = yaml.isBlank() ? Outcome.accepted(shipped) : loader.add(shipped, yaml);
        if (checked.problems().isEmpty() && checked.value().size() - shipped.size() > MOST_OWN_MOVES) {
            return Outcome.refused(Problem.of(
                    "file", "moves.tooMany", MOST_OWN_MOVES, checked.value().size() - shipped.size()));
        }
        List<Problem> taken = checked.problems().isEmpty() ? takenNames(checked.value()) : List.of();
        if (!taken.isEmpty()) {
            return new Outcome.Refused<>(taken);
        }
        if (checked.problems().isEmpty() && !store(studioId, version, yaml)) {
            return Outcome.refused(Problem.of("version", "moves.stale"));
        }
        return checked;
    }

    /** Own moves that are called as a shipped one: nobody could tell them apart. */
    private List<Problem> takenNames(Catalogue larger) {
        Set<String> names = shipped.moves().stream()
                .map(move -> move.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
        return larger.moves().stream()
                .filter(move -> !isShipped(move.id()))
                .filter(move -> names.contains(move.name().toLowerCase(Locale.ROOT)))
                .map(move -> Problem.of(move.id() + ".name", "words.taken", move.name()))
                .toList();
    }

    private boolean store(long studioId, int version, String yaml) {
        try {
            return version == 0 ? mapper.insert(studioId, yaml) == 1 : mapper.update(studioId, version, yaml) == 1;
        } catch (DuplicateKeyException somebodyWasQuicker) {
            return false;
        }
    }
}
