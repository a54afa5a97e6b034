package openbloom.app.share;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import openbloom.app.checks.SheetFindings;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.people.Woman;
import openbloom.app.program.Reviews;
import openbloom.app.studio.SignedIn;
import openbloom.core.gap.Measured;
import openbloom.core.letter.Letter;
import openbloom.core.letter.LetterFacts;
import openbloom.core.letter.LetterKind;
import openbloom.core.letter.LetterSentence;
import openbloom.core.pelvicfloor.DatedCheck;
import openbloom.core.record.CaseNotes;
import openbloom.core.review.ProgramReview;
import openbloom.core.review.ReviewPeriod;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Component;

/** Letters to her clinician as they are drafted from her record. */
@Component
class LetterDrafts {
    private final Reviews reviews;
    private final GapChecks gaps;
    private final SheetFindings findings;

    LetterDrafts(Reviews reviews, GapChecks gaps, SheetFindings findings) {
        this.reviews = reviews;
        this.gaps = gaps;
        this.findings = findings;
    }

    /** A letter as a paper whose every word can be changed. */
    Draft of(LetterKind kind, SignedIn me, Woman woman, LocalDate today) {
        Letter letter = known(me, woman, today).letter(kind);
        List<Draft.DraftPart> parts = new ArrayList<>(letter.parts().stream()
                .map(part -> part(
                        part,
                        part.sentences().stream().map(LetterSentence::dated).toList()))
                .toList());
        return new Draft(letter.subject(), List.of("To: ", letter.about() + "."), parts);
    }

    private static Draft.DraftPart part(Letter.LetterPart part, List<String> lines) {
        return part.framed() ? Draft.DraftPart.boxed(part.heading(), lines) : Draft.DraftPart.of(part.heading(), lines);
    }

    /** What letters about her are drafted from. */
    record Known(LetterFacts facts) {
        Letter letter(LetterKind kind) {
            return Letter.draft(kind, facts);
        }
    }

    Known known(SignedIn me, Woman woman, LocalDate today) {
        return new Known(facts(me, woman, reviews.sinceTheFirstLook(woman, today)));
    }

    private LetterFacts facts(SignedIn me, Woman woman, ReviewPeriod look) {
        Judgement now = look.after();
        ProgramReview review = ProgramReview.of(look);
        return new LetterFacts(
                me.account().name() + ", " + me.studio().name(),
                woman.name(),
                Optional.ofNullable(woman.about().birthYear()),
                now,
                gap(woman, now),
                floor(woman, now),
                new LetterFacts.Done(
                        review.from(),
                        look.done().doneSessions(),
                        look.done().doneMinutes(),
                        review.levels(),
                        review.aims()));
    }

    /** The latest check that counts, and the first that can be compared with it; else the first of all. */
    private LetterFacts.GapFound gap(Woman woman, Judgement now) {
        LocalDate since = CaseNotes.beginsOn(now.facts().client().situation());
        List<GapChecks.KeptCheck> counting = gaps.of(woman.id()).stream()
                .filter(kept -> !kept.isWithdrawn() && !kept.check().date().isBefore(since))
                .sorted(Comparator.comparing(kept -> kept.check().date()))
                .toList();
        Optional<Measured> latest = GapChecks.latest(
                        counting, now.facts().client().approach().school())
                .map(GapChecks.KeptCheck::measured);
        Optional<Measured> first = latest.flatMap(last -> counting.stream()
                .map(GapChecks.KeptCheck::measured)
                .filter(one -> isReadAlike(one, last))
                .findFirst());
        return latest.map(last -> new LetterFacts.GapFound(
                        first,
                        latest,
                        gaps.repeatability(woman.studioId(), last.by().id(), last.method())))
                .orElseGet(() -> new LetterFacts.GapFound(first, latest, ReviewPeriod.GapSeen.NONE.ofSite()));
    }

    private static boolean isReadAlike(Measured one, Measured other) {
        return one.method() == other.method() && one.by().id() == other.by().id();
    }

    private LetterFacts.FloorFound floor(Woman woman, Judgement now) {
        LocalDate since = CaseNotes.beginsOn(now.facts().client().situation());
        List<DatedCheck> checks = findings
                .pelvicFloorChecks(woman.id(), now.facts().day())
                .stream()
                .filter(check -> !check.on().isBefore(since))
                .sorted(Comparator.comparing(DatedCheck::on))
                .toList();
        return new LetterFacts.FloorFound(
                checks.stream().findFirst(), checks.stream().reduce((one, later) -> later));
    }
}
