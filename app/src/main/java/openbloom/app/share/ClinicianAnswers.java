package openbloom.app.share;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.app.moves.Judgements;
import openbloom.app.people.People;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ApplicationVersion;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.FormKeys;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.ClinicianAnswer;
import openbloom.core.record.ClinicianAnswer.Said;
import openbloom.core.screening.Condition;
import openbloom.core.session.Place;
import openbloom.core.verdict.ClinicianQuestion;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What came back from her clinician: read as it is typed, kept, and put into her record as a clearance. */
@Service
class ClinicianAnswers {
    static final String CONDITION = "condition-";
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_WORDS = 600;

    private final ClinicianAnswerMapper rows;
    private final People people;
    private final Judgements judgements;
    private final StudioDay day;

    ClinicianAnswers(ClinicianAnswerMapper rows, People people, Judgements judgements, StudioDay day) {
        this.rows = rows;
        this.people = people;
        this.judgements = judgements;
        this.day = day;
    }

    /** An answer as it is listed. */
    public record AnswerListed(LocalDate on, String by, List<String> lines, LocalDate keptOn, String keptBy) {}

    List<AnswerListed> of(Woman woman) {
        return rows.of(woman.id()).stream().map(ClinicianAnswers::listed).toList();
    }

    private static AnswerListed listed(ClinicianAnswerMapper.AnswerRow row) {
        List<String> lines = new ArrayList<>();
        said(row.exercise()).ifPresent(said -> lines.add("Exercise: " + said.words()));
        said(row.sign()).ifPresent(said -> lines.add("The warning sign, may she go on: " + said.words()));
        ColumnCodec.known(row.may(), Condition.class).forEach(one -> lines.add(one.words() + ": yes"));
        ColumnCodec.known(row.notYet(), Condition.class).forEach(one -> lines.add(one.words() + ": not yet"));
        List<String> limits = ColumnCodec.lines(row.limits()).stream()
                .map(limit -> ClinicalRestriction.parse(limit)
                        .map(ClinicalRestriction::words)
                        .orElse("“" + limit + "”"))
                .toList();
        lines.add(limits.isEmpty() ? "No limits" : "Limits: " + String.join("; ", limits));
        return new AnswerListed(row.answeredOn(), row.saidBy(), lines, row.keptOn(), row.keptBy());
    }

    private static Optional<Said> said(String constant) {
        return ColumnCodec.known(constant, Said.class).stream()
                .filter(said -> said != Said.NOT_SAID)
                .findFirst();
    }

    Judgement judgement(Woman woman, LocalDate today) {
        return judgements.of(woman, today, Place.STUDIO);
    }

    /** Conditions an answer may speak of: those that wait, and those that were answered before. */
    static Set<Condition> askable(Judgement judgement) {
        Set<Condition> askable = EnumSet.noneOf(Condition.class);
        askable.addAll(judgement.facts().answeredConditions());
        ClinicianQuestion.of(judgement, "").stream()
                .filter(ClinicianQuestion.OfCondition.class::isInstance)
                .map(question -> ((ClinicianQuestion.OfCondition) question).condition())
                .forEach(askable::add);
        return askable;
    }

    /** How it was read. */
    record AnswerRead(ClinicianAnswer answer, Said ofSign) {}

    /**
     * Keeps an answer, and what it says in her record.
     *
     * @param typed where what is wrong is said
     * @return what it says of the warning sign that stands; empty when nothing was kept
     */
    @Transactional
    public Optional<AnswerRead> keep(
            SignedIn me, Woman woman, Map<String, String> fields, List<String> limits, FormReader typed) {
        LocalDate today = day.today(me);
        Judgement now = judgement(woman, today);
        if (ApplicationVersion.parse(fields.get("version")).number() != woman.version()) {
            typed.refuse("answeredOn", "letter.stale");
        }
        AnswerRead read = read(fields, limits, now, today, typed);
        if (!typed.isClean()) {
            return Optional.empty();
        }
        if (isAWord(read.answer(), now)) {
            boolean kept = people.answered(
                    me, woman, read.answer().clearance(now.facts().answeredConditions()));
            if (!kept) {
                typed.refuse("answeredOn", "letter.stale");
                return Optional.empty();
            }
        }
        ClinicianAnswer answer = read.answer();
        rows.insert(
                woman.id(),
                fields.getOrDefault("formKey", ""),
                new ClinicianAnswerMapper.AnswerRow(
                        answer.on(),
                        answer.by(),
                        answer.exercise().name(),
                        read.ofSign().name(),
                        ColumnCodec.constants(answer.may()),
                        ColumnCodec.constants(answer.notYet()),
                        ColumnCodec.lines(answer.limits()),
                        today,
                        me.account().name()),
                me.accountId(),
                day.instant());
        return Optional.of(read);
    }

