package openbloom.app.system;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Reads constants by their names. A word that is none, as after a renaming or written by a newer version, is read as
 * nothing and logged, so that one row does not keep others from being read; whoever needs it says that it is missing.
 */
public final class LenientEnumTypeHandler<E extends Enum<E>> extends BaseTypeHandler<E> {
    private static final Logger LOG = LoggerFactory.getLogger(LenientEnumTypeHandler.class);
    private final Class<E> type;
    private final Map<String, E> words;

    public LenientEnumTypeHandler(Class<E> type) {
        this.type = type;
        this.words = Arrays.stream(type.getEnumConstants())
                .collect(Collectors.toUnmodifiableMap(Enum::name, Function.identity()));
    }

    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, E constant, @Nullable JdbcType kind)
            throws SQLException {
        statement.setString(at, constant.name());
    }

    @Override
    public @Nullable E getNullableResult(ResultSet row, String column) throws SQLException {
        return known(row.getString(column));
    }

    @Override
    public @Nullable E getNullableResult(ResultSet row, int column) throws SQLException {
        return known(row.getString(column));
    }

    @Override
    public @Nullable E getNullableResult(CallableStatement call, int column) throws SQLException {
        return known(call.getString(column));
    }

    private @Nullable E known(@Nullable String word) {
        if (word == null) {
            return null;
        }
        E found = words.get(word);
        if (found == null) {
            LOG.error("“{}” is no word of {}", word, type.getSimpleName());
        }
        return found;
    }
}
