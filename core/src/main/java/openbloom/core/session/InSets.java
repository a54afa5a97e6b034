package openbloom.core.session;

/** Sets, one exercise after the other. */
final class InSets implements FormatRules {
    @Override
    public boolean isInSets() {
        return true;
    }
}
