package openbloom.app.share;

import java.util.List;
import java.util.Optional;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Service;

/** Gives two papers out as its pages do: for the demonstration. */
@Service
@Profile("demo")
public class PaperStory {
    private final HandOuts handOuts;

    PaperStory(HandOuts handOuts) {
        this.handOuts = handOuts;
    }

    /** A home programme and when to stop. */
    public void tell(SignedIn who, Woman woman) {
        for (HandOutKind kind : List.of(HandOutKind.STOPS, HandOutKind.HOME_PROGRAM)) {
            handOuts.make(
                    who,
                    woman,
                    handOuts.draft(who, woman, kind, List.of()),
                    new HandOuts.Making(kind, false, Optional.empty(), "demo-" + kind + "-" + woman.id()));
        }
    }
}
