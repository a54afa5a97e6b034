package openbloom.app.moves;

import java.time.Clock;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import openbloom.app.studio.SignedIn;
import openbloom.core.Enums;
import openbloom.core.breath.CueFamily;
import openbloom.core.moves.OwnWords;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What studios and instructors say in words of their own: the latest version counts, an instructor's before the studio's. */
@Service
class OwnWordsShelf {
    private final OwnWordsMapper mapper;
    private final Clock clock;

    OwnWordsShelf(OwnWordsMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * A version of the words of a move.
     *
     * @param row who kept it and when
     */
    public record KeptWords(OwnWordsMapper.StoredWords row, OwnWords words) {
        public boolean isForAll() {
            return row.accountId() == null;
        }
    }

    /** Number of the latest version of anything; another number means that words have changed. */
    long latest(long studioId) {
        return mapper.latest(studioId);
    }

    /** The words that count, by move: of an instructor over those of her studio; of the studio alone where nobody is signed in. */
    Map<String, OwnWords> counting(long studioId, OptionalLong accountId) {
        Map<String, OwnWords> studio = new HashMap<>();
        Map<String, OwnWords> hers = new HashMap<>();
        for (KeptWords kept : all(studioId)) {
            if (kept.isForAll()) {
                studio.put(kept.row().moveId(), kept.words());
            } else if (accountId.isPresent() && Objects.equals(kept.row().accountId(), accountId.getAsLong())) {
                hers.put(kept.row().moveId(), kept.words());
            }
        }
        Map<String, OwnWords> counting = new HashMap<>(studio);
        hers.forEach((move, words) -> counting.merge(move, words, (before, own) -> own.over(before)));
        return counting;
    }

    /** Every version of a move that is hers or her studio's, the latest first. */
    List<KeptWords> versions(SignedIn me, String moveId) {
        List<KeptWords> versions = all(me.studioId()).stream()
                .filter(kept -> kept.row().moveId().equals(moveId))
                .filter(kept -> kept.isForAll() || Objects.equals(kept.row().accountId(), me.accountId()))
                .collect(Collectors.toList());
        Collections.reverse(versions);
        return List.copyOf(versions);
    }

    private List<KeptWords> all(long studioId) {
        List<OwnWordsMapper.StoredWords> rows = mapper.of(studioId);
        if (rows.isEmpty()) {
            return List.of();
        }
        Map<Long, Map<CueFamily, String>> cues = new HashMap<>();
        for (OwnWordsMapper.StoredCue cue : mapper.cuesOf(studioId)) {
            Enums.named(CueFamily.class, cue.family())
                    .ifPresent(family -> cues.computeIfAbsent(cue.ownWordsId(), id -> new EnumMap<>(CueFamily.class))
                            .put(family, cue.cue()));
        }
        return rows.stream()
                .map(row -> new KeptWords(
                        row, new OwnWords(said(row.name()), cues.getOrDefault(row.id(), Map.of()), said(row.feel()))))
                .toList();
    }

    private static Optional<String> said(String column) {
        return column.isEmpty() ? Optional.empty() : Optional.of(column);
    }

    /**
     * Keeps a version.
     *
     * @param accountId whose it is; null for the whole studio's
     * @param madeFrom number of the version it was made from, 0 for none
     * @return whether it was kept, now or by an earlier press; not, if somebody has changed the words meanwhile
     */
    @Transactional
    boolean keep(SignedIn me, @Nullable Long accountId, String moveId, String formKey, long madeFrom, OwnWords words) {
        long now = versions(me, moveId).stream()
                .filter(kept -> Objects.equals(kept.row().accountId(), accountId))
                .mapToLong(kept -> kept.row().id())
                .max()
                .orElse(0);
        if (now != madeFrom) {
            return false;
        }
        try {
            long id = mapper.insert(new OwnWordsMapper.NewWords(
                    me.studioId(),
                    accountId,
                    moveId,
                    formKey,
                    words.name().orElse(""),
                    words.feel().orElse(""),
                    me.accountId(),
                    clock.instant()));
            words.cues().forEach((family, cue) -> mapper.insertCue(id, family.name(), cue));
            return true;
        } catch (DuplicateKeyException sentTwice) {
            return true;
        }
    }
}
