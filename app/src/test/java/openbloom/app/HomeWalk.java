package openbloom.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Her page on her phone: from the link to the first breath, through a practice with the network cut in its middle, to what the
 * studio sees of it.
 */
abstract class HomeWalk extends BrowserTest {
    @Autowired
    private JdbcClient store;

    private static final String PICTURES = System.getProperty("bloom.pictures", "");
    private static final String CUT = "ERR_INTERNET_DISCONNECTED";

    private static final String BYTES = "() => [...performance.getEntriesByType('navigation'),"
            + " ...performance.getEntriesByType('resource').filter((one) => !one.name.includes('/figures/'))]"
            + ".reduce((sum, one) => sum + one.encodedBodySize, 0)";

    private void picture(String name) {
        if (!PICTURES.isEmpty()) {
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(PICTURES, name + ".png")));
        }
    }

    private Locator press(String name) {
        return page.getByRole(AriaRole.BUTTON, named(name))
                .locator("visible=true")
                .first();
    }

    /** A link for a woman of the demonstration, made and read on Share. */
    private String linkOf(String woman) {
        open("/people?q=" + woman);
        page.getByRole(AriaRole.LINK, named(woman)).first().click();
        link("Share").click();
        page.getByRole(AriaRole.BUTTON, named("Make a home link")).click();
        look();
        String address = page.getByLabel("Address").inputValue();
        assertThat(page.locator(".panel-made img")).isVisible();
        return address;
    }

    /** Her page itself and so much besides are kept on her phone. */
    private void isAtHand(int most) {
        page.evaluate(
                "async (most) => { const path = location.pathname; const until = Date.now() + 30000; for (;;) {"
                        + " const kept = (await (await caches.open('home-pages')).keys()).map((one) => new URL(one.url).pathname);"
                        + " if (kept.includes(path) && kept.length >= most) return;"
                        + " if (Date.now() > until) throw new Error('only kept: ' + kept.join(' '));"
                        + " await new Promise((go) => setTimeout(go, 50)); } }",
                most);
    }

    private void everythingArrives() {
        assertThat(page.locator("#kept")).hasText("Sent.");
        page.waitForFunction("() => Object.keys(localStorage).filter((one) => one.endsWith('-answers'))"
                + ".every((one) => localStorage.getItem(one) === '[]')");
    }

    private void fitsThePhone() {
        assertThat((Integer) page.evaluate("() => document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(page.viewportSize().width);
    }

    @Test
    void aPracticeGoesToItsEndWithoutANetworkAndArrivesOnce() {
        String address = linkOf("Rhona Vale");
        page.setViewportSize(390, 844);
        page.navigate(address);
        assertThat(page.locator("#safe")).isVisible();
        look();
        picture("home-safe");
        assertThat(press("None of these")).isInViewport();
        assertThat(press("Yes, one of these")).isInViewport();
        press("None of these").click();
        look();
        picture("home-today");
        press("Start").click();
        assertThat(page.locator("#place")).containsText("1 of ");
        press("Start").click();
        assertThat(page.locator("#doing")).hasText(Pattern.compile("breathe (in|out)"));
        assertThat(page.locator("#figure svg")).isVisible();
        assertThat(press("Something is not right")).isInViewport();
        assertThat(press("Next")).isInViewport();
        look();
        fitsThePhone();
        picture("home-player");
        assertThat((Integer) page.evaluate(BYTES)).as("bytes without figures").isBetween(20_000, 150_000);
        isAtHand(2);

        context.setOffline(true);
        press("Next").click();
        assertThat(page.locator("#place")).containsText("2 of ");
        press("Something is not right").click();
        press("It feels heavy down below").click();
        assertThat(page.locator("#wrong-words")).containsText("Lie down with your hips raised");
        press("Go on").click();
        assertThat(page.locator("#kept")).hasText("No network: kept here, sent later.");
        page.reload();
        assertThat(page.locator("#today")).isVisible();
        press("Start").click();
        while (!press("Finish").isVisible()) {
            press("Next").click();
        }
        press("Finish").click();
        assertThat(page.locator("#how")).isVisible();
        page.getByLabel("some of it").check();
        page.getByLabel("none of these").check();
        page.getByLabel("just right", exactly()).check();
        picture("home-how");
        press("Send").click();
        assertThat(page.locator("#thanks")).isVisible();
        assertThat(page.locator("#kept")).hasText("No network: kept here, sent later.");
        context.setOffline(false);
        everythingArrives();
        page.reload();
        assertThat(page.locator("#today")).containsText("Done for today.");
        complaints.removeIf(one -> one.contains(CUT) || one.contains("Failed to fetch"));

        page.setViewportSize(1280, 800);
        open("/");
        assertThat(page.locator("#from-home-news")).containsText("Rhona Vale");
        assertThat(page.locator("#from-home-news")).containsText("did some of it, effort: just right, heavy");
        look();
        page.locator("#from-home-news").getByText("Rhona Vale").click();
        assertThat(page.locator(".home-days li").first())
                .containsText("Reported both: “none of these” and heavy. The more careful one counts.");
        look();
        assertThat(
                        (Integer)
                                page.evaluate(
                                        "() => [...document.querySelectorAll('.home-days li:first-child .home-line')].filter((one) => one.textContent.includes('Practice')).length"))
                .isEqualTo(1);
        page.getByRole(AriaRole.BUTTON, named("Mark as seen")).click();
        open("/");
        assertThat(page.locator("#from-home-news")).not().containsText("Rhona Vale");
        forgetToday();
    }

    /** Other tests of the same studio judge her as the demonstration tells her. */
    private void forgetToday() {
        store.sql("delete from home_report where told_on = ?")
                .param(TestDay.TODAY)
                .update();
        store.sql("""
                        delete from response where noted_on = ? and session_id in (select session.id from session
                          join teaching on teaching.id = teaching_id where occasion = 'HOME')
                        """).param(TestDay.TODAY).update();
    }

    @Test
    void everyPartOfHerPageFitsAPhoneAtTwiceTheSizeInTheDarkAndWithoutMotion() {
        String address = linkOf("Corin Ashdown");
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        // Twice the size of letters is half the width.
        page.setViewportSize(195, 422);
        page.navigate(address);
        press("None of these").click();
        fitsThePhone();
        for (String part : List.of("Week", "Pelvic floor", "When to stop", "Ask", "Today")) {
            page.getByRole(AriaRole.NAVIGATION).getByText(part).click();
            fitsThePhone();
            look();
        }
        page.setViewportSize(390, 844);
        page.emulateMedia(
                new Page.EmulateMediaOptions().setColorScheme(com.microsoft.playwright.options.ColorScheme.DARK));
        look();
        picture("home-dark");
        page.getByRole(AriaRole.NAVIGATION).getByText("Pelvic floor").click();
        Locator tap = page.getByRole(AriaRole.BUTTON, named("Tap at each squeeze"));
        if (tap.isVisible()) {
            tap.click();
            tap.click();
            assertThat(page.locator("#floor-counted")).containsText("2 of ");
            press("Save this practice").click();
            assertThat(page.locator("#floor-saved")).isVisible();
        }
        page.getByRole(AriaRole.NAVIGATION).getByText("Ask").click();
        page.getByLabel("Your question").fill("May I go on a slide?");
        press("Send").click();
        assertThat(page.locator("#ask-sent")).isVisible();
        assertThat(page.locator("#kept")).hasText("Sent.");
        look();
    }

    /** A yes on the phone without a network: the advice stands at once, and the stop arrives when it can. */
    @Test
    void aWarningSignStopsWithoutANetworkAndReachesToday() {
        keepAWoman("Nora Vane");
        String address = linkOf("Nora Vane");
        page.setViewportSize(390, 844);
        page.navigate(address);
        isAtHand(1);
        context.setOffline(true);
        press("Yes, one of these").click();
        assertThat(page.locator("#stop-now")).containsText("Do not wait for that: call.");
        assertThat(page.locator("#stop-now")).containsText("Call 01632 960123 now");
        look();
        picture("home-stop");
        press("trouble breathing").click();
        assertThat(page.locator("#stop-advice")).containsText("Call 000 now. Do not stay alone.");
        page.reload();
        assertThat(page.locator("#stop-now")).isVisible();
        context.setOffline(false);
        everythingArrives();
        complaints.removeIf(one -> one.contains(CUT) || one.contains("Failed to fetch"));
        page.setViewportSize(1280, 800);
        open("/");
        assertThat(page.locator("#from-home-news li").first()).containsText("Nora Vane");
        assertThat(page.locator("#from-home-news li").first()).containsText("Warning sign: trouble breathing");
        assertThat(page.locator("#from-home-news .panel-stop")).isVisible();
    }
}
