package openbloom.app.session;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import openbloom.app.moves.Catalogues;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.system.FormReader;
import openbloom.core.dating.Trimester;
import openbloom.core.moves.Move;
import openbloom.core.progress.Loading;
import openbloom.core.session.Place;
import openbloom.core.verdict.Facts;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What she lifted, and what to lift today. */
@Service
public class Loads {
    private static final Pattern KILOGRAMS = Pattern.compile("\\d{1,3}([.,]\\d)?");

    private final SessionMapper sessions;
    private final WantedMoves wanted;
    private final Judgements judgements;
    private final Catalogues catalogues;

    Loads(SessionMapper sessions, WantedMoves wanted, Judgements judgements, Catalogues catalogues) {
        this.catalogues = catalogues;
        this.sessions = sessions;
        this.wanted = wanted;
        this.judgements = judgements;
    }

    /** A load as it is typed: 0 to 400 kg with one decimal; empty when nothing was. */
    public static Optional<BigDecimal> read(FormReader typed, String field, @Nullable String text) {
        if (text == null || text.isBlank()) {
            return Optional.empty();
        }
        String plain = text.strip().replace(',', '.');
        if (!KILOGRAMS.matcher(plain).matches() || new BigDecimal(plain).compareTo(Loading.MOST) > 0) {
            typed.refuse(field, "wanted.kilograms", text);
            return Optional.empty();
        }
        return Optional.of(new BigDecimal(plain));
    }

    /** By move, for every one that is done with a weight and of which a load is known. */
    Map<String, Loading> on(Woman woman, LocalDate day) {
        Judgement judgement = judgements.of(woman, day, Place.STUDIO);
        Facts facts = judgement.facts();
        int trimester = facts.age().map(age -> Trimester.at(age).number()).orElse(0);
        Map<String, BigDecimal> before = wanted.of(woman.id()).stream()
                .filter(one -> one.kilograms() != null)
                .collect(Collectors.toMap(
                        WantedMoves.WantedMove::moveId, WantedMoves.WantedMove::kilograms, (first, second) -> first));
        Map<String, Loading.Used> last = last(sessions.responsesOf(List.of(woman.id())), day);
        Map<String, Loading> loads = new HashMap<>();
        judgement.catalogue().moves().stream()
                .filter(Move::isWeighted)
                .map(Move::id)
                .forEach(id -> Loading.of(
                                day,
                                facts.doseStage(),
                                trimester,
                                Optional.ofNullable(last.get(id)),
                                Optional.ofNullable(before.get(id)))
                        .ifPresent(load -> loads.put(id, load)));
        return loads;
    }

    /** Ids of the moves that are done with a weight. */
    Set<String> weighted(Woman woman) {
        return catalogues.of(woman.studioId()).moves().stream()
                .filter(Move::isWeighted)
                .map(Move::id)
                .collect(Collectors.toSet());
    }

    /** The latest load of each move before a day, and how that session went with it. */
    private static Map<String, Loading.Used> last(List<StoredResponse> responses, LocalDate day) {
        Map<String, List<StoredResponse>> byMove = responses.stream()
                .filter(response -> response.on().isBefore(day))
                .collect(Collectors.groupingBy(StoredResponse::moveId));
        return byMove.entrySet().stream()
                .flatMap(entry -> used(entry.getValue()).map(found -> Map.entry(entry.getKey(), found)).stream())
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private static Optional<Loading.Used> used(List<StoredResponse> ofOneMove) {
        return ofOneMove.stream()
                .filter(response -> response.how().kilograms() != null)
                .reduce((first, second) -> second)
                .map(response -> new Loading.Used(
                        response.on(),
                        response.how().kilograms(),
                        Loading.Went.of(ofOneMove.stream()
                                .filter(other -> other.sessionId() == response.sessionId())
                                .map(StoredResponse::told)
                                .toList())));
    }
}
