package openbloom.app.checks.gap;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import openbloom.app.system.LenientEnumTypeHandler;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;

/** Values of a reading that stand in several columns of its row. */
final class ReadingColumns {
    private ReadingColumns() {}

    /** The width, in half fingers or in mm; nothing where neither stands there. */
    public static final class OfWidth extends OfRow<KeptReading.Wide> {
        @Override
        KeptReading.@Nullable Wide read(ResultSet row) throws SQLException {
            Integer halfFingers = number(row, "width_half_fingers");
            Integer mm = number(row, "width_mm");
            return halfFingers == null && mm == null ? null : new KeptReading.Wide(halfFingers, mm);
        }

        private static @Nullable Integer number(ResultSet row, String column) throws SQLException {
            int number = row.getInt(column);
            return row.wasNull() ? null : number;
        }
    }

    /** What was felt and seen. */
    public static final class OfFelt extends OfRow<KeptReading.ReadingFelt> {
        private static final LenientEnumTypeHandler<Depth> DEPTH = new LenientEnumTypeHandler<>(Depth.class);
        private static final LenientEnumTypeHandler<YesNoUnknown> TOLD =
                new LenientEnumTypeHandler<>(YesNoUnknown.class);

        @Override
        KeptReading.ReadingFelt read(ResultSet row) throws SQLException {
            return new KeptReading.ReadingFelt(
                    DEPTH.getNullableResult(row, "depth"),
                    row.getInt("firmness"),
                    TOLD.getNullableResult(row, "domed"),
                    row.getBoolean("sore"));
        }
    }

    /** Reads a row by the names of its columns, whichever it is asked for; it is never written so. */
    private abstract static class OfRow<T> extends BaseTypeHandler<T> {
        abstract @Nullable T read(ResultSet row) throws SQLException;

        @Override
        public @Nullable T getNullableResult(ResultSet row, String column) throws SQLException {
            return read(row);
        }

        @Override
        public @Nullable T getNullableResult(ResultSet row, int column) throws SQLException {
            return read(row);
        }

        @Override
        public T getNullableResult(CallableStatement call, int column) {
            throw new UnsupportedOperationException("readings come from rows");
        }

        @Override
        public void setNonNullParameter(PreparedStatement statement, int at, T value, @Nullable JdbcType kind) {
            throw new UnsupportedOperationException("a reading is written column by column");
        }
    }
}
