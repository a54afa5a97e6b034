package openbloom.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A class made, asked, composed, taught and finished, each woman's answers in her own journey. It shares the instance of the sessions. */
abstract class ClassWalk extends BrowserTest {
    /** Where pictures go that somebody wants to look at; none otherwise. */
    private static final String PICTURES = System.getProperty("bloom.pictures", "");

    private void picture(String name) {
        if (!PICTURES.isEmpty()) {
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(PICTURES, name + ".png")));
        }
    }

    private void add(String name) {
        page.getByLabel("Add by name").fill(name);
        page.getByRole(AriaRole.BUTTON, named("Save")).click();
        page.waitForLoadState();
        link("Change the class").click();
        assertThat(page.getByLabel(name)).isChecked();
    }

    @Test
    void fromANewClassToEachWomansJourney() {
        keepAWoman("Nora Reed");
        page.setViewportSize(1024, 768);
        open("/classes");
        look();
        page.getByRole(AriaRole.LINK, named("New class")).click();
        page.getByLabel("Name", exactly()).fill("Evening, three");
        page.getByLabel("Minutes").fill("10");
        page.getByRole(AriaRole.BUTTON, named("Save")).click();
        assertThat(page.locator("#problem-minutes")).containsText("from 20 to 90; “10” is none");
        assertThat(page.getByLabel("Name", exactly())).hasValue("Evening, three");
        look();
        page.getByLabel("Minutes").fill("30");
        page.getByLabel("Add by name").fill("Nobody Such");
        page.getByRole(AriaRole.BUTTON, named("Save")).click();
        assertThat(page.locator("#problem-add")).containsText("Nobody here is called “Nobody Such”");
        page.getByLabel("Add by name").fill("Brisa Calder");
        page.getByRole(AriaRole.BUTTON, named("Save")).click();
        link("Change the class").click();
        add("Nora Reed");
        add("Corin Ashdown");
        page.getByRole(AriaRole.LINK, named("Back without saving")).click();
        look();
        picture("class-today");

        // Brisa was asked this morning already; who is asked only now is ticked, and the third is not asked.
        assertThat(page.locator(".class-rows tbody tr")).hasCount(3);
        assertThat(row("Brisa")).containsText("asked today");
        row("Nora Reed").getByLabel("no sign, no symptom").check();
        page.getByRole(AriaRole.BUTTON, named("Build the class sheet")).click();
        page.waitForURL("**/teachings/*");
        assertThat(page.locator("main")).containsText("Corin cannot take part: Not asked today");
        assertThat(page.locator(".matrix thead th")).hasCount(3);
        look();
        picture("class-sheet");
        String sheet = page.url();
        change();
        page.getByRole(AriaRole.LINK, named("Done")).click();
        page.waitForURL(Pattern.compile(Pattern.quote(sheet)));

        page.getByRole(AriaRole.LINK, named("Teach it")).click();
        teaching();
        look();
        picture("class-teach");
        int lines = page.locator("#items li").count();
        assertThat(page.locator(".person")).hasCount(2);
        assertThat(page.locator(".answer").first()).isDisabled();
        forward("Brisa");
        String noted = page.locator("#move").textContent();
        page.keyboard().press("1");
        assertThat(page.locator(".person").first()).hasAttribute("aria-pressed", "true");
        answer("leaked");
        assertThat(page.locator(".person").first().locator(".person-noted")).hasText("leaked");
        picture("class-teach-noted");
        page.locator("#done").click();
        assertThat(page.locator("#place")).not().containsText("1 of ");
        page.waitForFunction(
                "() => Object.values(sessionStorage).filter((kept) => kept.startsWith('[{') || kept.startsWith('[\"')).length === 0");

        // Loaded anew, what was noted stands there; one who is unwell stops, and the class goes on.
        page.reload();
        teachingAgain();
        page.locator("#back").click();
        assertThat(page.locator(".person").first().locator(".person-noted")).hasText("leaked");
        page.locator("#forward").click();
        page.locator(".person").nth(1).click();
        Page hers = context.waitForPage(() -> page.locator("#unwell").click());
        assertThat(hers.getByRole(AriaRole.HEADING, named("Safety check")).first())
                .isVisible();
        hers.close();
        assertThat(page.locator(".person").nth(1).locator(".person-does")).hasText("stopped");
        page.locator("#done").click();
        while (page.locator("#forward").isVisible()) {
            page.locator("#forward").click();
        }
        assertThat(page.locator("#place")).hasText(lines + " of " + lines);
        page.locator("#finish-button").click();
        picture("class-finish");
        page.locator(".effort-of").first().getByLabel("just right").check();
        page.getByRole(AriaRole.BUTTON, named("Finish the class")).click();
        page.waitForURL(Pattern.compile(Pattern.quote(sheet)));
        assertThat(page.locator("main")).not().containsText("Teach it");
        page.locator(".matrix thead a").first().click();
        assertThat(page.locator(".session-items")).containsText(noted);
        assertThat(page.locator(".session-items")).containsText("leaked");
        page.getByRole(AriaRole.NAVIGATION, named("Her record"))
                .getByText("Journey")
                .click();
        assertThat(page.locator(".entries").first()).containsText("in a class");
        look();
        page.setViewportSize(390, 844);
        page.navigate(sheet);
        picture("class-phone");
        assertThat((Integer) page.evaluate("() => document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
    }

    /** Of two one rests: that needs a reason. It is given, seen in the line, and taken back; a line goes later by its key. */
    private void change() {
        page.getByRole(AriaRole.LINK, named("Change it")).click();
        page.locator("#line-4 .edit-open").click();
        page.locator("#line-4 [data-swap]").click();
        page.locator("#line-4 select").first().selectOption("");
        page.getByRole(AriaRole.BUTTON, named("Set for Brisa")).click();
        assertThat(page.locator("#problem-words")).containsText("1 of 2 do it itself, fewer than 60 %");
        look();
        picture("class-edit-refused");
        page.getByLabel("Reason", exactly()).fill("she watches first");
        page.getByRole(AriaRole.BUTTON, named("Keep anyway")).click();
        assertThat(page.locator("#line-4 .edit-ways")).containsText("rests: Brisa");
        assertThat(page.locator("#line-4")).containsText("Stays because: she watches first");
        picture("class-edit");
        String moves = page.locator("#line-4 strong").textContent();
        page.locator("#line-4").focus();
        page.keyboard().press("u");
        assertThat(page.locator("#line-4 .edit-ways")).not().containsText("rests: Brisa");
        page.locator("#line-4").focus();
        page.keyboard().press("Shift+J");
        assertThat(page.locator("#line-5 strong")).hasText(moves);
    }

    /** Nobody has asked her yet. */
    private Locator row(String name) {
        return page.locator(".class-rows tbody tr")
                .filter(new Locator.FilterOptions().setHasText(name))
                .first();
    }

    private void answer(String words) {
        page.locator(".answer")
                .filter(new Locator.FilterOptions().setHasText(words))
                .first()
                .click();
    }

    private void teachingAgain() {
        assertThat(page.locator("#place")).containsText(" of ");
        page.waitForLoadState();
    }

    /** To the first exercise of the work that she does. */
    private void forward(String name) {
        for (int i = 0; i < 4; i++) {
            page.locator("#forward").click();
        }
        assertThat(page.locator(".person").first()).containsText(name);
    }
}
