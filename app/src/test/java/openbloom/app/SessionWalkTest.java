package openbloom.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.annotation.DirtiesContext;

/** Sessions changed by keys alone, taught by the clock and noted although the connection was lost, and a class; on an instance of their own. */
@DirtiesContext
class SessionWalkTest extends ClassWalk {
    private String person;

    @BeforeEach
    void askHer() {
        open("/people?q=linnea");
        link("Linnea").click();
        page.waitForLoadState();
        person = page.url().replaceAll("/journey.*", "");
        page.navigate(person + "/safe");
        page.locator("input[name=noSign]").check();
        page.locator("input[name=noSymptom]").check();
        page.locator(".form-end button").click();
        page.waitForLoadState();
    }

    private void compose(String minutes, String kind) {
        page.navigate(person + "/exercise-check");
        page.locator("#minutes").fill(minutes);
        if (!kind.isEmpty()) {
            page.locator("details.format summary").click();
            page.locator("#kind").selectOption(kind);
            page.locator("#workSeconds").fill("20");
            page.locator("#restSeconds").fill("5");
        }
        page.getByRole(AriaRole.BUTTON, named("Build session")).click();
        assertThat(page.locator(".session-items")).isVisible();
    }

    private List<String> names() {
        return new ArrayList<>(page.locator(".edit-what strong").allTextContents());
    }

