package openbloom.app.share;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.app.home.HomeLink;
import openbloom.app.home.HomeLinks;
import openbloom.app.home.HomeVisitor;
import openbloom.app.language.HerLanguage;
import openbloom.app.language.HerWords;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.figure.BodyStage;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Hand-outs: drafted, made, and kept as they were given out. */
@Service
class HandOuts {
    private final HandOutMapper rows;
    private final Drafts drafts;
    private final LetterDrafts letters;
    private final Papers papers;
    private final HomeLinks links;
    private final RecordReader records;
    private final Catalogues catalogues;
    private final StudioDay day;
    private final JsonMapper json;

    HandOuts(
            HandOutMapper rows,
            Drafts drafts,
            LetterDrafts letters,
            Papers papers,
            HomeLinks links,
            RecordReader records,
            Catalogues catalogues,
            StudioDay day,
            JsonMapper json) {
        this.rows = rows;
        this.drafts = drafts;
        this.letters = letters;
        this.papers = papers;
        this.links = links;
        this.records = records;
        this.catalogues = catalogues;
        this.day = day;
        this.json = json;
    }

    /** Everything that was given to her, the latest first. */
    List<HandOutMapper.GivenOut> of(Woman woman) {
        return rows.of(woman.id());
    }

    /** A paper as it was given out. */
    Optional<byte[]> pdf(SignedIn me, long womanId, long id) {
        return rows.pdf(me.studioId(), womanId, id);
    }

    /** One that was made from a form already. */
    Optional<Long> madeFrom(SignedIn me, String formKey) {
        return rows.byKey(me.studioId(), formKey);
    }

    Draft draft(SignedIn me, Woman woman, HandOutKind kind, List<String> cards) {
        return kind.letter()
                .map(letter -> letters.of(letter, me, woman, day.today(me)))
                .orElseGet(() -> drafts.of(kind, visitor(me, woman), day.today(me), cards));
    }

    /** Ids of the cards that are taken unless others are chosen. */
    List<String> usualCards(SignedIn me, Woman woman) {
        return drafts.usualCards(woman, day.today(me));
    }

    List<Drafts.CardChoice> cards(SignedIn me, Woman woman) {
        return drafts.cards(visitor(me, woman), day.today(me));
    }

    /** The words of a paper: hers, or of a letter, whoever is to read it. */
    HerWords words(Woman woman, HandOutKind kind) {
        return HerWords.in(
                kind.letter().isPresent()
                        ? HerLanguage.ENGLISH
                        : links.page(woman.id()).language());
    }

    /** A woman as her own pages know her, without a link. */
    private HomeVisitor visitor(SignedIn me, Woman woman) {
        LocalDate today = day.today(me);
        HomeLink none =
                new HomeLink(0, woman.id(), HomeLink.LinkPurpose.HOME, today, today, me.accountId(), null, null);
        return new HomeVisitor(none, woman, me.studio(), me.account(), links.page(woman.id()));
    }

    /**
     * How one is made.
     *
     * @param address where pages of this application begin; empty where no code is wanted
     */
    record Making(HandOutKind kind, boolean isLarge, Optional<String> address, String formKey) {}

    /**
     * Makes a hand-out of hers. With a code it brings a new link, which stands on the paper that is given out alone; on the copy
     * that is kept a sentence says that it was there.
     *
     * @return the paper to give out
     */
    @Transactional
    byte[] make(SignedIn me, Woman woman, Draft draft, Making making) {
        LocalDate today = day.today(me);
        HerWords words = words(woman, making.kind());
        BodyStage body = records.clientOn(woman, today).bodyOn(today);
        List<String> head = head(me, woman, making.kind(), words);
        Optional<String> link = making.address()
                .map(address -> address
                        + HomeLink.LinkPurpose.HOME.path()
                        + links.make(woman, HomeLink.LinkPurpose.HOME, me.account(), today, making.formKey()));
        Papers.Paper kept = new Papers.Paper(
                draft.withoutEmptyParts(),
                words,
                head,
                making.isLarge(),
                body,
                catalogues.of(woman.studioId()),
                Optional.empty(),
                link.isPresent() ? words.of("paper.home.codeKept") : "");
        byte[] copy = papers.pdf(kept);
        keep(me, new HandOutMapper.HandOutOf(me.studioId(), woman.id(), null), making, words.language(), draft, copy);
        return link.isPresent() ? papers.pdf(withCode(kept, link)) : copy;
    }

    private List<String> head(SignedIn me, Woman woman, HandOutKind kind, HerWords words) {
        String on = words.fullDay(day.today(me));
        return kind.letter().isPresent()
                ? List.of(me.studio().name(), on)
                : List.of(
                        words.of("paper.for", HomeVisitor.firstNameOf(woman)),
                        words.of(
                                "paper.given",
                                on,
                                me.account().name(),
                                me.studio().name()));
    }

    private static Papers.Paper withCode(Papers.Paper kept, Optional<String> link) {
        return new Papers.Paper(
                kept.draft(), kept.words(), kept.head(), kept.isLarge(), kept.body(), kept.catalogue(), link, "");
    }

    /** Makes a paper of the studio’s own. */
    @Transactional
    byte[] make(SignedIn me, long teachingId, Draft draft, Making making) {
        HerWords words = HerWords.in(HerLanguage.ENGLISH);
        Papers.Paper paper = new Papers.Paper(
                draft.withoutEmptyParts(),
                words,
                List.of(me.studio().name()),
                making.isLarge(),
                BodyStage.NEITHER,
                catalogues.of(me.studioId()),
                Optional.empty(),
                "");
        byte[] pdf = papers.pdf(paper);
        keep(me, new HandOutMapper.HandOutOf(me.studioId(), null, teachingId), making, words.language(), draft, pdf);
        return pdf;
    }

    private void keep(
            SignedIn me, HandOutMapper.HandOutOf of, Making making, HerLanguage language, Draft draft, byte[] pdf) {
        rows.insert(new HandOutMapper.NewHandOut(
                of,
                making.formKey(),
                making.kind(),
                language.name(),
                making.isLarge(),
                draft.title(),
                new HandOutMapper.HandOutMade(day.today(me), me.accountId(), day.instant()),
                new HandOutMapper.HandOutContent(json.writeValueAsString(draft), pdf)));
    }
}
