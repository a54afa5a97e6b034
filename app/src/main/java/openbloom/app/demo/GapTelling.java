package openbloom.app.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.people.Woman;
import openbloom.app.studio.Account;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** The checks of a woman's gap as her story has them, some read twice, some with calipers. */
@Component
@Profile("demo")
class GapTelling {
    private static final int DAYS_BETWEEN = 7;
    private static final int CHECKS_BETWEEN_SECOND_READINGS = 3;
    private static final int MANY_CHECKS = 9;

    private final GapChecks gaps;
    private final StudioDay day;

    GapTelling(GapChecks gaps, StudioDay day) {
        this.gaps = gaps;
        this.day = day;
    }

    /** Checks a week apart, from the first width to the last. */
    void read(Story.GapStory gap, Woman woman, SignedIn who, LocalDate today, Random chance, List<Account> team) {
        for (int i = 0; i < gap.checks(); i++) {
            LocalDate on = today.minusDays(gap.latestDaysAgo() + (long) DAYS_BETWEEN * (gap.checks() - 1 - i));
            double share = gap.checks() == 1 ? 1 : i / (double) (gap.checks() - 1);
            int noise = i == gap.checks() - 1 ? 0 : chance.nextInt(2);
            int navel = (int) Math.round(gap.first() + share * (gap.last() - gap.first())) + noise;
            List<GapReading> readings = readings(navel, gap.connectedLess(), gap.domes(), share);
            String key = "demo-" + woman.id() + "-" + on;
            Measured.Examiner by =
                    new Measured.Examiner(who.accountId(), who.account().name());
            long id = gaps.keep(
                    woman.id(), key, new Measured(new GapCheck(on, readings), Method.FINGERS, by), day.instant());
            if (i % CHECKS_BETWEEN_SECOND_READINGS == 0) {
                Measured again = new Measured(new GapCheck(on, again(readings, chance)), Method.FINGERS, by);
                gaps.keepSecond(
                        new GapChecks.Keeping(woman.id(), key + "-2", who.accountId(), day.instant()), again, id);
            }
            if (gap.checks() > MANY_CHECKS && i % CHECKS_BETWEEN_SECOND_READINGS == 0) {
                gaps.keep(woman.id(), key + "-mm", withCalipers(on, navel, team), day.instant());
            }
        }
    }

    /** The same readings by the same hand: about one in three half a finger off. */
    private static List<GapReading> again(List<GapReading> readings, Random chance) {
        return readings.stream()
                .map(first -> {
                    int halves = ((Width.Fingers) first.width()).halves();
                    int off = chance.nextInt(6) == 0 ? -1 : chance.nextInt(5) == 0 ? 1 : 0;
                    return new GapReading(
                            first.spot(),
                            first.state(),
                            Width.ofHalfFingers(Math.max(0, halves + off)),
                            first.depth(),
                            first.firmness(),
                            first.domed(),
                            false);
                })
                .toList();
    }

    /** The last of the team has calipers and reads the navel at rest. */
    private static Measured withCalipers(LocalDate on, int navelHalves, List<Account> team) {
        Account who = team.get(team.size() - 1);
        GapReading reading = new GapReading(
                Site.NAVEL,
                0,
                GapState.REST,
                new Width.Millimetres(8 * navelHalves + 3),
                Depth.FIRST_KNUCKLE,
                Firmness.SOFT,
                YesNoUnknown.NO);
        return new Measured(
                new GapCheck(on, List.of(reading)), Method.CALIPERS, new Measured.Examiner(who.id(), who.name()));
    }

    private static List<GapReading> readings(int navel, int connectedLess, boolean domes, double share) {
        List<GapReading> readings = new ArrayList<>();
        for (Site site : Site.EVERYDAY) {
            int lift = Math.max(1, navel - (site == Site.NAVEL ? 0 : site == Site.ABOVE ? 1 : 3));
            boolean deep = site == Site.NAVEL && navel > 4;
            readings.add(reading(
                    site, GapState.REST, lift + 1, deep ? Depth.SECOND_KNUCKLE : Depth.FIRST_KNUCKLE, 1, false));
            readings.add(reading(
                    site,
                    GapState.LIFT,
                    lift,
                    deep ? Depth.SECOND_KNUCKLE : Depth.FIRST_KNUCKLE,
                    share > 0.5 ? 2 : 1,
                    domes && site != Site.BELOW));
            readings.add(reading(
                    site,
                    GapState.CONNECTED,
                    Math.max(1, lift - connectedLess),
                    deep ? Depth.FIRST_KNUCKLE : Depth.SURFACE,
                    share > 0.5 ? 3 : 2,
                    false));
        }
        return readings;
    }

    private static GapReading reading(Site site, GapState state, int halves, Depth depth, int firmness, boolean domed) {
        return new GapReading(
                site,
                site.usualOffsetMm(),
                state,
                Width.ofHalfFingers(halves),
                depth,
                Firmness.of(firmness),
                YesNoUnknown.of(domed));
    }
}