    @Test
    void changesASessionByKeysAlone() {
        compose("20", "");
        look();
        page.navigate(page.url() + "/edit");
        List<String> composed = names();
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("j");
        }
        assertThat(page.locator("#line-3")).isFocused();
        page.keyboard().press("Shift+J");
        assertThat(page.locator("#line-4 strong").first()).hasText(composed.get(3));
        assertThat(page.locator("#line-4")).isFocused();
        look();
        page.keyboard().press("d");
        page.keyboard().type("4");
        page.keyboard().press("Enter");
        assertThat(page.locator(".versions li").first()).containsText("Version 2,");
        assertThat(page.locator("#line-4 [name=amount]")).hasValue("4");
        assertThat(page.locator("#line-4")).isFocused();
        page.keyboard().press("s");
        assertThat(page.locator(".edit-others button").first()).isFocused();
        look();
        String other = page.locator(".edit-others button").first().textContent();
        page.keyboard().press("Enter");
        assertThat(page.locator("#line-4 strong").first()).hasText(other);
        assertThat(page.locator("#line-4")).isFocused();
        page.keyboard().press("x");
        assertThat(page.locator(".edit-line")).hasCount(composed.size() - 1);
        for (int i = 0; i < 4; i++) {
            page.waitForFunction("() => !document.querySelector('.htmx-request, .htmx-swapping, .htmx-settling')");
            page.keyboard().press("u");
            assertThat(page.locator(".versions li").first()).containsText("Version " + (5 + i) + ",");
        }
        assertThat(names()).isEqualTo(composed);
        page.setViewportSize(390, 844);
        assertThat((Integer) page.evaluate("() => document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
    }

    /** For who speaks to her computer or presses keys by accident: off, they do nothing; on again, they do. */
    @Test
    void keysOfOneLetterCanBeSwitchedOff() {
        compose("20", "");
        String editor = page.url() + "/edit";
        switchKeys(false);
        page.navigate(editor);
        int lines = page.locator(".edit-line").count();
        for (String key : List.of("j", "x", "?", "n")) {
            page.keyboard().press(key);
        }
        assertThat(page.locator(".edit-line")).hasCount(lines);
        assertThat(page.locator("dialog[open]")).hasCount(0);
        assertThat(page).hasURL(editor);
        switchKeys(true);
        page.navigate(editor);
        page.keyboard().press("j");
        page.keyboard().press("x");
        assertThat(page.locator(".edit-line")).hasCount(lines - 1);
    }

    private void switchKeys(boolean on) {
        open("/studio");
        Locator form = page.locator("form[action='/studio/keys']");
        form.locator("h2 button").click();
        form.locator("input[name=keys]").setChecked(on);
        form.locator("button[type=submit]").click();
        assertThat(page.locator("[role=status].said")).containsText(on ? "on" : "off");
    }

    /** The browser's own clock is put forward by the test. */
    @Test
    void teachesIntervalsToTheirEndByTheClock() {
        compose("15", "INTERVALS");
        String session = page.url();
        page.clock().install();
        link("Teach it").click();
        teaching();
        Locator first =
                page.locator("#items li:not([data-count*='\"clock\":0,'])").first();
        int opening = page.locator("#items li[data-count*='\"clock\":0,']").count();
        int all = page.locator("#items li").count();
        while (page.locator("#place").textContent().startsWith("1 ")
                || !page.locator("#move").textContent().equals(first.getAttribute("data-name"))) {
            page.keyboard().press("Enter");
        }
        page.keyboard().press("Space");
        page.clock().runFor(19_000);
        assertThat(page.locator("#of")).hasText("seconds left of 20");
        page.clock().runFor(2_000);
        assertThat(page.locator("#phase")).hasText("change");
        look();
        for (int minute = 0;
                minute < 20 && !page.locator("#phase").textContent().equals("done");
                minute++) {
            page.clock().runFor(60_000);
        }
        assertThat(page.locator("#phase")).hasText("done");
        assertThat(page.locator("#kept")).hasText("kept");
        page.navigate(session);
        int byTheClock = all - opening;
        assertThat(page.locator(".tag-told")).not().hasCount(0);
        assertThat(page.locator(".tag-told", new com.microsoft.playwright.Page.LocatorOptions().setHasText("done"))
                        .count())
                .isGreaterThanOrEqualTo(byTheClock);
    }

    /** A short session goes to its end with a press for the start and one for the choice; both are still so after a reload. */
    @Test
    void goesOnByItselfWhereSheWantsIt() {
        compose("5", "");
        page.clock().install();
        link("Teach it").click();
        teaching();
        int all = page.locator("#items li").count();
        assertThat(page.locator("#automatic")).hasText("Waits for you");
        page.locator("#automatic").click();
        assertThat(page.locator("#automatic")).hasText("Goes on by itself");
        page.reload();
        assertThat(page.locator("#automatic")).hasText("Goes on by itself");
        page.locator("#run").click();
        for (int minute = 0;
                minute < 15 && !page.locator("#phase").textContent().equals("done");
                minute++) {
            page.clock().runFor(60_000);
        }
        assertThat(page.locator("#place")).hasText(all + " of " + all);
        assertThat(page.locator("#announced"))
                .containsText(page.locator("#move").textContent());
        assertThat(page.locator("#phase")).hasText("done");
        page.locator("#automatic").click();
        assertThat(page.locator("#automatic")).hasText("Waits for you");
    }

    @Test
    void notesArriveOnceAfterALostConnection() {
        compose("15", "");
        String session = page.url();
        link("Teach it").click();
        teaching();
        page.route("**/responses", Route::abort);
        page.keyboard().press("e");
        page.keyboard().press("c");
        assertThat(page.locator("#kept")).containsText("not kept yet");
        page.unroute("**/responses");
        page.reload();
        assertThat(page.locator("#kept")).hasText("kept");
        complaints.removeIf(told -> told.contains("ERR_FAILED"));
        page.navigate(session);
        assertThat(page.locator(".tag-told")).hasCount(1);
        assertThat(page.locator(".tag-told")).hasText("too easy, domed, corrected with a cue");
        page.navigate(session + "/teach");
        page.reload();
        page.navigate(session);
        assertThat(page.locator(".tag-told")).hasText("too easy, domed, corrected with a cue");
    }

    /** The tag of a move the session says responses of; there is one. */
    private Locator told() {
        return page.locator(".tag-told");
    }

    @Test
    void keepsWhatHurtsWhenItIsPressedAndTakesAMisTapBack() {
        compose("20", "");
        String session = page.url();
        link("Teach it").click();
        teaching();
        page.keyboard().press("e");
        assertThat(page.locator("#kept")).hasText("kept");
        page.keyboard().press("p");
        assertThat(page.locator("#kept")).hasText("kept");
        String hurting = page.locator("#move").textContent();
        page.keyboard().press("Enter");
        assertThat(page.locator("#place")).containsText("2 of ");
        page.keyboard().press("c");
        page.locator("#undo").click();
        assertThat(page.locator(".answer[data-key=c]")).hasAttribute("aria-pressed", "false");
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("e");
        assertThat(page.locator("[data-told=TOO_EASY]")).hasAttribute("aria-pressed", "false");
        assertThat(page.locator("#kept")).hasText("kept");
        page.reload();
        assertThat(page.locator("#place")).containsText("2 of ");
        page.keyboard().press("ArrowLeft");
        assertThat(page.locator("[data-told=HURT]")).hasAttribute("aria-pressed", "true");
        assertThat(page.locator("[data-told=TOO_EASY]")).hasAttribute("aria-pressed", "false");
        page.waitForFunction(
                "() => Object.keys(sessionStorage).filter((name) => name.startsWith('teach-')).every((name) => sessionStorage[name] === '[]')");
        page.navigate(session);
        assertThat(told()).hasCount(1);
        assertThat(told()).containsText("hurt");
        assertThat(told()).not().containsText("well");
        assertThat(told()).not().containsText("easy");
        assertThat(page.locator(".session-items tr", new Page.LocatorOptions().setHas(told())))
                .containsText(hurting);
    }

    /** Pain of 8 where she holds herself on her hands: the move stops, what loads the wrist waits, until somebody answers for it. */
    @Test
    void painAboveFiveStopsTheMoveAndHoldsWhatLoadsThePlace() {
        compose("30", "");
        String session = page.url();
        link("Teach it").click();
        teaching();
        page.keyboard().press("Space");
        page.keyboard().press("p");
        page.locator("#where [data-place=BACK]").click();
        page.locator("[data-pain='8']").click();
        assertThat(page.locator("#stopped")).isVisible();
        assertThat(page.locator("#stopped")).containsText("8 of 10");
        assertThat(page.locator("#phase")).hasText("stopped");
        assertThat(page.locator("#run")).isDisabled();
        look();
        page.locator("#finish-button").click();
        sent(page.locator("#all-in-all button").first(), "/finish");
        page.navigate(person + "/journey");
        assertThat(page.locator(".held-line").first()).containsText("back");
        page.navigate(session);
        assertThat(page.locator(".held-line")).containsText("pain 8 of 10 at the back");
        open("/");
        assertThat(page.locator("body")).containsText("pain 8 of 10 at the back");
        page.navigate(person + "/held");
        look();
        page.locator("[name=pain]").fill("6");
        page.locator("[name=saidBy]").fill("Ines Halvorsen");
        page.locator("[name=reason]").fill("asked two days later, gone since");
        page.locator("#page .form-end button").click();
        page.waitForLoadState();
        assertThat(page.locator("#page")).containsText("2 of 10 or less");
        assertThat(page.locator("[name=reason]")).hasValue("asked two days later, gone since");
        page.locator("[name=pain]").fill("1");
        sent(page.locator("#page .form-end button"), "/held");
        page.navigate(person + "/held");
        assertThat(page.locator("#page")).containsText("Nothing is held");
        assertThat(page.locator("#page")).containsText("asked two days later, gone since");
    }
}
