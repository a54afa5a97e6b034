package openbloom.app.studio;

import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Who has closed the tour; once closed it never comes again. */
@Mapper
public interface TourMapper {
    @Select("select count(*) > 0 from tour_closed where account_id = #{accountId}")
    boolean isClosed(long accountId);

    @Insert("merge into tour_closed (account_id) key (account_id) values (#{accountId})")
    void close(long accountId);
}
