package openbloom.app.verdicts;

import java.util.Map;
import java.util.Optional;
import openbloom.core.stage.GateKind;

/** Where what a gate needs can be seen to, below a woman's address. */
public final class GatePages {
    private static final String INTAKE = "edit";
    private static final String GAP = "checks/gap";
    private static final String LOAD = "checks/load";
    private static final String FLOOR = "checks/pelvic-floor";
    private static final Map<GateKind, String> PAGES = Map.ofEntries(
            Map.entry(GateKind.CLEARANCE, INTAKE),
            Map.entry(GateKind.CLINICIAN_ALLOWS, INTAKE),
            Map.entry(GateKind.WOUND_CLOSED, INTAKE),
            Map.entry(GateKind.ASKED, "safe?again=yes"),
            Map.entry(GateKind.SYMPTOM_FREE, "safe?again=yes"),
            Map.entry(GateKind.GAP_READ, GAP),
            Map.entry(GateKind.GAP_RECOVERED, GAP),
            Map.entry(GateKind.GAP_FIRM, GAP),
            Map.entry(GateKind.NO_DOMING, LOAD),
            Map.entry(GateKind.LOAD_CHECKED, LOAD),
            Map.entry(GateKind.CONNECT, "checks/connect"),
            Map.entry(GateKind.IMPACT_TESTS, "checks/effort"),
            Map.entry(GateKind.LETTING_GO, FLOOR),
            Map.entry(GateKind.LIFT_FELT, FLOOR),
            Map.entry(GateKind.FLOOR_CHECKED, FLOOR),
            Map.entry(GateKind.START_LEVEL, "checks/opening"));

    private GatePages() {}

    public static Optional<String> of(GateKind kind) {
        return Optional.ofNullable(PAGES.get(kind));
    }
}
