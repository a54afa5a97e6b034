package openbloom.app.people;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ApplicationVersion;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import openbloom.core.Problem;
import openbloom.core.dating.Dating;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Ends of pregnancies: a birth, or an end without one. What was known before stays in her journey. */
@Service
public class LifeEvents {
    private final LifeEventMapper events;
    /** Before this a pregnancy that ended is closed, not recorded as a birth (common practice, no source). */
    static final int EARLIEST_BIRTH_WEEKS = 16;

    private final WomanMapper women;
    private final EarlierIntakes earlier;
    private final StudioDay day;

    LifeEvents(LifeEventMapper events, WomanMapper women, EarlierIntakes earlier, StudioDay day) {
        this.earlier = earlier;
        this.events = events;
        this.women = women;
        this.day = day;
    }

    /** A birth as it is typed. */
    public record BirthForm(
            String formKey,
            String version,
            @Nullable String birthDate,
            @Nullable String birthKind,
            @Nullable String tear,
            @Nullable String woundClosed) {}

    public List<LifeEvent> of(long womanId) {
        return events.of(List.of(womanId));
    }

    /** The events of several women at once. */
    public Map<Long, List<LifeEvent>> ofAll(List<Long> womanIds) {
        return events.of(womanIds).stream().collect(Collectors.groupingBy(LifeEvent::womanId));
    }

    /**
     * Moves her from pregnant to after birth. Clearance given for the pregnancy no longer counts.
     *
     * @return what is wrong with the form; empty when it was kept
     */
    @Transactional
    public List<Problem> recordBirth(SignedIn me, Woman woman, BirthForm form) {
        FormReader typed = new FormReader();
        checkPregnant(typed, woman);
        Optional<LocalDate> on = past(typed, "birthDate", form.birthDate(), me);
        Woman.BirthRow birth = IntakeReader.birth(typed, on, form.birthKind(), form.tear(), form.woundClosed());
        on.filter(born -> !afterTheBeginning(woman, born))
                .ifPresent(born -> typed.refuse("birthDate", "life.beforePregnancy", born));
        on.filter(born -> isTooEarlyForABirth(woman, born))
                .ifPresent(born -> typed.refuse("birthDate", "life.tooEarly", EARLIEST_BIRTH_WEEKS));
        if (typed.isClean()) {
            LocalDate born = on.orElseThrow();
            Woman after = woman.afterBirth(
                    birth,
                    me.accountId(),
                    ApplicationVersion.parse(form.version()).number());
            keep(typed, me, woman, after, form.formKey(), LifeEvent.LifeEventKind.BIRTH, born);
        }
        return typed.problems();
    }

    /**
     * Closes a pregnancy that ended without a birth.
     *
     * @return what is wrong with the form; empty when it was kept
     */
    @Transactional
    public List<Problem> closePregnancy(
            SignedIn me, Woman woman, String formKey, ApplicationVersion version, @Nullable String on) {
        FormReader typed = new FormReader();
        checkPregnant(typed, woman);
        Optional<LocalDate> ended = past(typed, "endedOn", on, me);
        ended.filter(end -> !afterTheBeginning(woman, end))
                .ifPresent(end -> typed.refuse("endedOn", "life.beforePregnancy", end));
        if (typed.isClean()) {
            Woman after = woman.noLongerPregnant(me.accountId(), version.number());
            keep(typed, me, woman, after, formKey, LifeEvent.LifeEventKind.PREGNANCY_CLOSED, ended.orElseThrow());
        }
        return typed.problems();
    }

    /** A second birth, or closing what is closed, makes no sense. */
    private static void checkPregnant(FormReader typed, Woman woman) {
        if (woman.situation() != LifeSituation.PREGNANT) {
            typed.refuse("version", "life.notPregnant");
        }
    }

    /** Whether by her dating the pregnancy was too short on a day to have ended in a birth. */
    static boolean isTooEarlyForABirth(Woman woman, LocalDate born) {
        return woman.dating()
                .map(Dating::firstDay)
                .filter(first -> !born.isBefore(first) && born.isBefore(first.plusWeeks(EARLIEST_BIRTH_WEEKS)))
                .isPresent();
    }

    private void keep(
            FormReader typed,
            SignedIn me,
            Woman before,
            Woman after,
            String formKey,
            LifeEvent.LifeEventKind kind,
            LocalDate on) {
        String known = before.dating()
                .map(dating -> "pregnancy due " + Days.words(dating.dueDate()) + ", by "
                        + dating.basis().words())
                .orElse("");
        if (women.update(after, day.instant()) == 0) {
            typed.refuse("version", "life.stale");
            return;
        }
        earlier.keep(before, me, day.instant());
        events.insert(after.id(), formKey, kind, on, known, me.accountId(), day.instant());
    }

    private Optional<LocalDate> past(FormReader typed, String field, @Nullable String text, SignedIn me) {
        Optional<LocalDate> date = typed.requiredDate(field, text);
        if (date.isPresent() && date.get().isAfter(day.today(me))) {
            typed.refuse(field, "typed.future", date.get());
            return Optional.empty();
        }
        return date;
    }

    private static boolean afterTheBeginning(Woman woman, LocalDate date) {
        return woman.dating().map(Dating::firstDay).filter(date::isBefore).isEmpty();
    }
}
