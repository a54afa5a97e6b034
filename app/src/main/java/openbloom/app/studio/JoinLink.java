package openbloom.app.studio;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A link on which somebody sets her own password, the first or another one.
 *
 * @param endsAt it opens until then
 * @param usedAt when it was used; it opens no more
 * @param takenBackAt when the owner took it back, or made another one for her
 */
public record JoinLink(
        long id,
        long studioId,
        String email,
        String name,
        Role role,
        Instant endsAt,
        @Nullable Instant usedAt,
        @Nullable Instant takenBackAt) {

    boolean isOpenAt(Instant now) {
        return usedAt == null && takenBackAt == null && now.isBefore(endsAt);
    }
}
