package openbloom.app.studio;

import java.time.Instant;
import java.util.Optional;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;

/**
 * Which edition of something a page showed, so that of two people who change it at once the second is told. A change takes
 * its edition in the transaction that keeps it: either both are kept, or neither.
 */
@Service
public class Editions {
    private static final int HIGHEST = 1_000_000_000;

    private final EditionMapper rows;
    private final StudioDay day;

    Editions(EditionMapper rows, StudioDay day) {
        this.rows = rows;
        this.day = day;
    }

    /** What is changed as a whole. */
    public enum Subject {
        /** Aims and rhythm of a woman's block, and its sessions. */
        PROGRAM,
        /** Moves always or never in her sessions, and her usual ones. */
        PREFERENCES,
        /** Decisions about her ladders. */
        LADDERS,
        REVIEW,
        /** Numbers a studio calls. */
        NUMBERS,
        /** How a studio divides the work of its sessions. */
        SHARES
    }

    /** The edition that counts; 0 before the first change. */
    public int of(Subject subject, long ownerId) {
        return rows.of(subject, ownerId).map(EditionRow::number).orElse(0);
    }

    /**
     * Makes a change if the edition that was seen is still the latest; otherwise refuses the field “edition”, naming who was
     * faster, and changes nothing. Both are kept in one transaction, or neither.
     *
     * @param seen as the page sent it
     * @param change may refuse, too: then nothing is kept
     */
    @Transactional
    public void keep(SignedIn me, Subject subject, long ownerId, String seen, FormReader typed, Runnable change) {
        int edition = typed.requiredWhole("edition", seen, 0, HIGHEST).orElse(-1);
        if (!typed.isClean()) {
            return;
        }
        if (isTaken(me, subject, ownerId, edition)) {
            change.run();
            if (!typed.isClean()) {
                TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
            }
        } else {
            Optional<EditionRow> now = rows.of(subject, ownerId);
            typed.refuse(
                    "edition", "edition.overtaken", now.map(EditionRow::name).orElse(""));
        }
    }

    /** Makes a change that takes nothing away, whatever was seen; pages that are open are told when they are sent. */
    @Transactional
    public void add(SignedIn me, Subject subject, long ownerId, Runnable change) {
        while (!isTaken(me, subject, ownerId, of(subject, ownerId))) {
            Thread.onSpinWait();
        }
        change.run();
    }

    private boolean isTaken(SignedIn me, Subject subject, long ownerId, int seen) {
        try {
            return seen == 0
                    ? rows.insert(subject, ownerId, me.accountId(), day.instant()) == 1
                    : rows.next(subject, ownerId, seen, me.accountId(), day.instant()) == 1;
        } catch (DuplicateKeyException faster) {
            return false;
        }
    }

    /** A row. */
    record EditionRow(int number, String name) {}

    /** The table. */
    @Mapper
    interface EditionMapper {
        @Select("""
                select number, account.name from edition join account on account.id = changed_by
                where subject = #{subject} and owner_id = #{ownerId}
                """)
        Optional<EditionRow> of(Subject subject, long ownerId);

        @Insert("""
                insert into edition (subject, owner_id, number, changed_by, changed_at)
                values (#{subject}, #{ownerId}, 1, #{by}, #{at})
                """)
        int insert(Subject subject, long ownerId, long by, Instant at);

        @Update("""
                update edition set number = number + 1, changed_by = #{by}, changed_at = #{at}
                where subject = #{subject} and owner_id = #{ownerId} and number = #{seen}
                """)
        int next(Subject subject, long ownerId, int seen, long by, Instant at);
    }
}
