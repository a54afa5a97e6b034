package openbloom.app.home;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import openbloom.app.people.Woman;
import openbloom.app.session.Sessions;
import openbloom.app.studio.Account;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Service;

/** Tells ten days of practice at home by the way her page itself takes: for the demonstration. */
@Service
@Profile("demo")
public class HomeStory {
    private static final int DAYS = 10;
    private static final LocalTime MORNING = LocalTime.of(7, 10);

    private final HomeLinks links;
    private final HomePractices practices;
    private final HomeAnswers answers;

    HomeStory(HomeLinks links, HomePractices practices, HomeAnswers answers) {
        this.links = links;
        this.practices = practices;
        this.answers = answers;
    }

    /** What she had to tell once in those days. */
    public enum Told {
        HEAVINESS,
        A_QUESTION
    }

    /**
     * Gives her a link and tells the days before today, as far as her block plans practice at home.
     *
     * @return the token of her link
     */
    public String tell(Woman woman, Account by, LocalDate today, Told told) {
        String key = "demo-home-" + woman.id();
        String token = links.make(woman, HomeLink.LinkPurpose.HOME, by, today.minusDays(DAYS), key);
        HomeVisitor her =
                links.open(HomeLink.LinkPurpose.HOME, token, "demonstration").orElseThrow();
        int done = 0;
        for (int back = DAYS; back > 0; back--) {
            LocalDate on = today.minusDays(back);
            Optional<Sessions.ComposedFor> practice = practices.of(her, on);
            if (practice.isPresent()) {
                done += 1;
                practised(her, practice.get(), on, told == Told.HEAVINESS && done == 3);
            }
        }
        if (told == Told.A_QUESTION) {
            send(
                    her,
                    AnswerKind.QUESTION,
                    today.minusDays(1),
                    "",
                    new AnswerForm.SaidSo(
                            null, null, null, "May I do the long walk on Sunday as well?", null, null, null));
        }
        return token;
    }

    private void practised(HomeVisitor her, Sessions.ComposedFor practice, LocalDate on, boolean heavy) {
        String session = String.valueOf(practice.stored().id());
        send(her, AnswerKind.SAFE, on, "", said("NONE"));
        send(her, AnswerKind.DONE, on, session, said(heavy ? "PART" : "ALL"));
        send(her, AnswerKind.TROUBLE, on, session, said(heavy ? "HEAVY" : "NONE"));
        send(her, AnswerKind.EFFORT, on, session, said("RIGHT"));
    }

    private static AnswerForm.SaidSo said(String told) {
        return new AnswerForm.SaidSo(told, null, null, null, null, null, null);
    }

    private void send(HomeVisitor her, AnswerKind kind, LocalDate on, String session, AnswerForm.SaidSo said) {
        String at = on.atTime(MORNING).atZone(her.zone()).toInstant().toString();
        String key = "demo-" + kind + "-" + on;
        answers.keep(
                        her,
                        new AnswerForm(
                                new AnswerForm.SentFrom(kind.name(), key, on.toString(), at),
                                new AnswerForm.OfPractice(session.isEmpty() ? null : session, null),
                                said,
                                new AnswerForm.CountedSo(null, null, null, null, null)))
                .ifPresent(refused -> {
                    throw new IllegalStateException(List.of(kind, on, refused).toString());
                });
    }
}
