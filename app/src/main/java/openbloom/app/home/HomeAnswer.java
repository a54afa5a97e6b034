package openbloom.app.home;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import openbloom.app.language.HerWords;
import openbloom.app.session.Sessions;
import openbloom.app.system.FormReader;
import openbloom.core.Enums;
import openbloom.core.progress.Pain;
import openbloom.core.record.PainSite;

/**
 * An answer from home as it is read: of whom, of which day, of which practice.
 *
 * @param on the day it is about
 * @param practice the practice at home it is about, where it is about one
 */
record HomeAnswer(
        HomeVisitor her, AnswerForm form, AnswerKind kind, LocalDate on, Optional<Sessions.ComposedFor> practice) {
    static final int MOST_COUNTED = 600;
    static final Pattern KEY = Pattern.compile("[A-Za-z0-9-]{8,64}");

    HerWords words() {
        return her.words();
    }

    /** Of one woman alone: what another sends under the same key is another answer. */
    String key() {
        return keyOf("");
    }

    /** One of several that come of it. */
    String keyOf(Object part) {
        return keyUnder(Objects.toString(form.sent().formKey(), ""), part);
    }

    /** The answer this one takes the place of. */
    Optional<String> instead() {
        return Optional.ofNullable(form.said().instead())
                .filter(before -> KEY.matcher(before).matches())
                .map(before -> keyUnder(before, ""));
    }

    private String keyUnder(String sent, Object part) {
        String all = her.woman().id() + " " + sent + " " + part;
        return UUID.nameUUIDFromBytes(all.getBytes(StandardCharsets.UTF_8)).toString();
    }

    Sessions.ComposedFor ofPractice() {
        return practice.orElseThrow();
    }

    /** The word she chose, if it is one of the type. */
    <E extends Enum<E>> Optional<E> chosen(Class<E> type) {
        return Enums.named(type, Objects.toString(form.said().told(), ""));
    }

    Optional<PainSite> place() {
        return PainSite.named(Objects.toString(form.said().place(), ""));
    }

    /** 0 to 10, where she told it. */
    Optional<Integer> pain() {
        return new FormReader().whole("pain", form.said().pain(), 0, Pain.MOST);
    }

    /** Nothing is wrong with it. */
    static Optional<String> kept() {
        return Optional.empty();
    }

    Optional<String> unreadable() {
        return refused("refuse.kind");
    }

    Optional<String> refused(String why, Object... values) {
        return Optional.of(words().of(why, values));
    }
}
