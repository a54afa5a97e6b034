package openbloom.app.moves;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.core.moves.Equipment;
import openbloom.core.record.Approach;
import openbloom.core.record.Client;
import openbloom.core.session.Place;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Service;

/** Judges a woman on a day, in the studio or at home. */
@Service
public class Judgements {
    /** What a studio has at hand; at home only what she told at intake counts. */
    private static final Set<Equipment> STUDIO_KIT = Set.of(
            Equipment.BLOCK,
            Equipment.BALL,
            Equipment.BIG_BALL,
            Equipment.BAND,
            Equipment.DUMBBELL,
            Equipment.CHAIR,
            Equipment.STEP);

    private final RecordReader records;
    private final Catalogues catalogues;

    Judgements(RecordReader records, Catalogues catalogues) {
        this.records = records;
        this.catalogues = catalogues;
    }

    public Judgement of(Woman woman, LocalDate day, Place place) {
        return Judgement.of(catalogues.of(woman.studioId()), equipped(records.clientOn(woman, day), place), day);
    }

    /** In a room with its own kit: what she has at home does not lie there. */
    public Judgement in(Woman woman, LocalDate day, Set<Equipment> kit) {
        Client client = records.clientOn(woman, day).but().equipment(kit).build();
        return Judgement.of(catalogues.of(woman.studioId()), client, day);
    }

    /** The same woman on the same day by another approach. */
    public Judgement with(Judgement now, Approach approach) {
        Client client = now.facts().client().but().approach(approach).build();
        return Judgement.of(now.catalogue(), client, now.facts().day());
    }

    private static Client equipped(Client client, Place place) {
        if (place == Place.HOME) {
            return client;
        }
        Set<Equipment> kit = EnumSet.copyOf(STUDIO_KIT);
        kit.addAll(client.equipment());
        return client.but().equipment(kit).build();
    }
}
