package openbloom.app.store;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import java.util.Set;
import org.h2.api.ErrorCode;

/** A connection whose server went away is not lent again: the pool would not know it by H2's own states. */
public final class BrokenConnections implements SQLExceptionOverride {
    private static final Set<Integer> BROKEN =
            Set.of(ErrorCode.CONNECTION_BROKEN_1, ErrorCode.OBJECT_CLOSED, ErrorCode.DATABASE_IS_CLOSED);

    @java.lang.Override
    public Override adjudicate(SQLException refused) {
        return BROKEN.contains(refused.getErrorCode()) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}
