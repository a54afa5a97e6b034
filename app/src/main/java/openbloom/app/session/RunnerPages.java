package openbloom.app.session;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import openbloom.app.moves.Catalogues;
import openbloom.app.moves.Judgements;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.core.care.Explanations;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.progress.Loading;
import openbloom.core.record.CompensationSite;
import openbloom.core.record.Noted;
import openbloom.core.record.PainHold;
import openbloom.core.record.PainSite;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.ModelAndView;
import tools.jackson.databind.json.JsonMapper;

/** The page that teaches, for one woman or for several: what is called out, and what each of them does of it. */
@Component
public class RunnerPages {
    private final Sessions sessions;
    private final Judgements judgements;
    private final Loads loads;
    private final Catalogues catalogues;
    private final JsonMapper json;
    private final Explanations explanations;

    RunnerPages(
            Sessions sessions,
            Judgements judgements,
            Loads loads,
            Catalogues catalogues,
            JsonMapper json,
            Explanations explanations) {
        this.explanations = explanations;
        this.sessions = sessions;
        this.judgements = judgements;
        this.loads = loads;
        this.catalogues = catalogues;
        this.json = json;
    }

    /**
     * Somebody who is taught.
     *
     * @param cautions what is to be kept in mind of her
     */
    public record RunnerPerson(long womanId, long sessionId, String name, String where, List<String> cautions) {
        /** A woman as her strip names her. */
        public static RunnerPerson of(StageStrip strip, long sessionId) {
            return new RunnerPerson(
                    strip.womanId(),
                    sessionId,
                    strip.name(),
                    strip.now().where() + " " + strip.now().detail(),
                    strip.cautions());
        }
    }

    /**
     * What one of them does in a line that is called out.
     *
     * @param line number of the line in her session; −1 where she rests
     * @param called at most four words: how she does it, or {@code rests}; empty as it is called out
     * @param how her changes in full
     * @param total repetitions, seconds or breaths asked of her
     * @param noted what was noted, each with its key
     * @param earned whether its ladder is earned rung by rung, so that pain holds all of it
     * @param loads the places it loads, so that pain there stops it at once
     * @param held why it waits today, in words; empty where it does not
     * @param kilograms what to lift today; empty where nobody knows
     */
    public record RunnerPart(
            int line,
            String called,
            String how,
            int total,
            String noted,
            boolean earned,
            String loads,
            String held,
            boolean weighted,
            String kilograms) {
        /** She rests with breath. */
        public static final RunnerPart RESTS =
                new RunnerPart(-1, "rests", "rests with breath", 0, "", false, "", "", false, "");

        /** Called out so. */
        public RunnerPart called(String words) {
            return new RunnerPart(line, words, how, total, noted, earned, loads, held, weighted, kilograms);
        }
    }

    /**
     * What is taught.
     *
     * @param plan what is called out
     * @param people one or several
     * @param parts for each line what each of them does
     * @param body whose figures are shown, as an address says it; empty for nobody's
     * @param back where to go without finishing
     * @param finish where it is finished
     */
    public record Runner(
            SessionDocument plan,
            List<RunnerPerson> people,
            List<List<RunnerPart>> parts,
            String body,
            String back,
            String finish) {
        /** Where teaching stopped: after the last line somebody has done, in part, or skipped. */
        int start() {
            int next = 0;
            for (int line = 0; line < parts.size(); line++) {
                if (parts.get(line).stream().anyMatch(part -> hasEnded(part.noted()))) {
                    next = line + 1;
                }
            }
            return Math.min(next, Math.max(0, parts.size() - 1));
        }

        private static boolean hasEnded(String noted) {
            return Arrays.stream(noted.split(" "))
                    .anyMatch(one -> one.startsWith(Noted.DONE + ":")
                            || one.startsWith(Noted.PARTLY + ":")
                            || one.startsWith(Noted.SKIPPED + ":"));
        }
    }

