package openbloom.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The first true path through the job, driven in Chromium; every page it visits is looked over by axe. */
class WalkTest extends BrowserTest {
    @Test
    void leadsFromANewWomanToATaughtKeptAndPrintedSession() {
        look();
        keepANewWoman();
        askWhetherSheIsSafe();
        checkHerGap();
        String session = composeASession();
        printsOnOnePage();
        teachIt();
        page.navigate(session);
        assertThat(page.getByText("taught", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        link("Journey").click();
        page.waitForURL("**/journey");
        fillsTheSheets(page.url().replace("/journey", ""));
        link("Journey").click();
        assertThat(page.locator(".entries")).containsText("20 minutes, studio, taught");
        assertThat(page.locator(".entries")).containsText("beside it: wider than 2 fingers: 3 fingers at the navel");
        look();
        context.clearCookies();
        open("/");
        assertThat(page.getByLabel("Password")).isVisible();
        look();
    }

    private void keepANewWoman() {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Places"))
                .getByText("People")
                .click();
        page.getByRole(AriaRole.LINK, named("New woman")).click();
        look();
        page.getByLabel("Name", exactly()).fill("Nora Ebb");
        page.getByLabel("Year of birth").fill("ninety");
        page.getByText("after birth", new Page.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("Born on").fill(TODAY.minusDays(100).toString());
        page.getByLabel("Kind of birth").selectOption("VAGINAL");
        page.getByLabel("Previous births").fill("1");
        page.getByRole(AriaRole.BUTTON, named("Save").setExact(true)).click();
        assertThat(page.locator("#problem-birthYear")).containsText("“ninety” is none");
        assertThat(page.getByLabel("Name", exactly())).hasValue("Nora Ebb");
        look();
        page.getByLabel("Year of birth").fill("1990");
        page.getByLabel("Tear").selectOption("NONE");
        page.getByLabel("Wound closed?").selectOption("YES");
        page.getByLabel("Given on").fill(TODAY.minusDays(40).toString());
        page.getByLabel("by", exactly()).fill("family doctor");
        page.getByRole(AriaRole.BUTTON, named("Save").setExact(true)).click();
        assertThat(page.locator(".strip")).containsText("14 weeks + 2");
        assertThat(page.locator(".strip")).containsText("today, none yet");
        look();
    }

    private void askWhetherSheIsSafe() {
        page.keyboard().press("n");
        assertThat(heading("Safety check")).isVisible();
        page.getByRole(AriaRole.BUTTON, named("Save her answers")).click();
        assertThat(page.locator("#problem-signs")).containsText("Ask, then tick");
        look();
        Locator none = page.getByLabel("none of these");
        none.nth(0).check();
        none.nth(1).check();
        page.getByRole(AriaRole.BUTTON, named("Save her answers")).click();
        assertThat(heading("Gap check")).isVisible();
        page.waitForLoadState();
    }

    /**
     * By keyboard alone, in every state: a width by digits, then depth, floor and doming by one key each, which move on
     * by themselves. The steps are listed with their times.
     */
    private void checkHerGap() {
        Locator seen = page.locator("#seen");
        assertThat(seen).containsText("not read yet");
        page.locator("#state-LIFT").focus();
        page.keyboard().press("ArrowLeft");
        page.locator("#width-REST-ABOVE-45").focus();
        keysFor("rest", "3 1 2 n", "3.5 2 1 n", "2 1 2 n");
        keysFor("small lift", "2.5 1 2 n", "3 2 1 y", "1.5 0 2 n");
        assertThat(seen).containsText("wider than 2 fingers: 3 fingers at the navel on the small lift");
        assertThat(page.locator("#sore-LIFT-BELOW-45")).isFocused();
        String before = seen.locator(".midline-map").getAttribute("aria-label");
        keysFor("connected", "2 0 2 n", "2.5 1 3 n", "1.5 0");
        assertThat(seen.locator(".midline-map"))
                .hasAttribute("aria-label", Pattern.compile(".*connected, then small lift.*"));
        assertThat(seen.locator(".midline-map").getAttribute("aria-label")).isNotEqualTo(before);
        assertThat(seen.locator(".trend-chart")).hasAttribute("aria-label", Pattern.compile(".*latest 3 fingers.*"));
        look();
        page.keyboard().press("Enter");
        assertThat(page.locator("#problem-width-CONNECTED-BELOW-45")).isVisible();
        assertThat(page.locator("#width-LIFT-NAVEL-0")).hasValue("3");
        assertThat(page.locator("#state-CONNECTED")).isChecked();
        look();
        page.locator("#width-CONNECTED-NAVEL-0").focus();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Tab");
        page.keyboard().press("0");
        page.keyboard().press("2");
        page.keyboard().press("n");
        page.keyboard().press("s");
        assertThat(page.locator("#sore-CONNECTED-BELOW-45")).isChecked();
        assertThat(seen).containsText("45 mm below the navel: press lightly");
        page.getByRole(AriaRole.BUTTON, named("Save, then read again blind")).press("Enter");
        assertThat(heading("Measure again, blind")).isVisible();
        page.waitForLoadState();
        assertThat(page.locator("#seen")).not().containsText("3 fingers");
        assertThat(page.locator(".trend-chart")).hasCount(0);
        page.locator("#width-LIFT-ABOVE-45").focus();
        keysFor("again", "2.5 1 2 n", "2.5 2 1 y", "1.5 0 2 n");
        look();
        page.locator("#width-LIFT-ABOVE-45").press("Enter");
        assertThat(heading("Checks")).isVisible();
        assertThat(page.locator(".history tbody tr")).hasCount(1);
        assertThat(page.locator(".history")).containsText("read twice, at most ½ finger apart");
        look();
    }

    /** Rows of width, depth, floor and doming; only the step from the width is a Tab. */
    private void keysFor(String step, String... rows) {
        long from = System.nanoTime();
        int keys = 0;
        for (String row : rows) {
            String[] parts = row.split(" ");
            page.keyboard().type(parts[0]);
            page.keyboard().press("Tab");
            for (int i = 1; i < parts.length; i++) {
                page.keyboard().press(parts[i]);
            }
            keys += parts[0].length() + parts.length;
        }
        System.out.printf("Gap check, %s: %d keys, %d ms%n", step, keys, (System.nanoTime() - from) / 1_000_000);
    }

    private String composeASession() {
        link("Exercise check").click();
        for (String verdict : List.of("Go", "Adjust", "Not yet")) {
            assertThat(page.locator(".filter").getByText(verdict, exactText())).isVisible();
        }
        page.getByText("Curl-up", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("details.move-row[open]")).containsText("a recovered gap");
        look();
        page.getByLabel("Build a session of").fill("500");
        page.getByLabel("Build a session of").press("Enter");
        assertThat(page.locator("#problem-minutes")).containsText("5 to 120");
        page.waitForLoadState();
        page.getByLabel("Build a session of").fill("20");
        page.getByRole(AriaRole.BUTTON, named("Build session")).click();
        assertThat(heading("20 minutes")).isVisible();
        look();
        return page.url();
    }

    private void printsOnOnePage() {
        String pdf = new String(page.pdf(new Page.PdfOptions().setFormat("A4")), StandardCharsets.ISO_8859_1);
        assertThat(Pattern.compile("/Type\\s*/Page[^s]").matcher(pdf).results().count())
                .isEqualTo(1);
    }

    /** What is done, how it is said, its count, what can be seen and the way on: all at once, on 390 by 844. */
    private void fitsAPhoneWhileTeaching() {
        page.setViewportSize(390, 844);
        for (String part : List.of(
                "#unwell", "#figure", "#cue", "#count", "#run", "[data-told=DOMED]", "[data-told=HURT]", "#forward")) {
            assertThat(page.locator(part)).isInViewport(new LocatorAssertions.IsInViewportOptions().setRatio(1));
        }
        assertThat((Integer) page.evaluate("() => document.documentElement.scrollHeight"))
                .isLessThanOrEqualTo(844);
        look();
        page.setViewportSize(1280, 800);
    }

    /** The browser's own clock is put forward by the test; the product has no such setting. */
    private void teachIt() {
        page.clock().install();
        page.getByRole(AriaRole.LINK, named("Teach it")).click();
        teaching();
        look();
        fitsAPhoneWhileTeaching();
        int items = Integer.parseInt(page.locator("#place").textContent().replaceAll(".* of ", ""));
        page.keyboard().press("Space");
        page.clock().runFor(5_000);
        assertThat(page.locator("#phase")).hasText(Pattern.compile("breathe (in|out).*"));
        assertThat(page.locator("#of")).hasText(Pattern.compile("of \\d+ breaths"));
        assertThat(page.locator("#count")).hasText("1");
        page.clock().runFor(6_000);
        assertThat(page.locator("#count")).hasText("2");
        page.clock().runFor(200_000);
        assertThat(page.locator("#phase")).hasText("done");
        for (int i = 1; i < items; i++) {
            page.keyboard().press("ArrowRight");
            assertThat(page.locator("#place")).hasText((i + 1) + " of " + items);
            page.keyboard().press("Space");
            page.clock().runFor(1_000);
            assertThat(page.locator("#run")).hasText("Pause");
        }
        page.keyboard().press("b");
        assertThat(page.locator("[data-told=BREATH_HELD]")).hasAttribute("aria-pressed", "true");
        assertThat(page.locator("#kept")).hasText("kept");
        page.keyboard().press("p");
        page.locator("#where [data-place=BACK]").click();
        page.locator("[data-pain='4']").click();
        assertThat(page.locator("#kept")).hasText("kept");
        page.getByRole(AriaRole.BUTTON, named("Finish")).click();
        page.locator("#all-in-all [value=TOO_HARD]").click();
        assertThat(page.locator("h1")).hasText("Session feedback");
        link("Session").click();
        assertThat(page.locator(".session-items")).containsText("breath held");
        assertThat(page.locator(".session-items")).containsText("hurt (back), 4 of 10");
        assertThat(page.locator(".session-items .tag-told")).hasCount(items);
    }

    @Test
    void showsAllFiveVerdictsInTheDemonstrationAndStopsAtASign() {
        open("/people?q=greta");
        link("Greta Sorrel").click();
        assertThat(page.locator(".strip")).containsText("Stop: a fever of 38 °C or more");
        page.locator(".tag-stop").first().click();
        assertThat(page.getByText("She calls her maternity unit or clinician from here"))
                .isVisible();
        look();
        link("Exercise check").click();
        assertThat(page.locator(".move-row").first()).containsText("Stop");
        open("/people?q=esme");
        link("Esme Hollin").click();
        link("Exercise check").click();
        for (String verdict : List.of("Go", "Adjust", "Swap", "Not yet")) {
            assertThat(page.locator(".strand-line", new Page.LocatorOptions().setHasText(verdict))
                            .first())
                    .isVisible();
        }
        look();
    }

    @Test
    void searchesAsOneTypesAndGoesPlacesByKeys() {
        page.keyboard().press("g");
        page.keyboard().press("p");
        assertThat(heading("People")).isVisible();
        page.waitForLoadState();
        page.getByLabel("Search by name").pressSequentially("jorun");
        assertThat(page.locator("#found tbody tr")).hasCount(1);
        look();
        page.getByLabel("Search by name").fill("nobody of this name");
        assertThat(page.locator("#found")).containsText("Nobody whose name has");
        page.keyboard().press("Escape");
        heading("People").click();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("/");
        assertThat(page.locator("#find")).isFocused();
        open("/moves");
        look();
        link("Curl-up").click();
        look();
        open("/reasons/grid");
        look();
        open("/reasons#GAP-FLEX");
        page.waitForLoadState();
        assertThat(page.locator("[id='GAP-FLEX']")).containsText("Curls: open when the gap has recovered");
        page.getByLabel("Search rules and sources").pressSequentially("osteoporosis");
        assertThat(page.locator("#found table:not(.sources) tbody tr")).hasCount(6);
        look();
        open("/studio");
        look();
        open("/nowhere");
        assertThat(heading("Not here")).isVisible();
        complaints.removeIf(text -> text.contains("404"));
    }

    @Test
    void movesTheSeasonByKeyAndShowsWhatAnotherApproachWouldChange() {
        open("/people?q=corin");
        link("Corin Ashdown").click();
        page.waitForLoadState();
        assertThat(page.locator("#season-week")).containsText("22 weeks + 4");
        look();
        page.locator("#week").focus();
        for (int i = 0; i < 6; i++) {
            page.keyboard().press("ArrowRight");
        }
        assertThat(page.locator("#season-week")).containsText("28 weeks + 0");
        assertThat(page.locator("#season-week")).containsText("No work on the back");
        String her = page.url().replace("/journey", "");
        page.navigate(her + "/approach");
        page.getByRole(AriaRole.BUTTON, named("On the back in pregnancy?")).click();
        page.getByLabel("none from 18 weeks").check();
        assertThat(page.locator("#differences")).containsText("Heel slide");
        look();
        page.navigate(her + "/can?wish=PLANKS");
        assertThat(page.locator(".answer-panel")).containsText("Missing");
        look();
        for (String other : List.of(
                "/edit",
                "/birth",
                "/close-pregnancy",
                "/checks",
                "/checks/gap/readings",
                "/safe",
                "/program",
                "/response")) {
            page.navigate(her + other);
            look();
        }
        open("/moves?woman=" + her.replaceAll(".*/", ""));
        look();
        page.locator(".move-cell[data-name='Curl-up']").focus();
        assertThat(page.locator("#move-card")).containsText("on the back, knees bent, load 3 of 5");
        page.keyboard().press("Enter");
        page.waitForLoadState();
        assertThat(heading("Curl-up")).isVisible();
        assertThat(page.getByText("Who may not do it as written")).isVisible();
        look();
        open("/moves/own");
        look();
        open("/moves/compare?move=bridge&move=squat");
        look();
        open("/moves/figures?week=30");
        look();
    }

    /** Every sheet of the check room redraws its picture as it is filled in, and is kept. */
    private void fillsTheSheets(String her) {
        Map<String, String> choices = Map.of(
                "breath", "#zone-BACK_RIBS-SOME",
                "connect", "#cue-HIP_BONES-YES",
                "pelvic-floor", "#letsGo-PARTIAL",
                "sides", "#control-FLOAT_ONE_LEG-left-2",
                "effort", "#talks-NO");
        choices.forEach((sheet, choice) -> {
            page.navigate(her + "/checks/" + sheet);
            page.waitForLoadState();
            String before = page.locator("#seen").innerHTML();
            page.locator(choice).focus();
            page.keyboard().press("Space");
            page.waitForCondition(() -> !page.locator("#seen").innerHTML().equals(before) || sheet.equals("sides"));
            look();
        });
        page.navigate(her + "/checks/load");
        page.waitForLoadState();
        page.getByLabel("Flat, breath going, up to").nth(1).selectOption("2");
        page.getByLabel("On the next").nth(1).selectOption("DOMED");
        assertThat(page.locator("#seen")).containsText("flat up to level 2");
        look();
        page.getByRole(AriaRole.BUTTON, named("Save").setExact(true)).click();
        assertThat(page.locator(".history")).containsText("limb load flat to 2 then domes");
        look();
    }
}
