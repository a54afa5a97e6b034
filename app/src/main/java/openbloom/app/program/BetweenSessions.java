package openbloom.app.program;

import java.time.LocalDate;
import java.util.List;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.core.care.CareCard;
import openbloom.core.care.CareCards;
import openbloom.core.care.Explanation;
import openbloom.core.care.Explanations;
import openbloom.core.care.PlaceSet;
import openbloom.core.care.PlaceSets;
import openbloom.core.session.Place;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Service;

/** What goes with a woman between her sessions: care cards, cards that explain, small sets for a desk or a queue. */
@Service
public class BetweenSessions {
    private final Judgements judgements;
    private final CareCards cards;
    private final Explanations explanations;
    private final PlaceSets places;

    BetweenSessions(Judgements judgements, CareCards cards, Explanations explanations, PlaceSets places) {
        this.judgements = judgements;
        this.cards = cards;
        this.explanations = explanations;
        this.places = places;
    }

    /** The cards that fit her on a day. */
    public List<CareCard> cards(Woman woman, LocalDate today) {
        return cards.offered(at(woman, today).facts());
    }

    /** The cards that explain what concerns her on a day. */
    public List<Explanation> explanations(Judgement judgement) {
        return explanations.offered(judgement.facts());
    }

    public List<Explanation> explanations(Woman woman, LocalDate today) {
        return explanations(at(woman, today));
    }

    /** Small sets as they are for her on a day. */
    public List<PlaceSet> places(Judgement judgement) {
        return places.of(judgement);
    }

    public List<PlaceSet> places(Woman woman, LocalDate today) {
        return places(at(woman, today));
    }

    private Judgement at(Woman woman, LocalDate today) {
        return judgements.of(woman, today, Place.HOME);
    }
}