    public ModelAndView page(Woman any, Runner runner) {
        return new ModelAndView("session/teach")
                .addObject("runner", runner)
                .addObject("plan", runner.plan())
                .addObject("shown", drawn(any, runner.plan()))
                .addObject(
                        "explained",
                        explanations.byMove(catalogues.of(any.studioId()).moves()))
                .addObject("places", PainSite.values())
                .addObject("tookOver", CompensationSite.values())
                .addObject("start", runner.start())
                .addObject("counts", sessions.counts(runner.plan()))
                .addObject(
                        "parts",
                        runner.parts().stream().map(json::writeValueAsString).toList())
                .addObject("stopsAbove", PainHold.HOLDS_ABOVE)
                .addObject(
                        "efforts",
                        Arrays.stream(Noted.values()).filter(Noted::isEffort).toList())
                .addObject(
                        "answers",
                        Arrays.stream(Noted.values())
                                .filter(told -> !told.key().isEmpty())
                                .toList());
    }

    /** What a woman does in each line of her session. */
    public List<RunnerPart> partsOf(SignedIn me, Woman woman, Sessions.ComposedFor planned) {
        SessionDocument plan = planned.plan();
        Judgement judgement =
                judgements.of(woman, sessions.today(me), planned.stored().place());
        Map<Integer, String> noted = noted(planned.stored().id(), plan);
        Map<String, Loading> known = loads.on(woman, sessions.today(me));
        Set<String> weighted = loads.weighted(woman);
        List<PainHold> holds = judgement.facts().client().standing().holds();
        Map<String, RunnerPart> byMove = new HashMap<>();
        List<RunnerPart> parts = new ArrayList<>();
        for (int line = 0; line < plan.items().size(); line++) {
            SessionLine item = plan.items().get(line);
            String id = item.moveId();
            RunnerPart of = byMove.computeIfAbsent(id, any -> ofMove(judgement, holds, id));
            parts.add(new RunnerPart(
                    line,
                    "",
                    String.join("; ", item.judged().adjustments()),
                    item.counting(plan.format()).total(),
                    noted.getOrDefault(line, ""),
                    of.earned(),
                    of.loads(),
                    of.held(),
                    weighted.contains(id),
                    known.containsKey(id) ? known.get(id).kilograms().toPlainString() : ""));
        }
        return parts;
    }

    /** What the runner knows of a move whatever its line; nothing of one that is no longer in the catalogue. */
    private static RunnerPart ofMove(Judgement judgement, List<PainHold> holds, String id) {
        Optional<Move> move = judgement.catalogue().find(id);
        String loads = move.map(known -> Arrays.stream(PainSite.values())
                        .filter(place -> place.isLoadedBy(known))
                        .map(PainSite::name)
                        .collect(Collectors.joining(" ")))
                .orElse("");
        String held = move.flatMap(known -> holds.stream()
                        .filter(hold -> hold.holds(known))
                        .map(PainHold::words)
                        .findFirst())
                .orElse("");
        return new RunnerPart(0, "", "", 0, "", move.map(Move::isEarned).orElse(true), loads, held, false, "");
    }

    /** What was noted about each item so far, as the runner keeps it: what, and its key. */
    private Map<Integer, String> noted(long sessionId, SessionDocument plan) {
        return sessions.responsesIn(sessionId).stream()
                .filter(told -> told.told() != Noted.NOTE)
                .collect(Collectors.groupingBy(
                        plan::itemOf,
                        Collectors.mapping(
                                told -> told.told() + ":" + told.when().key(), Collectors.joining(" "))));
    }

    /** Moves of a plan that can still be drawn; one the studio took out since is told in words alone. */
    Set<String> drawn(Woman woman, SessionDocument plan) {
        Catalogue catalogue = catalogues.of(woman.studioId());
        return IntStream.range(0, plan.items().size())
                .mapToObj(at -> plan.items().get(at).moveId())
                .filter(id -> catalogue.find(id).isPresent())
                .collect(Collectors.toSet());
    }
}
