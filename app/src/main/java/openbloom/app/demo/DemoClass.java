package openbloom.app.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import openbloom.app.classes.ClassSheets;
import openbloom.app.classes.Classes;
import openbloom.app.classes.StudioClass;
import openbloom.app.people.Woman;
import openbloom.app.session.SessionMapper;
import openbloom.app.session.Sessions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ColumnCodec;
import openbloom.core.moves.Equipment;
import openbloom.core.record.Noted;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** A mixed class of nine, with two sheets taught before today's. */
@Component
@Profile("demo")
class DemoClass {
    private static final int WOMEN = 9;
    private static final int MINUTES = 40;
    private static final int WEEKS_TAUGHT = 2;
    private static final int EVERY = 7;

    private final Classes classes;
    private final ClassSheets sheets;
    private final Sessions sessions;
    private final SessionMapper kept;

    DemoClass(Classes classes, ClassSheets sheets, Sessions sessions, SessionMapper kept) {
        this.classes = classes;
        this.sheets = sheets;
        this.sessions = sessions;
        this.kept = kept;
    }

    /** @param asks keeps that a woman was asked on a day and told nothing */
    void tell(SignedIn who, List<Woman> women, LocalDate today, BiConsumer<Woman, LocalDate> asks) {
        List<Woman> nine = women.stream().limit(WOMEN).toList();
        StudioClass mixed = new StudioClass(
                0,
                who.studioId(),
                0,
                "Mixed, one sequence",
                new StudioClass.ClassTime(today.getDayOfWeek(), LocalTime.of(18, 30), MINUTES),
                new StudioClass.ClassRoom(
                        "Upper room", ColumnCodec.constants(Set.of(Equipment.CHAIR, Equipment.BAND, Equipment.BALL))),
                new StudioClass.ClassDates(today.minusWeeks(WEEKS_TAUGHT), null, ""));
        long id =
                classes.keep(who, mixed, nine.stream().map(Woman::id).toList()).orElseThrow();
        StudioClass held = classes.find(who, id).orElseThrow();
        for (int back = WEEKS_TAUGHT; back > 0; back--) {
            LocalDate on = today.minusDays((long) EVERY * back);
            nine.forEach(woman -> asks.accept(woman, on));
            sheets.compose(who, held, nine, on).teachingId().ifPresent(teaching -> teach(who, teaching, nine, on));
        }
    }

    private void teach(SignedIn who, long teaching, List<Woman> nine, LocalDate on) {
        ClassSheets.KeptSheet sheet = sheets.find(who, teaching).orElseThrow();
        for (Woman woman : nine) {
            if (sheet.parts().containsKey(woman.id())) {
                long session = sheet.parts().get(woman.id()).sessionId();
                Sessions.ComposedFor planned = sessions.find(woman, session).orElseThrow();
                for (int i = 0; i < planned.plan().items().size(); i++) {
                    sessions.respond(planned, Sessions.NewResponse.of(i, Noted.DONE, "demo-" + session + "-" + i), on);
                }
                kept.taught(session, on, who.accountId(), Noted.RIGHT);
            }
        }
    }
}
