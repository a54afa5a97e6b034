package openbloom.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * The pelvic floor in the browser: timer, tapper, guided practice, the simulated sensor. The clock is the test's own; the
 * product knows of no faster time.
 */
class PelvicFloorWalkTest extends HomeWalk {
    private String her;

    private void openFenna() {
        open("/people?q=fenna");
        link("Fenna Marlowe").click();
        page.waitForURL("**/journey");
        her = page.url().replace("/journey", "");
    }

    private void goTo(String path) {
        page.navigate(her + path);
        if (page.url().contains("/safe")) {
            page.getByLabel("none of these").nth(0).check();
            page.getByLabel("none of these").nth(1).check();
            page.getByRole(AriaRole.BUTTON, named("Save her answers")).click();
            page.waitForURL("**" + path);
        }
        page.waitForLoadState();
    }

    @Test
    void timesAHoldByKeyAndByTouchAndCountsFlicksExactly() {
        page.clock().install();
        openFenna();
        goTo("/checks/pelvic-floor");
        page.keyboard().down(" ");
        page.clock().runFor(2_300);
        page.keyboard().up(" ");
        assertThat(page.locator("#holdSeconds")).hasValue("2");
        assertThat(page.locator(".sheet input[type=radio]:checked")).hasCount(0);
        page.locator("label[for=felt-YES]").click();
        page.keyboard().press("g");
        page.keyboard().press("g");
        assertThat(page.locator("#letGoOfTen")).hasValue("2");
        page.locator("[data-clear=letGoOfTen]").click();
        var button = page.locator(".pf-hold");
        button.dispatchEvent("pointerdown", java.util.Map.of("pointerType", "touch", "pointerId", 1));
        page.clock().runFor(3_300);
        button.dispatchEvent("pointerup", java.util.Map.of("pointerType", "touch", "pointerId", 1));
        assertThat(page.locator("#holdSeconds")).hasValue("3");
        for (int i = 0; i < 9; i++) {
            page.keyboard().press("f");
            page.clock().runFor(333);
        }
        assertThat(page.locator("#flicks")).hasValue("9");
        for (int i = 0; i < 3; i++) {
            page.locator("[data-tap=flicks]").click();
        }
        page.keyboard().press("Enter");
        assertThat(page.locator("#flicks")).hasValue("13");
        page.keyboard().press("h");
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("h");
        }
        assertThat(page.locator("#letsGo-FULL")).hasCount(1);
        page.locator("label[for=letsGo-FULL]").click();
        assertThat(page.locator("#seen")).containsText("Build holds and flicks: 3 s × ");
        look();
    }

    @Test
    void runsAGuidedPracticeToItsEnd() {
        page.clock().install();
        openFenna();
        goTo("/floor");
        look();
        goTo("/floor/practice");
        look();
        int phases = page.locator("#pacer-phases li").count();
        int seconds = (Integer) page.evaluate("() => [...document.querySelectorAll('#pacer-phases li')]"
                + ".reduce((sum, phase) => sum + Number(phase.dataset.seconds), 0)");
        int lifts = page.locator("#pacer-phases li[data-counts=true][data-kind=LIFT]")
                .count();
        int flicks = page.locator("#pacer-phases li[data-counts=true][data-kind=FLICK]")
                .count();
        assertThat(phases).isGreaterThan(10);
        page.keyboard().press(" ");
        page.clock().runFor(4_500);
        assertThat(page.locator("#pacer-words")).containsText("Out: lift");
        page.keyboard().press(" ");
        page.clock().runFor(60_000);
        assertThat(page.locator("#pacer-words")).containsText("Out: lift");
        page.keyboard().press(" ");
        page.clock().runFor(1_000L * seconds);
        assertThat(page.locator("#pacer-words")).containsText("Finished");
        assertThat(page.locator("#pacer-counts")).hasText(lifts + " holds, " + flicks + " flicks done");
        page.keyboard().press("1");
        assertThat(page.locator("[data-key='1']")).isChecked();
        page.getByRole(AriaRole.BUTTON, named("Save this practice")).click();
        page.waitForURL("**/floor");
        assertThat(page.locator("tbody").last())
                .containsText(lifts + " of " + lifts + " holds, " + flicks + " of " + flicks);
        assertThat(page.locator("tbody").last()).containsText("let go fully");
    }

    @Test
    void streamsTheSimulatedSensorAndAsksWhatATraceCannotTell() {
        openFenna();
        goTo("/bench");
        look();
        page.locator("#live-start").click();
        page.waitForCondition(() -> page.locator("#live-line").getAttribute("d").length() > 300);
        page.locator("#live-said").waitFor();
        page.getByRole(AriaRole.BUTTON, named("Stop and keep")).click();
        page.waitForURL(Pattern.compile(".*/bench/\\d+"));
        assertThat(page.locator("main")).containsText("simulated sensor, typical");
        goTo("/bench");
        page.getByLabel("Behaves").selectOption("WEAK_FADING");
        page.getByRole(AriaRole.BUTTON, named("Stop and keep")).click();
        page.waitForURL(Pattern.compile(".*/bench/\\d+"));
        assertThat(page.locator("main")).containsText("All 4 holds were found.");
        assertThat(page.locator("main")).containsText("All 7 flicks were found.");
        look();
        page.getByRole(AriaRole.BUTTON, named("No, it pushed down")).click();
        assertThat(page.locator("main")).containsText("refer her to a pelvic health clinician");
        page.waitForLoadState();
        page.getByLabel("A dip makes two from, %").fill("95");
        page.getByRole(AriaRole.BUTTON, named("Find again")).click();
        assertThat(page.locator("#problem-dip")).containsText("80");
        look();
    }
}
