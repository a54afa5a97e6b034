package openbloom.app.home;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.app.language.HerLanguage;
import openbloom.app.language.HerWords;
import openbloom.app.people.Woman;
import openbloom.app.people.WomanMapper;
import openbloom.app.studio.Account;
import openbloom.app.studio.AccountMapper;
import openbloom.app.studio.GuessGuard;
import openbloom.app.studio.Studio;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.Secrets;
import openbloom.app.system.StudioDay;
import openbloom.core.Enums;
import openbloom.core.care.DailyActivity;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.servlet.ModelAndView;

/** Links to her own pages: made, opened, taken back. Of a token only its digest is kept. */
@Service
public class HomeLinks {
    /** A link ends after so many weeks; a block is never longer. Our own convention, no source. */
    static final int WEEKS = 12;

    private static final int TOKEN_BYTES = 16;
    private static final int LONGEST_TOKEN = 64;

    private final HomeMapper rows;
    private final WomanMapper women;
    private final AccountMapper accounts;
    private final GuessGuard guard;
    private final StudioDay day;

    HomeLinks(HomeMapper rows, WomanMapper women, AccountMapper accounts, GuessGuard guard, StudioDay day) {
        this.rows = rows;
        this.women = women;
        this.accounts = accounts;
        this.guard = guard;
        this.day = day;
    }

    /** Of a woman, the latest first. */
    public List<HomeLink> of(long womanId) {
        return rows.linksOf(womanId);
    }

    /**
     * Makes a link.
     *
     * @return its token, which is nowhere else
     */
    @Transactional
    public String make(Woman woman, HomeLink.LinkPurpose purpose, Account by, LocalDate today, String formKey) {
        String token = Secrets.fresh(TOKEN_BYTES);
        rows.insertLink(new HomeMapper.NewLink(
                woman.id(),
                purpose,
                Secrets.digest(token),
                formKey,
                today,
                today.plusWeeks(WEEKS),
                by.id(),
                day.instant()));
        return token;
    }

    /** Takes a link back; one that is none of hers is left as it is. */
    public void takeBack(Woman woman, long id) {
        rows.takeBack(woman.id(), id, day.instant());
    }

    /**
     * Who has opened a link: nobody where it was never made, has ended, was taken back, or the address has guessed too often. All
     * of these take the same way.
     */
    @Transactional
    public Optional<HomeVisitor> open(HomeLink.LinkPurpose purpose, String token, String address) {
        boolean waits = guard.mustWait(address);
        String digest = Secrets.digest(token.substring(0, Math.min(LONGEST_TOKEN, token.length())));
        Optional<HomeVisitor> visitor = rows.byDigest(digest, purpose)
                .filter(link -> !waits)
                .flatMap(this::visitor)
                .filter(her -> her.link().isOpenOn(day.today(her)));
        visitor.ifPresentOrElse(her -> rows.used(her.link().id(), day.instant()), () -> guard.wrong(address));
        return visitor;
    }

    private Optional<HomeVisitor> visitor(HomeLink link) {
        Studio studio = accounts.studio(rows.studioOf(link.womanId()));
        Account by = accounts.account(link.madeBy());
        return by == null
                ? Optional.empty()
                : women.find(studio.id(), link.womanId())
                        .map(woman -> new HomeVisitor(link, woman, studio, by, page(woman.id())));
    }

    /** Her language and her days; English and nothing told where nobody chose. */
    public HomeVisitor.HerPage page(long womanId) {
        return rows.page(womanId)
                .map(row -> new HomeVisitor.HerPage(
                        Enums.named(HerLanguage.class, row.language()).orElse(HerLanguage.ENGLISH),
                        ColumnCodec.known(row.days(), DailyActivity.class)))
                .orElse(HomeVisitor.HerPage.USUAL);
    }

    public void speak(long womanId, HerLanguage language) {
        keep(womanId, new HomeVisitor.HerPage(language, page(womanId).days()));
    }

    void tellDays(long womanId, Set<DailyActivity> days) {
        keep(womanId, new HomeVisitor.HerPage(page(womanId).language(), days));
    }

    private void keep(long womanId, HomeVisitor.HerPage page) {
        rows.keepPage(womanId, new HomeMapper.PageRow(page.language().name(), ColumnCodec.constants(page.days())));
    }
    /** The same for a link that never was, has ended, was taken back or was guessed at too often: in every language. */
    public static ModelAndView gone() {
        return plain("gone", HttpStatus.NOT_FOUND);
    }

    /** In every language: a page of two sentences. */
    static ModelAndView plain(String what, HttpStatus status) {
        List<HerWords> all = List.of(HerWords.in(HerLanguage.ENGLISH), HerWords.in(HerLanguage.GERMAN));
        return new ModelAndView("home/gone", Map.of("all", all, "what", what), status);
    }
}