    private static AnswerRead read(
            Map<String, String> fields, List<String> limits, Judgement now, LocalDate today, FormReader typed) {
        if (!FormKeys.isKey(fields.getOrDefault("formKey", ""))) {
            typed.refuse("answeredOn", "handOut.key");
        }
        Optional<LocalDate> on = typed.pastDate("answeredOn", fields.get("answeredOn"), today);
        if (on.isEmpty() && typed.isClean()) {
            typed.refuse("answeredOn", "letter.day");
        }
        String by = typed.requiredText("saidBy", fields.get("saidBy"), LONGEST_NAME);
        Map<Condition, Said> ofConditions = new EnumMap<>(Condition.class);
        for (Condition condition : askable(now)) {
            ofConditions.put(condition, said(CONDITION + condition, fields, typed));
        }
        ClinicianAnswer answer = new ClinicianAnswer(
                on.orElse(today),
                by,
                said("exercise", fields, typed),
                those(ofConditions, Said.YES),
                those(ofConditions, Said.NOT_YET),
                limits(fields, limits, typed));
        Said ofSign = now.facts().client().safety().standing().isEmpty() ? Said.NOT_SAID : said("sign", fields, typed);
        if (typed.isClean()) {
            check(answer, ofSign, now, typed);
        }
        return new AnswerRead(answer, ofSign);
    }

    /** A word about a condition alone would open exercise as well: that has to be said first. */
    private static void check(ClinicianAnswer answer, Said ofSign, Judgement now, FormReader typed) {
        if (answer.isOvertakenBy(now.facts().client().medical().clearance())) {
            typed.refuse("answeredOn", "letter.overtaken");
        }
        boolean word = isAWord(answer, now);
        if (!word && ofSign == Said.NOT_SAID) {
            typed.refuse("exercise", "letter.nothing");
        }
        if (word
                && answer.exercise() == Said.NOT_SAID
                && now.facts().clearance().isEmpty()) {
            typed.refuse("exercise", "letter.exerciseFirst");
        }
        if (answer.contradictsItself()) {
            typed.refuse("limits", "letter.breathAndYes");
        }
        if (answer.liftsWithoutAWord(now.facts().clearance())) {
            typed.refuse("exercise", "letter.breathWithoutYes");
        }
    }

    /** Whether it changes the word on file: an answer about a sign alone does not. */
    private static boolean isAWord(ClinicianAnswer answer, Judgement now) {
        return !answer.isEmpty()
                || !answer.keepsTheLimitsOf(now.facts().client().medical().clearance());
    }

    private static Set<Condition> those(Map<Condition, Said> all, Said said) {
        return all.entrySet().stream()
                .filter(one -> one.getValue() == said)
                .map(Map.Entry::getKey)
                .collect(Collectors.toUnmodifiableSet());
    }

    private static Said said(String field, Map<String, String> fields, FormReader typed) {
        String value = Objects.requireNonNullElse(fields.get(field), "");
        return value.isEmpty()
                ? Said.NOT_SAID
                : typed.requiredChoice(field, value, Said.class).orElse(Said.NOT_SAID);
    }

    private static List<String> limits(Map<String, String> fields, List<String> ticked, FormReader typed) {
        List<String> limits = new ArrayList<>();
        typed.choices("limits", ticked, ClinicalRestriction.class).stream()
                .sorted()
                .map(ClinicalRestriction::name)
                .forEach(limits::add);
        typed.text("limitWords", fields.get("limitWords"), LONGEST_WORDS)
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .forEach(limits::add);
        return limits;
    }
}
