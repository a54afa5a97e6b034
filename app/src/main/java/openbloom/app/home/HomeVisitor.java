package openbloom.app.home;

import java.time.ZoneId;
import java.util.Set;
import openbloom.app.language.HerLanguage;
import openbloom.app.language.HerWords;
import openbloom.app.people.Woman;
import openbloom.app.studio.Account;
import openbloom.app.studio.Studio;
import openbloom.app.system.HasZone;
import openbloom.core.care.DailyActivity;

/**
 * Who has opened a link: nobody signed in, and one woman’s own pages.
 *
 * @param givenBy who made the link
 */
public record HomeVisitor(HomeLink link, Woman woman, Studio studio, Account givenBy, HerPage page) implements HasZone {
    /** Her language, and what she told of her days. */
    public record HerPage(HerLanguage language, Set<DailyActivity> days) {
        static final HerPage USUAL = new HerPage(HerLanguage.ENGLISH, Set.of());
    }

    @Override
    public ZoneId zone() {
        return studio.zone();
    }

    public HerWords words() {
        return HerWords.in(page.language());
    }

    /** The first word of her name: nothing else on her pages names her. */
    public String firstName() {
        return firstNameOf(woman);
    }

    /** The first word of a name. */
    public static String firstNameOf(Woman woman) {
        return woman.name().strip().split("\\s+")[0];
    }
}
