package openbloom.core.session;

import openbloom.core.verdict.Judgement;

/** Breath and pelvic floor, as long as what is prescribed takes. */
final class BreathAndFloor implements FormatRules {
    @Override
    public Session compose(Composer composer, Judgement judgement, SessionRequest request) {
        return composer.floorRound();
    }

    @Override
    public boolean hasConnect() {
        return false;
    }
}
